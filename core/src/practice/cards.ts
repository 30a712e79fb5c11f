// Cards to practise the eye and the judgement with, from the profiles of plants.
import { allowanceFor, type CeilingRule } from '../allowance/index.ts';
import { completeCount } from '../counting/index.ts';
import { isPoison, type Phase, type SignSpec } from '../identity/index.ts';
import type { Text } from '../measure/index.ts';
import type { LookAlikeSeverity, PlantProfile } from '../plants/index.ts';
import type { Chance } from '../random/index.ts';

/** What decides between a plant and one that is taken for it. */
export interface PairCard {
  readonly kind: 'pair';
  readonly key: string;
  readonly plantKey: string;
  readonly plant: Text;
  readonly other: Text;
  readonly otherScientific: string;
  readonly severity: LookAlikeSeverity;
  /** A mistake here may kill. */
  readonly deadly: boolean;
  readonly options: readonly Text[];
  readonly right: number;
}
/** The stage with which a part is past. */
export interface StageCard {
  readonly kind: 'stage';
  readonly key: string;
  readonly plantKey: string;
  readonly plant: Text;
  readonly part: Text;
  readonly options: readonly Text[];
  readonly right: number;
}
/** How a plant looks by one sign, to be told among drawings; of what stands in winter, by what is left of it. */
export interface SignCard {
  readonly kind: 'sign';
  readonly key: string;
  readonly plantKey: string;
  readonly plant: Text;
  readonly sign: string;
  /** Only while it rests: dead stalks, buds, bark. */
  readonly inWinter: boolean;
  /** States of the sign. */
  readonly options: readonly string[];
  readonly right: number;
}
/** How much may be taken of a made-up stand. */
export interface AmountCard {
  readonly kind: 'amount';
  readonly key: string;
  readonly rule: AmountRule;
  readonly plants: number;
  /** Leaves that a plant has. */
  readonly leaves: number;
  readonly perPlant: number;
  /** Of the rule: every so-manieth plant, or the share that is left, in percent. */
  readonly figure: number;
  /** Leaves in all. */
  readonly right: number;
}
/** What one of the group's own photos shows. */
export interface PhotoCard {
  readonly kind: 'photo';
  readonly key: string;
  readonly plantKey: string;
  readonly photoId: string;
  readonly asks: 'plant' | 'stage';
  readonly plant: Text;
  /** Something that is taken for it may kill. */
  readonly deadly: boolean;
  readonly options: readonly Text[];
  readonly right: number;
}
export type PracticeCard = PhotoCard | PairCard | StageCard | SignCard | AmountCard;
export const AMOUNT_RULES = ['everyNth', 'leaveShare', 'firstAndLast'] as const;
export type AmountRule = (typeof AMOUNT_RULES)[number];

const MOST_OPTIONS = 4;
const sameText = (a: Text, b: Text): boolean => a['en'] === b['en'];

/**
 * A card for each pair of a plant and what is taken for it: which of some signs is said of the other. The wrong ones are said of others that are taken for
 * the same plant, and then of those of other plants.
 * @returns none of a pair for which there are no wrong ones
 */
export function pairCards(profiles: readonly PlantProfile[], chance: Chance): readonly PairCard[] {
  const everywhere = profiles.flatMap((p) => p.lookAlikes);
  return profiles.flatMap((p) =>
    p.lookAlikes.flatMap((l): readonly PairCard[] => {
      const wrong = distinct(
        [...shuffled(p.lookAlikes, chance), ...shuffled(everywhere, chance)]
          .filter((x) => x.scientific !== l.scientific)
          .map((x) => x.separatedBy),
      ).filter((t) => !sameText(t, l.separatedBy));
      if (wrong.length === 0) return [];
      return [
        {
          ...{ kind: 'pair', key: `pair:${p.key}:${l.scientific}`, plantKey: p.key, plant: p.names },
          ...{ other: l.name, otherScientific: l.scientific, severity: l.severity, deadly: isPoison(l.severity) },
          ...optionsOf(l.separatedBy, wrong, chance),
        },
      ];
    }),
  );
}

/** Within so many days a window ends with its stage. */
const WITH_STAGE_DAYS = 3;

/** A card for each window that ends with a stage, and not some time after or before it: with which stage the part is past. */
export function stageCards(profiles: readonly PlantProfile[], chance: Chance): readonly StageCard[] {
  return profiles.flatMap((p) =>
    p.windows.flatMap((w, i): readonly StageCard[] => {
      const byStage = Math.abs(w.closes.offsetDays) <= WITH_STAGE_DAYS;
      const ends = byStage ? p.stages.find((s) => s.key === w.closes.stage) : undefined;
      const part = p.parts.find((x) => x.key === w.part);
      const wrong = distinct(shuffled(p.stages, chance).map((s) => s.name)).filter(
        (n) => !ends || !sameText(n, ends.name),
      );
      if (!ends || !part || wrong.length === 0) return [];
      const named = {
        kind: 'stage',
        key: `stage:${p.key}:${i}`,
        plantKey: p.key,
        plant: p.names,
        part: part.name,
      } as const;
      return [{ ...named, ...optionsOf(ends.name, wrong, chance) }];
    }),
  );
}

