import type { PatchFacts } from '@emberfield/contract';
import type { DayNumber } from '@emberfield/core/measure';
import { frozenSpans, groundOn, type FrozenSpan, type Ground } from '@emberfield/core/phenology';
import { siteOf } from '../../patches/index.ts';
import { Kept } from '../../platform/kept.ts';
import type { Forecastable } from './forecast-input.ts';
import type { StandRecord } from './stand-record.ts';

/** Leaves above the ground, m² a m², by what is written down of the place (estimates). */
const LEAF_AREA: Readonly<Record<PatchFacts['canopy'], number>> = {
  open: 0.5,
  halfShade: 1.5,
  underTrees: 3,
  evergreen: 5,
};

interface Place {
  readonly patch: Forecastable['patch'];
  readonly weather: Forecastable['weather'];
}

const MOST_KEPT = 5_000;
const kept = new Kept<{ readonly spans: readonly FrozenSpan[] | null }>(MOST_KEPT);

/** When the ground of a place is frozen, in the winter about a day and the next. */
export function groundSpans({ patch, weather }: Place, day: DayNumber, today: DayNumber): readonly FrozenSpan[] | null {
  const leafArea = LEAF_AREA[patch.facts.canopy];
  // The soil's own formula takes the air of the open and keeps off what the leaves do: they must not count twice.
  const ground = { ...siteOf(patch), canopy: 'open' as const };
  const site = weather?.thermometer ? { ...ground, measured: weather.thermometer.reading } : ground;
  // Spans hang on the day by its winter only; half a year is fine enough a step, and keeps the key short.
  const half = Math.floor(day / HALF_YEAR_DAYS);
  const key = [weather?.key, JSON.stringify(ground), leafArea, half, today].join(':');
  return kept.get(key, () => ({
    spans: frozenSpans({ weather: weather?.weather ?? null, site, leafArea, day: half * HALF_YEAR_DAYS, asOf: today }),
  })).spans;
}
const HALF_YEAR_DAYS = 182;

/** The ground of a stand on a day: as reckoned, and as somebody found it. `null` where neither says anything. */
export const standGround = (
  dossier: Place & { readonly record: Pick<StandRecord, 'ground'> },
  day: DayNumber,
  today: DayNumber,
): Ground | null => groundOn(groundSpans(dossier, day, today), dossier.record.ground, day);
