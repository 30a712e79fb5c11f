import { firstOfYear, type Figure } from '@emberfield/core/measure';
import { climatologyOf, joinDays } from '@emberfield/core/weather';
import type { SeenStand } from '@emberfield/core/clocks';
import type { SeenInterval } from '@emberfield/core/proof';
import type { StageSighting, StageSpec } from '@emberfield/core/stages';
import { chanceFrom, islandWeather, seedOf, usualMeanC, type Chance, type TrueDay } from '@emberfield/core/truth';
import { degreeDays } from '@emberfield/core/weather';
import { KINDS, type NaturalStage } from './kinds.ts';
import { dayOfNeed, gatheredBy, NEW_YEAR, yearAtPlace, type YearAtPlace } from './mechanisms.ts';

const FIRST_WEATHER_YEAR = 2006;
export const FIRST_SEASON = 2016;
const LAST_SEASON = 2026;
const STATION_HEIGHT_M = 40;
const LATITUDE_DEG = 46;
const LAPSE_C_PER_M = 0.0065;
const STANDS_OF_A_KIND = 3;

/** How far things lie apart, as standard deviations of the logarithm of what is needed. */
const OF_STAND = 0.05;
const OF_SEASON = 0.03;
const OF_STAGE = 0.03;

/** Where a profile's figures come from: somebody's first season, or a table that is off. */
type Told = 'guessed' | 'tabulated';
export interface NaturalIsland {
  readonly stands: readonly SeenStand[];
  readonly told: ReadonlyMap<string, Told>;
  /** When every stage of a stand truly came, by season. */
  readonly came: (stand: SeenStand) => readonly SeenInterval[];
  readonly mechanismOf: (plantKey: string, stage: string) => string;
}

const usualYear: YearAtPlace = {
  meanC: Array.from({ length: NEW_YEAR + 420 }, (_, i) => usualMeanC(((i - NEW_YEAR + 730) % 365) + 1)),
  // Enough for wet ground by the middle of August.
  rainMm: Array.from({ length: NEW_YEAR + 420 }, (_, i) => (i >= NEW_YEAR + 222 && i < NEW_YEAR + 240 ? 6 : 0)),
};

/** Eight kinds, three stands of each, eleven seasons; profiles, places and people differ from seed to seed. */
export function naturalIsland(seed: number): NaturalIsland {
  const weather = islandWeather(seed, FIRST_WEATHER_YEAR, LAST_SEASON + 1);
  const climatology = climatologyOf(weather.filter((d) => d.day < firstOfYear(FIRST_SEASON)));
  const known = weather.filter((d) => d.day < firstOfYear(LAST_SEASON + 1));
  const station = { series: joinDays(known, climatology)!, climatology, heightM: STATION_HEIGHT_M };
  const truth = new Map<string, readonly SeenInterval[]>();
  const told = new Map<string, Told>();
  const stands = Object.entries(KINDS).flatMap(([kind, stages]) => {
    const chance = chanceFrom(seedOf(seed, 'kind', kind));
    const guessed = chance.happens(0.5);
    told.set(kind, guessed ? 'guessed' : 'tabulated');
    const lives = Array.from({ length: STANDS_OF_A_KIND }, (_, n) => {
      const standId = `${kind}-${n}#${seed}`;
      const heightM = Math.round(chance.between(40, 440));
      return { standId, heightM, came: daysOf(standId, stages, heightM, weather) };
    });
    // The first season in which all of it came.
    const seasons = Array.from({ length: LAST_SEASON - FIRST_SEASON + 1 }, (_, n) => FIRST_SEASON + n);
    const first = seasons
      .map((season) => lives[0]!.came.filter((c) => c.season === season))
      .find((c) => c.length === stages.length)!;
    const specs = guessed ? guessedFrom(first, lives[0]!.heightM, weather, chance) : tabulated(stages, chance);
    const reference = { latitudeDeg: LATITUDE_DEG, heightM: guessed ? lives[0]!.heightM : STATION_HEIGHT_M };
    return lives.map(({ standId, heightM, came }): SeenStand => {
      truth.set(standId, came);
      const site = { latitudeDeg: LATITUDE_DEG, heightM };
      const place = { stages: specs, seasonStart: '01-01', reference, site, weather: station };
      return { standId, plantKey: kind, place, sightings: seenOf(standId, came) };
    });
  });
  return {
    stands,
    told,
    came: ({ standId }) => truth.get(standId)!,
    mechanismOf: (plantKey, stage) => KINDS[plantKey]!.find((s) => s.key === stage)!.mechanism,
  };
}

