import type { Figure, MonthDay } from '../measure/index.ts';
import { TURN_DAY, type StageModel, type StageSpec } from '../stages/index.ts';

/** What makes a stage come: the warmth that has been gathered, or the cool. */
export type Drive = 'warmth' | 'cool';

/** Names of the ways in which a clock may run. */
export type ClockKey =
  | 'profile'
  | 'warmAboveMinus5'
  | 'warmAbove0'
  | 'warmAbove4'
  | 'warmAbove8'
  | 'curveAbout6'
  | 'curveAbout11'
  | 'afterCold'
  | 'lateStart'
  | 'calendar'
  | 'coolBelow18'
  | 'coolBelow12';

/** One way in which a clock may run. `null`: as the profile says. */
export interface ClockForm {
  readonly key: ClockKey;
  readonly model: ((start: MonthDay, figure: Figure) => StageModel) | null;
}

const given = (value: number): Figure => ({ value, low: value, high: value, source: 'estimate' });
const warmFrom =
  (baseC: number) =>
  (start: MonthDay, sum: Figure): StageModel => ({ kind: 'thermal', start, baseC: given(baseC), sum });
const onCurve =
  (middleC: number, perC: number) =>
  (start: MonthDay, sum: Figure): StageModel => ({
    kind: 'thermal',
    start,
    baseC: given(0),
    curve: { middleC, perC },
    sum,
  });
const coolBelow =
  (baseC: number) =>
  (start: MonthDay, sum: Figure): StageModel => ({ kind: 'cooling', start, baseC: given(baseC), sum });

const AS_TOLD: ClockForm = { key: 'profile', model: null };

/**
 * The clocks that a kind is tried by: the profile's own, and a few that differ in what they ask for. Below 0 °C a base stands for
 * something slow; the smooth curves for growth that little warmth starts and much does not hasten; cold first for wood that rests.
 * The figures are a grid, not a finding: what lies between two of them is reached by weighing both.
 */
export const FAMILY: Readonly<Record<Drive, readonly ClockForm[]>> = {
  warmth: [
    AS_TOLD,
    { key: 'warmAboveMinus5', model: warmFrom(-5) },
    { key: 'warmAbove0', model: warmFrom(0) },
    { key: 'warmAbove4', model: warmFrom(4) },
    { key: 'warmAbove8', model: warmFrom(8) },
    { key: 'curveAbout6', model: onCurve(6, 0.4) },
    { key: 'curveAbout11', model: onCurve(11, 0.3) },
    {
      key: 'afterCold',
      model: (start, sum) => ({
        kind: 'chill',
        start,
        chillBelowC: given(6),
        chillDays: given(25),
        baseC: given(3),
        sum,
      }),
    },
    { key: 'lateStart', model: (_start, sum) => warmFrom(1)('03-01', sum) },
    { key: 'calendar', model: () => ({ kind: 'calendar', direction: 'spring' }) },
  ],
  cool: [
    AS_TOLD,
    { key: 'coolBelow18', model: coolBelow(18) },
    { key: 'coolBelow12', model: coolBelow(12) },
    { key: 'calendar', model: () => ({ kind: 'calendar', direction: 'autumn' }) },
  ],
};

/** What drives a stage, as far as that can be learned; `null` for what nothing but its profile says. */
export function driveOf({ model, calendar }: StageSpec): Drive | null {
  switch (model.kind) {
    case 'thermal':
    case 'chill':
    case 'afterWarmth':
      return 'warmth';
    case 'cooling':
      return 'cool';
    case 'calendar':
      if (model.alone) return null;
      // Days that are not moved are those of a plant that nobody has tabulated: what drives it the time of the year says.
      if (model.direction === 'none') return calendar.value < TURN_DAY ? 'warmth' : 'cool';
      return model.direction === 'spring' ? 'warmth' : 'cool';
    default:
      return null;
  }
}
