// What counts, losses and the lead of the year are made of, in words.
import type { Conditions, CountView, LossView } from '@emberfield/contract';
import type { Format } from './format.ts';
import type { Translate } from './translate.ts';

export interface ReasonWords {
  readonly yearLead: (daysAhead: number) => string;
  readonly leadReasons: (
    lead: NonNullable<Conditions['lead']>,
    station: string | null,
    day: string,
  ) => readonly string[];
  readonly countReasons: (count: CountView) => readonly string[];
  readonly lossReasons: (losses: readonly LossView[], day: string) => readonly string[];
}

export const createReasonWords = (t: Translate, format: Format, days: (n: number) => string): ReasonWords => ({
  yearLead: (ahead) =>
    ahead === 0
      ? t('conditions.level')
      : t(ahead > 0 ? 'conditions.ahead' : 'conditions.behind', { days: days(Math.abs(ahead)) }),
  leadReasons: ({ sum, usualSum, baseC, since, until, daysAhead }, station, day) => [
    t(station === null ? 'reason.lead' : 'reason.leadAt', {
      base: format.temperature(baseC),
      since: format.day(since, day),
      until: format.day(until, day),
      station: station ?? '',
      sum: format.number(format.degreeDays(sum), 0),
      usual: format.number(format.degreeDays(usualSum), 0),
    }),
    ...(daysAhead === 0
      ? []
      : [t(daysAhead > 0 ? 'reason.leadEarly' : 'reason.leadLate', { days: days(Math.abs(daysAhead)) })]),
  ],
  countReasons: ({ method, low, fit }) => [
    t(`reason.count.${method}`),
    ...(fit === 'negativeBinomial' ? [t('reason.inHeaps')] : []),
    t('reason.countLow', { low: format.number(low) }),
  ],
  lossReasons: (losses, day) => [
    ...losses.map(({ cause, share, day: on }) =>
      t('reason.loss', {
        percent: format.percent(share),
        cause: t(`visit.lossCause.${cause}`),
        day: format.day(on, day),
      }),
    ),
    ...(losses.length > 1 ? [t('reason.lossesTogether')] : []),
    t('reason.lossFirst'),
  ],
});
