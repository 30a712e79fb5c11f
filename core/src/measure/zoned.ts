import { isoDay, type DayNumber } from './day.ts';

const MS_PER_DAY = 86_400_000;

/** What the clocks of a zone are ahead of Greenwich at an instant, ms. */
function offsetAt(instant: number, zone: string): number {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  }).formatToParts(instant);
  const at = (type: Intl.DateTimeFormatPartTypes): number => Number(parts.find((p) => p.type === type)!.value);
  const shown = Date.UTC(at('year'), at('month') - 1, at('day'), at('hour'), at('minute'), at('second'));
  return shown - Math.floor(instant / 1000) * 1000;
}

/** The instant at which the clocks of a zone show a time; where they leap over it, the one as far behind the leap. */
export function instantIn(zone: string, day: string, clock = '00:00'): number {
  const shown = Date.parse(`${day}T${clock}Z`);
  const guess = shown - offsetAt(shown, zone);
  return shown - offsetAt(guess, zone);
}

/** A day of a zone, from midnight to midnight: 23 or 25 hours where the clocks are changed. */
export const dayIn = (zone: string, day: DayNumber): { readonly from: number; readonly to: number } => ({
  from: instantIn(zone, isoDay(day)),
  to: instantIn(zone, isoDay(day + 1)),
});

/** "09:05", as the clocks of a zone show it. */
export const clockIn = (zone: string, instant: number): string =>
  new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit' }).format(instant);

/** Somewhere within a day by the sun of a longitude. */
export const solarNoon = (day: DayNumber, longitudeDeg: number): number =>
  day * MS_PER_DAY + MS_PER_DAY / 2 - (longitudeDeg / 360) * MS_PER_DAY;
