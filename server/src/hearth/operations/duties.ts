import { CONTAMINATING, type Duty, type FindBody } from '@emberfield/contract';
import { isPoison } from '@emberfield/core/identity';
import type { openFinds } from '../../entries/index.ts';
import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import {
  canShut,
  cohortsOn,
  lookAgainOn,
  showsNext,
  showsOn,
  stillAwaited,
  toLookFor,
  viewRange,
} from '@emberfield/core/stand';
import type { Dossier, GroupCommons } from '../../stands/index.ts';

/** Of one day, what waits for somebody or could make somebody ill comes before what can wait. */
const WEIGHT: readonly Duty['kind'][] = [
  'awaited',
  'settleFind',
  'settleIdentity',
  'secondPerson',
  'searchLookAlike',
  'checkPlanting',
  'leaveEnds',
  'permitEnds',
  'countStand',
];
/** Nobody plans a look at a plant further ahead. */
const NEAR_DAYS = 42;

/** The day it falls due; `null` for what can be done on any. */
function dueOn(duty: Duty, today: string): string | null {
  switch (duty.kind) {
    case 'awaited':
    case 'checkPlanting':
      return duty.due;
    case 'leaveEnds':
    case 'permitEnds':
      return duty.until;
    case 'settleIdentity':
      return duty.lookAgain?.p50 ?? today;
    case 'searchLookAlike':
      return duty.showsNow ? today : duty.showsNext;
    case 'settleFind':
    case 'secondPerson':
      return today;
    case 'countStand':
      return null;
  }
}

/** In the order of their days; what has none stands at the end. */
export function byDay(duties: readonly Duty[], today: string): readonly Duty[] {
  const key = (d: Duty): string => dueOn(d, today) ?? '9999-12-31';
  return [...duties].sort((a, b) => key(a).localeCompare(key(b)) || WEIGHT.indexOf(a.kind) - WEIGHT.indexOf(b.kind));
}

export function isNear(duty: Duty, today: string): boolean {
  const due = dueOn(duty, today);
  return due === null || dayNumber(due) - dayNumber(today) <= NEAR_DAYS;
}

const COUNT_EVERY_DAYS = 400;
/** Somebody has to be asked, and may take a while. */
const ASK_AGAIN_DAYS = 60;

/** What a stand asks for besides taking: a result that is due, a second look, a search, a count, a new leave. */
export function dutiesOf(dossier: Dossier, day: DayNumber): readonly Duty[] {
  const { stand, patch, record } = dossier;
  // Nothing is taken there: nobody is sent to count or to look.
  if (patch.facts.hazards.some((h) => CONTAMINATING.includes(h))) return [];
  const duties: Duty[] = [];
  const { status: identity, secondNeeded } = dossier.answers.on(day).identity;
  for (const { sign, due } of stillAwaited(record, day))
    duties.push({ kind: 'awaited', standId: stand.id, sign, due: isoDay(due) });
  if (secondNeeded) duties.push({ kind: 'secondPerson', standId: stand.id });
  else if (identity !== 'confirmed') duties.push(settle(dossier, day));
  else duties.push(...searches(dossier, day));
  const lastCount = record.counts.findLast((c) => c.day <= day)?.day ?? null;
  // Of what is only watched nothing is taken: how many there are changes nothing.
  const taken = dossier.plant.profile.windows.length > 0;
  if (taken && identity !== 'unconfirmed' && (lastCount === null || day - lastCount > COUNT_EVERY_DAYS))
    duties.push({ kind: 'countStand', standId: stand.id, lastCount: lastCount === null ? null : isoDay(lastCount) });
  duties.push(...plantingsToCheck(dossier, day));
  const { leave, leaveUntil } = patch.facts;
  if (
    leave === 'given' &&
    leaveUntil !== null &&
    dayNumber(leaveUntil) >= day &&
    dayNumber(leaveUntil) - day <= ASK_AGAIN_DAYS
  )
    duties.push({ kind: 'leaveEnds', standId: stand.id, until: leaveUntil });
  return duties;
}

/** Permits that run out soon and that no other of the same part goes on after: each once, at the first of its stands. */
export function permitsEnding(dossiers: readonly Dossier[], day: DayNumber): readonly Duty[] {
  const asked = new Map<string, Duty>();
  for (const { stand, book } of dossiers) {
    const permits = book.permits.filter((p) => p.kind === 'permit');
    for (const { id, name, part, from, until } of permits) {
      const left = dayNumber(until) - day;
      const goesOn = (q: (typeof permits)[number]): boolean =>
        q.part === part && q.until > until && dayNumber(q.from) <= dayNumber(until) + 1;
      if (asked.has(id) || dayNumber(from) > day || left < 0 || left > ASK_AGAIN_DAYS || permits.some(goesOn)) continue;
      asked.set(id, { kind: 'permitEnds', standId: stand.id, permitId: id, name, until });
    }
  }
  return [...asked.values()];
}

/** Deadly look-alikes to look for while they show, where an early stage of a settled stand waits for it. */
function searches({ stand, plant, book, answers }: Dossier, day: DayNumber): readonly Duty[] {
  const wanted = toLookFor(answers.on(day).lookAlikes).filter((l) => canShut(plant.profile, l.lookAlike));
  return wanted.map(({ lookAlike, plant: its, search }) => {
    const next = its && showsNext(its, book.place, day);
    return {
      kind: 'searchLookAlike',
      standId: stand.id,
      name: lookAlike.name,
      last: 'since' in search ? isoDay(search.since) : null,
      showsNow: its === null || showsOn(its, book.place, day),
      showsNext: next === null ? null : isoDay(next),
    };
  });
}

/** What was put in and is to be looked at, with what waits for long already. */
const plantingsToCheck = ({ stand, book }: Dossier, day: DayNumber): readonly Duty[] =>
  cohortsOn(book, day).flatMap((c) =>
    c.due === null
      ? []
      : [
          {
            kind: 'checkPlanting',
            standId: stand.id,
            plantingId: c.id,
            way: c.way,
            number: c.number,
            planted: isoDay(c.day),
            due: isoDay(c.due),
          },
        ],
  );

function settle({ stand, plant: { profile }, book, answers }: Dossier, day: DayNumber): Duty {
  const next = lookAgainOn(book, answers.seasons, day);
  return {
    kind: 'settleIdentity',
    standId: stand.id,
    lookAgainStage: next?.stage.name ?? null,
    lookAgain: next ? viewRange(next.reached) : null,
    notRuledOut: profile.lookAlikes.filter((l) => isPoison(l.severity)).map((l) => l.name),
  };
}

/** A find that nobody has put on the year yet, from its day on. */
export function findDuty(
  { patch, day, body }: Awaited<ReturnType<typeof openFinds>>[number],
  on: string,
  plants: GroupCommons['plants'],
): readonly Duty[] {
  if (day > on) return [];
  const { mayBe, unlisted } = body as FindBody;
  const known = mayBe.flatMap((key) => plants.get(key) ?? []);
  return [
    {
      kind: 'settleFind',
      standId: null,
      patchId: patch.id,
      patchName: patch.name,
      day,
      mayBe: [...known.map((p) => p.profile.names), ...(unlisted ? [{ en: unlisted }] : [])],
      plantKeys: known.map((p) => p.profile.key),
    },
  ];
}
