// A plant's profile: what is known of a kind of plant, as types; the contract checks it.
import type { TapGirths } from '../counting/index.ts';
import type { Severity, ShownSign } from '../identity/index.ts';
import type { GrowthSpec } from '../growth/index.ts';
import type { Figure, MonthDay, Text } from '../measure/index.ts';
import type { LifeForm } from '../population/index.ts';
import type { Reference, StageSpec } from '../stages/index.ts';
import type { WindowSpec } from '../windows/index.ts';
import type {
  CAUTION_CLASSES,
  Eating,
  HABITS,
  LookAlikeSeverity,
  ORGANS,
  PartKey,
  PRICES,
  Region,
  Status,
  TakingMethod,
  UnitKey,
} from './kinds.ts';

/** Where a stage is named from which on look-alikes can be told apart: at any time, and at no time. */
export const ALWAYS = 'always';
export const NEVER = 'never';

export interface ProfileStage extends StageSpec {
  readonly name: Text;
}

export interface ProfilePart {
  readonly key: PartKey;
  readonly name: Text;
  readonly unit: UnitKey;
  /** What a plant of taking size carries, in the unit. */
  readonly perPlant: Figure;
  /** Fresh mass of one unit, g. */
  readonly massG: Figure | null;
  /** The usual way of taking it, in words. */
  readonly method: Text;
  /** Other ways, that leave more of the plant or take more of it. */
  readonly methods?: readonly TakingMethod[];
  /** What the taking does to the plant. */
  readonly effect: Text;
  readonly kills: boolean;
  readonly costsSeed: boolean;
  /** Parts that this one uses up: flower heads taken are berries lost. */
  readonly spends: readonly PartKey[];
  readonly minAgeYears: number | null;
  /** Of a plant of two years: the year of its life in which this part is had. */
  readonly yearOfLife?: 1 | 2;
  /** How it grows in length, for windows by size. */
  readonly growth?: GrowthSpec;
  /** What it is used for, raw or cooked, in words. */
  readonly use: Text;
  /** `raw`: raw or cooked. */
  readonly eating: Eating;
}

export interface ProfileWindow extends WindowSpec {
  readonly part: PartKey;
  readonly sizeLimit: Text | null;
}

/** A ceiling that a profile brings along, for all parts or some. */
export interface ProfileCeiling {
  readonly parts: readonly PartKey[] | null;
  readonly rule:
    | { readonly kind: 'perPlantCap'; readonly perPlant: number }
    | { readonly kind: 'fixedShare'; readonly share: number }
    | { readonly kind: 'leaveForOthers'; readonly share: number }
    | { readonly kind: 'keepFlowering'; readonly share: number }
    | { readonly kind: 'lightPruning'; readonly share: number }
    | { readonly kind: 'matureOnly' }
    | { readonly kind: 'age'; readonly minYears: number }
    /** Taps by the girth of the trunk, cm at breast height. */
    | ({ readonly kind: 'sapTaps' } & TapGirths)
    /** Left alone for so many seasons after a take. */
    | { readonly kind: 'restYears'; readonly years: number }
    | { readonly kind: 'protected' }
    | { readonly kind: 'takeAll' };
}

export interface PlantProfile {
  readonly key: string;
  /** Written by a group from nothing: nobody else has looked at it. Left out: of the shipped list, or a copy of such a one. */
  readonly origin?: 'own';
  readonly scientific: string;
  readonly family: string;
  readonly names: Text;
  readonly about: Text;
  readonly habit: (typeof HABITS)[number];
  readonly lifeCycle: 'annual' | 'biennial' | 'perennial' | 'woody' | 'fungus';
  readonly status: Status;
  /** How it lives on, for the model of a stand; left out: as its habit and life cycle say. */
  readonly lives?: LifeForm;
  /** Where it grows, wild or planted, and how it does there; left out where nobody said so, and it may be anywhere. */
  readonly regions?: Readonly<Partial<Record<Region, Status>>>;
  /** What becomes of somebody who takes this plant for another; `none` for what is gathered. */
  readonly severity: Severity;
  readonly seasonStart: MonthDay;
  /** Where its figures hold. */
  readonly reference: Reference & { readonly place: Text };
  readonly stages: readonly ProfileStage[];
  readonly parts: readonly ProfilePart[];
  readonly windows: readonly ProfileWindow[];
  readonly ceilings: readonly ProfileCeiling[];
  readonly signs: readonly {
    readonly organ: (typeof ORGANS)[number];
    readonly text: Text;
    readonly price: (typeof PRICES)[number];
  }[];
  readonly lookAlikes: readonly {
    readonly name: Text;
    readonly scientific: string;
    readonly severity: LookAlikeSeverity;
    readonly separatedBy: Text;
    /** Stage of this plant from which on it can be told apart, or `ALWAYS`, in every window but those that say never; left out: as the window says. */
    readonly apartFrom?: string;
    /** What tells it apart stands on every leaf, cap or root: who is cleared for the family may take piece by piece before. */
    readonly pieceByPiece?: boolean;
  }[];
  /** Which states of the vocabulary's signs it shows, and how often. All such frequencies are estimates. */
  readonly shows: readonly ShownSign[];
  /**
   * Signs of the vocabulary that decide by themselves between it and another, by the other's key: a state that the other's table leaves out it
   * never shows. Of the shipped list only; a copy has those of what it was copied from.
   */
  readonly decides?: Readonly<Record<string, readonly string[]>>;
  /** Other plants that serve the same purpose: for one under pressure, what to gather or grow instead. */
  readonly substitutes: readonly { readonly plantKey: string; readonly purpose: Text }[];
  readonly cautions: readonly { readonly class: (typeof CAUTION_CLASSES)[number]; readonly text: Text }[];
  readonly bring: Text;
  readonly keeping: Text;
  /** Works to read on: keys of the catalogue's list. */
  readonly works: readonly string[];
}
