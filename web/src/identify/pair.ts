import { SIGNS, type IdentityRow, type Text } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { isDangerous, isDecisive, separableFrom, separatorsIn, SEPARATES, type Phase } from '@emberfield/core/identity';
import type { Candidate } from './field-left.ts';

interface PairRow {
  readonly sign: string;
  /** It tells the two apart, so often that it decides. */
  readonly decides: boolean;
  /** By itself, looked at twice: the other never shows it. */
  readonly alone: boolean;
  readonly mine: readonly string[];
  readonly theirs: readonly string[];
}
export interface Pair {
  readonly mine: IdentityRow;
  readonly theirs: IdentityRow;
  readonly separatedBy: Text | null;
  readonly rows: readonly PairRow[];
  /** The stage of each four weeks on. */
  readonly later: { readonly day: string; readonly mine: Text | null; readonly theirs: Text | null };
  /** No sign decides now: from about this day one does. `null` when one decides already, or none ever does. */
  readonly waitUntil: { readonly day: string; readonly sign: string } | null;
  readonly never: boolean;
}

const MOST_ROWS = 6;
const WEEKS_ON_DAYS = 28;
/** States shown less often than this are left out of a cell: it says what one will mostly see. */
const WORTH_SAYING = 0.2;

/** What stands beside the plant that is looked for: its worst look-alike that is still possible, else the likeliest other. */
export function rivalOf(wanted: IdentityRow, remaining: readonly Candidate[]): Candidate | null {
  const others = remaining
    .filter((c) => c.key !== wanted.key)
    .sort((a, b) => Number(a.row.elsewhere) - Number(b.row.elsewhere));
  const named = others.filter((c) => isDangerous(c.severity) && wanted.lookAlikes.some((l) => l.plantKey === c.key));
  const deadly = named.find((c) => c.severity === 'deadly');
  return deadly ?? named[0] ?? others.find((c) => isDangerous(c.severity)) ?? others[0] ?? null;
}

/**
 * The phase a plant is likely in on a day, by its stages at the place; in leaf where nothing is dated. Of a fungus only its
 * fruit bodies can be looked at, whenever they come.
 */
export function phaseOn({ habit, stages }: IdentityRow, day: string): Phase {
  if (habit === 'fungus') return 'flower';
  return stages.findLast((s) => s.day <= day)?.phase ?? 'leaf';
}

export function pairOf(
  mine: IdentityRow,
  theirs: IdentityRow,
  { phase, day }: { readonly phase: Phase | null; readonly day: string },
): Pair {
  const now = phase ?? phaseOn(mine, day);
  const rows = separatorsIn(mine, theirs, SIGNS, now)
    .slice(0, MOST_ROWS)
    .map(({ sign, separation }) => ({
      sign,
      decides: separation >= SEPARATES,
      alone: isDecisive(mine, theirs, sign),
      mine: statesOf(mine, sign, now),
      theirs: statesOf(theirs, sign, null),
    }));
  const later = isoDay(dayNumber(day) + WEEKS_ON_DAYS);
  const decided = rows.some((r) => r.decides);
  const phases = mine.stages.map((s) => ({ phase: s.phase, day: dayNumber(s.day) }));
  const from = decided ? null : separableFrom(mine, theirs, SIGNS, { phases, today: dayNumber(day) + 1 });
  return {
    mine,
    theirs,
    separatedBy: mine.lookAlikes.find((l) => l.plantKey === theirs.key)?.separatedBy ?? null,
    rows,
    later: { day: later, mine: stageOn(mine, later), theirs: stageOn(theirs, later) },
    waitUntil: from && { day: isoDay(from.day), sign: from.sign },
    never: !decided && from === null,
  };
}

const stageOn = ({ stages }: IdentityRow, day: string): Text | null =>
  stages.findLast((s) => s.day <= day)?.name ?? null;

function statesOf({ shows }: IdentityRow, sign: string, phase: Phase | null): readonly string[] {
  const spec = SIGNS.find((s) => s.key === sign)!;
  const told = shows.filter((x) => x.sign === sign && (phase === null || (x.when ?? spec.when).includes(phase)));
  const best = new Map<string, number>();
  for (const { states } of told)
    for (const [state, f] of Object.entries(states)) best.set(state, Math.max(best.get(state) ?? 0, f));
  return [...best]
    .filter(([, f]) => f >= WORTH_SAYING)
    .sort((a, b) => b[1] - a[1])
    .map(([state]) => state);
}
