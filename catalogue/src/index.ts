import type { PlantProfile } from '@emberfield/contract';
import { decisive } from './decisive.ts';
import { germanByEnglish, withGerman } from './german/index.ts';
import { LIVES_OF } from './lives.ts';
import { withMethods } from './methods.ts';
import { byPhase } from './phases.ts';
import * as taxa from '../taxa/index.ts';

export { SOURCES } from './sources.ts';

const WRITTEN: readonly PlantProfile[] = Object.values(taxa);

/** What is written of many at once stands in a table of its own. */
function withTables(profile: PlantProfile): PlantProfile {
  const decides = decisive(profile.key);
  const lives = LIVES_OF[profile.key];
  const parts = profile.parts.map((p) => withMethods(profile.key, p));
  return { ...profile, parts, ...(decides ? { decides } : {}), ...(lives ? { lives } : {}) };
}

const germanNames = germanByEnglish(WRITTEN);
/** The shipped profiles, in the order of their English names. */
export const CATALOGUE: readonly PlantProfile[] = WRITTEN.map((p) =>
  withGerman(byPhase(withTables(p)), germanNames),
).sort((a, b) => a.names['en']!.localeCompare(b.names['en']!));
