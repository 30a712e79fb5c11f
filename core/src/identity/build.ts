import type { Habit } from './habit.ts';
import type { SignSpec } from './sign.ts';

// What a plant or fungus cannot show, whatever its table says of it: by the way it is built.

const FUNGUS_ORGANS = new Set(['cap', 'gills', 'stipe', 'foot', 'flesh', 'inside', 'sporePrint']);
/** Of the place, or of anything that grows. */
const ANY_ORGANS = new Set(['wholePlant', 'smell', 'ground']);
const FERN_SIGNS = new Set(['crozier', 'frond']);
const CONIFER_SIGNS = new Set(['needles', 'cone']);
/** A leaf with a blade, which no needle or scale has. */
const BLADE_SIGNS = new Set(['leafEdge', 'leafVeins', 'hairs', 'leafSection']);
const BLADE_ORGANS = new Set(['leafStalk']);
/** What the fruits of a conifer are taken for. */
const CONE_FRUITS = new Set(['berry', 'stoneFruit', 'nut']);
const NEEDLE_SHAPES = new Set(['needle', 'scale']);
const FLOWER_ORGANS = new Set(['flower', 'flowerHead', 'seed']);
const WOOD_ORGANS = new Set(['bark', 'twig']);
/** Above the ground these die back every year, or are not of wood. */
const SOFT: ReadonlySet<Habit> = new Set(['herb', 'bulb', 'biennial', 'perennialRoot', 'waterPlant', 'reed', 'fern']);
/** Of what has no stem and no leaf: seaweeds, mosses, lichens. */
const THALLUS_ORGANS = new Set(['thallus', 'thallusColour', 'holdfast']);
type Kingdom = 'plant' | 'fungus' | 'seaweed' | 'moss' | 'lichen';
const KINGDOM_OF: Readonly<Partial<Record<Habit, Kingdom>>> = {
  fungus: 'fungus',
  seaweed: 'seaweed',
  moss: 'moss',
  lichen: 'lichen',
};
/** What kind of living thing something is, by how it is built. */
export const kingdomOf = (habit: Habit): Kingdom => KINGDOM_OF[habit] ?? 'plant';
/** The ways of growing that only one of them has. */
const KINGDOM_OF_GROWTH: Readonly<Record<string, Kingdom>> = {
  cap: 'fungus',
  weed: 'seaweed',
  cushion: 'moss',
  crust: 'lichen',
};
const HAS_THALLUS: ReadonlySet<Kingdom> = new Set(['seaweed', 'moss', 'lichen']);

/** Whether what was seen is of another kind of living thing, a fungus and no plant, say: nobody out of doors takes one for the other. */
export function isOfOtherKingdom(habit: Habit, sign: SignSpec, state: string): boolean {
  const kingdom = kingdomOf(habit);
  if (sign.key === 'growth') return kingdom !== (KINGDOM_OF_GROWTH[state] ?? 'plant');
  if (ANY_ORGANS.has(sign.organ)) return false;
  if (THALLUS_ORGANS.has(sign.organ)) return !HAS_THALLUS.has(kingdom);
  return HAS_THALLUS.has(kingdom) || (kingdom === 'fungus') !== FUNGUS_ORGANS.has(sign.organ);
}

const DIVIDED: ReadonlySet<string> = new Set(['threeLeaflets', 'feather', 'fineFeather']);
/** What neither a divided leaf is nor one of its leaflets. */
const NEVER_OF_DIVIDED: ReadonlySet<string> = new Set(['strap', 'arrow']);
const NEEDLES: ReadonlySet<string> = new Set(['needle', 'scale']);
const COLOURED_SAP: ReadonlySet<string> = new Set(['milk', 'orange']);
const WOODY: ReadonlySet<Habit> = new Set(['shrub', 'tree', 'conifer']);

/**
 * Whether a taxon never shows a state by its kind, though its table has other states of the sign: a leaf is divided or it is not, at every age;
 * barbs at its foot are there or not; milk runs in certain families only; what has a trunk lies in no rosette, and what dies back is no tree. Read wrongly it is all the same.
 * A leaflet is taken for a leaf, and a leaf cut like a hand for leaflets: these say nothing here.
 * @param known states of the sign in its table, in whatever phase; none: nothing is known
 */
export function isNever(
  habit: Habit | undefined,
  { key }: SignSpec,
  state: string,
  known: ReadonlySet<string>,
): boolean {
  if (known.size === 0 || known.has(state)) return false;
  if (key === 'sap') return COLOURED_SAP.has(state);
  if (key === 'growth') return habit !== undefined && cannotGrow(habit, state);
  if (key === 'leafVeins') return state === 'net' || (state === 'parallel' && !known.has('arched'));
  if (key !== 'leafShape') return false;
  if (NEEDLES.has(state)) return true;
  if (state === 'arrow' && !known.has('heart')) return true;
  if (DIVIDED.has(state)) return ![...known].some((s) => DIVIDED.has(s) || s === 'hand');
  return NEVER_OF_DIVIDED.has(state) && [...known].every((s) => DIVIDED.has(s) || s === 'hand');
}

/** What has a trunk lies in no rosette, and a tree climbs up nothing; what dies back is no tree; only a fern is one. */
function cannotGrow(habit: Habit, state: string): boolean {
  if (state === 'rosette') return WOODY.has(habit);
  if (state === 'climber') return habit === 'tree' || habit === 'conifer';
  if (state === 'tree') return SOFT.has(habit);
  return state === 'fern' && habit !== 'fern';
}

/** Whether a taxon is built to show a sign in any state. */
export const isBuiltFor = (habit: Habit, sign: SignSpec): boolean =>
  sign.states.some((state) => !isOfOtherKingdom(habit, sign, state) && !lacks(habit, sign, state));

/** Whether a taxon is not built to show a sign, or this state of it. */
export function lacks(habit: Habit, { key, organ }: SignSpec, state: string): boolean {
  if (habit === 'conifer') {
    if (key === 'leafShape') return !NEEDLE_SHAPES.has(state);
    if (key === 'fruit') return !CONE_FRUITS.has(state);
    if (BLADE_SIGNS.has(key) || BLADE_ORGANS.has(organ)) return true;
  }
  if (FERN_SIGNS.has(key)) return habit !== 'fern';
  if (CONIFER_SIGNS.has(key)) return habit !== 'conifer';
  if (FLOWER_ORGANS.has(organ)) return habit === 'fern' || habit === 'conifer';
  return WOOD_ORGANS.has(organ) && SOFT.has(habit);
}
