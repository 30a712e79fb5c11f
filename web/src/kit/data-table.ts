/** A column: what it is called, what a row says in it, and what it is sorted by. */
export interface DataColumn<R> {
  readonly key: string;
  readonly title: string;
  readonly text?: (row: R) => string;
  readonly sort?: (row: R) => string | number | null;
  /** Figures stand under each other by their last digit. */
  readonly number?: boolean;
}

/** Orders rows by a value; what has none stands first. */
export const orderOf =
  <R>(value: (row: R) => string | number | null) =>
  (a: R, b: R): number => {
    const [x, y] = [value(a), value(b)];
    if (x === null || y === null) return Number(x !== null) - Number(y !== null);
    return typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y));
  };

/** What is shown as a table of text that any other program reads: values where a column has them, else its text. */
export async function csvOf<R>(columns: readonly DataColumn<R>[], rows: readonly R[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  const said = columns.filter((c) => c.text || c.sort);
  return papa.unparse(
    [said.map((c) => c.title), ...rows.map((r) => said.map((c) => (c.sort ? c.sort(r) : c.text?.(r)) ?? ''))],
    // A cell that begins like a formula is not run by whoever opens it.
    { escapeFormulae: true, newline: '\n' },
  );
}
