import { REGIONS, type PlantProfile, type Region, type Status } from '@emberfield/core/plants';

// Where a plant grows, wild or planted, as a field book says it. By general knowledge of floras: an estimate like all else.

export const EUROPE: readonly Region[] = [
  'atlanticEurope',
  'northernEurope',
  'continentalEurope',
  'mountainsOfEurope',
  'mediterranean',
];
export const AMERICA: readonly Region[] = ['easternAmerica', 'prairie', 'westernAmerica'];
export const EVERYWHERE = REGIONS;

export const found = (regions: readonly Region[], status: Status = 'common'): NonNullable<PlantProfile['regions']> =>
  Object.fromEntries(regions.map((region) => [region, status]));
