import type { Conditions, Duty, HearthView, PartOutlook, RibbonStroke, RibbonView } from '@emberfield/contract';
import { dayNumber, firstOfYear, isoDay, yearOf, type DayNumber, seasonOf } from '@emberfield/core/measure';
import { groundOn } from '@emberfield/core/climate';
import { lookAlikesOn, mixedIn, NEAR_SECTIONS, rulesOn, sectionOf, viewRange } from '@emberfield/core/stand';
import { nearestTide, turnsOn } from '@emberfield/core/tide';
import { urgencyOf } from '@emberfield/core/windows';
import type { Dependencies } from '../../dependencies.ts';
import { AppError } from '../../platform/errors.ts';
import { Pauses } from '../../answers/index.ts';
import { lookedAtDay } from '../../platform/clock.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { daysOfAll, dossiersOf, refOf, type Dossier, type GroupCommons } from '../../stands/index.ts';
import { openFinds } from '../../entries/index.ts';
import { visibleTo } from '../../patches/index.ts';
import { weatherAt, type PlaceWeather } from '../../weather/index.ts';
import { conditionsOn } from './conditions.ts';
import { byDay, dutiesOf, findDuty, isNear, permitsEnding } from './duties.ts';

/** What the day is for. */
export async function viewHearth(deps: Dependencies, { group, query }: GroupContext<null>): Promise<HearthView> {
  const near = nearAsked(query['near']);
  const iso = lookedAtDay(query['day'], group.today, dayNumber);
  const day = dayNumber(iso);
  const { stands, stations, tides, plants } = await dossiersOf(deps, group);
  const weather = await mainWeather(deps, stands, stations);
  const { days, waiting } = await daysOfAll(deps, group.id, stands, day);
  const all = [...days.values()].flatMap((d) => d.outlooks);
  const duties = byDay(
    [
      ...(await openFinds(deps.db, group.id)).flatMap((f) =>
        findDuty({ ...f, patch: visibleTo(group.viewer, f.patch, deps.words) }, iso, plants),
      ),
      ...(await standDuties([...days.keys()], day)),
      ...permitsEnding([...days.keys()], day),
    ],
    iso,
  );
  const shown = near
    ? { outlooks: nearLines(all), duties: duties.filter((d) => isNear(d, iso)).slice(0, MOST_NEAR_DUTIES) }
    : { outlooks: all, duties };
  const named = new Set([...shown.outlooks, ...shown.duties].map((x) => x.standId));
  return {
    day: iso,
    today: group.today,
    conditions: {
      ...conditionsOn(weather, stands[0]?.patch ?? weather?.stations[0]?.station ?? null, day, group.zone),
      tide: tideThere(tides, stands, { day, zone: group.zone }),
      ground: groundThere(stands[0], day),
    },
    standCount: stands.length,
    stands: stands.filter((d) => !near || named.has(d.stand.id)).map((d) => refOf(d, day)),
    counts: countsOf(all),
    waiting,
    ...shown,
    dutyCount: duties.length,
  };
}

/** The tide of the first place that it covers, else of the first stand there is. */
function tideThere(
  tides: GroupCommons['tides'],
  stands: readonly Dossier[],
  { day, zone }: { readonly day: DayNumber; readonly zone: string },
): Conditions['tide'] {
  const spot = (stands.find((s) => s.book.shore) ?? stands[0])?.patch;
  const tide = spot ? nearestTide(tides, spot) : (tides[0] ?? null);
  const turns = tide && turnsOn(tide, day, zone);
  return tide && turns && { name: tide.name, turns };
}

/** With thousands of stands nobody reads on for so long; all lines come when they are asked for. */
const MOST_NEAR_LINES = 120;
const MOST_NEAR_DUTIES = 120;

/** The most urgent lines of every section that a day is for. */
function nearLines(all: readonly PartOutlook[]): readonly PartOutlook[] {
  return NEAR_SECTIONS.flatMap((section) =>
    all
      .filter((o) => sectionOf(o) === section)
      .sort((a, b) => urgencyOf(a.readiness) - urgencyOf(b.readiness))
      .slice(0, MOST_NEAR_LINES)
      .map(brief),
  );
}

function countsOf(all: readonly PartOutlook[]): HearthView['counts'] {
  const counts = { now: 0, lastCall: 0, soon: 0, barred: 0, later: 0, over: 0 };
  for (const outlook of all) counts[sectionOf(outlook)] += 1;
  return counts;
}

