// What is in the larder, in the order in which one looks at it, and how a batch dries.
import type { BatchView, Entry, LarderView } from '@emberfield/contract';
import { dryingPrior, fitDrying, mouldRisk, type Drying, type MouldRisk } from '@emberfield/core/larder';

const MS_PER_HOUR = 3_600_000;
/** What nobody says how long it is good stands last. */
const NEVER = '9999';

/** By what is done with them; of what is kept that first which should be used first, of the rest the newest. */
export function shelves(batches: readonly BatchView[]): Readonly<Record<BatchView['state'], readonly BatchView[]>> {
  const of = (state: BatchView['state']): readonly BatchView[] => batches.filter((b) => b.state === state);
  const newest = (a: BatchView, b: BatchView): number => b.madeAt.localeCompare(a.madeAt);
  const first = (a: BatchView, b: BatchView): number =>
    (a.bestBefore ?? NEVER).localeCompare(b.bestBefore ?? NEVER) || newest(a, b);
  return {
    drying: [...of('drying')].sort(newest),
    kept: [...of('kept')].sort(first),
    gone: [...of('gone')].sort(newest),
  };
}

export interface DryingNow {
  readonly fit: Drying;
  /** Since it began. */
  readonly hoursNow: number;
  /** Somebody has weighed it again. */
  readonly isWeighed: boolean;
  /** By its last weight it may be dry: it weighs no more than it may in the end. */
  readonly maybeDry: boolean;
  readonly mould: MouldRisk;
}
/** How a batch dries, as of an instant; `null` of what does not dry, or was never weighed. */
export function dryingNow(
  { body, beganAt, weighings }: Pick<BatchView, 'body' | 'beganAt' | 'weighings'>,
  now: number,
): DryingNow | null {
  if (body.way !== 'dry' || body.form === null) return null;
  const fit = fitDrying(weighings, dryingPrior(body.part, body.form, body.humidityPct));
  if (!fit) return null;
  const hoursNow = Math.max(0, (now - Date.parse(beganAt)) / MS_PER_HOUR);
  const [start, final, last] = [weighings[0]!.massG, fit.finalG, weighings.at(-1)!];
  const isWeighed = weighings.length > 1;
  const goes = start - final.p50;
  return {
    fit,
    hoursNow,
    isWeighed,
    maybeDry: isWeighed && last.massG <= final.p90,
    mould: mouldRisk({
      form: body.form,
      acrossCm: body.acrossCm,
      humidityPct: body.humidityPct,
      hours: hoursNow,
      waterLeftShare:
        isWeighed && goes > 0 ? Math.min(1, Math.max(0, (fit.massG(hoursNow).p50 - final.p50) / goes)) : null,
    }),
  };
}

/** The table without what batches that wait are made of. */
export function withoutSorted(larder: LarderView, waiting: readonly Entry[]): LarderView {
  const parents = new Set(waiting.flatMap((e) => (e.kind === 'batch' ? e.body.parents : [])));
  // A take that was put right at the table is sorted as what it is now.
  const before = waiting.flatMap((e) => (e.kind === 'take' && e.replaces && parents.has(e.id) ? [e.replaces] : []));
  const sorted = new Set([...parents, ...before]);
  return sorted.size === 0 ? larder : { ...larder, table: larder.table.filter((t) => !sorted.has(t.id)) };
}
