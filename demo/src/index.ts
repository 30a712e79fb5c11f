export { DEMO_DAY, DEMO_GROUP_ID, loadDemo } from './load.ts';
export { islandMap } from './island/map.ts';
export { islandWeather } from './truth/weather.ts';
