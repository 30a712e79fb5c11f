// What may be planted at a stand, and what a look at it can say.
import { plantingBar, type EntryBodies } from '@emberfield/core/stand';
import type { EntryOf } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entryById, replacementsOf } from '../../entries/index.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import { standWithPlant, type Dossier, type KnownGroup, type StandAtPatch } from '../../stands/index.ts';

/**
 * Nothing of an invader is put in, and nothing of a plant under pressure comes out of the wild into a garden; what comes from another stand is of the
 * same plant.
 */
export async function assertPlantable(
  deps: Dependencies,
  group: KnownGroup,
  { patch, plant }: Pick<Dossier, 'plant'> & Pick<StandAtPatch, 'patch'>,
  { body }: EntryOf<'planting'>,
): Promise<void> {
  const other = body.fromStandId === null ? null : await standWithPlant(deps, group, body.fromStandId);
  if (body.fromStandId !== null && !other) throw notFound('stand');
  if (other && other.plant.profile.key !== plant.profile.key)
    throw new AppError('badInput', { field: 'body.fromStandId', reason: 'otherPlant' });
  const bar = plantingBar(plant.profile, {
    isTended: patch.facts.tended ?? false,
    fromWild: other !== null && !other.patch.facts.tended,
  });
  if (bar) throw new AppError('badInput', { field: bar === 'invader' ? 'kind' : 'body.fromStandId', reason: bar });
}

/** A look is at something that was planted here, earlier, and no more of it lives than was put in. */
export async function assertOfPlanting(
  tx: Transaction,
  groupId: string,
  { standId, day, body }: Pick<EntryOf<'plantingCheck'>, 'standId' | 'day' | 'body'>,
): Promise<void> {
  const planted = await entryById(tx, body.plantingId);
  if (planted?.entry.groupId !== groupId || planted.entry.kind !== 'planting' || planted.entry.standId !== standId)
    throw notFound('entry');
  const replacedBy = (await replacementsOf(tx, [body.plantingId])).get(body.plantingId);
  if (replacedBy === 'withdrawal') throw notFound('entry');
  if (planted.entry.day > day) throw new AppError('badInput', { field: 'day', reason: 'beforePlanted' });
  if (body.alive > (planted.entry.body as EntryBodies['planting']).number)
    throw new AppError('badInput', { field: 'body.alive', reason: 'moreThanPlanted' });
}
