import { contentDigest, insertStation, insertTide, upsertDays, type Dependencies } from '@emberfield/server';
import type { Making } from './making.ts';
import { seededId } from './ids.ts';
import { degreesOf, heightAt, MIDDLE } from './island/geometry.ts';
import { PATCHES } from './island/places.ts';
import { QUAY, QUAY_TIDE } from './island/tide.ts';
import { chanceFrom, islandWeather, outlookFrom, seedOf } from '@emberfield/core/truth';
import { WEATHER_SEED } from './island/weather-seed.ts';

/** The station, the tide at the quay, and a thermometer that somebody hung. */
export async function loadWeather({ db, groupId, madeAt, todayNumber, weather }: Making): Promise<void> {
  const stationId = seededId(18262, 'station');
  const station = {
    id: stationId,
    name: 'Ostrey harbour',
    latitudeDeg: MIDDLE.latitudeDeg - 0.028,
    longitudeDeg: MIDDLE.longitudeDeg + 0.005,
    heightM: STATION_HEIGHT_M,
  };
  await insertStation(db, { ...station, groupId, source: 'simulated', contentDigest: contentDigest(station), madeAt });
  await upsertDays(
    db,
    stationId,
    weather.filter((d) => d.day <= todayNumber).map((d) => ({ ...d, outlook: false })),
  );
  await upsertDays(
    db,
    stationId,
    outlookFrom(weather, todayNumber, WEATHER_SEED).map((d) => ({ ...d, rainMm: null, outlook: true })),
  );

  const [east, north] = QUAY.at;
  const quay = { id: seededId(18262, 'tide'), name: QUAY.name, ...degreesOf([east, north]) };
  await insertTide(db, { ...quay, groupId, source: QUAY_TIDE, contentDigest: contentDigest(quay), madeAt });
  await hangThermometer(db, { groupId, weather, todayNumber, madeAt });
}

const HUNG_DAYS = 12;
/** Somebody hung a thermometer in the hollow way and reads it: the nights are cold there, and the days cool. */
async function hangThermometer(
  db: Dependencies['db'],
  {
    groupId,
    weather,
    todayNumber,
    madeAt,
  }: {
    readonly groupId: string;
    readonly weather: ReturnType<typeof islandWeather>;
    readonly todayNumber: number;
    readonly madeAt: Date;
  },
): Promise<void> {
  const { at } = PATCHES.find((p) => p.key === 'withen')!;
  const hung = { id: seededId(18262, 'thermometer'), name: 'Hollow way', ...degreesOf(at), heightM: heightAt(at) };
  await insertStation(db, { ...hung, groupId, source: 'csv', contentDigest: contentDigest(hung), madeAt });
  const chance = chanceFrom(seedOf('thermometer'));
  const higherC = LAPSE_C_PER_M * (STATION_HEIGHT_M - hung.heightM);
  await upsertDays(
    db,
    hung.id,
    weather
      .filter((d) => d.day <= todayNumber && d.day > todayNumber - HUNG_DAYS)
      .map(({ day, minC, maxC }) => {
        const low = tenth(minC + higherC - 1.6 + 0.6 * chance.normal());
        return {
          day,
          minC: low,
          maxC: Math.max(low, tenth(maxC + higherC - 3.4 + 0.8 * chance.normal())),
          rainMm: null,
          outlook: false,
        };
      }),
  );
}
const LAPSE_C_PER_M = 0.0065;
const STATION_HEIGHT_M = 40;
const tenth = (value: number): number => Math.round(value * 10) / 10;
