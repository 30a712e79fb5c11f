import {
  MOST_PAST_YEARS,
  type YearMark,
  type YearRow,
  type YearStand,
  type YearView,
  type YearWindow,
} from '@emberfield/contract';
import { dayNumber, firstOfYear, isoDay, yearOf, type DayNumber, seasonOf } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import { lookedAtDay } from '../../platform/clock.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { mixedIn, viewRange, type LookAlikeStanding } from '@emberfield/core/stand';
import { Pauses } from '../../answers/index.ts';
import { dossiersOf, type Dossier } from '../../stands/index.ts';

/** All windows of all stands over the year of the day looked at, as seen today, with what was noted up to that day. */
export async function viewYear(deps: Dependencies, { group, query }: GroupContext<null>): Promise<YearView> {
  const iso = lookedAtDay(query['day'], group.today, dayNumber);
  const day = dayNumber(iso);
  const past = pastYears(query['past']);
  const { stands } = await dossiersOf(deps, group);
  const reading = { day, past };
  const pauses = new Pauses();
  const shown: YearStand[] = [];
  for (const dossier of stands) {
    shown.push(standOver(dossier, reading));
    await pauses.pause();
  }
  return { year: yearOf(day), day: iso, stands: shown };
}

const OVER_DAYS = 6;

interface Reading {
  readonly day: DayNumber;
  readonly past: number;
}

function standOver(dossier: Dossier, { day, past }: Reading): YearStand {
  const { stand, patch, plant } = dossier;
  const year = yearOf(day);
  const { outlooks, lookAlikes } = dossier.answers.on(day);
  const over = (w: number, of: number): readonly YearWindow[] => windowsOver({ dossier, lookAlikes }, w, of);
  return {
    id: stand.id,
    plantKey: stand.plantKey,
    plantName: plant.profile.names,
    patchId: patch.id,
    patchName: patch.name,
    where: stand.where,
    rows: plant.profile.windows.map((spec, w): YearRow => {
      const { partName, readiness, thorns } = outlooks[w]!;
      return {
        part: spec.part,
        partName,
        use: spec.use,
        readiness,
        thorns,
        windows: over(w, year),
        past: Array.from({ length: past }, (_, k) => ({ year: year - 1 - k, windows: over(w, year - 1 - k) })),
        marks: marksOf(dossier, w, year, day),
      };
    }),
  };
}

interface Looked {
  readonly dossier: Dossier;
  readonly lookAlikes: readonly LookAlikeStanding[];
}
/** Windows of any season that touch a calendar year: a winter window touches two. */
function windowsOver({ dossier, lookAlikes }: Looked, w: number, year: number): readonly YearWindow[] {
  const { plant, patch } = dossier;
  // A week at the turn of the year looks a few days over it.
  const [first, last] = [firstOfYear(year) - OVER_DAYS, firstOfYear(year + 1) - 1 + OVER_DAYS];
  const season = seasonOf(first, plant.profile.seasonStart, patch.latitudeDeg);
  return [season - 1, season, season + 1].flatMap((s) => {
    const { windows, regrown } = dossier.answers.seasons.of(s);
    return [windows[w]!, ...(regrown[w] ? [regrown[w].window] : [])].flatMap((window) => {
      const { opens, closes, again } = window;
      if (opens.p50 === null || opens.p50 > last || (closes.p50 ?? Infinity) < first) return [];
      return [
        {
          opens: viewRange(opens),
          closes: viewRange(closes),
          separable: mixedIn(window, lookAlikes),
          again,
        },
      ];
    });
  });
}

/** What was noted of a part: its takes, and sightings of the stages that its window hangs on; any other at the stand's first. */
function marksOf(
  { plant: { profile }, record }: Dossier,
  w: number,
  year: number,
  until: DayNumber,
): readonly YearMark[] {
  const own = profile.windows[w]!;
  const within = (day: DayNumber): boolean => yearOf(day) === year && day <= until;
  const edges = (v: number): readonly string[] => [profile.windows[v]!.opens.stage, profile.windows[v]!.closes.stage];
  const hangs = (stage: string): boolean =>
    edges(w).includes(stage) || (w === 0 && !profile.windows.some((_, v) => edges(v).includes(stage)));
  const unit = profile.parts.find((p) => p.key === own.part)!.unit;
  const first = profile.windows.findIndex((v) => v.part === own.part);
  return [
    ...record.sightings
      .filter((s) => within(s.day) && hangs(s.stage))
      .flatMap((s): YearMark[] => {
        const stage = profile.stages.find((x) => x.key === s.stage);
        return stage ? [{ kind: s.reached ? 'seen' : 'notYet', day: isoDay(s.day), stageName: stage.name }] : [];
      }),
    // Of a part with several uses the take is shown once.
    ...(first === w ? record.takes : [])
      .filter((t) => t.part === own.part && within(t.day))
      .map((t): YearMark => ({
        kind: 'taken',
        day: isoDay(t.day),
        amount: t.amount,
        unit: t.measure === 'gram' ? 'gram' : unit,
      })),
  ];
}

function pastYears(text: string | undefined): number {
  if (text === undefined) return 0;
  const n = Number(text);
  if (!Number.isInteger(n) || n < 0 || n > MOST_PAST_YEARS)
    throw new AppError('badInput', { field: 'query.past', reason: n > MOST_PAST_YEARS ? 'tooLarge' : 'notWhole' });
  return n;
}
