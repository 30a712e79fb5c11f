// A stand-in for the sensors of the device: walks a way at a speed, and can lose its fix.
import { wayBetween, type OnTheGround } from '@emberfield/core/measure';
import type { PositionSource } from '../platform/position.ts';

/** Where one is after so many metres of a way; its end where it is shorter. */
export function alongWay(way: readonly OnTheGround[], metres: number): OnTheGround {
  let left = metres;
  for (const [i, to] of way.entries()) {
    const from = way[i - 1];
    if (!from) continue;
    const length = wayBetween(from, to);
    if (left <= length && length > 0) {
      const share = left / length;
      return {
        latitudeDeg: from.latitudeDeg + share * (to.latitudeDeg - from.latitudeDeg),
        longitudeDeg: from.longitudeDeg + share * (to.longitudeDeg - from.longitudeDeg),
      };
    }
    left -= length;
  }
  return way.at(-1)!;
}

export interface GpsPlayer {
  readonly source: PositionSource;
  /** Km/h; 0 stands still. */
  speedKmh: number;
  hasFix: boolean;
  /** Goes on from so many metres along the way. */
  readonly goTo: (metres: number) => void;
}

const [TICK_MS, MS_PER_HOUR] = [500, 3_600_000];
/** About as sure as under trees, m. */
const ACCURACY_M = 8;

/** Plays a way from its beginning; however many listen, it is walked once. @param way at least one point */
export function gpsPlayer(way: readonly OnTheGround[], clock: () => number = Date.now): GpsPlayer {
  let gone = 0;
  let then = clock();
  function walkOn(): void {
    const now = clock();
    gone += (player.speedKmh * 1000 * (now - then)) / MS_PER_HOUR;
    then = now;
  }
  const player: GpsPlayer = {
    speedKmh: 4,
    hasFix: true,
    goTo: (metres) => void (gone = metres),
    source: (found, lost) => {
      const tell = (): void => {
        walkOn();
        if (!player.hasFix) return lost('');
        found({ ...alongWay(way, gone), heightM: null, accuracyM: ACCURACY_M, at: clock() });
      };
      const timer = setInterval(tell, TICK_MS);
      tell();
      return { stop: () => clearInterval(timer) };
    },
  };
  return player;
}
