import type { PlantProfile } from '@emberfield/contract';
import { decisive } from './decisive.ts';
import { germanByEnglish, withGerman } from './german/index.ts';
import { byPhase } from './phases.ts';
import * as taxa from '../taxa/index.ts';

export { SOURCES } from './sources.ts';

const WRITTEN: readonly PlantProfile[] = Object.values(taxa);

function withDecisive(profile: PlantProfile): PlantProfile {
  const decides = decisive(profile.key);
  return decides ? { ...profile, decides } : profile;
}

const germanNames = germanByEnglish(WRITTEN);
/** The shipped profiles, in the order of their English names. */
export const CATALOGUE: readonly PlantProfile[] = WRITTEN.map((p) =>
  withGerman(byPhase(withDecisive(p)), germanNames),
).sort((a, b) => a.names['en']!.localeCompare(b.names['en']!));
