/** The island has one weather: the same from whatever is read. */
export const WEATHER_SEED = 31;
export const FIRST_WEATHER_YEAR = 2014;
