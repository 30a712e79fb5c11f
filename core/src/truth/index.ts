/** How the demo island really behaves: what the forecaster does not know, and is held against. */
export { chanceFrom, seedOf, type Chance } from './chance.ts';
export { trueStageDays, TRUE_PLANTS, type TruePlace, type TrueStage } from './plants.ts';
export { islandWeather, outlookFrom, usualMeanC, type TrueDay } from './weather.ts';
