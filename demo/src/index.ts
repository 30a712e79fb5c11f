export { DEMO_DAY, DEMO_GROUP_ID, loadDemo } from './load.ts';
export { startWeatherService, STAND_IN_FIELDS } from './weather-service.ts';
export { islandMap } from './island/map.ts';
export { islandWeather } from '@emberfield/core/truth';
