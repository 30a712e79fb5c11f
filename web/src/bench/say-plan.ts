import type { LastingShare } from '@emberfield/core/population';
import type { Words } from '@emberfield/words';
import { ofHundred, ownOf, type OwnPlan, type PlanKey } from './plans.ts';

interface Plans {
  readonly own: readonly OwnPlan[];
  readonly lately: number | null;
  /** `null`: still looked for. */
  readonly found: LastingShare | null;
}
/** Nearer than this two shares are said alike. */
const SAME = 0.001;

/** What a plan does, in a line under its name. */
export function sayPlan(key: PlanKey, { own, lately, found }: Plans, { t, format }: Words): string {
  const number = (share: number): string => format.number(ofHundred(share), 1);
  const said = (share: number, every = 1): string =>
    t(every === 1 ? 'bench.about.share' : 'bench.about.shareEvery', { percent: number(share), every });
  if (key === 'alone') return t('bench.about.alone');
  const mine = ownOf(own, key);
  if (mine) return said(mine.share, mine.everyYears);
  if (key === 'lately') return said(lately ?? 0);
  if (!found) return t('bench.about.searching');
  if (found.share === null) return t('bench.about.none');
  if (found.high - found.low < SAME) return said(found.share);
  return `${said(found.share)} (${t('bench.about.of', { low: number(found.low), high: number(found.high) })})`;
}
