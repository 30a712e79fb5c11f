// What is said at the sorting table.
import type { EntryBodies, OpenTake, PlantProfile } from '@emberfield/contract';
import type { DryingForm, KeepingWay, OutReason } from '@emberfield/core/larder';
import { isPoison } from '@emberfield/core/identity';
import type { PartKey } from '@emberfield/core/plants';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import type { Draft } from '../entries/use-entries.ts';

/** Shares of what lay there, as one sees them. */
export const SHARES = { some: 0.03, tenth: 0.1, quarter: 0.25, half: 0.5 } as const;
export type ShareKey = keyof typeof SHARES;

/** What goes into one jar, or onto one mesh. */
export interface Lot {
  /** Another stand of the place, of which this lay in the same basket; `null`: it is what was taken. */
  readonly of: { readonly standId: string; readonly part: PartKey } | null;
  /** Of another stand: so many units of its part. */
  readonly amount: number | null;
  readonly massG: number | null;
  readonly way: KeepingWay;
  readonly form: DryingForm;
  readonly acrossCm: number | null;
  readonly humidityPct: number | null;
  readonly name: string;
}
export const blankLot = (): Lot => ({
  ...{ of: null, amount: null, massG: null, way: 'fresh', form: 'mesh' },
  ...{ acrossCm: null, humidityPct: null, name: '' },
});

export interface SortDraft {
  readonly key: DraftKey;
  /** Other takes that lie on the table with it. */
  readonly beside: readonly string[];
  readonly out: Partial<Readonly<Record<OutReason, ShareKey>>>;
  /** What was among it, by scientific name. */
  readonly found: readonly string[];
  readonly washed: boolean;
  readonly note: string;
  /** One at least. */
  readonly lots: readonly Lot[];
}
export const blankSort = (): SortDraft => ({
  key: newKey(),
  ...{ beside: [], out: {}, found: [], washed: false, note: '', lots: [blankLot()] },
});

const isPositive = (n: number | null): boolean => n === null || (Number.isFinite(n) && n > 0);
/** Numbers are numbers; of another stand it is said how many. */
export const lotFits = ({ massG, acrossCm, humidityPct, of, amount }: Lot): boolean =>
  [massG, acrossCm, amount].every(isPositive) &&
  (humidityPct === null || (humidityPct >= 0 && humidityPct <= 100)) &&
  (of === null || amount !== null);

/** All that was on the table, as a share of which the reasons are told. @returns a reason less where its share is none */
export function thrown(out: SortDraft['out'], reason: OutReason, share: ShareKey | null): SortDraft['out'] {
  const { [reason]: _, ...others } = out;
  return share === null ? others : { ...others, [reason]: share };
}

/** Units of the basket that were of other stands: they are off the take, where both are counted alike. */
export function ofOthers(
  { lots }: Pick<SortDraft, 'lots'>,
  take: Pick<OpenTake, 'unit' | 'said'>,
  unitOf: (of: NonNullable<Lot['of']>) => OpenTake['unit'] | null,
): number {
  // What was weighed in the wood is not counted in pieces at the table.
  if (take.said?.body.measure === 'gram' && take.unit !== 'gram') return 0;
  return lots.reduce((sum, { of, amount }) => sum + (of && unitOf(of) === take.unit ? (amount ?? 0) : 0), 0);
}

/** A batch of one lot. What was thrown out is told once, with the first. */
export function batchBody(
  draft: Pick<SortDraft, 'out' | 'washed' | 'note'>,
  lot: Lot,
  {
    parents,
    part,
    isFirst,
  }: { readonly parents: readonly string[]; readonly part: PartKey; readonly isFirst: boolean },
): EntryBodies['batch'] {
  const { massG, way, form, acrossCm, humidityPct, name } = lot;
  const out = Object.entries(draft.out).map(([reason, share]) => ({
    reason: reason as OutReason,
    share: SHARES[share],
  }));
  return {
    name: name.trim(),
    parents,
    part: lot.of?.part ?? part,
    massG,
    out: isFirst ? out : [],
    washed: draft.washed,
    way,
    form: way === 'dry' ? form : null,
    acrossCm: way === 'dry' ? acrossCm : null,
    humidityPct: way === 'dry' ? humidityPct : null,
    note: isFirst ? draft.note.trim() : '',
  };
}

/**
 * What the table knows better of a take than was noted in the wood: what was woody, which feeds the stand's window, and what was of
 * another stand. `null`: nothing, or it is not this person's to put right.
 */
export function putRight(
  { said }: Pick<OpenTake, 'said'>,
  { out }: Pick<SortDraft, 'out'>,
  less: number,
): EntryBodies['take'] | null {
  if (!said) return null;
  const { countedBy, ...body } = said.body;
  const woody = out.woody === undefined || (body.wasteShare ?? null) !== null ? null : SHARES[out.woody];
  if (woody === null && less === 0) return null;
  return {
    ...body,
    amount: body.amount - less,
    // What a bag held is no longer what it came to.
    ...(countedBy && less === 0 ? { countedBy } : {}),
    ...(woody === null ? {} : { wasteShare: woody }),
  };
}

/** What was in the basket of another stand, as a take of it. */
export const takeOfOther = ({ of, amount }: Lot, why: string): EntryBodies['take'] => ({
  part: of!.part,
  amount: amount ?? 0,
  measure: 'unit',
  ...{ plants: null, killed: null, quality: null },
  eatenOnTheSpot: false,
  // It has been taken: were it more than allowed, that is told and not refused.
  overReason: why,
});

/**
 * What the table tells the stand: something else that was among it was seen there, and a piece that nobody can name takes the confirmation away. The second is
 * said of nobody's signs: somebody has to look again.
 */
export function toldOfStand(
  { out, found }: Pick<SortDraft, 'out' | 'found'>,
  at: { readonly patchId: string; readonly standId: string; readonly day: string },
  { lookAlikes, unknownNote }: { readonly lookAlikes: PlantProfile['lookAlikes']; readonly unknownNote: string },
): readonly Draft[] {
  const seen = out.lookAlike === undefined ? [] : lookAlikes.filter((l) => found.includes(l.scientific));
  return [
    ...seen.map(({ scientific, severity }): Draft<'search'> => ({
      kind: 'search',
      ...at,
      body: { lookedFor: scientific, plantKey: null, found: true, stage: '', deadly: isPoison(severity) },
    })),
    ...(out.unknown === undefined
      ? []
      : [
          {
            kind: 'identity',
            ...at,
            body: { status: 'unconfirmed', phase: null, seen: [], leftOpen: [], signs: [], note: unknownNote },
          } as const,
        ]),
  ];
}
