import { urgencyOf } from '@emberfield/core/windows';
import type { Duty, HearthView, PartOutlook, StandRef } from '@emberfield/contract';
import { HEATS, type Heat } from '../stands/heats.ts';

/** Shown at once; the others on demand. */
export const NEAR_HEATS: readonly Heat[] = ['glowing', 'fading', 'kindling', 'banked'];

export interface HeatRow {
  readonly key: string;
  readonly stand: StandRef;
  readonly outlook: PartOutlook;
}
export interface DutyRow {
  readonly key: string;
  /** `null` for a find at a place where no stand is entered yet. */
  readonly stand: StandRef | null;
  readonly duty: Duty;
}

/** Rows by heat: what closes soonest first, then what opens soonest. */
export function rowsByHeat(hearth: HearthView, part: string | null): ReadonlyMap<Heat, readonly HeatRow[]> {
  const stands = new Map(hearth.stands.map((s) => [s.id, s]));
  const rows = hearth.outlooks.flatMap((outlook): HeatRow[] => {
    const stand = stands.get(outlook.standId);
    return stand && (part === null || outlook.part === part)
      ? [{ key: `${outlook.standId}:${outlook.part}:${outlook.use}`, stand, outlook }]
      : [];
  });
  return new Map(
    HEATS.map((heat) => [
      heat,
      rows.filter((r) => r.outlook.readiness.state === heat).sort((a, b) => urgency(a) - urgency(b)),
    ]),
  );
}

/** So many lines of a heat are drawn at once; with thousands of stands the others come on demand. */
export const MOST_LINES = 60;

export interface HeatGroup {
  readonly heat: Heat;
  readonly rows: readonly HeatRow[];
  /** Rows that are not shown yet. */
  readonly more: number;
}

/** The heats that have something, each with as many rows as are shown. `counts`: lines there are, known or not. */
export function heatGroups(
  byHeat: ReadonlyMap<Heat, readonly HeatRow[]>,
  {
    heats,
    opened,
    counts,
  }: { readonly heats: readonly Heat[]; readonly opened: readonly Heat[]; readonly counts?: HearthView['counts'] },
): readonly HeatGroup[] {
  return heats.flatMap((heat): HeatGroup[] => {
    const all = byHeat.get(heat) ?? [];
    if (all.length === 0) return [];
    const rows = opened.includes(heat) ? all : all.slice(0, MOST_LINES);
    return [{ heat, rows, more: Math.max(all.length, counts?.[heat] ?? 0) - rows.length }];
  });
}

/** What the Hearth is made of, line after line. */
export type HearthItem =
  | { readonly kind: 'head'; readonly key: string; readonly heat: Heat }
  | { readonly kind: 'line'; readonly key: string; readonly row: HeatRow }
  | { readonly kind: 'more'; readonly key: string; readonly heat: Heat; readonly more: number };

export const hearthItems = (groups: readonly HeatGroup[]): readonly HearthItem[] =>
  groups.flatMap(({ heat, rows, more }): HearthItem[] => [
    { kind: 'head', key: `head:${heat}`, heat },
    ...rows.map((row): HearthItem => ({ kind: 'line', key: row.key, row })),
    ...(more > 0 ? [{ kind: 'more' as const, key: `more:${heat}`, heat, more }] : []),
  ]);

const urgency = ({ outlook: { readiness, allowance } }: HeatRow): number =>
  urgencyOf(readiness, allowance.kind === 'none');

/** Duties in the order in which they came: what weighs most is first. */
export function dutyRows(hearth: HearthView): readonly DutyRow[] {
  const stands = new Map(hearth.stands.map((s) => [s.id, s]));
  return hearth.duties.flatMap((duty): DutyRow[] => {
    if (duty.kind === 'settleFind') return [{ key: `find:${duty.patchId}:${duty.day}`, stand: null, duty }];
    const stand = stands.get(duty.standId);
    return stand ? [{ key: `${duty.kind}:${duty.standId}:${aboutOf(duty)}`, stand, duty }] : [];
  });
}

export const partsOf = (hearth: HearthView): readonly string[] =>
  [...new Set(hearth.outlooks.map((o) => o.part))].sort();

/** What tells two duties of one kind at one stand apart. */
function aboutOf(duty: Duty): string {
  if (duty.kind === 'searchLookAlike') return duty.name['en'] ?? '';
  return duty.kind === 'awaited' ? duty.sign : '';
}
