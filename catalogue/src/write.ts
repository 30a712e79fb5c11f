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
import { AT_EDGES, en, estimate, growsTo, IN_WOODS, LOWLAND, MOUNTAINS } from './figures.ts';
import type { Range } from './write-stages.ts';

export { ALWAYS, NEVER };
export { afterRest, autumn, flush, mountainSpring, shortening, spring } from './write-stages.ts';

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
  /** Where it grows, wild or planted: see `found`. */
  readonly regions: PlantProfile['regions'];
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
    regions: w.regions,
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
