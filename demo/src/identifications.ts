import { CATALOGUE } from '@emberfield/catalogue';
import { SIGNS, VOCABULARY, type PlantProfile } from '@emberfield/contract';
import {
  confirmation,
  identify,
  mayConfirm,
  phaseOfBbch,
  typicalOf,
  type Phase,
  type SeenSign,
} from '@emberfield/core/identity';
import { tell, type HistoryOptions, type Told } from './history.ts';
import { trueStageDays } from '@emberfield/core/truth';

/** Best told in flower; a conifer or a mushroom when it can be. */
const PHASES_BY_WORTH: readonly Phase[] = ['flower', 'fruit', 'leaf', 'rest'];
const MOST_LOOKS = 14;
/** Days after the stage was reached on which somebody went to look. */
const DAYS_AFTER = 4;

/** How a stand came to be confirmed: by the signs that somebody saw in its first season, one after the other as they were asked for. */
export function identificationOf(options: HistoryOptions): Told | null {
  const { profile, stand, firstYear, heightM, weather } = options;
  const year = Math.max(firstYear, stand.since ?? firstYear);
  const days = trueStageDays(stand.plant, { standName: stand.key, heightM }, year, weather);
  for (const phase of PHASES_BY_WORTH) {
    const stage = profile.stages.find((x) => phaseOfBbch(x.bbch) === phase);
    const seen = stage && looksAt(profile, phase);
    if (!stage || !seen) continue;
    // A stage that the island does not grow comes as the book says.
    const day = days.get(stage.key) ?? firstOfYear(year) + Math.round(stage.calendar.value);
    const body = { status: 'confirmed', phase, seen, leftOpen: [], signs: [], note: '' } as const;
    return tell(options, 'identity', day + DAYS_AFTER, 'tavi', body, 'looked at');
  }
  return null;
}

const firstOfYear = (year: number): number => Math.round(Date.UTC(year, 0, 1) / 86_400_000);

const known = new Map<string, readonly SeenSign[] | null>();
/** The looks at a plant as it mostly is that settle it in a phase; `null` where none do. */
function looksAt(profile: PlantProfile, phase: Phase): readonly SeenSign[] | null {
  const name = `${profile.key} ${phase}`;
  const before = known.get(name);
  if (before !== undefined) return before;
  let seen: readonly SeenSign[] = profile.habit === 'fungus' ? typicalOf(profile, VOCABULARY.get('host')!, phase) : [];
  const isSettled = (): boolean => mayConfirm(confirmation(CATALOGUE, VOCABULARY, { key: profile.key, seen, phase }));
  for (let look = 0; look < MOST_LOOKS && !isSettled(); look++) {
    const next = identify(CATALOGUE, SIGNS, seen, { phase, wanted: profile.key }).next[0];
    if (!next) break;
    seen = next.again
      ? seen.map((s) => (s.sign === next.sign ? { ...s, again: true } : s))
      : [...seen, ...typicalOf(profile, VOCABULARY.get(next.sign)!, phase)];
  }
  const settled = isSettled() ? seen : null;
  known.set(name, settled);
  return settled;
}
