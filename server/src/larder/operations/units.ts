// What one unit weighs, and what a handful or a bag holds, learned at the table.
import type { UnitLearned } from '@emberfield/contract';
import { learnUnitMass, unitWeighings, type Batch, type LearnedMass, type UnitWeighing } from '@emberfield/core/larder';
import type { ProfilePart } from '@emberfield/core/plants';
import { VESSELS } from '@emberfield/core/stand';
import type { Dossier } from '../../stands/index.ts';
import type { NotedTake } from './noted.ts';

type Vessel = (typeof VESSELS)[number];
interface Known {
  readonly plant: Dossier['plant'];
  readonly part: ProfilePart;
}

/** Keys by plant and part: at another stand a tip weighs about the same. */
const keyOf = (plantKey: string, part: string): string => `${plantKey}:${part}`;

export interface Units {
  readonly learned: readonly UnitLearned[];
  /** What one unit weighs; of what was never weighed, what the profile says. */
  readonly each: (plantKey: string, part: ProfilePart) => LearnedMass | null;
}

export function unitsOf(
  batches: readonly Pick<Batch, 'body'>[],
  takes: ReadonlyMap<string, NotedTake>,
  byStand: ReadonlyMap<string, Dossier>,
): Units {
  const known = new Map<string, Known>();
  const keys = new Map<string, string>();
  for (const { id, standId, body } of takes.values()) {
    const plant = byStand.get(standId)?.plant;
    const part = plant?.profile.parts.find((p) => p.key === body.part);
    if (!plant || !part || part.unit === 'gram' || body.eatenOnTheSpot) continue;
    const key = keyOf(plant.profile.key, part.key);
    known.set(key, { plant, part });
    keys.set(id, key);
  }
  /** What was counted one way goes together: pieces, or handfuls, or bags. */
  const weighed = (counted: (body: NotedTake['body']) => number | null) => {
    const counts = new Map([...keys.keys()].map((id) => [id, counted(takes.get(id)!.body)] as const));
    const found = new Map<string, UnitWeighing[]>();
    for (const w of unitWeighings(batches, counts)) {
      const key = keys.get(w.takes[0]!)!;
      found.set(key, [...(found.get(key) ?? []), w]);
    }
    return found;
  };
  const pieces = weighed((b) => (b.measure === 'unit' && b.countedBy === undefined ? b.amount : null));
  const inVessels = VESSELS.map(
    (vessel) => [vessel, weighed((b) => (b.countedBy?.vessel === vessel ? b.countedBy.count : null))] as const,
  );
  const each: Units['each'] = (plantKey, part) =>
    learnUnitMass(part.massG, pieces.get(keyOf(plantKey, part.key)) ?? []);
  const learned = [...known].flatMap(
    ([
      key,
      {
        plant: { profile },
        part,
      },
    ]): readonly UnitLearned[] => {
      const one = each(profile.key, part);
      const vessels = inVessels.flatMap(([vessel, of]) => vesselOf(vessel, of.get(key) ?? [], one));
      if (!one || (one.n === 0 && vessels.length === 0)) return [];
      const { key: plantKey, names: plantName } = profile;
      return [{ plantKey, plantName, part: part.key, partName: part.name, each: one, vessels }];
    },
  );
  return { learned, each };
}

/** So many units as weigh what one of it weighs. */
function vesselOf(vessel: Vessel, weighings: readonly UnitWeighing[], one: LearnedMass | null): UnitLearned['vessels'] {
  const full = weighings.length > 0 && one ? learnUnitMass(null, weighings) : null;
  if (!full || !one) return [];
  // Both are not known exactly, and neither hangs on the other.
  const spread = Math.exp(Math.hypot(Math.log(full.high / full.value), Math.log(one.high / one.value)));
  const value = full.value / one.value;
  return [{ vessel, holds: { value, low: value / spread, high: value * spread, n: full.n } }];
}
