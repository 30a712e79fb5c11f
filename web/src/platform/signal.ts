import { shallowRef, type ShallowRef } from 'vue';

/** Whether the server was reached when it was asked last, and from when what is shown instead is. */
export interface Signal {
  readonly reached: Readonly<ShallowRef<boolean>>;
  /** The oldest answer shown in place of a fresh one, in milliseconds since 1970; null while all is fresh. */
  readonly keptFrom: Readonly<ShallowRef<number | null>>;
  /** By how many ms the device's clock is ahead of the server's, below 0 behind; null while they agree, or nobody knows. */
  readonly clockOff: Readonly<ShallowRef<number | null>>;
  /** @param serverTime as the answer says it, ms since 1970; null where it does not */
  readonly answered: (serverTime?: number | null) => void;
  readonly notReached: () => void;
  readonly showsKept: (readAt: number) => void;
}

/** An answer may take its time, and nobody minds minutes. */
const CLOCKS_AGREE_MS = 10 * 60_000;

export function createSignal(now: () => number = Date.now): Signal {
  const reached = shallowRef(true);
  const keptFrom = shallowRef<number | null>(null);
  const clockOff = shallowRef<number | null>(null);
  return {
    reached,
    keptFrom,
    clockOff,
    answered: (serverTime = null) => {
      reached.value = true;
      keptFrom.value = null;
      if (serverTime === null) return;
      const off = now() - serverTime;
      clockOff.value = Math.abs(off) > CLOCKS_AGREE_MS ? off : null;
    },
    notReached: () => void (reached.value = false),
    showsKept: (readAt) => {
      reached.value = false;
      keptFrom.value = Math.min(readAt, keptFrom.value ?? readAt);
    },
  };
}

/** The one of this browser. */
export const signal = createSignal();
