export { fitStations, sharesFor } from './operations/pick-station.ts';
export { namesOf, weatherAt, type PlaceWeather } from './operations/station-weather.ts';
export { mountWeather } from './routes.ts';
export { daySummaries, insertStation, stationById, stationsOf, upsertDays, type StationRow } from './repository.ts';
export { startFetching } from './operations/fetch-station.ts';
export { readWeatherService } from './weather-service.ts';
export { sweepImports } from './repository.ts';
