import { v7 as newId } from 'uuid';
import type { Entry, FindBody, NewPatch, PatchFacts, PatchGeometry } from '@emberfield/contract';
import type { OutCall } from '../offline/outbox.ts';
import { blankFacts } from '../patches/new-patch.ts';

/** A find while it is noted, and until the server has it. Its keys are made here, so sending it twice stores it once. */
export interface FindDraft {
  readonly id: string;
  readonly patchId: string;
  readonly entryId: string;
  readonly day: string;
  readonly madeAt: string;
  /** `kept`: done, and on its way to the outbox; `sent`: the outbox has it, or had it and it is stored. */
  readonly state: 'draft' | 'kept' | 'sent';
  readonly name: string;
  readonly geometry: PatchGeometry | null;
  readonly heightM: number | null;
  readonly facts: PatchFacts;
  readonly body: FindBody;
  /** Keys of photos that wait beside it. */
  readonly photos: readonly string[];
  /** Requests of it that the server has answered: when it is sent once more they do not go again. */
  readonly answered: readonly OutCall['route'][];
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
  answered: [],
  problem: '',
});

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

/** What a find amounts to, in the order in which it hangs together: its place, what was noted, its photos. */
export function callsOf(find: FindDraft, zone: string, photos: ReadonlyMap<string, Blob>): readonly OutCall[] {
  const entry: Entry = {
    id: find.entryId,
    kind: 'find',
    schemaVersion: 1,
    patchId: find.patchId,
    standId: null,
    visitId: null,
    day: find.day,
    zone,
    madeAt: find.madeAt,
    device: 'browser',
    replaces: null,
    body: find.body,
  };
  const all: readonly OutCall[] = [
    { route: 'newPatch', body: patchOf(find) },
    { route: 'sync', body: { entries: [entry] } },
    ...[...photos].map(([photoId, body]): OutCall => {
      return { route: 'addPhoto', params: { photoId }, query: { patch: find.patchId, day: find.day }, body };
    }),
  ];
  return all.filter((c) => !find.answered.includes(c.route));
}

/** Of the requests of a find those that no longer have to go, told by the ones that do. */
export const answeredOf = (left: readonly OutCall[]): readonly OutCall['route'][] =>
  (['newPatch', 'sync'] as const).filter((route) => !left.some((c) => c.route === route));

/** How a find stands, told by what the outbox still has of it. */
export function standingOf(
  { state, entryId }: Pick<FindDraft, 'state' | 'entryId'>,
  outbox: {
    readonly waiting: readonly { readonly id: string }[];
    readonly refused: readonly { readonly id: string }[];
  },
): 'draft' | 'waiting' | 'refused' | 'sent' {
  const isIn = (list: readonly { readonly id: string }[]): boolean => list.some((w) => w.id === entryId);
  if (isIn(outbox.refused)) return 'refused';
  if (state === 'kept' || isIn(outbox.waiting)) return 'waiting';
  return state;
}
