import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import type { PartKey, YearRow, YearStand, YearView } from '@emberfield/contract';
import { plainLetters } from '@emberfield/words';

/** Parts as people go looking for them. */
export const PART_KINDS = {
  leaves: ['leaf', 'shoot', 'tip', 'rosette', 'stalk', 'wholePlant'],
  flowers: ['bud', 'flower', 'pollen'],
  fruit: ['fruit', 'seed'],
  roots: ['root'],
  fungi: ['fruitBody'],
  wood: ['sap', 'bark', 'fibre'],
} as const satisfies Readonly<Record<string, readonly PartKey[]>>;
export type PartKind = keyof typeof PART_KINDS;

export const kindOf = (part: PartKey): PartKind =>
  (Object.keys(PART_KINDS) as PartKind[]).find((k) => (PART_KINDS[k] as readonly PartKey[]).includes(part))!;

/** One line of the year: a place's name, or a part of a stand. */
export type YearLine =
  | { readonly kind: 'place'; readonly key: string; readonly patchId: string; readonly name: string }
  | {
      readonly kind: 'part';
      readonly key: string;
      readonly stand: YearStand;
      readonly row: YearRow;
      /** The plant's name is said once for its parts. */
      readonly first: boolean;
      readonly namesUse: boolean;
    };
export type PartLine = Extract<YearLine, { kind: 'part' }>;

export interface YearFilter {
  readonly kind: PartKind | null;
  readonly use: string | null;
  readonly text: string;
}

/** The lines of a year: place by place, in the order of their names, and within a place by the first opening. */
export function yearLines(
  { stands }: YearView,
  { kind, use, text }: YearFilter,
  say: (text: YearStand['plantName']) => string,
): readonly YearLine[] {
  const wanted = plainLetters(text.trim());
  const places = new Map<string, PartLine[]>();
  for (const stand of stands) {
    if (wanted && ![say(stand.plantName), stand.patchName].some((n) => plainLetters(n).includes(wanted))) continue;
    const rows = stand.rows.filter((r) => (!kind || kindOf(r.part) === kind) && (!use || r.use === use));
    const lines = rows.map((row, i): PartLine => ({
      kind: 'part',
      key: `${stand.id}:${row.part}:${row.use}`,
      stand,
      row,
      first: i === 0,
      namesUse: stand.rows.filter((r) => r.part === row.part).length > 1,
    }));
    if (lines.length) places.set(stand.patchId, [...(places.get(stand.patchId) ?? []), ...lines]);
  }
  return [...places]
    .map(([patchId, lines]) => ({ patchId, name: lines[0]!.stand.patchName, lines }))
    .sort((a, b) => a.name.localeCompare(b.name))
    .flatMap(({ patchId, name, lines }) => [{ kind: 'place' as const, key: patchId, patchId, name }, ...lines]);
}

/** The lines that have something between two days, each with its place; lines without any are only in the way on a small screen. */
export function linesWithin(
  lines: readonly YearLine[],
  { first, last }: { readonly first: DayNumber; readonly last: DayNumber },
): readonly YearLine[] {
  const touches = ({ row }: PartLine): boolean =>
    row.windows.some(({ opens, closes }) => {
      const from = opens.p10 ?? opens.p50;
      const to = closes.p90 ?? closes.p50;
      return from !== null && dayNumber(from) <= last && (to === null || dayNumber(to) >= first);
    });
  const kept = lines.filter((l) => l.kind === 'place' || touches(l));
  return kept.filter((l, i) => l.kind === 'part' || kept[i + 1]?.kind === 'part');
}

/** Uses that occur, for the choice. */
export const usesOf = ({ stands }: YearView): readonly string[] =>
  [...new Set(stands.flatMap((s) => s.rows.map((r) => r.use)))].sort();
