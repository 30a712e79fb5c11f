import type { PlantingSeen } from '@emberfield/contract';
import { successOf, type Success } from '@emberfield/core/replanting';
import type { Words } from '@emberfield/words';

export const COMPARED_BY = ['way', 'place', 'plant'] as const;
export type ComparedBy = (typeof COMPARED_BY)[number];

/** One of what is compared: a way, a place or a plant. */
export interface SuccessRow extends Success {
  readonly key: string;
  readonly name: string;
}

const ITS: Readonly<Record<ComparedBy, (p: PlantingSeen, words: Pick<Words, 't' | 'text'>) => [string, string]>> = {
  way: (p, { t }) => [p.way, t(`putBack.way.${p.way}`)],
  place: (p) => [p.patchId, p.patchName],
  plant: (p, { text }) => [JSON.stringify(p.plantName), text(p.plantName)],
};

/** What became of what was put back, by ways, places or plants: what is known best of comes first, and of these what lived best. */
export function compared(
  plantings: readonly PlantingSeen[],
  by: ComparedBy,
  words: Pick<Words, 't' | 'text'>,
): readonly SuccessRow[] {
  const groups = new Map<string, { readonly name: string; readonly cohorts: PlantingSeen[] }>();
  for (const p of plantings) {
    const [key, name] = ITS[by](p, words);
    const group = groups.get(key) ?? { name, cohorts: [] };
    groups.set(key, group);
    group.cohorts.push(p);
  }
  return [...groups]
    .map(([key, { name, cohorts }]) => ({ key, name, ...successOf(cohorts) }))
    .sort((a, b) => (b.share?.low ?? -1) - (a.share?.low ?? -1) || a.name.localeCompare(b.name));
}
