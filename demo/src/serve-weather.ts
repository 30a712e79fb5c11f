import { STAND_IN_FIELDS, startWeatherService } from './weather-service.ts';

// Run by the start command beside the demo; ends with it.
const { url, stop } = await startWeatherService(Number(process.env['EMBERFIELD_WEATHER_PORT'] ?? 0));
process.stdout.write(`EMBERFIELD_WEATHER_READY ${url} ${STAND_IN_FIELDS}\n`);
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, stop);
