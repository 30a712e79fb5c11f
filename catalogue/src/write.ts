import type {
  CAUTION_CLASSES,
  Eating,
  LookAlikeSeverity,
  ORGANS,
  PartKey,
  PlantProfile,
  PRICES,
  ProfileCeiling,
  ProfilePart,
  ProfileStage,
  ProfileWindow,
  UnitKey,
} from '@emberfield/contract';
import type { Phase, ShownSign } from '@emberfield/core/identity';
import { ALWAYS, NEVER } from '@emberfield/core/plants';
import { about, AT_EDGES, en, estimate, fixed, growsTo, IN_WOODS, LOWLAND, MOUNTAINS, warmth } from './figures.ts';

export { ALWAYS, NEVER };

// Short forms in which a profile reads like a page of a field book. Every figure that they make is an estimate.

/** How often, for the words that people use. */
export const MOSTLY = 0.9;
export const OFTEN = 0.6;
export const SOMETIMES = 0.3;
export const NOW_AND_THEN = 0.15;
export const RARELY = 0.08;

type Shown = Readonly<Record<string, string | Readonly<Record<string, number>>>>;

/** Signs with the state that is always shown, or with how often each is; for some phases, where they differ. */
export const shows = (signs: Shown, ...when: Phase[]): readonly ShownSign[] =>
  Object.entries(signs).map(([sign, states]) => ({
    sign,
    states: typeof states === 'string' ? { [states]: 1 } : states,
    when: when.length > 0 ? when : null,
  }));

/** Usual warm-sum over 5 °C by day of the year in the lowland of the catalogue, °C·day; between them straight lines. */
const USUAL_SUM: readonly (readonly [day: number, sum: number])[] = [
  [1, 0.5],
  [40, 5],
  [60, 12],
  [78, 30],
  [98, 75],
  [116, 152],
  [128, 230],
  [140, 328],
  [148, 402],
  [158, 510],
  [172, 672],
  [183, 810],
  [205, 1110],
  [240, 1545],
  [255, 1700],
  [290, 1900],
];
/** The same in the mountains of the catalogue, where snow lies into April: some 480 when the meadows flower. */
const USUAL_SUM_IN_MOUNTAINS: typeof USUAL_SUM = [
  [60, 0.5],
  [95, 8],
  [110, 28],
  [122, 60],
  [135, 108],
  [150, 188],
  [165, 285],
  [178, 385],
  [190, 480],
  [205, 610],
  [240, 900],
];
function usualSum(day: number, sums = USUAL_SUM): number {
  const next = sums.findIndex(([d]) => d >= day);
  if (next <= 0) return sums.at(next === 0 ? 0 : -1)![1];
  const [[d0, s0], [d1, s1]] = [sums[next - 1]!, sums[next]!];
  return Math.round((s0 + ((s1 - s0) * (day - d0)) / (d1 - d0)) * 10) / 10;
}

/** A stage that warmth brings on, about a day of the year give or take. */
export const spring = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: warmth(usualSum(day), usualSum(day - spread), usualSum(day + spread)),
});
/** The same in a mountain meadow. */
export const mountainSpring = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: warmth(
    ...([day, day - spread, day + spread].map((d) => usualSum(d, USUAL_SUM_IN_MOUNTAINS)) as [number, number, number]),
  ),
});
/** A stage of the falling year, or one that no warm-sum explains: by the calendar, moved as autumn moves. */
export const autumn = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: { kind: 'calendar', direction: 'autumn' },
});

