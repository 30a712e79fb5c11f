import type { LedgerLine, LedgerStand, LedgerView, SuggestionView } from '@emberfield/contract';
import {
  shrinkProbability,
  suggest,
  sumOf,
  type LedgerTake,
  type SeasonSum,
  type SuggestLine,
  type SuggestStand,
} from '@emberfield/core/ledger';
import { dayNumber, isoDay, seasonOf, yearOf, type DayNumber } from '@emberfield/core/measure';
import type { ProfilePart } from '@emberfield/core/plants';
import { growthOf } from '@emberfield/core/population';
import { allowanceOn, inUnit, movedEdges, viewAllowance, viewRange, type AllowanceView } from '@emberfield/core/stand';
import type { WindowForecast } from '@emberfield/core/windows';
import { Pauses } from '../../answers/index.ts';
import type { Dependencies } from '../../dependencies.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersEver, type Dossier } from '../../stands/index.ts';

const MOST_SEASONS_BACK = 60;
const DAYS_PER_YEAR = 365.25;

/** A season of the group looked back on: what was taken of what was allowed, by whom, at what cost; how the stands do; and what that suggests. */
export async function viewLedger(deps: Dependencies, { group, query }: GroupContext<null>): Promise<LedgerView> {
  const today = dayNumber(group.today);
  const { stands: dossiers } = await dossiersEver(deps, group);
  const seasons = seasonsWith(dossiers, yearOf(today));
  const season = askedSeason(query['season'], today, seasons);
  const pauses = new Pauses();
  const read: StandRead[] = [];
  for (const dossier of dossiers) {
    read.push(readStand(dossier, season, today));
    await pauses.pause();
  }
  // What a season suggests is for the one after it: of those before the last nobody asks any more.
  const suggestions =
    season < yearOf(today) - 1
      ? []
      : suggest(
          read.flatMap((r) => (hasEnded(r.dossier) ? [] : [suggestStand(r, season)])),
          read.flatMap((r) => r.lines.map((l) => l.asked)),
          today,
        ).map(travelling);
  const named = new Set(suggestions.map((s) => s.standId));
  const told = read.filter((r) => r.lines.length + r.shown.plantings.length > 0 || named.has(r.shown.id));
  return {
    season,
    seasons,
    lines: told.flatMap((r) => r.lines.map((l) => l.line)),
    stands: told.map((r) => r.shown),
    suggestions,
  };
}

/** Before this month one looks back on the year before. */
const JULY = 7;
function askedSeason(asked: string | undefined, today: DayNumber, seasons: readonly number[]): number {
  const present = yearOf(today);
  if (asked === undefined) {
    const early = Number(isoDay(today).slice(5, 7)) < JULY;
    return early && seasons.includes(present - 1) ? present - 1 : present;
  }
  const season = Number(asked);
  if (!Number.isInteger(season) || season > present || season < present - MOST_SEASONS_BACK)
    throw new AppError('badInput', { field: 'query.season', reason: 'notOneOf' });
  return season;
}

const travelling = (s: ReturnType<typeof suggest>[number]): SuggestionView =>
  s.kind === 'count' ? { ...s, lastCount: s.lastCount === null ? null : isoDay(s.lastCount) } : s;

/** No longer gone to, by itself or with its place. */
const hasEnded = ({ stand, patch }: Dossier): boolean => stand.retiredOn !== null || patch.retiredOn !== null;

const seasonAt = ({ plant, patch }: Dossier, day: DayNumber): number =>
  seasonOf(day, plant.profile.seasonStart, patch.latitudeDeg);

function seasonsWith(dossiers: readonly Dossier[], present: number): readonly number[] {
  const all = new Set([present]);
  for (const d of dossiers) for (const { day } of d.record.takes) all.add(seasonAt(d, day));
  return [...all].filter((s) => s <= present && s >= present - MOST_SEASONS_BACK).sort((a, b) => b - a);
}

interface StandRead {
  readonly dossier: Dossier;
  readonly shown: LedgerStand;
  readonly lines: readonly { readonly line: LedgerLine; readonly asked: SuggestLine; readonly said: AllowanceView }[];
}

function readStand(dossier: Dossier, season: number, today: DayNumber): StandRead {
  const { plant, record } = dossier;
  const ofSeason = record.takes.filter((t) => t.day <= today && seasonAt(dossier, t.day) === season);
  const takenOf = (part: ProfilePart): readonly LedgerTake[] =>
    ofSeason
      .filter((t) => t.part === part.key)
      .map((t) => ({
        ...{ by: t.by, byId: t.byId, amount: inUnit(t, part), minutes: t.minutes },
        ...{ wasteShare: t.wasteShare, quality: t.quality },
      }));
  const { windows } = dossier.answers.seasons.of(season);
  const lines = plant.profile.parts.flatMap((part) => {
    const own = windows.filter((w) => w.part === part.key && w.opens.p50 !== null);
    return readPart(dossier, { part, own, takes: takenOf(part), today });
  });
  return { dossier, lines, shown: standShown(dossier, season) };
}