/** When the stages of a stand come in every season, the day itself. */
function daysOf(
  standId: string,
  stages: readonly NaturalStage[],
  heightM: number,
  weather: readonly TrueDay[],
): readonly SeenInterval[] {
  const shiftC = -LAPSE_C_PER_M * (heightM - STATION_HEIGHT_M);
  const ofStand = OF_STAND * chanceFrom(seedOf('stand', standId)).normal();
  const out: SeenInterval[] = [];
  for (let season = FIRST_SEASON; season <= LAST_SEASON; season++) {
    const year = yearAtPlace(weather, season, shiftC);
    const ofSeason = OF_SEASON * chanceFrom(seedOf('season', standId, season)).normal();
    let before = -Infinity;
    stages.forEach(({ usualDay, mechanism }, stage) => {
      const own = OF_STAGE * chanceFrom(seedOf('stage', standId, season, stage)).normal();
      const need = gatheredBy(mechanism, usualYear, usualDay) * Math.exp(ofStand + ofSeason + own);
      const at = dayOfNeed(mechanism, year, need);
      if (at === null) return;
      before = Math.max(before + 1, firstOfYear(season) + at);
      out.push({ stage, season, after: before - 1, by: before });
    });
  }
  return out;
}

/** Visits every so many days, some seasons left out; each notes what it finds, and is wrong once in twenty times. */
function seenOf(standId: string, came: readonly SeenInterval[]): readonly StageSighting[] {
  const out: StageSighting[] = [];
  const keen = chanceFrom(seedOf('keen', standId)).between(0.5, 0.95);
  for (let season = FIRST_SEASON; season <= LAST_SEASON; season++) {
    const chance = chanceFrom(seedOf('visits', standId, season));
    const days = came.filter((c) => c.season === season);
    if (days.length === 0 || chance.happens(0.1)) continue;
    for (let day = days[0]!.by - chance.whole(4, 24); day < days.at(-1)!.by + 15; day += chance.whole(5, 21)) {
      if (!chance.happens(keen)) continue;
      const wrong = chance.happens(0.05) ? chance.whole(-14, 14) : 0;
      const seenDay = day + Math.round(1.2 * chance.normal()) + wrong;
      const reached = days.filter((c) => c.by <= seenDay);
      const last = reached.at(-1);
      const next = days[reached.length];
      if (last) out.push({ stage: `s${last.stage + 1}`, day, reached: true });
      if (next && chance.happens(0.6)) out.push({ stage: `s${next.stage + 1}`, day, reached: false });
    }
  }
  return out;
}

const figure = (value: number, by: number): Figure => ({
  value,
  low: value / by,
  high: value * by,
  source: 'estimate',
});
const inDays = (value: number, by: number): Figure => ({
  value,
  low: value - by,
  high: value + by,
  source: 'estimate',
});

/** What somebody types in who has watched one season: a sum over 5 °C by a table of the year, a day in autumn. */
function guessedFrom(
  first: readonly SeenInterval[],
  heightM: number,
  weather: readonly TrueDay[],
  chance: Chance,
): readonly StageSpec[] {
  const shiftC = -LAPSE_C_PER_M * (heightM - STATION_HEIGHT_M);
  return first.map(({ by, stage, season }) => {
    const seenOn = by + chance.whole(0, 6);
    const start = firstOfYear(season);
    const sum = weather
      .filter((d) => d.day >= start && d.day <= seenOn)
      .reduce((s, d) => s + degreeDays(d.minC + shiftC, d.maxC + shiftC, 5), 0);
    const calendar = inDays(seenOn - start + 1, 12);
    const autumn = seenOn - start > 235;
    return {
      key: `s${stage + 1}`,
      bbch: Math.min(9, stage * 2),
      calendar,
      model: autumn
        ? { kind: 'calendar', direction: 'autumn' }
        : { kind: 'thermal', start: '01-01', baseC: figure(5, 1.2), sum: figure(Math.max(4, sum), 1.25) },
    };
  });
}

/** Standard deviations of the logarithm of its sums: of all of a kind, and of each stage; together 0.3. */
const KIND_OFF_LOG_SD = 0.28;
const STAGE_OFF_LOG_SD = 0.1;
const BASE_OFF_C = 3;

/** A table made elsewhere: its base is off, its sums are, and of one kind in ten by a month. */
function tabulated(stages: readonly NaturalStage[], chance: Chance): readonly StageSpec[] {
  const baseC = Math.max(0, 5 + chance.between(-BASE_OFF_C, BASE_OFF_C));
  const month = chance.happens(0.1) ? (chance.happens(0.5) ? 30 : -30) : 0;
  const off = Math.exp(KIND_OFF_LOG_SD * chance.normal());
  return stages.map(({ key, usualDay, mechanism }, i) => {
    const day = Math.max(15, usualDay + month);
    let sum = 0;
    for (let d = 1; d <= day; d++) sum += degreeDays(usualMeanC(d) - 4, usualMeanC(d) + 4, baseC);
    const told = Math.max(3, sum * off * Math.exp(STAGE_OFF_LOG_SD * chance.normal()));
    const calendar = inDays(day, 12);
    return {
      key,
      bbch: Math.min(9, i * 2),
      calendar,
      model:
        mechanism === 'coolAndDark' || mechanism === 'rain'
          ? { kind: 'calendar', direction: 'autumn' }
          : { kind: 'thermal', start: '01-01', baseC: figure(Math.max(0.5, baseC), 1.2), sum: figure(told, 1.25) },
    };
  });
}
