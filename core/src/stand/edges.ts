// What a stand's windows stand on beside the dates of its stages.
import { fitGrowth } from '../growth/index.ts';
import { measuredAt } from '../learning/index.ts';
import type { DayNumber } from '../measure/index.ts';
import type { PartKey, ProfilePart } from '../plants/index.ts';
import { forecastSeason, type PartGrowth } from '../stages/index.ts';
import { edgeShifts, type QualityWord, type WindowShifts } from '../windows/index.ts';
import { seasonNow, type SeasonBook } from './book.ts';
import { tellsOfEdges, type RecordedTake } from './record.ts';
import { forecastInput, seenStand } from './season-input.ts';
import { wishFor } from './wish.ts';

/** What a stand's windows stand on beside the dates of its stages: what was measured, and what was cut this season. */
export function partsOf(book: SeasonBook, season: number): readonly PartGrowth[] {
  const { record, today } = book;
  const { parts, windows } = book.profile;
  return parts.flatMap((part): PartGrowth[] => {
    const own = windows.filter((w) => w.part === part.key);
    const regrowth = own.find((w) => w.regrowth)?.regrowth;
    const cut = regrowth && lastCut(book, part, season);
    const wish = wishFor(record, part.key, today);
    const ofWindows = own.flatMap((w) => [w.opens.lengthCm, w.closes.lengthCm]).filter((l) => l !== undefined);
    const measured = record.measured.filter((m) => m.part === part.key);
    const known =
      part.growth && (wish || ofWindows.length > 0)
        ? measuredAt(seenStand(book).place, part.growth, measured, today)
        : [];
    // The lengths of a profile count where somebody measures; those of one's own in any case.
    const lengthsCm = [
      ...(known.length > 0 ? ofWindows : []),
      ...[wish?.fromCm, wish?.toCm].filter((cm) => cm !== undefined && cm !== null),
    ];
    const { growth } = part;
    if ((!growth || lengthsCm.length === 0) && cut === undefined) return [];
    return [
      {
        part: part.key,
        measured:
          growth && lengthsCm.length > 0 ? { spec: growth, fit: fitGrowth(growth, known, season), lengthsCm } : null,
        cut: cut !== undefined && regrowth ? { day: cut, regrowth } : null,
      },
    ];
  });
}

/** The last day of a season on which a part was cut off all through the stand, by whoever did it. */
export function lastCut(book: SeasonBook, part: Pick<ProfilePart, 'key'>, season: number): DayNumber | undefined {
  return book.record.cuts.findLast(
    (c) => c.day <= book.today && (c.part === null || c.part === part.key) && seasonNow(book, c.day) === season,
  )?.day;
}

/** Seasons further back say little of a stand as it is now. */
const MOST_SEASONS = 6;
/** A take is of a window that it lies no farther from than this. */
const NEAR_DAYS = 45;
/** By how much the edges of a window lie off its stages at this stand, as its takes were like; see `edgeShifts`. */
export const shiftsOf = (book: SeasonBook, w: number, stageDays: StageDays): WindowShifts =>
  book.learned.shifts?.[w] ?? edgeShifts(wordsOf(book, w, stageDays));

/** What the takes of the last seasons in which any of them tells of the edges of a window say of it, oldest first. */
function wordsOf(book: SeasonBook, w: number, stageDays: StageDays): readonly QualityWord[] {
  const spec = book.profile.windows[w]!;
  const takes = book.record.takes.filter((t) => t.part === spec.part && t.day <= book.today);
  const telling = new Set(takes.filter(tellsOfEdges).map((t) => seasonNow(book, t.day)));
  const seasons = [...telling].sort((a, b) => a - b).slice(-MOST_SEASONS);
  return seasons.flatMap((season) => {
    const days = stageDays(season);
    const [opens, closes] = [spec.opens, spec.closes].map((e) => days.get(e.stage) ?? null);
    if (opens == null || closes == null) return [];
    const edges = { opens: opens + spec.opens.offsetDays, closes: closes + spec.closes.offsetDays };
    return takes.flatMap((t) => (seasonNow(book, t.day) === season ? wordOf(t, edges) : []));
  });
}

function wordOf(take: RecordedTake, edges: Pick<QualityWord, 'opens' | 'closes'>): readonly QualityWord[] {
  const { day, wasteShare } = take;
  if (day < edges.opens - NEAR_DAYS || day > edges.closes + NEAR_DAYS) return [];
  const said = saidOf(take);
  return said === null ? [] : [{ ...edges, day, said, wasteShare: said === 'young' ? null : wasteShare }];
}

/** What a take says of the age of the part; `null` where it says nothing. */
function saidOf({ quality, wasteShare }: RecordedTake): QualityWord['said'] | null {
  // Eaten or dirty, it says nothing of age; nor does a take of which nobody said anything.
  if (quality === 'eaten' || quality === 'dirty' || (quality === null && wasteShare === null)) return null;
  // Young stuff is thrown away for another reason than age.
  if (quality === 'young') return 'young';
  return quality === 'tough' || (wasteShare ?? 0) > 0 ? 'tough' : 'good';
}

/** An edge of a window that what takes were like has moved, by whole days, with the newest word that moved it so. */
export interface MovedEdge {
  readonly part: PartKey;
  readonly use: string;
  readonly edge: 'opens' | 'closes';
  /** Later than its stages say; below 0 earlier. */
  readonly days: number;
  readonly said: QualityWord['said'];
  readonly day: DayNumber;
}
/** Words that move an edge earlier and later. */
const MOVING = {
  opens: { earlier: ['good', 'tough'], later: ['young'] },
  closes: { earlier: ['tough'], later: ['good', 'young'] },
} as const;

/** Which windows of a stand open or close earlier or later than their stages say, because of what its takes were like. */
export function movedEdges(book: SeasonBook, stageDays: StageDays = stageDaysOf(book)): readonly MovedEdge[] {
  return book.profile.windows.flatMap(({ part, use }, w) => {
    const words = wordsOf(book, w, stageDays);
    const shifts = edgeShifts(words);
    return (['opens', 'closes'] as const).flatMap((edge): readonly MovedEdge[] => {
      const days = Math.round(shifts[edge].meanDays);
      const moving: readonly string[] = MOVING[edge][days < 0 ? 'earlier' : 'later'];
      const word = words.findLast(({ said }) => moving.includes(said));
      return days === 0 || !word ? [] : [{ part, use, edge, days, said: word.said, day: word.day }];
    });
  });
}

/** Middle days of the stages of a season, by stage. */
export type StageDays = (season: number) => ReadonlyMap<string, DayNumber | null>;
export const stageDaysOf =
  (book: SeasonBook): StageDays =>
  (season) =>
    new Map(forecastSeason(forecastInput(book, season)).stages.map((s) => [s.key, s.reached.p50]));
