export { pickNearest, weatherOf, type KnownWeather } from './operations/station-weather.ts';
export { mountWeather } from './routes.ts';
export { insertStation, stationsOf, upsertDays, type StationRow } from './repository.ts';
export { startFetching } from './operations/fetch-station.ts';
export { readWeatherService } from './weather-service.ts';
