import type { Words } from '@emberfield/words';
import type { LineCost } from './stop-cost.ts';

/** To two digits: more nobody knows. */
const about = (n: number): number => Number(n.toPrecision(2));

/** How long it takes, what it weighs, and of roots whether they are worth the digging. */
export function sayCost({ t, format }: Words, { minutes, timed, loadG, roots }: LineCost): string {
  const parts = [
    timed > 0
      ? t('round.cost.timed', { m: Math.round(minutes), n: timed })
      : t('round.cost.usual', { m: Math.round(minutes) }),
    ...(loadG === null ? [] : [t('round.cost.load', { mass: format.mass(about(loadG)) })]),
    ...(roots
      ? [
          t(`round.cost.roots.${roots.verdict}`, {
            out: format.number(about(roots.spentKj)),
            low: format.number(about(roots.gives.low)),
            high: format.number(about(roots.gives.high)),
          }),
        ]
      : []),
  ];
  return parts.join(' · ');
}
