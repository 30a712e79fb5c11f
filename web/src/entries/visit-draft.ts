import { censusSchema, type EntryBodies, type LOSS_CAUSES, type PartKey } from '@emberfield/contract';
import {
  estimateFromClumps,
  estimateFromQuadrats,
  type CountEstimate,
  type CountFit,
  type EyeClass,
} from '@emberfield/core/counting';
import { countOf } from '@emberfield/core/stand';
import { newKey, type DraftKey } from './draft-key.ts';
import type { Draft } from './use-entries.ts';

/** What the visit form holds while it is filled in; kept in the browser until it is sent. */
export interface VisitDraft {
  /** What its entries are stored under, however often they are sent. */
  key: DraftKey;
  day: string;
  stages: Record<string, 'reached' | 'notYet'>;
  share: number | null;
  offSeason: boolean;
  frozen: boolean | null;
  measuredPart: PartKey | null;
  lengthsCm: (number | null)[];
  countMethod: EntryBodies['census']['method'] | null;
  plants: number | null;
  mature: number | null;
  flowering: number | null;
  eye: EyeClass | null;
  squares: (number | null)[];
  /** Of each square what was told apart in it; `null` where only a number was typed. */
  squareClasses: ({ readonly mature: number; readonly flowering: number } | null)[];
  quadratAreaM2: number | null;
  standAreaM2: number | null;
  beltWidthM: number | null;
  belts: { plants: number | null; lengthM: number | null }[];
  clumps: number | null;
  shoots: (number | null)[];
  trees: { name: string; girthCm: number | null; tips: number | null }[];
  lossCause: (typeof LOSS_CAUSES)[number] | null;
  lossShare: number;
  /** By look-alike: each with an answer of its own; those that nobody looked for are not in it. */
  looked: Record<string, 'found' | 'notFound'>;
  shownBy: string;
  calledThere: string;
  note: string;
}

export const blankTree = (): VisitDraft['trees'][number] => ({ name: '', girthCm: null, tips: null });

export const blankVisit = (): VisitDraft => ({
  key: newKey(),
  day: '',
  stages: {},
  share: null,
  offSeason: false,
  frozen: null,
  measuredPart: null,
  lengthsCm: [null, null, null],
  countMethod: null,
  plants: null,
  mature: null,
  flowering: null,
  eye: null,
  squares: [null, null, null],
  squareClasses: [],
  quadratAreaM2: 1,
  standAreaM2: null,
  beltWidthM: 2,
  belts: [
    { plants: null, lengthM: null },
    { plants: null, lengthM: null },
  ],
  clumps: null,
  shoots: [null, null, null],
  trees: [blankTree()],
  lossCause: null,
  lossShare: 0.3,
  looked: {},
  shownBy: '',
  calledThere: '',
  note: '',
});

/** "It is here now": this stage is reached and the next one is not; what lies below and above follows. -1: the first is not reached yet. */
export function hereNow(keys: readonly string[], at: number): VisitDraft['stages'] {
  const [here, next] = [keys[at], keys[at + 1]];
  return {
    ...(here === undefined ? {} : { [here]: 'reached' as const }),
    ...(next === undefined ? {} : { [next]: 'notYet' as const }),
  };
}

/** Where on the ladder that is; `null` where nothing was said. */
export function stageNow(stages: VisitDraft['stages'], keys: readonly string[]): number | null {
  const reached = keys.findLastIndex((k) => stages[k] === 'reached');
  if (reached >= 0) return reached;
  return keys.some((k) => stages[k] === 'notYet') ? -1 : null;
}

export interface VisitPlace {
  readonly patchId: string;
  readonly standId: string;
  readonly day: string;
  readonly lookAlike: (lookedFor: string) => { readonly plantKey: string | null; readonly deadly: boolean };
  readonly stageNow: string;
}

