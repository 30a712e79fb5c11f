import { shallowRef, type ShallowRef } from 'vue';

/** Whether the server was reached when it was asked last, and from when what is shown instead is. */
export interface Signal {
  readonly reached: Readonly<ShallowRef<boolean>>;
  /** The oldest answer shown in place of a fresh one, in milliseconds since 1970; null while all is fresh. */
  readonly keptFrom: Readonly<ShallowRef<number | null>>;
  readonly answered: () => void;
  readonly notReached: () => void;
  readonly showsKept: (readAt: number) => void;
}

export function createSignal(): Signal {
  const reached = shallowRef(true);
  const keptFrom = shallowRef<number | null>(null);
  return {
    reached,
    keptFrom,
    answered: () => {
      reached.value = true;
      keptFrom.value = null;
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
