import { chanceFrom, seedOf } from './chance.ts';
import { usualMeanC, type TrueDay } from './weather.ts';

/**
 * How the island's plants really behave. Not the forecaster's mechanism: forcing is a smooth curve of the day's mean
 * temperature, a cold winter lowers the warmth that is needed, every stand and every season has its own way.
 */
export interface TrueStage {
  readonly key: string;
  /** Usual day of the year at the station's height. */
  readonly usualDay: number;
  /** What drives it: warmth since midwinter, the cool of late summer, or the first frost. */
  readonly driver: 'warmth' | 'cool' | 'frost';
  /** Days after the season's New Year's day that lie in the next year. */
  readonly nextYear?: boolean;
}

const warm = (key: string, usualDay: number): TrueStage => ({ key, usualDay, driver: 'warmth' });
const cool = (key: string, usualDay: number, nextYear = false): TrueStage => ({ key, usualDay, driver: 'cool', nextYear });

export const TRUE_PLANTS: Readonly<Record<string, readonly TrueStage[]>> = {
  ramsons: [warm('spears', 57), warm('leaves', 84), warm('buds', 109), warm('flowering', 119), warm('fruiting', 147), warm('dying', 166)],
  nettle: [warm('shoots', 80), warm('handHigh', 99), warm('kneeHigh', 126), warm('flowering', 160), warm('seed', 207)],
  burdock: [warm('rosette', 93), warm('stalk', 141), warm('buds', 164), warm('flowering', 198), cool('leaffall', 303)],
  valerian: [warm('leaves', 95), warm('stem', 130), warm('flowering', 160), warm('seed', 196), cool('dieback', 294)],
  elder: [warm('leaves', 90), warm('buds', 126), warm('firstFlowers', 146), warm('fullFlower', 154), warm('greenFruit', 171), warm('ripe', 243), warm('dropping', 272)],
  lime: [warm('leafing', 118), warm('fullLeaf', 133), warm('buds', 173), warm('firstOpen', 185), warm('spent', 192), warm('fruit', 266)],
  spruce: [warm('swelling', 113), warm('capsOff', 127), warm('fingerJoint', 134), warm('fingerLong', 149), warm('hard', 166)],
  birch: [warm('sapRising', 68), warm('budBurst', 97), warm('youngLeaf', 107), warm('fullLeaf', 131)],
  sloe: [warm('blossom', 95), warm('greenFruit', 142), warm('blue', 246), { key: 'frosted', usualDay: 298, driver: 'frost' }],
  hazel: [warm('catkins', 45), warm('leafing', 104), warm('milky', 206), warm('browning', 252), warm('falling', 262)],
  reedmace: [warm('shoots', 107), warm('tall', 143), warm('greenSpike', 165), warm('pollen', 177), warm('brownSpike', 205), cool('dieback', 300)],
  'ground-elder': [warm('folded', 86), warm('unfolded', 101), warm('stem', 144), warm('flowering', 163), warm('seed', 214)],
  'velvet-shank': [cool('firstCold', 306), cool('fruiting', 320), cool('spring', 72, true)],
  arnica: [warm('rosettes', 112), warm('stems', 146), warm('flowering', 163), warm('seed', 198)],
};

const SLOPE_PER_C = 0.3;
const MIDDLE_C = 9.5;
const LAPSE_C_PER_M = 0.0065;
const STATION_HEIGHT_M = 40;
const STAND_SPREAD = 0.05;
const SEASON_SPREAD = 0.035;
const CHILL_WEIGHT = 0.25;
const COOL_DAYS_PER_C = 3.2;

const forcing = (meanC: number): number => 1 / (1 + Math.exp(-SLOPE_PER_C * (meanC - MIDDLE_C)));

const NEED: ReadonlyMap<number, number> = (() => {
  const sums = new Map<number, number>();
  let sum = 0;
  for (let d = 1; d <= 366; d++) sums.set(d, (sum += forcing(usualMeanC(d))));
  return sums;
})();

export interface TruePlace {
  readonly standName: string;
  readonly heightM: number;
}

/** Day on which each stage is truly reached in a year, by key; a stage that does not come is left out. */
export function trueStageDays(plant: string, place: TruePlace, year: number, weather: readonly TrueDay[]): ReadonlyMap<string, number> {
  const first = weather.findIndex((d) => new Date(d.day * 86_400_000).getUTCFullYear() === year);
  const out = new Map<string, number>();
  if (first < 0) return out;
  const shiftC = -LAPSE_C_PER_M * (place.heightM - STATION_HEIGHT_M);
  const own = chanceFrom(seedOf('stand', place.standName)).normal() * STAND_SPREAD;
  const season = chanceFrom(seedOf('season', place.standName, year)).normal() * SEASON_SPREAD;
  const winter = weather.slice(Math.max(0, first - 60), first + 45);
  const winterC = winter.reduce((s, d) => s + (d.minC + d.maxC) / 2, 0) / Math.max(1, winter.length) + shiftC;
  const chill = Math.exp((CHILL_WEIGHT * (winterC - 1.8)) / 10);
  for (const [i, stage] of (TRUE_PLANTS[plant] ?? []).entries()) {
    const jitter = chanceFrom(seedOf('stage', place.standName, year, i)).normal();
    const day = dayOfStage(stage, { weather, first, shiftC, factor: Math.exp(own + season + 0.02 * jitter) * chill, jitter });
    if (day !== null) out.set(stage.key, day);
  }
  return out;
}

interface Growing {
  readonly weather: readonly TrueDay[];
  readonly first: number;
  readonly shiftC: number;
  readonly factor: number;
  readonly jitter: number;
}

function dayOfStage(stage: TrueStage, { weather, first, shiftC, factor, jitter }: Growing): number | null {
  const newYear = weather[first]!.day;
  if (stage.driver === 'frost') return weather.slice(first + 226, first + 400).find((d) => d.minC + shiftC <= -1)?.day ?? null;
  if (stage.driver === 'cool') {
    const autumn = weather.slice(first + 240, first + 290);
    if (autumn.length === 0) return null;
    const usual = autumn.reduce((s, _, k) => s + usualMeanC(241 + k), 0) / autumn.length;
    const real = autumn.reduce((s, d) => s + (d.minC + d.maxC) / 2, 0) / autumn.length + shiftC;
    return Math.round(newYear + (stage.nextYear ? 365 : 0) + stage.usualDay - 1 + COOL_DAYS_PER_C * (real - usual) + 3 * jitter);
  }
  const need = NEED.get(stage.usualDay)! * factor;
  let sum = 0;
  for (const d of weather.slice(first, first + 366)) if ((sum += forcing((d.minC + d.maxC) / 2 + shiftC)) >= need) return d.day;
  return null;
}
