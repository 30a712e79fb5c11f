// What a person enters, kind by kind, as types; the contract checks it.
import type { EyeClass, MarkedTree } from '../counting/index.ts';
import type { IdentityStatus, Phase, SeenSign } from '../identity/index.ts';
import type { BatchBody, BatchStepBody, BatchWeighingBody } from '../larder/index.ts';
import type { MethodKey, PartKey } from '../plants/index.ts';
import type { PlantingWay } from '../replanting/index.ts';
import type { LengthWish } from '../growth/index.ts';
import type { FindBody } from './find.ts';

/** How what was taken tastes and smells, to whoever knows what it is: of what is not settled nobody tastes. */
export const SAVOURS = ['mild', 'sweet', 'sour', 'bitter', 'sharp', 'fragrant', 'resinous', 'bland', 'off'] as const;
/** Those that the nose tells: of what is eaten only cooked, or not at all, nobody is asked to taste. */
export const SMELLS = [
  'sweet',
  'sharp',
  'fragrant',
  'resinous',
  'off',
] as const satisfies readonly (typeof SAVOURS)[number][];
export const QUALITIES = ['good', 'young', 'tough', 'eaten', 'dirty'] as const;
export const LOSS_CAUSES = ['strangers', 'grazed', 'mown', 'flooded', 'other'] as const;
export type LossCause = (typeof LOSS_CAUSES)[number];
export const COUNT_METHODS = ['complete', 'quadrats', 'belts', 'clumps', 'trees', 'eye'] as const;
export type CountMethod = (typeof COUNT_METHODS)[number];

/** Where what is put in comes from: of this stand, of another, of a tended place, of a nursery. */
export const PLANTING_SOURCES = ['here', 'otherStand', 'garden', 'bought'] as const;
export type PlantingSource = (typeof PLANTING_SOURCES)[number];
export const TENDING_WORKS = ['pruned', 'thinned', 'divided', 'potted', 'weeded', 'watered', 'mulched'] as const;
export type TendingWork = (typeof TENDING_WORKS)[number];

/** What people count by where pieces are too small and no scale is there. */
export const VESSELS = ['handful', 'bag'] as const;

