import type { PartOutlook } from './part-outlook.ts';

/** What a day is for, in its order: what is barred is nowhere among what can be had. */
export const DAY_SECTIONS = ['now', 'lastCall', 'soon', 'barred', 'later', 'over'] as const;
export type DaySection = (typeof DAY_SECTIONS)[number];

/** Those that a day is for; the others are far from their time. */
export const NEAR_SECTIONS: readonly DaySection[] = DAY_SECTIONS.slice(0, 4);

const SECTION_OF = {
  glowing: 'now',
  fading: 'lastCall',
  kindling: 'soon',
  banked: 'barred',
  cold: 'later',
  ash: 'over',
} as const satisfies Record<PartOutlook['readiness']['state'], DaySection>;

/** Where a part belongs on its day: what nothing may be taken of, for whatever reason, is barred while it would else be near. */
export function sectionOf({
  readiness,
  allowance,
}: {
  readonly readiness: Pick<PartOutlook['readiness'], 'state'>;
  readonly allowance: Pick<PartOutlook['allowance'], 'kind'>;
}): DaySection {
  const section = SECTION_OF[readiness.state];
  return allowance.kind === 'none' && NEAR_SECTIONS.includes(section) ? 'barred' : section;
}