function readPart(
  dossier: Dossier,
  asked: {
    readonly part: ProfilePart;
    readonly own: readonly WindowForecast[];
    readonly takes: readonly LedgerTake[];
    readonly today: DayNumber;
  },
): StandRead['lines'] {
  const { part, own, takes, today } = asked;
  const [first] = own;
  if (!first) return [];
  const opens = Math.min(...own.map((w) => w.opens.p50!));
  const closes = Math.max(...own.map((w) => w.closes.p50 ?? Infinity));
  const { stand, book, answers, plant } = dossier;
  // What has not opened yet is not looked back on, nor a window of a stand that is gone to no more.
  if (takes.length === 0 && (opens > today || hasEnded(dossier))) return [];
  const on = (day: DayNumber): AllowanceView =>
    viewAllowance(allowanceOn(book, answers.seasons, part, { window: first, day, takesUpTo: today }), part);
  // At its end, when all is counted; there the ground may be frozen, or look-alikes not to be told apart: then in its middle.
  const atEnd = on(Math.min(closes, today));
  const said =
    atEnd.kind === 'none' ? on(Math.min(today, Math.round(closes === Infinity ? opens : (opens + closes) / 2))) : atEnd;
  const sum = sumOf(takes);
  const allowed = said.kind === 'counted' ? said.amount : null;
  const caps = said.ceilings.flatMap((c) =>
    c.source === 'houseRule' && c.kind === 'perPlantCap' ? [c.perPlant!] : [],
  );
  const shares = said.ceilings.flatMap((c) => (c.shareOfPlants === null ? [] : [c.shareOfPlants]));
  return [
    {
      said,
      line: {
        ...{ standId: stand.id, part: part.key, partName: part.name, unit: part.unit },
        ...sum,
        ...{ opens: viewRange(first.opens), closes: viewRange(first.closes) },
        state: opens > today ? 'ahead' : closes < today ? 'over' : 'open',
        ...{ kind: said.kind, allowed },
        held: said.ceilings.find((c) => c.binding) ?? null,
      },
      asked: {
        ...{ standId: stand.id, what: `${plant.profile.key}:${part.key}`, part: part.key, sum },
        allowed,
        share: shares.length > 0 ? Math.min(...shares) : null,
        cap: caps.length > 0 ? Math.min(...caps) : null,
        closesEarlier: closesEarlier(dossier, part, sum),
      },
    },
  ];
}

/** By how many days what its takes were like has moved the closing; only where a take of the season was said to be past is it asked. */
function closesEarlier({ book }: Dossier, part: ProfilePart, { qualities, wasteShare }: SeasonSum): number {
  if (!qualities.tough && !wasteShare) return 0;
  const moved = movedEdges(book).filter((m) => m.part === part.key && m.edge === 'closes');
  return Math.max(0, ...moved.map((m) => -m.days));
}

function standShown({ stand, patch, plant, record }: Dossier, season: number): LedgerStand {
  const growth = growthIn(record);
  const last = record.counts.at(-1);
  return {
    ...{ id: stand.id, plantKey: plant.profile.key, plantName: plant.profile.names },
    ...{ patchId: patch.id, patchName: patch.name, where: stand.where, secret: patch.secret },
    counts: record.counts.length,
    lastCount: last ? isoDay(last.day) : null,
    plants: last ? Math.round(last.plants.value) : null,
    aYear: growth && Math.expm1(growth.meanLog),
    shrinks: growth && shrinkProbability(growth),
    plantings: record.plantings.flatMap(({ id, day, way, number }) => {
      const looks = record.plantingChecks.filter((c) => c.plantingId === id);
      const within = [day, ...looks.map((l) => l.day)].some((d) => yearOf(d) === season);
      return within ? [{ id, day: isoDay(day), way, number, alive: looks.at(-1)?.alive ?? null }] : [];
    }),
  };
}

const growthIn = ({ counts }: Dossier['record']) =>
  growthOf(counts.map((c) => ({ years: c.day / DAYS_PER_YEAR, ...c.plants })));

/** Rules by which less is taken. */
const SPARES: readonly string[] = ['fixedShare', 'plan', 'perPlantCap'];

function suggestStand({ dossier, lines }: StandRead, season: number): SuggestStand {
  const { stand, record } = dossier;
  return {
    standId: stand.id,
    growth: growthIn(record),
    timesCounted: record.counts.length,
    lastCount: record.counts.at(-1)?.day ?? null,
    rests: stand.restUntil !== null && yearOf(dayNumber(stand.restUntil)) > season,
    hasShare: dossier.book.rules.some(
      ({ rule, since, until }) => SPARES.includes(rule.kind) && until === null && since >= `${season}-01-01`,
    ),
    invades: lines.some((l) => l.said.kind === 'all'),
  };
}
