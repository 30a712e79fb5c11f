import { v7 as newId } from 'uuid';
import type { FindBody, NewPatch, PatchFacts, PatchGeometry } from '@emberfield/contract';
import { blankFacts } from '../patches/new-patch.ts';

/** A find while it is noted, and until the server has it. Its keys are made here, so sending it twice stores it once. */
export interface FindDraft {
  readonly id: string;
  readonly patchId: string;
  readonly entryId: string;
  readonly day: string;
  readonly madeAt: string;
  readonly state: 'draft' | 'kept' | 'stored';
  readonly name: string;
  readonly geometry: PatchGeometry | null;
  readonly heightM: number | null;
  readonly facts: PatchFacts;
  readonly body: FindBody;
  /** Keys of photos that wait beside it. */
  readonly photos: readonly string[];
  /** What the server said against it, when it did. */
  readonly problem: string;
}

export const blankFind = ({
  day,
  now,
  name,
}: {
  readonly day: string;
  readonly now: string;
  readonly name: string;
}): FindDraft => ({
  id: newId(),
  patchId: newId(),
  entryId: newId(),
  day,
  madeAt: now,
  state: 'draft',
  name,
  geometry: null,
  heightM: null,
  facts: blankFacts(),
  body: {
    mayBe: [],
    condition: null,
    seen: [],
    overhead: [],
    looseness: null,
    eye: null,
    lostShare: null,
    specimen: '',
    note: '',
  },
  photos: [],
  problem: '',
});

/** A list with something added, or without it where it was in. */
export const toggled = <T>(list: readonly T[], item: T): readonly T[] =>
  list.includes(item) ? list.filter((x) => x !== item) : [...list, item];

/** Only a position is needed: all else can come later, and most of it is asked for in taps. */
export const canKeep = (find: FindDraft): boolean => find.geometry !== null;

export function patchOf(find: FindDraft): NewPatch {
  return {
    id: find.patchId,
    ...find.facts,
    hazards: find.facts.hazards,
    name: find.name.trim() || find.day,
    geometry: find.geometry!,
    heightM: Math.round((find.heightM ?? 0) * 10) / 10,
  };
}

/** A sign of the find that is chosen by one state only (its smell, what a fungus stands on). */
export const stateOf = ({ seen }: FindBody, sign: string): string | null =>
  seen.find((s) => s.sign === sign && s.present)?.state ?? null;
export const withState = (body: FindBody, sign: string, state: string | null): FindBody => ({
  ...body,
  seen: [...body.seen.filter((s) => s.sign !== sign), ...(state === null ? [] : [{ sign, state, present: true }])],
});

/** The oldest of the finds that still have to go, one after the other. */
export const nextToSend = (finds: readonly FindDraft[]): FindDraft | null =>
  finds.find((f) => f.state === 'kept' && f.problem === '') ?? null;
