// How a plant lives on, by its kind, for the model of a stand.
import type { LifeForm } from '../population/index.ts';
import type { PlantProfile } from './profile.ts';

/** Why a stand of it has no model: it lies unseen in the wood, it outlives everybody who counts it, or nobody can say what one of it is. */
export const NO_LIVES = ['fungus', 'tree', 'thallus'] as const;
export type NoLife = (typeof NO_LIVES)[number];
export const hasModel = (life: LifeForm | NoLife): life is LifeForm => !(NO_LIVES as readonly string[]).includes(life);

type Kind = Pick<PlantProfile, 'lives' | 'habit' | 'lifeCycle' | 'status'>;

/** By its status, or by how it lives: of such a plant nothing is put back. */
export const isInvader = (kind: Kind): boolean => kind.status === 'invasive' || INVADERS.includes(lifeOf(kind));
const INVADERS: readonly (LifeForm | NoLife)[] = ['annualInvader', 'spreadingInvader'];

/** As its profile says, else as its habit and life cycle do. */
export function lifeOf({ lives, habit, lifeCycle, status }: Kind): LifeForm | NoLife {
  if (lives) return lives;
  if (habit === 'fungus') return 'fungus';
  if (habit === 'seaweed' || habit === 'moss' || habit === 'lichen') return 'thallus';
  if (habit === 'tree' || habit === 'conifer') return 'tree';
  if (status === 'invasive') return lifeCycle === 'annual' ? 'annualInvader' : 'spreadingInvader';
  if (lifeCycle === 'annual' || lifeCycle === 'biennial') return lifeCycle;
  if (habit === 'bulb') return 'slowBulb';
  if (habit === 'fern') return 'crownFern';
  if (habit === 'reed' || habit === 'waterPlant') return 'reedBed';
  if (habit === 'shrub' || lifeCycle === 'woody') return 'shrub';
  return habit === 'perennialRoot' && status !== 'common' ? 'slowRoot' : 'herb';
}
