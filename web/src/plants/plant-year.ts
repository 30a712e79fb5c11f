import type { PlantProfile, ProfileWindow } from '@emberfield/contract';

export interface YearBar {
  readonly part: string;
  readonly use: string;
  readonly from: number;
  readonly to: number;
}

const DAYS_A_YEAR = 365;

/** Usual windows of a plant at its reference place, as shares of the calendar year; one over New Year becomes two bars. */
export function yearBars(profile: PlantProfile): readonly YearBar[] {
  return profile.windows.flatMap((w: ProfileWindow) => {
    const dayOf = (edge: ProfileWindow['opens']): number =>
      (profile.stages.find((s) => s.key === edge.stage)?.calendar.value ?? 1) + edge.offsetDays;
    const from = dayOf(w.opens);
    let to = dayOf(w.closes);
    if (to < from) to += DAYS_A_YEAR;
    const share = (d: number): number => Math.min(1, Math.max(0, (d - 1) / DAYS_A_YEAR));
    const bar = { part: w.part, use: w.use };
    return to <= DAYS_A_YEAR + 1
      ? [{ ...bar, from: share(from), to: share(to) }]
      : [
          { ...bar, from: share(from), to: 1 },
          { ...bar, from: 0, to: share(to - DAYS_A_YEAR) },
        ];
  });
}
