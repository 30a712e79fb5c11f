// Where the device is: by its own sensors, or by a stand-in that plays a way.
import { shallowRef, type ShallowRef } from 'vue';

export interface Position {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  /** `null` where the device does not know. */
  readonly heightM: number | null;
  readonly accuracyM: number;
  /** Ms since 1970. */
  readonly at: number;
}
/** Tells where it is until it is stopped. */
export type PositionSource = (
  found: (position: Position) => void,
  lost: (why: string) => void,
) => { readonly stop: () => void };

const LONGEST_WAIT_MS = 15_000;
/** The device's own. */
export const ownPosition: PositionSource = (found, lost) => {
  if (!('geolocation' in navigator)) {
    lost('');
    return { stop: () => undefined };
  }
  const id = navigator.geolocation.watchPosition(
    ({ coords, timestamp }) =>
      found({
        latitudeDeg: coords.latitude,
        longitudeDeg: coords.longitude,
        heightM: coords.altitude,
        accuracyM: coords.accuracy,
        at: timestamp,
      }),
    (error) => lost(error.message),
    { enableHighAccuracy: true, timeout: LONGEST_WAIT_MS },
  );
  return { stop: () => navigator.geolocation.clearWatch(id) };
};

/** The first that a source tells, or why it does not. */
export function once(source: PositionSource, found: (position: Position) => void, lost: (why: string) => void): void {
  let told = false;
  const first =
    <T>(tell: (what: T) => void) =>
    (what: T): void => {
      if (told) return;
      told = true;
      // It may tell before it has handed over the way to stop it.
      queueMicrotask(() => running.stop());
      tell(what);
    };
  const running = source(first(found), first(lost));
}

/** Whichever the pages listen to; the stand-in puts itself here. */
export const positionSource: ShallowRef<PositionSource> = shallowRef(ownPosition);