/** Of the ceilings the one that binds, and permits, which several stands draw on: the others are asked for with the stand. */
const brief = (outlook: PartOutlook): PartOutlook => ({
  ...outlook,
  allowance: {
    ...outlook.allowance,
    ceilings: outlook.allowance.ceilings.filter((c) => c.binding || c.kind === 'quota'),
  },
});

function nearAsked(text: string | undefined): boolean {
  if (text === undefined || text === '0') return false;
  if (text !== '1') throw new AppError('badInput', { field: 'query.near', reason: 'notOneOf' });
  return true;
}

async function standDuties(stands: readonly Dossier[], day: DayNumber): Promise<readonly Duty[]> {
  const pauses = new Pauses();
  const duties: Duty[] = [];
  for (const dossier of stands) {
    duties.push(...dutiesOf(dossier, day));
    await pauses.pause();
  }
  return duties;
}

/** The ground at the first of the stands; each that is dug says its own. */
function groundThere(dossier: Dossier | undefined, day: DayNumber): Conditions['ground'] {
  const ground = dossier && groundOn(dossier.answers.seasons.frozen(day), [], day);
  if (!ground) return null;
  const { frozen, openFrom, frozenFrom } = ground;
  const iso = (d: DayNumber | null): string | null => (d === null ? null : isoDay(d));
  return { frozen, openFrom: iso(openFrom), frozenFrom: iso(frozenFrom) };
}

/** The station that most stands stand by; without stands, the first there is. */
async function mainWeather(
  deps: Dependencies,
  stands: readonly Dossier[],
  stations: GroupCommons['stations'],
): Promise<PlaceWeather | null> {
  const counts = new Map<string, { readonly weather: PlaceWeather; count: number }>();
  for (const { weather } of stands) {
    if (!weather) continue;
    const same = counts.get(weather.key);
    if (same) same.count++;
    else counts.set(weather.key, { weather, count: 1 });
  }
  const most = [...counts.values()].sort((a, b) => b.count - a.count)[0];
  if (most) return most.weather;
  const [first] = stations.fit;
  return first ? weatherAt(deps, stations, { ...first, stationId: first.id }) : null;
}

const STEP_DAYS = 5;
const MOST_STROKES = 400;

/** The year as a strip: its warmth, and every stand's windows. Held by the year, not by the day looked at. */
export async function viewRibbon(deps: Dependencies, { group, query }: GroupContext<null>): Promise<RibbonView> {
  const day = dayNumber(lookedAtDay(query['day'], group.today, dayNumber));
  const first = firstOfYear(yearOf(day));
  const last = firstOfYear(yearOf(day) + 1) - 1;
  const today = dayNumber(group.today);
  const { stands, stations } = await dossiersOf(deps, group);
  const weather = await mainWeather(deps, stands, stations);
  const strokes: RibbonStroke[] = [];
  const pauses = new Pauses();
  for (const dossier of stands) {
    if (strokes.length >= MOST_STROKES) break;
    await pauses.pause();
    const { profile } = dossier.plant;
    const season = seasonOf(first, profile.seasonStart, dossier.patch.latitudeDeg);
    const lookAlikes = lookAlikesOn(dossier.book, today, rulesOn(dossier.book.rules, today));
    for (const s of new Set([season - 1, season, season + 1]))
      for (const w of dossier.answers.seasons.of(s).windows) {
        const [open, close] = [w.opens.p50, w.closes.p50];
        if (open === null || open > last || (close ?? Infinity) < first) continue;
        const part = profile.parts.find((p) => p.key === w.part)!;
        strokes.push({
          standId: dossier.stand.id,
          label: profile.names,
          part: part.key,
          opens: viewRange(w.opens),
          closes: viewRange(w.closes),
          separable: mixedIn(w, lookAlikes),
          leafy: ['leaf', 'shoot', 'tip', 'root'].includes(part.key),
        });
      }
  }
  const warmthC = Array.from({ length: Math.ceil((last - first + 1) / STEP_DAYS) }, (_, i) => {
    const { minC, maxC } = conditionsOn(weather, null, Math.min(last, first + i * STEP_DAYS + 2), group.zone);
    return minC === null || maxC === null ? null : (minC + maxC) / 2;
  });
  return { firstDay: isoDay(first), lastDay: isoDay(last), warmthC, strokes: strokes.slice(0, MOST_STROKES) };
}