/** The entries a filled-in form amounts to; an empty form makes none. */
export function draftsOf(v: VisitDraft, { patchId, standId, day, lookAlike, stageNow }: VisitPlace): readonly Draft[] {
  const drafts: Draft[] = [];
  const put = <K extends Draft['kind']>(kind: K, body: EntryBodies[K]): void =>
    void drafts.push({ kind, patchId, standId, day, body });
  for (const [stage, said] of Object.entries(v.stages))
    put('stageSighting', {
      stage,
      reached: said === 'reached',
      share: said === 'reached' ? v.share : null,
      ...(said === 'reached' && v.offSeason ? { offSeason: true } : {}),
    });
  if (v.frozen !== null) put('ground', { frozen: v.frozen });
  const lengthsCm = v.lengthsCm.filter((l): l is number => l !== null);
  if (v.measuredPart && lengthsCm.length > 0) put('measurement', { part: v.measuredPart, lengthsCm });
  const census = censusOf(v);
  if (census) put('census', census);
  if (v.lossCause) put('loss', { cause: v.lossCause, share: v.lossShare, note: '' });
  for (const [lookedFor, said] of Object.entries(v.looked))
    put('search', { lookedFor, found: said === 'found', stage: stageNow, ...lookAlike(lookedFor) });
  if (v.shownBy.trim()) put('provenance', { shownBy: v.shownBy.trim(), calledThere: v.calledThere.trim() });
  if (v.note.trim()) put('note', { text: v.note.trim() });
  return drafts;
}

/** The count as far as it was typed, for the schema to judge; `null` while nothing of it was. */
export function censusOf(v: VisitDraft): EntryBodies['census'] | null {
  switch (v.countMethod) {
    case 'complete':
      return v.plants === null && v.mature === null && v.flowering === null
        ? null
        : { method: 'complete', plants: v.plants ?? NaN, mature: v.mature, flowering: v.flowering };
    case 'eye':
      return v.eye === null ? null : { method: 'eye', eye: v.eye };
    case 'quadrats': {
      const at = v.squares.flatMap((n, i) => (n === null ? [] : [i]));
      if (at.length === 0 && v.standAreaM2 === null) return null;
      const classes = at.map((i) => v.squareClasses[i] ?? null);
      const told = classes.length > 0 && classes.every((c) => c !== null);
      return {
        method: 'quadrats',
        counts: at.map((i) => v.squares[i]!),
        ...(told ? { mature: classes.map((c) => c.mature), flowering: classes.map((c) => c.flowering) } : {}),
        quadratAreaM2: v.quadratAreaM2 ?? NaN,
        standAreaM2: v.standAreaM2 ?? NaN,
      };
    }
    case 'belts': {
      const belts = v.belts.filter((b) => b.plants !== null || b.lengthM !== null);
      if (belts.length === 0 && v.standAreaM2 === null) return null;
      return {
        method: 'belts',
        belts: belts.map((b) => ({ plants: b.plants ?? NaN, lengthM: b.lengthM ?? NaN })),
        widthM: v.beltWidthM ?? NaN,
        standAreaM2: v.standAreaM2 ?? NaN,
      };
    }
    case 'clumps': {
      const shoots = v.shoots.filter((n): n is number => n !== null);
      return v.clumps === null && shoots.length === 0 ? null : { method: 'clumps', clumps: v.clumps ?? NaN, shoots };
    }
    case 'trees': {
      // A line that nobody wrote into is no tree.
      const trees = v.trees.filter((t) => t.name.trim() || t.girthCm !== null || t.tips !== null);
      return trees.length === 0 ? null : { method: 'trees', trees: trees.map((t) => ({ ...t, name: t.name.trim() })) };
    }
    case null:
      return null;
  }
}

/** What the count in the form amounts to so far; `null` while it is none that fits. */
export function estimateOf(
  v: VisitDraft,
): (CountEstimate & { readonly fit: CountFit | null; readonly moreQuadrats: number | null }) | null {
  const census = censusOf(v);
  if (!census || !censusSchema.isValidSync(census, { strict: true })) return null;
  const { plants, fit = null } = countOf(census);
  return { ...plants, fit, moreQuadrats: moreOf(census) };
}

/** How many more squares, or clumps, would bring it to ±20 %. */
function moreOf(census: EntryBodies['census']): number | null {
  if (census.method === 'clumps') return estimateFromClumps(census.clumps, census.shoots).moreQuadrats;
  if (census.method !== 'quadrats') return null;
  return estimateFromQuadrats(census.counts, census.quadratAreaM2, census.standAreaM2).moreQuadrats;
}
