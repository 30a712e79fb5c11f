import { UNKNOWN_FACTS, type PatchFacts } from '@emberfield/contract';
import { blob, heightAt, lonLat, type Km } from './geometry.ts';

export const GROUP_NAME = 'Ostrey gatherers';
/** Nobody answers there: they are as made up as the island. */
export const NUMBERS = [
  { who: 'Poison line of the islands', number: '000 000 111' },
  { who: 'Harbour rescue', number: '000 000 222' },
  { who: 'Tavi at home', number: '000 000 333' },
];
export const PEOPLE = [
  { signInName: 'tavi', name: 'Tavi', role: 'keeper' },
  { signInName: 'mirel', name: 'Mirel', role: 'picker' },
  { signInName: 'ode', name: 'Ode', role: 'picker' },
  { signInName: 'brannoc', name: 'Brannoc', role: 'watcher' },
] as const;
export type PersonName = (typeof PEOPLE)[number]['signInName'];

export interface DemoPatch {
  readonly key: string;
  readonly at: Km;
  readonly size: Km | null;
  readonly facts: Partial<Omit<PatchFacts, 'geometry'>> & { readonly name: string };
}

export const PATCHES: readonly DemoPatch[] = [
  { key: 'withen', at: [1, 0.5], size: [0.28, 0.18], facts: { name: 'Withen Wood, hollow way', substrate: 'loam', canopy: 'underTrees', aspect: 'n', slopeDeg: 8, moisture: 'moist', owner: 'Wood commons', leave: 'given', leaveUntil: '2028-12-31', hazards: ['ticks'], neighbours: 'Lords-and-ladies at the lower end' } },
  { key: 'combe', at: [1.9, 0.9], size: [0.1, 0.08], facts: { name: 'Combe spring', substrate: 'loam', canopy: 'underTrees', aspect: 'ne', slopeDeg: 12, moisture: 'wet', owner: 'Wood commons', leave: 'given', leaveUntil: '2028-12-31', neighbours: 'Autumn crocus in the glade' } },
  { key: 'mill', at: [-3.1, -0.7], size: [0.3, 0.06], facts: { name: 'Mill hedge', substrate: 'loam', canopy: 'halfShade', aspect: 's', moisture: 'fresh', owner: 'Mill Farm', leave: 'given', leaveUntil: '2026-06-30', hazards: ['dogs'], neighbours: 'White bryony 60 m west' } },
  { key: 'rail', at: [-2, -2.1], size: [0.42, 0.06], facts: { name: 'Old railway hedge', substrate: 'gravel', canopy: 'open', aspect: 'sw', moisture: 'dry', owner: 'parish', leave: 'given', leaveUntil: '2028-12-31', hazards: ['glass'], neighbours: 'Dwarf elder 40 m east' } },
  { key: 'avenue', at: [0.5, -2.7], size: [0.2, 0.05], facts: { name: 'Harbour avenue', substrate: 'loam', canopy: 'open', moisture: 'fresh', owner: 'parish', leave: 'notNeeded', hazards: ['road'] } },
  { key: 'carr', at: [-1, 0.95], size: [0.3, 0.22], facts: { name: 'The Carr, north stand', substrate: 'peat', canopy: 'halfShade', moisture: 'wet', owner: 'Moor Farm', leave: 'given', leaveUntil: '2027-12-31', hazards: ['ticks'] } },
  { key: 'reed', at: [-2.2, -0.1], size: [0.16, 0.07], facts: { name: 'Reed path, wet end', substrate: 'peat', canopy: 'open', moisture: 'wet', owner: 'Mill Farm', leave: 'given', leaveUntil: '2027-12-31', hazards: ['floodWater'], neighbours: 'Hemlock water-dropwort in the ditch' } },
  { key: 'larkmere', at: [-3.3, 0.1], size: [0.32, 0.12], facts: { name: 'Larkmere south bank', substrate: 'water', canopy: 'open', aspect: 's', moisture: 'flooded', owner: 'Mill Farm', leave: 'given', leaveUntil: '2027-12-31', hazards: ['floodWater'], neighbours: 'Yellow flag between the reeds' } },
  { key: 'rim', at: [4.5, 0.5], size: [0.18, 0.1], facts: { name: 'Quarry rim', substrate: 'chalk', canopy: 'open', aspect: 's', slopeDeg: 15, moisture: 'dry', owner: 'quarry company', leave: 'given', leaveUntil: '2027-12-31', hazards: ['cliff'] } },
  { key: 'spoil', at: [4.8, 0.1], size: [0.12, 0.09], facts: { name: 'Quarry spoil', substrate: 'gravel', canopy: 'open', moisture: 'dry', owner: 'quarry company', leave: 'notAsked', hazards: ['dumped', 'glass'], access: 'Through the gap by the weighbridge' } },
  { key: 'garden', at: [-0.25, 1.45], size: [0.05, 0.04], facts: { name: 'Moor Farm garden', substrate: 'loam', canopy: 'halfShade', moisture: 'fresh', owner: 'Moor Farm', leave: 'given', leaveUntil: '2027-12-31', hazards: ['dogs'] } },
  { key: 'ditch', at: [-0.5, 1.2], size: null, facts: { name: 'Ditch below Moor Farm', substrate: 'clay', canopy: 'open', moisture: 'wet', owner: 'Moor Farm', leave: 'notAsked' } },
  { key: 'planting', at: [-0.2, 3.1], size: [0.3, 0.25], facts: { name: 'Brackmoor planting', substrate: 'peat', canopy: 'evergreen', aspect: 'n', moisture: 'moist', owner: 'forester', leave: 'given', leaveUntil: '2026-12-31', neighbours: 'One yew by the gate' } },
  { key: 'lawn', at: [-1.6, 2.1], size: [0.14, 0.1], facts: { name: 'Brackmoor lawn', substrate: 'peat', canopy: 'open', aspect: 'se', slopeDeg: 6, moisture: 'fresh', owner: 'commons', leave: 'notNeeded', secret: true } },
  { key: 'tannet', at: [3.3, -1], size: [0.35, 0.25], facts: { name: 'Tannet Coppice', substrate: 'clay', canopy: 'halfShade', aspect: 'w', slopeDeg: 5, moisture: 'fresh', owner: 'coppice workers', leave: 'given', leaveUntil: '2029-03-31', hazards: ['ticks'] } },
  { key: 'strand', at: [-5.5, -0.45], size: [0.3, 0.07], facts: { name: 'Quay strand, below the drift line', substrate: 'gravel', canopy: 'open', aspect: 'sw', slopeDeg: 3, moisture: 'wet', heightM: 2, owner: 'parish', leave: 'given', leaveUntil: '2028-12-31', leaveDays: { from: '04-01', to: '09-30' }, tideLevelM: 1.2, hazards: ['tide'], access: 'Down the steps by the old crane; back the same way before the water turns' } },
];

