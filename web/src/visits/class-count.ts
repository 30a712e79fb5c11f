/** Plants that were counted: all, of these the grown, and of these the flowering. */
export interface Classes {
  readonly plants: number;
  readonly mature: number;
  readonly flowering: number;
}
export const NO_PLANTS: Classes = { plants: 0, mature: 0, flowering: 0 };

/** What one sees at a plant. */
export const KINDS = ['young', 'grown', 'flowering'] as const;
export type Kind = (typeof KINDS)[number];

/** One more of a kind, or one less where there is one: what flowers is grown, and all are plants. */
export function counted({ plants, mature, flowering }: Classes, kind: Kind, by: 1 | -1): Classes {
  const isGrown = kind !== 'young';
  const there = { young: plants - mature, grown: mature - flowering, flowering }[kind];
  if (there + by < 0) return { plants, mature, flowering };
  return {
    plants: plants + by,
    mature: mature + (isGrown ? by : 0),
    flowering: flowering + (kind === 'flowering' ? by : 0),
  };
}
