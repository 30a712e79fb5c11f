import {
  forecastSeason,
  forecastWindow,
  historyOf,
  LearnedStand,
  seasonFirstDay,
  seasonOf,
  spreadWithin,
  type ForecastInput,
  type SeasonForecast,
  type SeenStand,
  type Site,
  type StageForecast,
  type WindowForecast,
} from '@emberfield/core/phenology';
import type { DayNumber } from '@emberfield/core/measure';
import { Kept } from '../../platform/kept.ts';
import { siteOf, type KnownGround } from '../../patches/index.ts';
import type { Dossier } from './dossier.ts';
import type { Knowledge } from './group-knowledge.ts';

/** Changes when the model does: verdicts keep the one they were reckoned under. */
export const MODEL_REVISION = 'c3';

/** What a season is forecast from: a stand, or a plant at a place where nobody has seen it yet. */
export interface Forecastable {
  readonly stand: { readonly id: string };
  readonly patch: KnownGround & { readonly version: number };
  readonly plant: Dossier['plant'];
  readonly weather: Dossier['weather'];
  readonly record: Pick<Dossier['record'], 'sightings' | 'sightingsKey'>;
  readonly knowledge: Knowledge;
}

/** A stand as learning takes it. */
export function seenStand({ stand, patch, plant, weather, record }: Omit<Forecastable, 'knowledge'>): SeenStand {
  const { stages, seasonStart, reference } = plant.profile;
  return {
    standId: stand.id,
    plantKey: `${plant.profile.key}:${plant.revision}`,
    place: {
      stages,
      seasonStart,
      reference,
      site: siteFor({ patch, plant, weather }),
      weather: weather?.weather ?? null,
    },
    sightings: record.sightings,
  };
}

/** Trees and shrubs carry their leaves above the shade: what is written of the canopy holds for what grows under it. */
function siteFor({ patch, plant, weather }: Pick<Forecastable, 'patch' | 'plant' | 'weather'>): Site {
  const { habit, reference } = plant.profile;
  return {
    ...siteOf(patch),
    ...(habit === 'tree' || habit === 'shrub' ? { canopy: reference.canopy ?? 'open' } : {}),
    ...(weather?.thermometer ? { measured: weather.thermometer.reading } : {}),
  };
}

/** The record of a plant that nobody has seen at a place yet. */
export const NOTHING_SEEN: Forecastable['record'] = { sightings: [], sightingsKey: '' };

/** A forecast without its draws: they make its windows and are let go, or thousands of stands would fill the memory. */
export interface KeptForecast extends Omit<SeasonForecast, 'stages' | 'weight'> {
  readonly stages: readonly Omit<StageForecast, 'dates'>[];
}

export interface StandSeason {
  readonly forecast: KeptForecast;
  readonly windows: readonly WindowForecast[];
}

const MOST_SEASONS_KEPT = 16_000;
const kept = new Kept<StandSeason>(MOST_SEASONS_KEPT);

/** One season of a stand as seen today: a whole-year answer, kept under all that it depends on. */
export function standSeason(dossier: Forecastable, season: number, today: DayNumber): StandSeason {
  const { stand, patch, plant, weather, knowledge } = dossier;
  const key = [
    stand.id,
    dossier.record.sightingsKey,
    patch.version,
    plant.revision,
    weather?.key ?? '-',
    knowledge.version,
    season,
    today,
  ].join(':');
  return kept.get(key, () => {
    const { profile } = plant;
    const { stages, weight, ...rest } = forecastSeason(forecastInput(dossier, season, today));
    return {
      forecast: { ...rest, stages: stages.map(({ key, reached, seen }) => ({ key, reached, seen })) },
      windows: profile.windows.map((w) => forecastWindow(w, { ...rest, stages, weight })),
    };
  });
}

/** The season in which a stand is on a day. */
export const seasonNow = ({ plant, patch }: Pick<Forecastable, 'plant' | 'patch'>, day: DayNumber): number =>
  seasonOf(day, plant.profile.seasonStart, patch.latitudeDeg);

/** What a season is forecast from: its own sightings weigh in the forecast, those of seasons before have been learned from. */
export function forecastInput(dossier: Forecastable, season: number, today: DayNumber): ForecastInput {
  const { patch, plant, knowledge } = dossier;
  const { learning } = knowledge;
  const seen = seenStand(dossier);
  const history = historyOf(seen, { until: today, season: season - 1 });
  const learned = new LearnedStand(history, learning.beforehand(history), (y) =>
    seasonFirstDay(y, plant.profile.seasonStart, patch.latitudeDeg),
  );
  return {
    ...seen.place,
    season,
    asOf: today,
    sightings: seen.sightings.filter((s) => s.day <= today && seasonNow(dossier, s.day) === season),
    spreadDays: spreadWithin(seen.sightings.filter((s) => s.day <= today)),
    effects: learned.effects(season),
    stretch: learning.stretch,
  };
}
