import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { FIRST_WEATHER_YEAR, WEATHER_SEED } from './island/weather-seed.ts';
import { islandWeather } from '@emberfield/core/truth';

// A stand-in for a weather service: the island's weather as JSON, on loopback.
const LAST_YEAR = 2030;
const MS_PER_DAY = 86_400_000;
const isoOf = (day: number): string => new Date(day * MS_PER_DAY).toISOString().slice(0, 10);

/** Answers /days?lat=…&lon=…&from=…&to=… with a list a field. @returns its address with the places to fill in, and its end. */
export async function startWeatherService(port = 0): Promise<{ readonly url: string; readonly stop: () => void }> {
  const weather = islandWeather(WEATHER_SEED, FIRST_WEATHER_YEAR, LAST_YEAR);
  const server: Server = createServer((request, response) => {
    const { pathname, searchParams } = new URL(request.url ?? '/', 'http://127.0.0.1');
    const [from, to] = [searchParams.get('from') ?? '', searchParams.get('to') ?? ''];
    if (pathname !== '/days' || !/^\d{4}-\d{2}-\d{2}$/.test(from) || !/^\d{4}-\d{2}-\d{2}$/.test(to)) {
      response.writeHead(400, { 'content-type': 'application/json' }).end('{"error":"from and to are days"}');
      return;
    }
    const asked = weather.filter((d) => isoOf(d.day) >= from && isoOf(d.day) <= to);
    response.writeHead(200, { 'content-type': 'application/json' }).end(
      JSON.stringify({
        daily: {
          date: asked.map((d) => isoOf(d.day)),
          lowest: asked.map((d) => d.minC),
          highest: asked.map((d) => d.maxC),
          rain: asked.map((d) => d.rainMm),
        },
      }),
    );
  });
  await new Promise<void>((resolve) => server.listen(port, '127.0.0.1', resolve));
  const { port: at } = server.address() as AddressInfo;
  return {
    url: `http://127.0.0.1:${at}/days?lat={lat}&lon={lon}&from={from}&to={to}`,
    stop: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}

export const STAND_IN_FIELDS = JSON.stringify({
  days: 'daily',
  day: 'date',
  min: 'lowest',
  max: 'highest',
  rain: 'rain',
});
