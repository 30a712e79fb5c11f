import type { ProfilePart } from '@emberfield/contract';
import type { DayNumber } from '@emberfield/core/measure';
import {
  edgeShifts,
  fitGrowth,
  forecastSeason,
  measuredAt,
  type PartGrowth,
  type QualityWord,
  type WindowShifts,
} from '@emberfield/core/phenology';
import { Kept } from '../../platform/kept.ts';
import { forecastInput, forecastKey, seasonNow, seenStand, type Forecastable } from './forecast-input.ts';
import { tellsOfEdges, type RecordedTake } from './stand-record.ts';

/** What a stand's windows stand on beside the dates of its stages: what was measured, and what was cut this season. */
export function partsOf(dossier: Forecastable, season: number, today: DayNumber): readonly PartGrowth[] {
  const { plant, record } = dossier;
  const { parts, windows } = plant.profile;
  return parts.flatMap((part): PartGrowth[] => {
    const own = windows.filter((w) => w.part === part.key);
    const regrowth = own.find((w) => w.regrowth)?.regrowth;
    const cut = regrowth && lastCut(dossier, part, { season, today });
    const lengthsCm = own.flatMap((w) => [w.opens.lengthCm, w.closes.lengthCm]).filter((l) => l !== undefined);
    const measured = record.measured.filter((m) => m.part === part.key);
    const known =
      part.growth && lengthsCm.length > 0 ? measuredAt(seenStand(dossier).place, part.growth, measured, today) : [];
    if (known.length === 0 && cut === undefined) return [];
    return [
      {
        part: part.key,
        measured:
          known.length > 0 ? { spec: part.growth!, fit: fitGrowth(part.growth!, known, season), lengthsCm } : null,
        cut: cut !== undefined && regrowth ? { day: cut, regrowth } : null,
      },
    ];
  });
}

/** The last day of a season on which a part was cut off all through the stand, by whoever did it. */
export function lastCut(
  dossier: Forecastable,
  part: Pick<ProfilePart, 'key'>,
  { season, today }: { readonly season: number; readonly today: DayNumber },
): DayNumber | undefined {
  return dossier.record.cuts.findLast(
    (c) => c.day <= today && (c.part === null || c.part === part.key) && seasonNow(dossier, c.day) === season,
  )?.day;
}

/** Seasons further back say little of a stand as it is now. */
const MOST_SEASONS = 6;
/** A take is of a window that it lies no farther from than this. */
const NEAR_DAYS = 45;
const MOST_KEPT = 20_000;
const kept = new Kept<ReadonlyMap<string, DayNumber | null>>(MOST_KEPT);

/** By how much the edges of a window lie off its stages at this stand, as its takes were like; see `edgeShifts`. */
export function shiftsOf(dossier: Forecastable, w: number, today: DayNumber): WindowShifts {
  const spec = dossier.plant.profile.windows[w]!;
  const takes = dossier.record.takes.filter((t) => t.part === spec.part && t.day <= today);
  const telling = new Set(takes.filter(tellsOfEdges).map((t) => seasonNow(dossier, t.day)));
  const seasons = [...telling].sort((a, b) => b - a).slice(0, MOST_SEASONS);
  return edgeShifts(
    seasons.flatMap((season) => {
      const days = stageDays(dossier, season, today);
      const [opens, closes] = [spec.opens, spec.closes].map((e) => days.get(e.stage) ?? null);
      if (opens == null || closes == null) return [];
      const edges = { opens: opens + spec.opens.offsetDays, closes: closes + spec.closes.offsetDays };
      return takes.flatMap((t) => (seasonNow(dossier, t.day) === season ? wordOf(t, edges) : []));
    }),
  );
}

function wordOf(
  { day, quality, wasteShare }: RecordedTake,
  edges: Pick<QualityWord, 'opens' | 'closes'>,
): readonly QualityWord[] {
  if (day < edges.opens - NEAR_DAYS || day > edges.closes + NEAR_DAYS) return [];
  // Eaten or dirty, it says nothing of age; nor does a take of which nobody said anything.
  if (quality === 'eaten' || quality === 'dirty' || (quality === null && wasteShare === null)) return [];
  // Young stuff is thrown away for another reason than age.
  const said = quality === 'young' ? 'young' : quality === 'tough' || (wasteShare ?? 0) > 0 ? 'tough' : 'good';
  return [{ ...edges, day, said, wasteShare: said === 'young' ? null : wasteShare }];
}

/** Middle days of the stages of a season, kept: they hang on sightings and weather alone. */
function stageDays(dossier: Forecastable, season: number, today: DayNumber): ReadonlyMap<string, DayNumber | null> {
  return kept.get(forecastKey(dossier, season, today), () => {
    const { stages } = forecastSeason(forecastInput(dossier, season, today));
    return new Map(stages.map((s) => [s.key, s.reached.p50]));
  });
}
