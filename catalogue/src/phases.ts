import type { PlantProfile } from '@emberfield/contract';
import type { Phase, ShownSign } from '@emberfield/core/identity';
import { MOSTLY, RARELY } from './write.ts';

const STANDING: readonly Phase[] = ['flower', 'fruit', 'rest'];
/** Above the ground such plants are first leaves and then a stem; shrubs, trees and climbers are the same all year. */
const RISING: ReadonlySet<PlantProfile['habit']> = new Set(['herb', 'biennial', 'perennialRoot', 'waterPlant', 'bulb']);
const LOW = ['rosette', 'fromGround'];
const ON_A_STEM = ['leafyStem'];
const STEM_SIGNS = new Set(['stemSection', 'stemSkin']);

/**
 * Rows by phase where a profile says in one row that its plant is a rosette and a leafy stem: in leaf mostly the one, from flowering on the
 * other, and no stem to be cut or felt before it rises. What a profile itself says by phase stays.
 */
export function byPhase(profile: PlantProfile): PlantProfile {
  const growth = profile.shows.find((s) => s.sign === 'growth' && s.when === null)?.states ?? {};
  const rises = LOW.some((s) => s in growth) && ON_A_STEM.some((s) => s in growth);
  if (!RISING.has(profile.habit) || !rises) return profile;
  return { ...profile, shows: profile.shows.flatMap(rowsByPhase) };
}

function rowsByPhase(row: ShownSign): readonly ShownSign[] {
  if (row.when !== null) return [row];
  if (STEM_SIGNS.has(row.sign)) return [{ ...row, when: STANDING }];
  const stem = row.sign === 'growth' ? ON_A_STEM : ['alternate', 'opposite', 'whorl'];
  if (row.sign !== 'growth' && row.sign !== 'leafSet') return [row];
  const raised = (isMore: (state: string) => boolean): ShownSign['states'] => {
    const most = Math.max(...Object.keys(row.states).map((s) => (isMore(s) ? row.states[s]! : 0)));
    if (most === 0) return row.states;
    return Object.fromEntries(
      Object.entries(row.states).map(([s, f]) => [
        s,
        isMore(s) ? Math.min(1, (f / most) * MOSTLY) : Math.min(f, RARELY),
      ]),
    );
  };
  const low = raised((s) => !stem.includes(s));
  return [
    { ...row, states: low, when: ['leaf'] },
    { ...row, states: raised((s) => stem.includes(s)), when: STANDING },
  ];
}