export interface DemoStand {
  readonly key: string;
  readonly patch: string;
  readonly plant: string;
  readonly where?: string;
  readonly identity?: 'unconfirmed' | 'provisional' | 'confirmed';
  readonly since?: number;
  readonly restUntil?: string;
  readonly restReason?: string;
  /** Plants at the first count, six seasons ago; `null` was never counted. */
  readonly plants: number | null;
  readonly countBy?: 'complete' | 'quadrats' | 'eye';
  /** Yearly change of the true number. */
  readonly growth?: number;
  /** In this year only the hand-written sightings are told. */
  readonly toldByHandIn?: number;
  /** Part that is usually taken, and by how many percent of the allowance. */
  readonly takes?: readonly (readonly [string, number])[];
}

export const STANDS: readonly DemoStand[] = [
  { key: 'ramsons-withen', patch: 'withen', plant: 'ramsons', where: 'both banks', plants: 1400, countBy: 'quadrats', growth: 1.01, since: 2015, takes: [['leaf', 40]] },
  { key: 'velvet-withen', patch: 'withen', plant: 'velvet-shank', where: 'fallen elder', plants: 7, growth: 0.98, since: 2019, takes: [['fruitBody', 50]] },
  { key: 'ramsons-combe', patch: 'combe', plant: 'ramsons', plants: 220, countBy: 'eye', since: 2018, takes: [['leaf', 20]] },
  { key: 'nettle-mill', patch: 'mill', plant: 'nettle', where: 'sunny end', plants: 300, countBy: 'eye', since: 2012, takes: [['tip', 30], ['seed', 20]] },
  { key: 'elder-mill', patch: 'mill', plant: 'elder', plants: 4, growth: 1, since: 2010, takes: [['flower', 60], ['fruit', 40]] },
  { key: 'sloe-mill', patch: 'mill', plant: 'sloe', plants: 14, growth: 1, since: 2010, takes: [['fruit', 35]] },
  { key: 'elder-rail', patch: 'rail', plant: 'elder', where: 'ninth to fourteenth post', plants: 9, growth: 1.02, since: 2011, takes: [['flower', 70], ['fruit', 50]] },
  { key: 'sloe-rail', patch: 'rail', plant: 'sloe', plants: 22, growth: 1.01, since: 2011, takes: [['fruit', 30]] },
  { key: 'nettle-rail', patch: 'rail', plant: 'nettle', plants: null, since: 2016, takes: [['tip', 0]] },
  { key: 'lime-avenue', patch: 'avenue', plant: 'lime', plants: 11, growth: 1, since: 1990, takes: [['flower', 12]] },
  { key: 'birch-carr', patch: 'carr', plant: 'birch', toldByHandIn: 2026, plants: 26, growth: 1.01, since: 1995, takes: [['leaf', 3], ['sap', 30]] },
  { key: 'valerian-reed', patch: 'reed', plant: 'valerian', plants: 64, growth: 0.86, since: 2014, restUntil: '2028-09-30', restReason: 'dug too hard in 2024', takes: [['root', 150]] },
  { key: 'reedmace-larkmere', patch: 'larkmere', plant: 'reedmace', plants: 900, countBy: 'quadrats', growth: 1.03, since: 2008, takes: [['shoot', 50], ['pollen', 30]] },
  { key: 'burdock-rim', patch: 'rim', plant: 'burdock', plants: 31, growth: 0.97, since: 2017, takes: [['root', 60], ['stalk', 50]] },
  { key: 'burdock-spoil', patch: 'spoil', plant: 'burdock', identity: 'provisional', plants: 18, growth: 1.1, since: 2023 },
  { key: 'ground-elder-garden', patch: 'garden', plant: 'ground-elder', plants: null, since: 2016, takes: [['leaf', 0]] },
  { key: 'umbel-ditch', patch: 'ditch', plant: 'ground-elder', where: 'unknown umbel, hollow stem', identity: 'unconfirmed', plants: null },
  { key: 'spruce-planting', patch: 'planting', plant: 'spruce', where: 'edge trees', plants: 8, growth: 1, since: 2001, takes: [['tip', 55]] },
  { key: 'arnica-lawn', patch: 'lawn', plant: 'arnica', plants: 120, growth: 0.94, since: 2013 },
  { key: 'hazel-tannet', patch: 'tannet', plant: 'hazel', where: 'third cant', plants: 38, growth: 1, since: 2000, takes: [['fruit', 30]] },
  { key: 'sea-beet-strand', patch: 'strand', plant: 'sea-beet', where: 'along the foot of the wall', plants: 85, growth: 1.01, since: 2017 },
];

export function factsOf({ at, size, key, facts }: DemoPatch): PatchFacts {
  const geometry = size === null
    ? { type: 'Point' as const, coordinates: lonLat(at) }
    : { type: 'Polygon' as const, coordinates: [blob(`patch-${key}`, at, size, { corners: 9, wobble: 0.14 }).map(lonLat)] };
  return { ...UNKNOWN_FACTS, heightM: heightAt(at), geometry, ...facts };
}
