import type { Phase } from '@emberfield/core/identity';
import { GATHERED, TWINS } from './field-tables.ts';
import { GATHERED_OF_AMERICA, TWINS_OF_AMERICA } from './field-tables-of-america.ts';

/** What a specimen shows of a sign as the first thing that one would say of it; `null`: none of its states, or not there to be seen. */
export type Specimen = Readonly<Record<string, string | null>>;
type Row = readonly (readonly [state: string, share: number])[];
type FieldTable = ReadonlyMap<Phase, ReadonlyMap<string, Row>>;

/** A table from its lines, as the field book has them. @throws Error where shares come to more than a hundred */
export function readFieldTable(text: string): FieldTable {
  const phases = new Map<Phase, ReadonlyMap<string, Row>>();
  for (const line of text.trim().split('\n')) {
    const [phase, rest] = line.trim().split(': ') as [Phase, string];
    const signs = rest.split(' | ').map((said): [string, Row] => {
      const [sign, ...words] = said.trim().split(' ');
      const row = Array.from(
        { length: words.length / 2 },
        (_, i) => [words[2 * i]!, Number(words[2 * i + 1])] as const,
      );
      if (!(row.reduce((sum, [, share]) => sum + share, 0) <= 100)) throw new Error(`${phase}: ${said}`);
      return [sign!, row];
    });
    phases.set(phase, new Map(signs));
  }
  return phases;
}

export const FIELD_TABLES: ReadonlyMap<string, FieldTable> = new Map(
  Object.entries({ ...GATHERED, ...TWINS, ...GATHERED_OF_AMERICA, ...TWINS_OF_AMERICA }).map(([key, text]) => [
    key,
    readFieldTable(text),
  ]),
);

/** One specimen of a taxon in a phase, every sign drawn by itself. @param draw uniform in [0, 1) */
export function specimenOf(key: string, phase: Phase, draw: () => number): Specimen {
  const shown: Record<string, string | null> = {};
  for (const [sign, row] of FIELD_TABLES.get(key)!.get(phase)!) {
    let at = 100 * draw();
    shown[sign] = row.find(([, share]) => (at -= share) < 0)?.[0] ?? null;
  }
  return shown;
}

/** What one expects of a taxon: its commonest state of a sign; `null` where its table does not say. */
export const commonest = (key: string, phase: Phase, sign: string): string | null =>
  [...(FIELD_TABLES.get(key)?.get(phase)?.get(sign) ?? [])].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
