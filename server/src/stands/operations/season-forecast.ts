import {
  forecastSeason,
  forecastWindow,
  seasonOf,
  type SeasonForecast,
  type WindowForecast,
} from '@emberfield/core/phenology';
import type { DayNumber } from '@emberfield/core/measure';
import { Kept } from '../../platform/kept.ts';
import type { Dossier } from './dossier.ts';

/** Changes when the model does: verdicts keep the one they were reckoned under. */
export const MODEL_REVISION = 'b1';

/** What a season is forecast from: a stand, or a plant at a place where nobody has seen it yet. */
export interface Forecastable {
  readonly stand: { readonly id: string };
  readonly patch: Pick<Dossier['patch'], 'latitudeDeg' | 'heightM' | 'version'>;
  readonly plant: Dossier['plant'];
  readonly weather: Dossier['weather'];
  readonly record: Pick<Dossier['record'], 'sightings' | 'sightingsKey'>;
}

/** The record of a plant that nobody has seen at a place yet. */
export const NOTHING_SEEN: Forecastable['record'] = { sightings: [], sightingsKey: '' };

export interface StandSeason {
  readonly forecast: SeasonForecast;
  readonly windows: readonly WindowForecast[];
}

const MOST_SEASONS_KEPT = 20_000;
const kept = new Kept<StandSeason>(MOST_SEASONS_KEPT);

/** One season of a stand as seen today: a whole-year answer, kept under all that it depends on. */
export function standSeason(dossier: Forecastable, season: number, today: DayNumber): StandSeason {
  const { stand, patch, plant, weather } = dossier;
  const key = [
    stand.id,
    dossier.record.sightingsKey,
    patch.version,
    plant.revision,
    weather?.station.id ?? '-',
    weather?.station.revision ?? 0,
    season,
    today,
  ].join(':');
  return kept.get(key, () => {
    const { profile } = plant;
    const forecast = forecastSeason({
      stages: profile.stages,
      seasonStart: profile.seasonStart,
      reference: profile.reference,
      site: { latitudeDeg: patch.latitudeDeg, heightM: patch.heightM },
      season,
      weather: weather?.weather ?? null,
      asOf: today,
      sightings: dossier.record.sightings.filter(
        (s) => seasonOf(s.day, profile.seasonStart, patch.latitudeDeg) === season,
      ),
    });
    return { forecast, windows: profile.windows.map((w) => forecastWindow(w, forecast)) };
  });
}
