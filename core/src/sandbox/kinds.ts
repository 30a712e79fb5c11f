// The stands of a made-up year: where they are, what is taken there, and what it does. All figures are estimates.
import type { PartKey } from '../plants/index.ts';
import { LIVES, type LifeForm, type LifeStage, type TakingEffect } from '../population/index.ts';

export interface SandboxKind {
  /** By the key of the catalogue, which the island's truth has too. */
  readonly plant: string;
  readonly part: PartKey;
  readonly lives: LifeForm;
  readonly heightM: number;
  /** Stages with which the part is first had, and is past; `null`: it is had until the year is over. */
  readonly opens: string;
  readonly closes: string | null;
  /** Plants of these stages are taken from. */
  readonly from: readonly LifeStage[];
  readonly effect: TakingEffect;
  /** Plants that somebody takes from in an hour. */
  readonly perHour: number;
  /** What an hour of putting back brings. */
  readonly sows: { readonly stage: LifeStage; readonly number: number };
  /** Counted plants with which a game may begin. */
  readonly plants: readonly [number, number];
  /** So many times the first number there is room for. */
  readonly room: number;
}

const LEAVES_OFF: TakingEffect = { weakens: 0.12, setsBack: 0.25, seedLost: 0.5 };

export const SANDBOX_KINDS: readonly SandboxKind[] = [
  {
    ...{ plant: 'ramsons', part: 'leaf', lives: 'slowBulb', heightM: 60, opens: 'leaves', closes: 'flowering' },
    ...{ from: ['mature', 'flowering'], effect: LEAVES_OFF, perHour: 40 },
    ...{ sows: { stage: 'seedling', number: 30 }, plants: [140, 420], room: 1.6 },
  },
  {
    ...{ plant: 'burdock', part: 'root', lives: 'biennial', heightM: 25, opens: 'leaffall', closes: null },
    ...{ from: ['juvenile'], effect: { kills: 1 }, perHour: 6 },
    ...{ sows: { stage: 'seed', number: 80 }, plants: [30, 120], room: 1.2 },
  },
  {
    ...{ plant: 'valerian', part: 'root', lives: 'herb', heightM: 140, opens: 'dieback', closes: null },
    ...{ from: ['mature', 'flowering'], effect: { kills: 1 }, perHour: 6 },
    ...{ sows: { stage: 'seedling', number: 25 }, plants: [25, 90], room: 1.6 },
  },
  {
    ...{ plant: 'ground-elder', part: 'leaf', lives: 'spreadingHerb', heightM: 40, opens: 'unfolded', closes: 'stem' },
    ...{ from: ['mature'], effect: { weakens: 0.03, setsBack: 0.1 }, perHour: 60 },
    ...{ sows: { stage: 'juvenile', number: 15 }, plants: [200, 700], room: 1.3 },
  },
];

export const historyOf = ({ lives }: SandboxKind) => LIVES[lives];
