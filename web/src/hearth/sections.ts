import { DAY_SECTIONS, sectionOf, type DaySection } from '@emberfield/core/stand';
import { urgencyOf } from '@emberfield/core/windows';
import type { Duty, HearthView, PartOutlook, StandRef } from '@emberfield/contract';

export interface HearthRow {
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

/** Rows by section: what closes soonest first, then what opens soonest. */
export function rowsBySection(hearth: HearthView, part: string | null): ReadonlyMap<DaySection, readonly HearthRow[]> {
  const stands = new Map(hearth.stands.map((s) => [s.id, s]));
  const rows = hearth.outlooks.flatMap((outlook): HearthRow[] => {
    const stand = stands.get(outlook.standId);
    return stand && (part === null || outlook.part === part)
      ? [{ key: `${outlook.standId}:${outlook.part}:${outlook.use}`, stand, outlook }]
      : [];
  });
  return new Map(
    DAY_SECTIONS.map((section) => [
      section,
      rows
        .filter((r) => sectionOf(r.outlook) === section)
        .sort((a, b) => urgencyOf(a.outlook.readiness) - urgencyOf(b.outlook.readiness)),
    ]),
  );
}

/** So many lines of a section are drawn at once; with thousands of stands the others come on demand. */
export const MOST_LINES = 60;

export interface SectionRows {
  readonly section: DaySection;
  readonly rows: readonly HearthRow[];
  /** Rows that are not shown yet. */
  readonly more: number;
}

/** The sections that have something, each with as many rows as are shown. `counts`: lines there are, known or not. */
export function sectionRows(
  bySection: ReadonlyMap<DaySection, readonly HearthRow[]>,
  {
    sections,
    opened,
    counts,
  }: {
    readonly sections: readonly DaySection[];
    readonly opened: readonly DaySection[];
    readonly counts?: HearthView['counts'];
  },
): readonly SectionRows[] {
  return sections.flatMap((section): SectionRows[] => {
    const all = bySection.get(section) ?? [];
    if (all.length === 0) return [];
    const rows = opened.includes(section) ? all : all.slice(0, MOST_LINES);
    return [{ section, rows, more: Math.max(all.length, counts?.[section] ?? 0) - rows.length }];
  });
}

/** What the Hearth is made of, line after line. */
export type HearthItem =
  | { readonly kind: 'head'; readonly key: string; readonly section: DaySection }
  | { readonly kind: 'line'; readonly key: string; readonly row: HearthRow }
  | { readonly kind: 'more'; readonly key: string; readonly section: DaySection; readonly more: number };

export const hearthItems = (groups: readonly SectionRows[]): readonly HearthItem[] =>
  groups.flatMap(({ section, rows, more }): HearthItem[] => [
    { kind: 'head', key: `head:${section}`, section },
    ...rows.map((row): HearthItem => ({ kind: 'line', key: row.key, row })),
    ...(more > 0 ? [{ kind: 'more' as const, key: `more:${section}`, section, more }] : []),
  ]);

/** Duties in the order in which they came: by the day they fall due. */
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
  if (duty.kind === 'permitEnds') return duty.permitId;
  return duty.kind === 'awaited' ? duty.sign : '';
}