/** A stage that rain brings on in its time of year: so many days after so much of it within ten days. */
export const flush = (
  key: string,
  name: string,
  bbch: number,
  { day, spread, start, rainMm, daysAfter }: FlushWritten,
): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: {
    kind: 'rain',
    start,
    rainMm: estimate(...rainMm),
    overDays: 10,
    fromC: 8,
    toC: 22,
    days: estimate(...daysAfter),
  },
});
interface FlushWritten {
  readonly day: number;
  readonly spread: number;
  readonly start: string;
  readonly rainMm: Range;
  readonly daysAfter: Range;
}
/** A stage that waits until the days have shortened to so large a share of the place's longest after midsummer. */
export const shortening = (
  key: string,
  name: string,
  bbch: number,
  { day, spread, ofLongest }: { readonly day: number; readonly spread: number; readonly ofLongest: Range },
): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: { kind: 'dayLength', start: '06-21', share: estimate(...ofLongest), turn: 'shorter' },
});
/** A stage of a woody plant that rests until it has been cold for some weeks after New Year, and then waits for warmth. */
export const afterRest = (key: string, name: string, bbch: number, day: number, spread: number): ProfileStage => ({
  key,
  name: en(name),
  bbch,
  calendar: about(day, spread),
  model: {
    kind: 'chill',
    start: '01-01',
    chillBelowC: fixed(7),
    chillDays: estimate(20, 12, 35),
    baseC: fixed(5),
    sum: estimate(usualSum(day) - usualSum(RESTED_DAY), usualSum(day - spread), usualSum(day + spread)),
  },
});
/** By this day of the year the rest is usually over in the lowland. */
const RESTED_DAY = 24;

type Range = readonly [value: number, low: number, high: number];
interface PartWritten {
  readonly key: PartKey;
  readonly name: string;
  readonly unit: UnitKey;
  readonly perPlant: Range;
  readonly massG: Range | null;
  readonly method: string;
  readonly effect: string;
  readonly use: string;
  readonly eating: Eating;
  readonly kills?: boolean;
  readonly costsSeed?: boolean;
  readonly spends?: readonly PartKey[];
  readonly minAgeYears?: number;
  readonly yearOfLife?: 1 | 2;
  /** Length in the end, warmth of its half, and that in which it gathers by e: see `growsTo`. */
  readonly growth?: readonly [finalCm: Range, halfSum: Range, scaleSum: Range];
}
const part = ({ name, perPlant, massG, method, effect, use, growth, ...rest }: PartWritten): ProfilePart => ({
  kills: false,
  costsSeed: false,
  spends: [],
  minAgeYears: null,
  ...rest,
  name: en(name),
  perPlant: estimate(...perPlant),
  massG: massG && estimate(...massG),
  method: en(method),
  effect: en(effect),
  use: en(use),
  ...(growth ? { growth: growsTo(...growth) } : {}),
});

/** "stage" or "stage+8" or "stage-5": a stage and days after or before it. */
function edge(text: string, lengthCm?: number): ProfileWindow['opens'] {
  const found = /^([a-zA-Z]+)([+-]\d+)?$/.exec(text);
  if (!found) throw new RangeError(`"${text}" is no stage with days`);
  return { stage: found[1]!, offsetDays: Number(found[2] ?? 0), ...(lengthCm === undefined ? {} : { lengthCm }) };
}
interface WindowWritten {
  readonly part: PartKey;
  readonly use: string;
  readonly from: string;
  readonly to: string;
  readonly best?: number;
  readonly size?: string;
  /** Lengths at which it opens and has grown too long, cm. */
  readonly lengths?: readonly [opens: number, tooLong: number];
  /** Stage from which on look-alikes can be told apart, or `NEVER` while it is open. */
  readonly clearFrom?: string;
}
const window = ({ part: of, use, from, to, best = 0.4, size, lengths, clearFrom }: WindowWritten): ProfileWindow => ({
  part: of,
  use,
  opens: edge(from, lengths?.[0]),
  closes: edge(to, lengths?.[1]),
  peakShare: best,
  ...(clearFrom ? { separableFrom: clearFrom } : {}),
  sizeLimit: size === undefined ? null : en(size),
});

