// Where the device is: by its own sensors, or by a stand-in that plays a way.
import { shallowRef, type ShallowRef } from 'vue';

export interface Position {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
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
        accuracyM: coords.accuracy,
        at: timestamp,
      }),
    (error) => lost(error.message),
    { enableHighAccuracy: true, timeout: LONGEST_WAIT_MS },
  );
  return { stop: () => navigator.geolocation.clearWatch(id) };
};

/** Whichever the pages listen to; the stand-in puts itself here. */
export const positionSource: ShallowRef<PositionSource> = shallowRef(ownPosition);
