// Times of a day as minutes since it began.

export const minutesOf = (clock: string): number => {
  const [h, m] = clock.split(':').map(Number);
  return 60 * h! + m!;
};
export const clockOf = (minutes: number): string => {
  const whole = Math.round(minutes);
  return [Math.floor(whole / 60), whole % 60].map((n) => String(n).padStart(2, '0')).join(':');
};
// By the browser's own calendar: the library that the core has for it would be part of the first load.
/** The day that the calendars of a zone show at an instant, ISO. */
export const dayAt = (zone: string, at: Date | number): string =>
  new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);
/** What the clocks of a zone show at an instant. */
export const minutesAt = (zone: string, at: Date): number =>
  minutesOf(
    new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(
      at,
    ),
  );
