import { isoDay, type DayNumber } from '@emberfield/core/measure';
import { SANDBOX_YEARS_ON, type SandboxVerdict } from '@emberfield/core/sandbox';
import type { Words } from '@emberfield/words';

/** Of more than so many futures that end with fewer than half it is said that it goes wrong. */
const GOES_WRONG = 0.1;

/** What was true of a stand, sentence by sentence; `warns`: it does not end well. */
export function sayVerdict(
  v: SandboxVerdict,
  { t, format }: Pick<Words, 't' | 'format'>,
): readonly { readonly said: string; readonly warns?: boolean }[] {
  const day = (d: DayNumber): string => format.day(isoDay(d));
  const n = (x: number): string => format.number(x);
  const when = (['early', 'inTime', 'late'] as const).flatMap((k) =>
    v.taken[k] ? [t(`sandbox.when.${k}`, { n: n(v.taken[k]) })] : [],
  );
  const took = v.taken.early + v.taken.inTime + v.taken.late;
  const future = ({ plants, halved }: SandboxVerdict['asPlayed']) => ({
    ...{ n: n(plants), years: SANDBOX_YEARS_ON, percent: format.percent(halved) },
  });
  const isWrong = v.asSaid !== null && v.said!.plants > 0 && v.asSaid.halved > GOES_WRONG;
  return [
    {
      said: v.believed
        ? t('sandbox.truly', {
            ...{ n: n(v.truly), m: n(v.believed.value), low: n(v.believed.low), high: n(v.believed.high) },
          })
        : t('sandbox.trulyUncounted', { n: n(v.truly) }),
    },
    {
      said:
        v.opens === null
          ? t('sandbox.hadNever')
          : v.closes === null
            ? t('sandbox.hadFrom', { opens: day(v.opens) })
            : t('sandbox.had', { opens: day(v.opens), closes: day(v.closes) }),
    },
    {
      said: took ? t('sandbox.took', { n: n(took), when: format.list(when) }) : t('sandbox.tookNone'),
      warns: v.taken.early + v.taken.late > 0,
    },
    ...(v.ruled === null ? [] : [{ said: t('sandbox.ruled', { n: n(v.ruled) }) }]),
    { said: t('sandbox.asPlayed', future(v.asPlayed)), warns: v.asPlayed.halved > GOES_WRONG },
    { said: !v.bears ? t('sandbox.bearsNone') : t('sandbox.bears', { n: n(v.bears) }) },
    ...(v.said
      ? [
          { said: t('sandbox.said', { n: n(v.said.plants), low: n(v.said.low), high: n(v.said.high) }) },
          { said: t('sandbox.asSaid', future(v.asSaid!)), warns: isWrong },
        ]
      : [{ said: t('sandbox.saidNone') }]),
    ...(isWrong ? [{ said: t('sandbox.wrong') }] : []),
  ];
}