interface Written {
  readonly key: string;
  readonly name: string;
  readonly scientific: string;
  readonly family: string;
  readonly about: string;
  readonly habit: PlantProfile['habit'];
  readonly lifeCycle?: PlantProfile['lifeCycle'];
  readonly status?: PlantProfile['status'];
  readonly severity?: PlantProfile['severity'];
  readonly seasonStart?: string;
  /** Where it usually grows, in the open when left out. */
  readonly grows?: keyof typeof GROWS;
  readonly stages: readonly ProfileStage[];
  readonly parts?: readonly PartWritten[];
  readonly windows?: readonly WindowWritten[];
  readonly ceilings?: readonly ProfileCeiling[];
  readonly signs: readonly (readonly [organ: (typeof ORGANS)[number], price: (typeof PRICES)[number], text: string])[];
  readonly shows: readonly ShownSign[];
  readonly lookAlikes?: readonly (readonly [
    name: string,
    scientific: string,
    severity: LookAlikeSeverity,
    separatedBy: string,
    apart?: Pick<PlantProfile['lookAlikes'][number], 'apartFrom' | 'pieceByPiece'>,
  ])[];
  readonly substitutes?: readonly (readonly [plantKey: string, purpose: string])[];
  readonly cautions: readonly (readonly [(typeof CAUTION_CLASSES)[number], string])[];
  readonly bring?: string;
  readonly keeping?: string;
  readonly works?: readonly string[];
}

const GROWS = { inWoods: IN_WOODS, atEdges: AT_EDGES, inMountains: MOUNTAINS } as const;

/** A profile from its written form. Without parts it is a plant to know, and not to take. */
export function plant(w: Written): PlantProfile {
  return {
    key: w.key,
    scientific: w.scientific,
    family: w.family,
    names: en(w.name),
    about: en(w.about),
    habit: w.habit,
    lifeCycle: w.lifeCycle ?? 'perennial',
    status: w.status ?? 'common',
    severity: w.severity ?? 'none',
    seasonStart: w.seasonStart ?? '01-01',
    reference: w.grows ? GROWS[w.grows] : LOWLAND,
    stages: w.stages,
    parts: (w.parts ?? []).map(part),
    windows: (w.windows ?? []).map(window),
    ceilings: w.ceilings ?? [],
    signs: w.signs.map(([organ, price, text]) => ({ organ, price, text: en(text) })),
    shows: w.shows,
    lookAlikes: (w.lookAlikes ?? []).map(([name, scientific, severity, separatedBy, apart = {}]) => ({
      name: en(name),
      scientific,
      severity,
      separatedBy: en(separatedBy),
      ...apart,
    })),
    substitutes: (w.substitutes ?? []).map(([plantKey, purpose]) => ({ plantKey, purpose: en(purpose) })),
    cautions: w.cautions.map(([cautionClass, text]) => ({ class: cautionClass, text: en(text) })),
    bring: en(w.bring ?? (w.parts ? 'a basket' : 'nothing: it is here to be known, not taken')),
    keeping: en(w.keeping ?? (w.parts ? 'Use it fresh.' : 'Not kept.')),
    works: w.works ?? [],
  };
}

/** Limits that many profiles bring along. */
export const share = (of: number, ...parts: PartKey[]): ProfileCeiling => ({
  parts: parts.length ? parts : null,
  rule: { kind: 'fixedShare', share: of },
});
export const cap = (perPlant: number, ...parts: PartKey[]): ProfileCeiling => ({
  parts: parts.length ? parts : null,
  rule: { kind: 'perPlantCap', perPlant },
});
export const flowering = (of: number, ...parts: PartKey[]): ProfileCeiling => ({
  parts: parts.length ? parts : null,
  rule: { kind: 'keepFlowering', share: of },
});
export const pruning = (of: number, ...parts: PartKey[]): ProfileCeiling => ({
  parts: parts.length ? parts : null,
  rule: { kind: 'lightPruning', share: of },
});
export const others = (of: number): ProfileCeiling => ({ parts: null, rule: { kind: 'leaveForOthers', share: of } });
export const noneAtAll: ProfileCeiling = { parts: null, rule: { kind: 'protected' } };
export const everything: ProfileCeiling = { parts: null, rule: { kind: 'takeAll' } };
