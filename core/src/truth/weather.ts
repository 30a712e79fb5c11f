import { chanceFrom, seedOf } from './chance.ts';

export interface TrueDay {
  /** Whole days since 1970-01-01. */
  readonly day: number;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number;
}

const MS_PER_DAY = 86_400_000;
const dayOf = (year: number, month: number, day: number): number =>
  Math.round(Date.UTC(year, month - 1, day) / MS_PER_DAY);
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** The yearly wave at the harbour station (40 m): mean of the day, °C. */
export function usualMeanC(dayOfYear: number): number {
  return 9.6 - 9 * Math.cos((2 * Math.PI * (dayOfYear - 20)) / 365.25);
}

/**
 * Weather of the island from the first year to the last, whole years: a yearly wave, an own character of each year and
 * each season, spells of days that hang together, and rain that cools the day and warms the night.
 */
export function islandWeather(seed: number, firstYear: number, lastYear: number): readonly TrueDay[] {
  const out: TrueDay[] = [];
  const spell = chanceFrom(seedOf(seed, 'spell'));
  let departure = 0;
  let wet = false;
  for (let year = firstYear; year <= lastYear; year++) {
    const character = chanceFrom(seedOf(seed, 'year', year));
    const yearC = 0.7 * character.normal();
    const quarterC = Array.from({ length: 5 }, () => 1.1 * character.normal());
    const first = dayOf(year, 1, 1);
    for (let day = first; day < dayOf(year + 1, 1, 1); day++) {
      const ofYear = day - first + 1;
      const q = (ofYear - 1) / 91.5;
      const season = quarterC[Math.floor(q)]! * (1 - (q % 1)) + quarterC[Math.min(4, Math.floor(q) + 1)]! * (q % 1);
      departure = 0.74 * departure + 2 * spell.normal();
      wet = spell.happens(wet ? 0.62 : 0.27);
      const rainMm = wet ? tenth(-5.5 * Math.log(1 - spell.uniform())) : 0;
      const mean = usualMeanC(ofYear) + yearC + season + departure + (wet && ofYear > 100 && ofYear < 280 ? -0.8 : 0);
      const half = Math.max(
        1.2,
        3.2 + 1.6 * Math.sin((2 * Math.PI * (ofYear - 80)) / 365) + 0.7 * spell.normal() - (wet ? 0.9 : 0),
      );
      out.push({ day, minC: tenth(mean - half), maxC: tenth(mean + half), rainMm });
    }
  }
  return out;
}

/** What a forecaster says ten days ahead: the truth, with an error that grows by the day. */
export function outlookFrom(weather: readonly TrueDay[], today: number, seed: number): readonly TrueDay[] {
  const chance = chanceFrom(seedOf(seed, 'outlook', today));
  return weather
    .filter((d) => d.day > today && d.day <= today + 10)
    .map((d) => {
      const error = 0.35 * (d.day - today) * chance.normal();
      return { ...d, minC: tenth(d.minC + error), maxC: tenth(d.maxC + error), rainMm: 0 };
    });
}
