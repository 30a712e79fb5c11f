import type { Phase, SignSpec } from '@emberfield/core/identity';

/** A state of a sign as it can be pressed. */
export interface StateToPress {
  readonly state: string;
  readonly mark: 'seen' | 'notSo' | null;
  /** It was looked at a second time, and was the same. */
  readonly again: boolean;
  /** Nothing that is left on the list ever shows it. */
  readonly gone: boolean;
}
export interface SignToPress {
  readonly sign: SignSpec;
  readonly states: readonly StateToPress[];
}

/** What signs lie together under one heading, in the order in which one looks at a plant. */
const KINDS = ['whole', 'leaf', 'stem', 'flower', 'fruit', 'smell', 'root', 'wood', 'fungus', 'thallus'] as const;
type SignKind = (typeof KINDS)[number];
const KIND_OF: Readonly<Record<string, SignKind>> = {
  wholePlant: 'whole',
  leaf: 'leaf',
  leafStalk: 'leaf',
  surface: 'leaf',
  stem: 'stem',
  flower: 'flower',
  flowerHead: 'flower',
  fruit: 'fruit',
  seed: 'fruit',
  smell: 'smell',
  root: 'root',
  bark: 'wood',
  bud: 'wood',
  twig: 'wood',
  cap: 'fungus',
  gills: 'fungus',
  stipe: 'fungus',
  sporePrint: 'fungus',
  flesh: 'fungus',
  foot: 'fungus',
  inside: 'fungus',
  ground: 'fungus',
  thallus: 'thallus',
  thallusColour: 'thallus',
  holdfast: 'thallus',
};

export interface KindOfSigns {
  readonly kind: SignKind;
  readonly signs: readonly SignToPress[];
  /** How many of its signs were noted. */
  readonly noted: number;
}

/** The signs by kind; kinds without any are left out. */
export function byKind(signs: readonly SignToPress[]): readonly KindOfSigns[] {
  return KINDS.map((kind) => {
    const own = signs.filter(({ sign }) => (KIND_OF[sign.organ] ?? 'whole') === kind);
    return { kind, signs: own, noted: own.filter(({ states }) => states.some((s) => s.mark !== null)).length };
  }).filter(({ signs: own }) => own.length > 0);
}

const SEEN_AT_ONCE: Readonly<Record<Phase, readonly SignKind[]>> = {
  rest: ['whole', 'stem', 'wood'],
  leaf: ['whole', 'leaf', 'stem'],
  flower: ['whole', 'leaf', 'stem', 'flower'],
  fruit: ['whole', 'leaf', 'stem', 'fruit'],
};
/** So few kinds all lie open. */
export const FEW_KINDS = 3;
/** Which kinds lie open at first: what one sees at once in a phase and what was noted before; where few are left, all. */
export const openAtFirst = (kinds: readonly KindOfSigns[], phase: Phase | null): ReadonlySet<SignKind> =>
  new Set(
    kinds
      .filter(
        ({ kind, noted }) => kinds.length <= FEW_KINDS || noted > 0 || SEEN_AT_ONCE[phase ?? 'leaf'].includes(kind),
      )
      .map((k) => k.kind),
  );
