/** A typed number with point or comma; `null` for anything else. */
export function typedNumber(text: string): number | null {
  const normal = text.trim().replace(',', '.').replace('−', '-');
  return /^[+-]?(\d+(\.\d+)?|\.\d+)$/.test(normal) ? Number(normal) : null;
}

/** A number as it would be typed; what is none is shown as nothing. */
export const shownNumber = (n: number | null): string => (n === null || Number.isNaN(n) ? '' : String(n));

/** A number for a body: NaN, which no schema takes, where something was typed that is none; `blank` where nothing was. */
export const numberFrom = <B>(text: string, blank: B): number | B =>
  text.trim() === '' ? blank : (typedNumber(text) ?? NaN);
