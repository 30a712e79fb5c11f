import type { DayNumber } from '@emberfield/core/measure';
import {
  historyOf,
  LearnedStand,
  seasonFirstDay,
  seasonOf,
  spreadWithin,
  type ForecastInput,
  type SeenStand,
  type Site,
} from '@emberfield/core/phenology';
import { siteOf, type KnownGround } from '../../patches/index.ts';
import type { Dossier } from './dossier.ts';
import type { Knowledge } from './group-knowledge.ts';

/** What a season is forecast from: a stand, or a plant at a place where nobody has seen it yet. */
export interface Forecastable {
  readonly stand: { readonly id: string };
  readonly patch: KnownGround & { readonly version: number };
  readonly plant: Dossier['plant'];
  readonly weather: Dossier['weather'];
  readonly record: Pick<Dossier['record'], 'sightings' | 'sightingsKey' | 'takes' | 'measured' | 'cuts' | 'windowsKey'>;
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
export const NOTHING_SEEN: Forecastable['record'] = {
  sightings: [],
  sightingsKey: '',
  takes: [],
  measured: [],
  cuts: [],
  windowsKey: '',
};

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

/** All that the dates of a stand's stages in a season hang on, as a text to keep them under. */
export function forecastKey(dossier: Forecastable, season: number, today: DayNumber): string {
  const { stand, record, patch, plant, weather, knowledge } = dossier;
  return [
    stand.id,
    record.sightingsKey,
    patch.version,
    plant.revision,
    weather?.key ?? '-',
    knowledge.version,
    season,
    today,
  ].join(':');
}
