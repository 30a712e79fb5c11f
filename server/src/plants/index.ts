export { isHere, plantsOf, type KnownPlant } from './operations/plants.ts';
export { lockOwnProfile, takeOffList } from './repository.ts';
export { mountPlants } from './routes.ts';
