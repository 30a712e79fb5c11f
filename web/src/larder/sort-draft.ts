// What is said at the sorting table, and the entries that it amounts to.
import type { EntryBodies, OpenTake, PlantProfile } from '@emberfield/contract';
import type { DryingForm, KeepingWay, OutReason } from '@emberfield/core/larder';
import { isPoison } from '@emberfield/core/identity';
import { newKey, type DraftKey } from '../entries/draft-key.ts';
import type { Draft } from '../entries/use-entries.ts';

/** Shares of what lay there, as one sees them. */
export const SHARES = { some: 0.03, tenth: 0.1, quarter: 0.25, half: 0.5 } as const;
export type ShareKey = keyof typeof SHARES;

export interface SortDraft {
  readonly key: DraftKey;
  /** Other takes that lie on the table with it. */
  readonly beside: readonly string[];
  readonly out: Partial<Readonly<Record<OutReason, ShareKey>>>;
  /** What was among it, by scientific name. */
  readonly found: readonly string[];
  readonly washed: boolean;
  readonly massG: number | null;
  readonly way: KeepingWay;
  readonly form: DryingForm;
  readonly acrossCm: number | null;
  readonly humidityPct: number | null;
  readonly name: string;
  readonly note: string;
}
export const blankSort = (): SortDraft => ({
  key: newKey(),
  ...{ beside: [], out: {}, found: [], washed: false, massG: null, way: 'fresh', form: 'mesh' },
  ...{ acrossCm: null, humidityPct: null, name: '', note: '' },
});

/** All that was on the table, as a share of which the reasons are told. @returns a reason less where its share is none */
export function thrown(out: SortDraft['out'], reason: OutReason, share: ShareKey | null): SortDraft['out'] {
  const { [reason]: _, ...others } = out;
  return share === null ? others : { ...others, [reason]: share };
}

/** The batch, as an entry of the stand that the take comes from. */
export function batchBody(draft: SortDraft, take: Pick<OpenTake, 'id' | 'part'>): EntryBodies['batch'] {
  const { beside, out, washed, massG, way, form, acrossCm, humidityPct, name, note } = draft;
  return {
    name: name.trim(),
    parents: [take.id, ...beside],
    part: take.part,
    massG,
    out: Object.entries(out).map(([reason, share]) => ({ reason: reason as OutReason, share: SHARES[share] })),
    washed,
    way,
    form: way === 'dry' ? form : null,
    acrossCm: way === 'dry' ? acrossCm : null,
    humidityPct: way === 'dry' ? humidityPct : null,
    note: note.trim(),
  };
}

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
