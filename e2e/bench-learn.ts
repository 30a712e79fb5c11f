import { CATALOGUE } from '@emberfield/catalogue';
import { dayNumber, seasonFirstDay } from '@emberfield/core/measure';
import { climatologyOf, joinDays } from '@emberfield/core/weather';
import { forecastSeason } from '@emberfield/core/stages';
import { forecastWindow } from '@emberfield/core/windows';
import type { SeenStand } from '@emberfield/core/clocks';
import { learnFrom } from '@emberfield/core/learning';
import { islandWeather } from '@emberfield/demo';

const STANDS = 1_000;
const FIRST_SEASON = 2020;
const TODAY = dayNumber('2026-05-15');
const LATITUDE_DEG = 46;

/** A thousand stands, six seasons each with five sightings, learned from together; then one of them once more, the rest held. */
export function learningBench(put: (what: string, measured: string, target: string) => void): void {
  const days = islandWeather(7, 2006, 2026).filter((d) => d.day <= TODAY);
  const climatology = climatologyOf(days);
  const weather = { series: joinDays(days, climatology)!, climatology, heightM: 40 };
  const profiles = CATALOGUE.filter((p) => p.stages.length >= 5 && p.seasonStart === '01-01').slice(0, 20);
  const stands = Array.from({ length: STANDS }, (_, i): SeenStand => {
    const profile = profiles[i % profiles.length]!;
    return {
      standId: `s${i}`,
      plantKey: profile.key,
      place: {
        stages: profile.stages,
        seasonStart: profile.seasonStart,
        reference: profile.reference,
        site: { latitudeDeg: LATITUDE_DEG, heightM: i % 380 },
        weather,
      },
      sightings: Array.from({ length: 6 }, (_, y) =>
        profile.stages.slice(0, 5).map((s, k) => ({
          stage: s.key,
          day:
            seasonFirstDay(FIRST_SEASON + y, '01-01', LATITUDE_DEG) +
            Math.round(s.calendar.value) +
            ((i + k + y) % 9) -
            4,
          reached: (i + k) % 3 !== 0,
        })),
      ).flat(),
    };
  });
  const runs = [1, 2, 3].map(() => timed(() => learnFrom(stands, TODAY)));
  const learning = learnFrom(stands, TODAY);
  put(
    `learning: ${STANDS} stands with thirty sightings each, the whole group anew`,
    `${(median(runs) / 1000).toFixed(1)} s (in pieces of 5 ms, behind the answers)`,
    '≤ 2 s',
  );
  const touched = stands.slice(0, 41).map((stand) =>
    timed(() => {
      const forecast = forecastSeason({
        ...stand.place,
        season: 2026,
        asOf: TODAY,
        sightings: [],
        clocks: learning.expects(stand, 2026, TODAY),
      });
      const profile = profiles.find((p) => p.key === stand.plantKey)!;
      for (const w of profile.windows) forecastWindow(w, forecast);
    }),
  );
  put(
    'one stand after a new sighting, the group’s fit held: learned anew and forecast',
    `${median(touched.slice(1)).toFixed(1)} ms (at most ${Math.max(...touched.slice(1)).toFixed(0)} ms)`,
    '≤ 30 ms',
  );
}

function timed(work: () => unknown): number {
  const started = performance.now();
  work();
  return performance.now() - started;
}
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;
