import type { BatchView, LarderView, NotedOfBatch, OpenTake } from '@emberfield/contract';
import { batchesOf, bestBefore } from '@emberfield/core/larder';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { ProfilePart } from '@emberfield/core/plants';
import { identityOn, inUnit, rulesOn } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf, type Dossier } from '../../stands/index.ts';
import { notedOf, type NotedTake } from './noted.ts';
import { unitsOf, type Units } from './units.ts';

/** What was taken longer ago is at the table no more: it was eaten, and nobody said so. */
const TABLE_DAYS = 14;

/** Everything that was taken and kept, and what waits at the table. */
export async function viewLarder(
  deps: Dependencies,
  { group, account }: Pick<GroupContext<null>, 'group' | 'account'>,
): Promise<LarderView> {
  const { stands } = await dossiersOf(deps, group);
  const byStand = new Map(stands.map((s) => [s.stand.id, s]));
  const today = dayNumber(group.today);
  const since = isoDay(dayNumber(group.today) - TABLE_DAYS);
  const { noted, takes } = await notedOf(deps, group.id, since);
  const told = new Map(noted.map((n) => [n.id, n]));
  const mine = (id: string): boolean => told.get(id)!.byId === account.accountId;
  const ofBatch = new Map<string, NotedOfBatch[]>();
  for (const n of noted)
    if (n.kind !== 'batch') {
      const { id, day } = n;
      const said = n.kind === 'batchStep' ? n.body : { step: 'weighed' as const, massG: n.body.massG, where: '' };
      const { step, massG, where } = said;
      const all = ofBatch.get(n.body.batchId) ?? [];
      ofBatch.set(n.body.batchId, [...all, { id, day, by: told.get(id)!.by, mine: mine(id), step, massG, where }]);
    }
  const made = batchesOf(noted);
  const batches = made.flatMap((batch): readonly BatchView[] => {
    const { standId, by, madeAt } = told.get(batch.id)!;
    const dossier = byStand.get(standId);
    const part = dossier?.plant.profile.parts.find((p) => p.key === batch.body.part);
    if (!dossier || !part) return [];
    return [
      {
        ...batch,
        ...fromStand(dossier, part),
        ...{ by, madeAt, mine: mine(batch.id), eating: part.eating, family: dossier.plant.profile.family },
        identity: identityOn(dossier.book, today, rulesOn(dossier.book.rules, today)).status,
        cautions: dossier.plant.profile.cautions,
        bestBefore: bestBefore(batch.body.way, batch.storedOn ?? batch.day),
        noted: ofBatch.get(batch.id) ?? [],
      },
    ];
  });
  const used = new Set(noted.flatMap((n) => (n.kind === 'batch' ? n.body.parents : [])));
  const units = unitsOf(made, takes, byStand);
  // By somebody else it would be somebody else’s take from then on.
  const mayPutRight = (t: NotedTake): boolean => t.byId === account.accountId;
  const table = stands.flatMap((s) =>
    openTakes(s, { since, takes, units, mayPutRight }).filter((t) => !used.has(t.id)),
  );
  return { batches, table, units: units.learned };
}

const fromStand = ({ stand, patch, plant: { profile } }: Dossier, part: ProfilePart) => ({
  standId: stand.id,
  patchId: patch.id,
  patchName: patch.name,
  secret: patch.secret,
  plantKey: profile.key,
  plantName: profile.names,
  scientific: profile.scientific,
  partName: part.name,
});

function openTakes(
  dossier: Dossier,
  {
    since,
    takes,
    units,
    mayPutRight,
  }: {
    readonly since: string;
    readonly takes: ReadonlyMap<string, NotedTake>;
    readonly units: Units;
    readonly mayPutRight: (take: NotedTake) => boolean;
  },
): readonly OpenTake[] {
  return dossier.record.takes.flatMap((take): readonly OpenTake[] => {
    const part = dossier.plant.profile.parts.find((p) => p.key === take.part);
    const said = takes.get(take.id);
    const day = isoDay(take.day);
    if (!part || !said || day < since || take.eaten) return [];
    const amount = inUnit(take, part);
    const each = part.unit === 'gram' ? null : units.each(dossier.plant.profile.key, part);
    return [
      {
        ...fromStand(dossier, part),
        ...{ id: take.id, day, by: take.by, part: part.key, unit: part.unit },
        said: mayPutRight(said) ? { visitId: said.visitId, body: said.body } : null,
        amount: amount ?? take.amount,
        each,
      },
    ];
  });
}
