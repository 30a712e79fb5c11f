export { fitStations, pickNearest, stationFor } from './operations/pick-station.ts';
export { weatherOf, type KnownWeather } from './operations/station-weather.ts';
export { mountWeather } from './routes.ts';
export { daySummaries, insertStation, stationById, stationsOf, upsertDays, type StationRow } from './repository.ts';
export { startFetching } from './operations/fetch-station.ts';
export { readWeatherService } from './weather-service.ts';
