import type { LifeArc, LifeCycle } from '@emberfield/core/population';
import type { Words } from '@emberfield/words';

/** Shares as so many of a hundred, young ones as so many each. */
export const arcNumber = ({ kind, number }: LifeArc, { format }: Words): string =>
  kind === 'lives' ? format.number(Math.round(100 * number)) : format.number(number, number < 10 ? 1 : 0);

/** A life in sentences, for whoever does not see the picture. */
export const sayArcs = ({ stages, arcs }: LifeCycle, words: Words): string => {
  const { t, format } = words;
  const named = (stage: string): string => t(`bench.life.stage.${stage}`);
  return [
    ...stages
      .filter((s) => s.stays > 0)
      .map((s) => t('bench.life.stays', { stage: named(s.stage), n: format.number(Math.round(100 * s.stays)) })),
    ...arcs.map((a) =>
      t(a.kind === 'lives' ? 'bench.life.goesOn' : `bench.life.${a.kind}`, {
        from: named(a.from),
        to: named(a.to),
        n: arcNumber(a, words),
      }),
    ),
  ].join('; ');
};

/** What the life comes to. */
export function sayLife(cycle: LifeCycle, { t, format }: Words): readonly string[] {
  const { lambda, netReproduction, generation, dampingRatio } = cycle;
  const grows = lambda >= 1;
  // The difference from how the stages stand in the long run goes down by the damping ratio every year.
  const settles = Math.log(10) / Math.log(dampingRatio);
  return [
    t(grows ? 'bench.life.lambda' : 'bench.life.shrinks', {
      percent: format.number(100 * Math.abs(lambda - 1), 1),
      lambda: format.number(lambda, 2),
    }),
    t('bench.life.offspring', { n: format.number(netReproduction, 1) }),
    ...(generation === null ? [] : [t('bench.life.generation', { years: format.number(generation, 1) })]),
    ...(settles >= 0.5 && settles < 200 ? [t('bench.life.settles', { years: format.number(settles, 1) })] : []),
  ];
}