/** What an entry of each kind says. */
export interface EntryBodies {
  /** One time at one patch; other entries name it. */
  readonly visit: {
    readonly note: string;
    /** How long somebody was there, and on foot on the way to it; left out or `null`: nobody measured it. */
    readonly minutes?: number | null;
    readonly walkMinutes?: number | null;
  };
  readonly stageSighting: {
    readonly stage: string;
    readonly reached: boolean;
    /** Share of the stand that has reached it; `null` where nobody said. */
    readonly share: number | null;
    /** A flush out of season: shown, and kept out of the learning. */
    readonly offSeason?: boolean;
  };
  readonly census:
    | {
        readonly method: 'complete';
        readonly plants: number;
        readonly mature: number | null;
        readonly flowering: number | null;
      }
    | {
        readonly method: 'quadrats';
        readonly counts: readonly number[];
        /** Of each square the grown and the flowering ones among them, where they were told apart. */
        readonly mature?: readonly number[];
        readonly flowering?: readonly number[];
        readonly quadratAreaM2: number;
        readonly standAreaM2: number;
      }
    | {
        readonly method: 'belts';
        readonly belts: readonly { readonly plants: number; readonly lengthM: number }[];
        readonly widthM: number;
        readonly standAreaM2: number;
      }
    /** All clumps, and the shoots of some of them. */
    | { readonly method: 'clumps'; readonly clumps: number; readonly shoots: readonly number[] }
    /** Every tree or bush by itself. */
    | { readonly method: 'trees'; readonly trees: readonly MarkedTree[] }
    | { readonly method: 'eye'; readonly eye: EyeClass };
  readonly take: {
    readonly part: PartKey;
    readonly amount: number;
    /** In the part's own unit, or weighed. */
    readonly measure: 'unit' | 'gram';
    readonly plants: number | null;
    readonly killed: number | null;
    /** In which of the part's ways it was taken; left out: the usual one. */
    readonly method?: MethodKey;
    /** Of the plants so many whose root snapped: a part of what they have was had, and they grow again. */
    readonly snapped?: number;
    /** Pulled at for a look, beside the plants taken from, and left. */
    readonly tried?: number;
    readonly quality: (typeof QUALITIES)[number] | null;
    /** Share that was woody, past or otherwise thrown away; left out where nobody said. */
    readonly wasteShare?: number | null;
    readonly eatenOnTheSpot: boolean;
    /** Why more was taken than allowed. */
    readonly overReason: string;
    /** What it was counted by, where that was neither pieces nor a scale: so many, each of about so many units. */
    readonly countedBy?: { readonly vessel: (typeof VESSELS)[number]; readonly count: number; readonly holds: number };
    /** How long it took, minutes. */
    readonly minutes?: number | null;
    readonly note?: string;
    /** Look-alikes, by scientific name, that every piece was held against one by one. */
    readonly checkedAgainst?: readonly string[];
    readonly savours?: readonly (typeof SAVOURS)[number][];
  };
  /** Set aside of what may be taken of a part, for whoever says so, until the day is over. */
  readonly hold: { readonly part: PartKey; readonly amount: number };
  /** Plants put back, together on one day. */
  readonly planting: {
    readonly way: PlantingWay;
    readonly number: number;
    readonly source: PlantingSource;
    /** The stand that they come from; where `source` says another. */
    readonly fromStandId: string | null;
    /** The take that they were part of. */
    readonly takeId: string | null;
    /** How long it took. */
    readonly minutes: number | null;
    readonly note: string;
  };
  /** What of a planting was seen alive. */
  readonly plantingCheck: {
    readonly plantingId: string;
    readonly alive: number;
    /** Of these. */
    readonly flowering: number | null;
    readonly note: string;
  };
  /** Work on a stand that is looked after as a garden is. */
  readonly tending: { readonly work: TendingWork; readonly minutes: number | null; readonly note: string };
  readonly loss: { readonly cause: LossCause; readonly share: number; readonly note: string };
  /** Lengths of a part of some plants of the stand. */
  readonly measurement: { readonly part: PartKey; readonly lengthsCm: readonly number[] };
  /** Between which lengths a part is wanted here, within those of its profile; `null`: as the profile has it. */
  readonly wish: { readonly part: PartKey } & LengthWish;
  readonly search: {
    readonly lookedFor: string;
    /** Plant of the catalogue that was looked for; `null` for one by name only. */
    readonly plantKey: string | null;
    readonly found: boolean;
    readonly stage: string;
    readonly deadly: boolean;
  };
  readonly provenance: { readonly shownBy: string; readonly calledThere: string };
  readonly identity: {
    readonly status: IdentityStatus;
    /** Phase the plant was in; `null` when not said. */
    readonly phase: Phase | null;
    /** Signs of the vocabulary that were seen, or looked for and not there. */
    readonly seen: readonly SeenSign[];
    /** Dangerous plants that these signs left open, by key. */
    readonly leftOpen: readonly string[];
    /** Signs in words. */
    readonly signs: readonly string[];
    readonly note: string;
  };
  /** A result that comes later: a spore print tomorrow, a flower in June. Answered by an identity that names the sign. */
  readonly awaited: { readonly sign: string; readonly due: string; readonly note: string };
  /** Something that stands at a place, of which nobody has said for sure what it is. */
  readonly find: FindBody;
  /** Somebody tried the ground: it can be dug, or it is frozen. */
  readonly ground: { readonly frozen: boolean };
  readonly note: { readonly text: string };
  /** What was taken, as it left the sorting table; of the stand that the first of it comes from. */
  readonly batch: BatchBody;
  readonly batchWeighing: BatchWeighingBody;
  readonly batchStep: BatchStepBody;
  /** Undoes the entry it replaces. */
  readonly withdrawal: { readonly reason: string };
}
export type EntryKind = keyof EntryBodies;
export const ENTRY_KINDS = [
  'visit',
  'stageSighting',
  'census',
  'take',
  'hold',
  'loss',
  'planting',
  'plantingCheck',
  'tending',
  'measurement',
  'wish',
  'search',
  'provenance',
  'identity',
  'awaited',
  'ground',
  'find',
  'note',
  'batch',
  'batchWeighing',
  'batchStep',
  'withdrawal',
] as const;
