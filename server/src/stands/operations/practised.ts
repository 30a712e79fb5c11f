// Who has settled plants of a family so often that they may take among its look-alikes.
import { binomialOf, VOCABULARY, type EntryBodies, type PlantProfile } from '@emberfield/contract';
import { isDangerous, weigh, type Phase, type SeenSign } from '@emberfield/core/identity';
import type { identitiesBy } from '../../entries/index.ts';
import type { GroupCommons } from './group-commons.ts';

/** Whether the signs seen rule out each of a plant's dangerous look-alikes that has a profile, and none of them rules out the plant. */
export function passes(
  profile: PlantProfile,
  { seen, phase }: { readonly seen: readonly SeenSign[]; readonly phase: Phase | null },
  kin: GroupCommons['kin'],
): boolean {
  const dangerous = profile.lookAlikes.filter((l) => isDangerous(l.severity));
  const known = dangerous.flatMap((l) => kin.get(binomialOf(l.scientific)) ?? []);
  const looked = { phase, wanted: profile };
  return (
    known.length > 0 &&
    known.every(
      (k) =>
        weigh([profile, k], VOCABULARY, seen, looked).excluded &&
        !weigh([k, profile], VOCABULARY, seen, looked).excluded,
    )
  );
}

/** On how many days somebody passed with plants of a family, by what they said. */
export function practisedDays(
  said: Awaited<ReturnType<typeof identitiesBy>>,
  family: string,
  { plants, kin }: Pick<GroupCommons, 'plants' | 'kin'>,
): number {
  const passed = said.filter(({ plantKey, body }) => {
    const profile = plants.get(plantKey)?.profile;
    return profile?.family === family && passes(profile, body as EntryBodies['identity'], kin);
  });
  return new Set(passed.map((p) => p.day)).size;
}
