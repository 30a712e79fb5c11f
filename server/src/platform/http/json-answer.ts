/** An answer as it travels: JSON that was written out before, packed where it is large. */
export class JsonAnswer {
  constructor(
    readonly bytes: Buffer,
    readonly packed: boolean,
  ) {}
}

/**
 * Answers below this travel as they are: with 16 kB as the limit, of many at once 95 in 100 waited nearly twice as long.
 */
export const LEAST_PACKED_BYTES = 96 * 1024;
/** Fast rather than smallest: thousands of lines are much alike, and shrink well anyhow. */
export const PACKING_LEVEL = 3;
