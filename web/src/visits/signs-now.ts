import type { StandView } from '@emberfield/contract';
import { phaseOfBbch, type Phase } from '@emberfield/core/identity';

type Profile = StandView['profile'];
type Sign = Profile['signs'][number];

/** The phase that a stand is in on its day, by the stage that came last, seen or forecast; at rest before the first. */
export function phaseNow({ profile, ladder, day }: Pick<StandView, 'profile' | 'ladder' | 'day'>): Phase {
  const come = profile.stages.filter((stage) => {
    const known = ladder.season.stages.find((s) => s.key === stage.key);
    const by = known?.seenBy ?? known?.reached.p50 ?? null;
    return by !== null && by <= day;
  });
  const last = come.at(-1);
  return last ? phaseOfBbch(last.bbch) : 'rest';
}

/** What is there to be looked at only in one phase. */
const PHASE_OF: Partial<Record<Sign['organ'], Phase>> = { flower: 'flower', fruit: 'fruit', seed: 'fruit' };
/** What a hand and an eye can do before the plant; a print or a microscope are for home. */
const ON_THE_SPOT: readonly Sign['price'][] = ['glance', 'cut', 'loupe'];

/**
 * The few signs that matter before a hand is stretched out: such as are there now and can be looked at on the spot, those of the part that is wanted first, then
 * the cheapest.
 */
export function signsNow(
  { signs }: Pick<Profile, 'signs'>,
  phase: Phase,
  part: string | undefined,
  most: number,
): readonly Sign[] {
  const there = signs.filter((s) => {
    const only = PHASE_OF[s.organ];
    return ON_THE_SPOT.includes(s.price) && (only === undefined || only === phase || s.organ === part);
  });
  const rank = (s: Sign): number => (s.organ === part ? 0 : ON_THE_SPOT.length) + ON_THE_SPOT.indexOf(s.price);
  return [...there].sort((a, b) => rank(a) - rank(b)).slice(0, most);
}
