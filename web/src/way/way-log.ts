// The way of a round as the device noted it: kept on it, and nowhere else.
import { xmlText } from '@emberfield/contract';
import { wayBetween, type OnTheGround } from '@emberfield/core/measure';
import type { TrackPoint } from '@emberfield/core/rounds';
import type { Position } from '../platform/position.ts';
import type { Noted, WayLog } from './kept-way.ts';

/** Nearer than this, or than twice what the position is sure to, one is there. An estimate: a stand is some tens of metres across. */
export const AT_A_PLACE_M = 60;

/** Moved by less than this, or so soon after the last, a position says nothing new. */
const [NEW_M, NEW_S] = [8, 60];
/** With more of them every other is let go: a day of walking is a few hundred. */
const MOST = 4000;
/** A hundred-thousandth of a degree is about a metre. */
const DIGITS = 5;

const rounded = (deg: number): number => Number(deg.toFixed(DIGITS));

/** With one position more, where it says something new. */
export function noted(log: WayLog, { latitudeDeg, longitudeDeg, accuracyM, at }: Position): WayLog {
  const next: Noted = [rounded(latitudeDeg), rounded(longitudeDeg), Math.round(at / 1000), Math.round(accuracyM)];
  const last = log.points.at(-1);
  // A clock that was set back would turn the way round.
  if (last && next[2] <= last[2]) return log;
  if (last && next[2] - last[2] < NEW_S && wayBetween(pointOf(last), pointOf(next)) < NEW_M) return log;
  const points = log.points.length >= MOST ? log.points.filter((_, i) => i % 2 === 0) : log.points;
  return { ...log, points: [...points, next] };
}

const pointOf = ([latitudeDeg, longitudeDeg, s, accuracyM]: Noted): TrackPoint => ({
  ...{ latitudeDeg, longitudeDeg, accuracyM },
  at: s * 1000,
});
export const trackOf = ({ points }: WayLog): readonly TrackPoint[] => points.map(pointOf);

/** For how many minutes one has been at a place, whole; `null`: one is not there, by the last that is known. */
export function minutesAt(log: WayLog, place: OnTheGround, now: number): number | null {
  const isThere = (p: Noted): boolean => wayBetween(pointOf(p), place) <= Math.max(AT_A_PLACE_M, 2 * p[3]);
  const away = log.points.findLastIndex((p) => !isThere(p));
  const came = log.points[away + 1];
  return came ? Math.max(0, Math.round((now / 1000 - came[2]) / 60)) : null;
}

/** Nearer than this to a secret place a way would give it away. */
const HIDDEN_M = 300;
/** The way as a GPX track, broken off around secret places. @returns `null` where nothing of it may be shown */
export function wayGpx(name: string, log: WayLog, secret: readonly OnTheGround[]): string | null {
  const parts: string[][] = [[]];
  for (const { latitudeDeg, longitudeDeg, at } of trackOf(log)) {
    const here = { latitudeDeg, longitudeDeg };
    if (secret.some((s) => wayBetween(here, s) <= HIDDEN_M)) {
      if (parts.at(-1)!.length > 0) parts.push([]);
    } else
      parts
        .at(-1)!
        .push(`<trkpt lat="${latitudeDeg}" lon="${longitudeDeg}"><time>${new Date(at).toISOString()}</time></trkpt>`);
  }
  const shown = parts.filter((p) => p.length > 0);
  if (shown.length === 0) return null;
  return `<?xml version="1.0" encoding="UTF-8"?>
<gpx version="1.1" creator="Emberfield" xmlns="http://www.topografix.com/GPX/1/1">
<trk><name>${xmlText(name)}</name>
${shown.map((p) => `<trkseg>${p.join('\n')}</trkseg>`).join('\n')}
</trk>
</gpx>
`;
}
