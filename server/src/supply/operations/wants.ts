import type { BatchView, WantView } from '@emberfield/contract';
import { doubtfulOf, dryShareOf, MADE_INTO } from '@emberfield/core/larder';
import { dayNumber } from '@emberfield/core/measure';
import type { ProfilePart } from '@emberfield/core/plants';
import { inUnit } from '@emberfield/core/stand';
import { towards, type Had, type SeasonWant } from '@emberfield/core/supply';
import type { Dependencies } from '../../dependencies.ts';
import { viewLarder } from '../../larder/index.ts';
import { plantsOf } from '../../plants/index.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersEver, type Dossier } from '../../stands/index.ts';
import { wantsOf, type WantRow } from '../repository.ts';
import { givesOf, massOf } from './gives.ts';

/** What the group wants, with what was taken for it and what the larder holds. */
export async function listWants(
  deps: Dependencies,
  context: Pick<GroupContext<null>, 'group' | 'account'>,
): Promise<readonly WantView[]> {
  const { group } = context;
  const rows = await wantsOf(deps.db, group.id);
  if (rows.length === 0) return [];
  const [{ stands }, { batches }, plants] = await Promise.all([
    dossiersEver(deps, group),
    viewLarder(deps, context),
    plantsOf(deps, group.id),
  ]);
  const partOf = (plantKey: string, part: string): ProfilePart | null =>
    plants.get(plantKey)?.profile.parts.find((p) => p.key === part) ?? null;
  const of = rows.map((row) =>
    row.of.flatMap(({ plantKey, part: key, gives }): WantView['of'] => {
      const part = partOf(plantKey, key);
      // A part that its plant no longer has, or a plant that is off the list, gives nothing any more.
      if (!part) return [];
      const { names } = plants.get(plantKey)!.profile;
      const said = givesOf(part, { measure: row.measure, gives });
      return [{ plantKey, part: key, plantName: names, partName: part.name, unit: part.unit, gives: said }];
    }),
  );
  const counted = towards(
    rows.map((row, i) => seasonWant(row, of[i]!)),
    stands.flatMap(takesOf),
    jarsOf(batches, rows, partOf),
    dayNumber(group.today),
  );
  return rows.map((row, i) => ({ id: row.id, terms: termsOf(row), of: of[i]!, ...counted[i]! }));
}

const termsOf = ({ of, name, measure, madeUnit, amount, weekly, from, until, place, revision }: WantRow) => ({
  ...{ of, name, measure, madeUnit, amount, weekly, from, until, place, revision },
});

const seasonWant = ({ id, amount, weekly, from, until }: WantRow, of: WantView['of']): SeasonWant => ({
  ...{ id, amount, weekly },
  first: dayNumber(from),
  last: dayNumber(until),
  of: of.map((o) => ({ what: whatOf(o.plantKey, o.part), gives: o.gives ?? 0 })),
});

const whatOf = (plantKey: string, part: string): string => `${plantKey}:${part}`;

function takesOf({ record, plant: { profile } }: Dossier): readonly Had[] {
  return record.takes.flatMap((take) => {
    const part = profile.parts.find((p) => p.key === take.part);
    // What was eaten on the spot never came home.
    const amount = part && !take.eaten ? inUnit(take, part) : null;
    return amount === null ? [] : [{ what: whatOf(profile.key, take.part), day: take.day, amount }];
  });
}

/**
 * What stands in jars, as so many fresh units; nothing that dries yet, or that is held back. What is dried serves what is wanted dried, what is not what is wanted
 * fresh; of what was made nobody knows how much stands in a jar.
 */
function jarsOf(
  batches: readonly BatchView[],
  wants: readonly WantRow[],
  partOf: (plantKey: string, part: string) => ProfilePart | null,
): readonly Had[] {
  const doubtful = doubtfulOf(batches);
  const served = (measures: readonly WantRow['measure'][]): ReadonlySet<string> =>
    new Set(wants.flatMap((w) => (measures.includes(w.measure) ? [w.id] : [])));
  const [dry, other] = [served(['dried']), served(['unit', 'gram'])];
  return batches.flatMap((b) => {
    const part = partOf(b.plantKey, b.body.part);
    const mass = part && massOf(part);
    if (!mass || !b.leftG || b.state !== 'kept' || doubtful.has(b.id)) return [];
    if (MADE_INTO.includes(b.body.way)) return [];
    const isDry = b.body.way === 'dry';
    const fresh = isDry ? b.leftG / dryShareOf(b.body.part).value : b.leftG;
    const what = whatOf(b.plantKey, b.body.part);
    return [{ what, day: dayNumber(b.day), amount: fresh / mass, serves: isDry ? dry : other }];
  });
}
