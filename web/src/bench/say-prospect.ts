import { Z90 } from '@emberfield/core/measure';
import { yearsToDouble, type FutureTold, type Range, type LastingShare } from '@emberfield/core/population';
import type { StandFuture } from '@emberfield/core/stand';
import type { Words } from '@emberfield/words';
import { ofHundred, type PlanKey } from './plans.ts';

/** Of an invader: the share that holds it back, and for how long seed comes up after the last plant. */
export interface Holding {
  /** `null`: taking this part does not hold it. */
  readonly share: Range | null;
  readonly seedYears: number;
}

interface Prospect {
  readonly future: StandFuture;
  readonly lately: number | null;
  readonly lasting: LastingShare | null;
  readonly told: ReadonlyMap<PlanKey, FutureTold>;
  readonly confidence: number;
  readonly holding: Holding | null;
}

/** Longer than this nobody means by doubling. */
const MOST_YEARS = 60;
const LEAST_KILLED = 0.005;

/** What the bench found, as one would say it: how the stand does by its counts, what would last, what is done to it now. */
export function sayProspect(prospect: Prospect, words: Words): readonly string[] {
  const { holding } = prospect;
  return [...sayGrowth(prospect, words), ...(holding ? sayHolding(holding, words) : sayTaking(prospect, words))];
}

function sayGrowth({ future }: Prospect, { t, format }: Words): readonly string[] {
  const { counted, timesCounted, killedShare, prospect } = future;
  if (!counted) return [t('bench.said.once')];
  const doubling = yearsToDouble(counted.meanLog);
  const grows = counted.meanLog >= 0;
  // Of what shrinks it is said how much it shrank.
  const change = (log: number): number => (grows ? Math.exp(log) - 1 : 1 - Math.exp(log));
  const percent = (share: number): string => {
    const n = Math.round(1000 * share) / 10;
    return `${n < 0 ? '−' : ''}${format.number(Math.abs(n), 1)}`;
  };
  const [low, high] = [-Z90, Z90].map((z) => change(counted.meanLog + (grows ? z : -z) * counted.sdLog)) as [
    number,
    number,
  ];
  return [
    t(grows ? 'bench.said.grows' : 'bench.said.shrinks', {
      n: timesCounted,
      percent: percent(change(counted.meanLog)),
      low: percent(low),
      high: percent(high),
    }),
    ...(doubling !== null && doubling < MOST_YEARS
      ? [
          t(grows ? 'bench.said.doubles' : 'bench.said.halves', {
            years: format.number(doubling, 1),
          }),
        ]
      : []),
    ...(killedShare >= LEAST_KILLED ? [t('bench.said.killed', { percent: percent(killedShare) })] : []),
    ...(prospect.calibration.disagrees ? [t('bench.said.disagrees')] : []),
  ];
}

function sayTaking({ lately, lasting, told, confidence }: Prospect, { t, format }: Words): readonly string[] {
  const out: string[] = [];
  if (lasting) {
    out.push(t('bench.said.alone', { n: format.number(Math.round(100 * lasting.holdsAlone)) }));
    if (lasting.share === null) out.push(t('bench.said.none'));
    else if (lasting.share === 1) out.push(t('bench.said.all'));
    else
      out.push(
        t('bench.said.lasts', {
          share: format.number(ofHundred(lasting.share), 1),
          of: format.number(10 * confidence),
        }),
      );
  }
  const below = told.get('lately')?.below.at(-1);
  if (lately !== null && below !== undefined)
    out.push(
      t('bench.said.lately', {
        share: format.number(ofHundred(lately), 1),
        below: format.number(Math.round(100 * below)),
      }),
    );
  return out;
}

/** Whether taking holds an invader back. */
function sayHolding({ share, seedYears }: Holding, { t, format }: Words): readonly string[] {
  const percent = (of: number): string => format.number(Math.ceil(100 * of - 1e-9));
  const held =
    share === null
      ? t('bench.said.notHeld')
      : share.value === 0
        ? t('bench.said.shrinksAlone')
        : t('bench.said.holds', { n: percent(share.value), low: percent(share.low), high: percent(share.high) });
  return [held, ...(seedYears > 0 ? [t('bench.said.seedBank', { n: seedYears })] : [])];
}
