export { plantsOf, type KnownPlant } from './operations/plants.ts';
export { mountPlants } from './routes.ts';