/** Cards of photos: which plant it is, among what is taken for it first; and how far it is, where somebody said so. */
export function photoCards(
  photos: readonly { readonly id: string; readonly plantKey: string; readonly stage: string | null }[],
  profiles: readonly Pick<PlantProfile, 'key' | 'names' | 'lookAlikes' | 'stages'>[],
  chance: Chance,
): readonly PhotoCard[] {
  return photos.flatMap(({ id, plantKey, stage }) => {
    const p = profiles.find((x) => x.key === plantKey);
    if (!p) return [];
    const named = { kind: 'photo', plantKey, photoId: id, plant: p.names } as const;
    const cardOf = (
      asks: PhotoCard['asks'],
      right: Text,
      wrong: readonly Text[],
      deadly: boolean,
    ): readonly PhotoCard[] => {
      const others = distinct(wrong).filter((t) => !sameText(t, right));
      if (others.length === 0) return [];
      return [{ ...named, key: `photo:${id}:${asks}`, asks, deadly, ...optionsOf(right, others, chance) }];
    };
    const alike = shuffled(p.lookAlikes, chance).map((l) => l.name);
    const elsewhere = shuffled(profiles, chance).map((x) => x.names);
    const reached = p.stages.find((s) => s.key === stage);
    return [
      ...cardOf(
        'plant',
        p.names,
        [...alike, ...elsewhere],
        p.lookAlikes.some((l) => isPoison(l.severity)),
      ),
      ...(reached
        ? cardOf(
            'stage',
            reached.name,
            shuffled(p.stages, chance).map((s) => s.name),
            false,
          )
        : []),
    ];
  });
}

/** So often a plant shows what is right, and at most so often what is wrong. */
const [SHOWS, SELDOM] = [0.9, 0.03];
/** What can be told while a plant rests. */
const WINTER: Phase = 'rest';

/** A card for each sign by which a plant nearly always looks the same, and by which others look otherwise. */
export function signCards(
  profiles: readonly Pick<PlantProfile, 'key' | 'names' | 'shows'>[],
  signs: readonly SignSpec[],
  chance: Chance,
): readonly SignCard[] {
  const specs = new Map(signs.map((s) => [s.key, s]));
  return profiles.flatMap((p) =>
    p.shows.flatMap(({ sign, states, when }): readonly SignCard[] => {
      const spec = specs.get(sign);
      // Of a sign that changes with the phase the table has several rows: none of them is the plant's for good.
      if (!spec || spec.ofPlace || p.shows.filter((x) => x.sign === sign).length > 1) return [];
      const right = spec.states.filter((s) => (states[s] ?? 0) >= SHOWS);
      const wrong = spec.states.filter((s) => (states[s] ?? 0) <= SELDOM);
      if (right.length !== 1 || wrong.length < 2) return [];
      const phases = when ?? spec.when;
      const options = shuffled([right[0]!, ...shuffled(wrong, chance).slice(0, MOST_OPTIONS - 1)], chance);
      return [
        {
          ...{ kind: 'sign', key: `sign:${p.key}:${sign}`, plantKey: p.key, plant: p.names, sign },
          ...{ inWinter: phases.length === 1 && phases[0] === WINTER, options, right: options.indexOf(right[0]!) },
        },
      ];
    }),
  );
}

/** How many leaves a made-up stand gives by a rule; the figures are others each time. */
export function amountCard(rule: AmountRule, chance: Chance): AmountCard {
  const between = (low: number, high: number): number => low + Math.floor(chance.uniform() * (high - low + 1));
  const plants = 10 * between(3, 12);
  const leaves = between(5, 9);
  const perPlant = between(1, 3);
  const figure = rule === 'leaveShare' ? 10 * between(2, 7) : between(2, 5);
  const ceilings: readonly CeilingRule[] = [
    { kind: 'perPlantCap', perPlant },
    ...(rule === 'leaveShare' ? [{ kind: 'leaveForOthers', share: figure / 100 } as const] : []),
    ...(rule === 'leaveShare' ? [] : [{ kind: 'spread', everyNth: figure } as const]),
    ...(rule === 'firstAndLast' ? [{ kind: 'skipFirstAndLast' } as const] : []),
  ];
  const { amount } = allowanceFor({
    ...{ plantYield: leaves, costsSeed: false, plants: completeCount(plants), mature: null, flowering: null },
    ...{ goneBackTo: false, lossShare: 0, killed: 0, seedSpent: 0, taken: [], held: 0 },
    ceilings: ceilings.map((c) => ({ source: 'houseRule', rule: c })),
  });
  return { kind: 'amount', key: `amount:${rule}`, rule, plants, leaves, perPlant, figure, right: amount! };
}

function optionsOf(
  right: Text,
  wrong: readonly Text[],
  chance: Chance,
): { readonly options: readonly Text[]; readonly right: number } {
  const options = shuffled([right, ...wrong.slice(0, MOST_OPTIONS - 1)], chance);
  return { options, right: options.indexOf(right) };
}

function distinct(texts: readonly Text[]): readonly Text[] {
  return texts.filter((t, i) => texts.findIndex((x) => sameText(x, t)) === i);
}

/** In an order by chance (Fisher and Yates). */
function shuffled<T>(all: readonly T[], chance: Chance): readonly T[] {
  const out = [...all];
  for (let i = out.length - 1; i > 0; i--) {
    const k = Math.floor(chance.uniform() * (i + 1));
    [out[i], out[k]] = [out[k]!, out[i]!];
  }
  return out;
}
