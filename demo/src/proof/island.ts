import { CATALOGUE } from '@emberfield/catalogue';
import { climatologyOf, joinDays } from '@emberfield/core/weather';
import type { SeenStand } from '@emberfield/core/clocks';
import type { SeenInterval } from '@emberfield/core/proof';
import { historyOf } from '../history.ts';
import { factsOf, PATCHES, STANDS } from '../island/places.ts';
import { islandWeather, trueStageDays } from '@emberfield/core/truth';

const FIRST_WEATHER_YEAR = 2010;
const FIRST_SEASON = 2018;
const LAST_YEAR = 2026;
const STATION_HEIGHT_M = 40;
const LATITUDE_DEG = 46;
const dayOf = (iso: string): number => Math.round(Date.parse(`${iso}T00:00:00Z`) / 86_400_000);
const LAST_DAY = dayOf(`${LAST_YEAR}-12-31`);

export interface ProofIsland {
  readonly stands: readonly SeenStand[];
  readonly firstSeason: number;
  /** The days on which the stages of a stand truly came, which nobody on the island knows. */
  readonly came: (stand: SeenStand) => readonly SeenInterval[];
}

/** The island once more under another sky: other weather, other stands of the same names, other people's habits. */
export function islandOf(seed: number): ProofIsland {
  const weather = islandWeather(seed, FIRST_WEATHER_YEAR, LAST_YEAR + 1);
  const known = weather.filter((d) => d.day <= LAST_DAY);
  // The usual year is that of the years before: nothing of what is forecast may lie in it.
  const climatology = climatologyOf(weather.filter((d) => d.day < dayOf(`${FIRST_SEASON}-01-01`)));
  const station = { series: joinDays(known, climatology)!, climatology, heightM: STATION_HEIGHT_M };
  const heights = new Map<string, number>();
  const stands = STANDS.map((shown): SeenStand => {
    const profile = CATALOGUE.find((p) => p.key === shown.plant)!;
    const { heightM } = factsOf(PATCHES.find((p) => p.key === shown.patch)!);
    const { toldByHandIn: _, ...stand } = { ...shown, key: `${shown.key}#${seed}` };
    heights.set(stand.key, heightM);
    const told = historyOf({
      stand,
      standId: stand.key,
      patchId: stand.key,
      profile,
      heightM,
      weather,
      today: LAST_DAY,
      firstYear: FIRST_SEASON,
    });
    return {
      standId: stand.key,
      plantKey: stand.plant,
      place: {
        stages: profile.stages,
        seasonStart: profile.seasonStart,
        reference: profile.reference,
        site: { latitudeDeg: LATITUDE_DEG, heightM },
        weather: station,
      },
      sightings: told.flatMap(({ entry: { kind, body, day } }) =>
        kind === 'stageSighting' && 'stage' in body && 'reached' in body
          ? [{ stage: body.stage, reached: body.reached, day: dayOf(day) }]
          : [],
      ),
    };
  });
  return {
    stands,
    firstSeason: FIRST_SEASON,
    came: ({ standId, plantKey, place }) => {
      const seasons = Array.from({ length: LAST_YEAR - FIRST_SEASON + 1 }, (_, n) => FIRST_SEASON + n);
      return seasons.flatMap((season) => {
        const days = trueStageDays(plantKey, { standName: standId, heightM: heights.get(standId)! }, season, weather);
        return place.stages.flatMap(({ key }, stage) => {
          const day = days.get(key);
          return day === undefined ? [] : [{ stage, season, after: day - 1, by: day }];
        });
      });
    },
  };
}
