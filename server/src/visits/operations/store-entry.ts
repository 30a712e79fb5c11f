import { confirmation, mayConfirm } from '@emberfield/core/identity';
import { binomialOf, lookAlikesUnnamed, methodsOf, twinsWithoutSigns } from '@emberfield/core/plants';
import {
  entrySchema,
  VOCABULARY,
  type Entry,
  type EntryOf,
  type EntryResult,
  type TakeVerdict,
} from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entryById, insertEntry, insertVerdict, rowOf, type ReadEntry } from '../../entries/index.ts';
import { patchById } from '../../patches/index.ts';
import { updateGroup } from '../../people/index.ts';
import { isUnder, claimPermits, claimPermitsAt, permitsOf, type PermitRow } from '../../permits/index.ts';
import { isDuplicate, transact } from '../../platform/database/transact.ts';
import type { Transaction } from '../../platform/database/database.ts';
import { AppError, notFound } from '../../platform/errors.ts';
import { contentDigest } from '../../platform/tokens.ts';
import { MODEL_REVISION, wishFault } from '@emberfield/core/stand';
import {
  bookUnderLock,
  claimStand,
  claimStandAt,
  commonsOf,
  rememberEntry,
  standWithPlant,
  taxaOf,
  viewVerdict,
  type Dossier,
  type KnownGroup,
  type StandAtPatch,
} from '../../stands/index.ts';
import { assertBatch, assertOfBatch } from './batch.ts';
import { assertHoldable } from './hold.ts';
import { dossierFor, judge } from './judge.ts';
import { assertOfPlanting, assertPlantable } from './planting.ts';
import { notePractice } from './practice.ts';
import type { Storing } from './storing.ts';
import { parse } from '../../platform/parse.ts';

/** The one way in for every entry, typed at the desk or synced from the field: stored once, whatever happens on the way. */
export async function storeEntry(deps: Dependencies, storing: Storing, input: unknown): Promise<EntryResult> {
  try {
    return await storeOnce(deps, storing, parse(entrySchema, input, ''));
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    const id =
      typeof (input as { id?: unknown } | null)?.id === 'string'
        ? String((input as { id: string }).id).slice(0, 36)
        : null;
    const field = error.field?.replace(/^\./, '') ?? null;
    return {
      id,
      status: 'needsAttention',
      code: error.reason ?? error.code,
      message: deps.words(storing.group.viewer.language).error(error.code, {
        ...error.values,
        ...(error.reason ? { reason: error.reason } : {}),
        ...(field ? { field } : {}),
      }),
      field,
    };
  }
}

/** Whether it was stored before is looked up only where storing fails: an entry sent again meets its own key, or a refusal. */
async function storeOnce(deps: Dependencies, storing: Storing, entry: Entry): Promise<EntryResult> {
  try {
    return await storeChecked(deps, storing, entry);
  } catch (error) {
    if (!(error instanceof AppError) && !isDuplicate(error)) throw error;
    const before = await alreadyThere(deps, storing.group.id, entry.id, contentDigest(entry));
    if (before) return before;
    if (error instanceof AppError) throw error;
    throw new AppError('conflict', { field: 'replaces', cause: error });
  }
}

async function storeChecked(deps: Dependencies, storing: Storing, entry: Entry): Promise<EntryResult> {
  const { group } = storing;
  if (entry.day > group.today) throw new AppError('futureDay', { field: 'day', values: { today: group.today } });
  if (entry.kind === 'identity') await assertConfirmable(deps, group, entry);
  let permits: readonly PermitRow[] = [];
  if (entry.standId === null) {
    if (!(await patchById(deps.db, group.id, entry.patchId))) throw notFound('patch');
  } else if (entry.kind !== 'take' && entry.kind !== 'hold') {
    const found = await standFor(deps, group, entry.standId);
    assertFits(found, entry);
    // It may be a take that is withdrawn: then its permits have more left.
    if (entry.kind === 'withdrawal') permits = (await permitsOf(deps.db, group.id)).filter((p) => isUnder(p, found));
    if (entry.kind === 'planting') await assertPlantable(deps, group, found, entry);
  }
  const { stand, take } =
    entry.kind === 'take'
      ? await storeTake({ deps, storing, entry })
      : entry.kind === 'hold'
        ? await storeHold({ deps, storing, entry })
        : await transact(deps.db, async (tx) => {
            await claimPermits(tx, permits);
            return storeIn(tx, { deps, storing, entry });
          });
  if (stand)
    rememberEntry(deps, stand, {
      ...entry,
      standId: stand.id,
      by: storing.account.name,
      byId: storing.account.accountId,
    });
  return { id: entry.id, status: 'stored', take };
}

interface Work<E extends Entry = Entry> {
  readonly deps: Dependencies;
  readonly storing: Storing;
  readonly entry: E;
}
interface Stored {
  /** As it is after the entry. */
  readonly stand: StandAtPatch['stand'] | null;
  readonly take: TakeVerdict | null;
}

/**
 * A take is judged by the record of a revision of its stand, outside of any transaction, and stored only if the stand is still at
 * that revision. Else somebody was quicker: the stand is claimed first, and the take judged anew as it is then.
 */
async function storeTake(work: Work<EntryOf<'take'>>): Promise<Stored> {
  const { deps, storing, entry } = work;
  const { group, account } = storing;
  const known = await dossierFor(deps, group, entry.standId!);
  const { stand, book, plant } = known.dossier;
  assertFits(known.dossier, entry);
  const store = async (tx: Transaction, verdict: TakeVerdict): Promise<TakeVerdict> => {
    if (entry.replaces !== null) await assertReplaceable(tx, storing, entry, entry.replaces);
    await insert(tx, work, { verdict, plantRevision: plant.revision });
    return verdict;
  };
  const before = judge(entry, known, book, account.accountId);
  const { permits } = known.dossier;
  const quick = await transact(deps.db, async (tx) =>
    (await claimPermitsAt(tx, permits)) && (await claimStandAt(tx, group.id, stand.id, stand.revision))
      ? store(tx, before)
      : null,
  );
  if (quick) return { stand: { ...stand, revision: stand.revision + 1 }, take: quick };
  return transact(deps.db, async (tx) => {
    await claimPermits(tx, permits);
    const claimed = await claimStand(tx, group.id, stand.id);
    if (!claimed) throw notFound('stand');
    const locked = await bookUnderLock(deps, tx, known.dossier, claimed);
    return { stand: claimed.stand, take: await store(tx, judge(entry, known, locked, account.accountId)) };
  });
}

/** What is set aside is judged under the stand's lock: two who ask for the last of it do not both get it. All else is read before. */
async function storeHold(work: Work<EntryOf<'hold'>>): Promise<Stored> {
  const { deps, storing, entry } = work;
  const known = await dossierFor(deps, storing.group, entry.standId!);
  assertFits(known.dossier, entry);
  return transact(deps.db, async (tx) => {
    await claimPermits(tx, known.dossier.permits);
    const claimed = await claimStand(tx, storing.group.id, entry.standId!);
    if (!claimed) throw notFound('stand');
    if (entry.replaces !== null) await assertReplaceable(tx, storing, entry, entry.replaces);
    assertHoldable(known, await bookUnderLock(deps, tx, known.dossier, claimed), storing, entry);
    await insert(tx, work, null);
    return { stand: claimed.stand, take: null };
  });
}

async function insert(
  tx: Transaction,
  { deps, storing: { group, account }, entry }: Work,
  judged: { readonly verdict: TakeVerdict; readonly plantRevision: number } | null,
): Promise<void> {
  await insertEntry(tx, rowOf(entry, { groupId: group.id, madeBy: account.accountId, storedAt: deps.clock.now() }));
  if (judged)
    await insertVerdict(tx, {
      entryId: entry.id,
      ...judged.verdict,
      plantRevision: judged.plantRevision,
      modelRevision: MODEL_REVISION,
    });
}

/** One transaction: the stand is claimed, the entry written, and with an identity what it shows of who said it. */
async function storeIn(tx: Transaction, work: Work): Promise<Stored> {
  const { deps, storing, entry } = work;
  const claimed = entry.standId === null ? null : await claimStand(tx, storing.group.id, entry.standId);
  if (entry.standId !== null && !claimed) throw notFound('stand');
  const before = entry.replaces === null ? null : await assertReplaceable(tx, storing, entry, entry.replaces);
  if (entry.kind === 'plantingCheck') await assertOfPlanting(tx, storing.group.id, entry);
  if (entry.kind === 'batch') await assertBatch(tx, storing.group.id, entry);
  if (entry.kind === 'batchWeighing' || entry.kind === 'batchStep') await assertOfBatch(tx, storing.group.id, entry);
  await insert(tx, work, null);
  // What was found here counts at the stands around: their answers hang on the group's row.
  if (tellsOthers(entry) || (before && isSighting(before.entry.kind))) await updateGroup(tx, storing.group.id, {});
  if (entry.kind === 'identity') await notePractice(deps, tx, storing, entry);
  return { stand: claimed?.stand ?? null, take: null };
}

const isSighting = (kind: Entry['kind']): boolean => kind === 'find' || kind === 'search';

/** Something that was found, or a whole place that was searched: more than its own stand hangs on it. */
const tellsOthers = (entry: Entry): boolean =>
  entry.kind === 'find' || (entry.kind === 'search' && (entry.body.found || entry.standId === null));

async function standFor(
  deps: Dependencies,
  group: KnownGroup,
  standId: string,
): Promise<StandAtPatch & Pick<Dossier, 'plant'>> {
  const found = await standWithPlant(deps, group, standId);
  if (!found) throw notFound('stand');
  return found;
}

/** Kinds of entries that are of one part of the plant. */
const OF_A_PART = ['take', 'hold', 'measurement', 'wish', 'batch'] as const;
const namesPart = (entry: Entry): entry is Extract<Entry, { kind: (typeof OF_A_PART)[number] }> =>
  (OF_A_PART as readonly string[]).includes(entry.kind);

function assertFits({ stand, plant: { profile } }: Pick<Dossier, 'stand' | 'plant'>, entry: Entry): void {
  if (stand.patchId !== entry.patchId) throw new AppError('badInput', { field: 'patchId', reason: 'otherPatch' });
  if (entry.kind === 'stageSighting' && !profile.stages.some((s) => s.key === entry.body.stage))
    throw new AppError('badInput', { field: 'body.stage', reason: 'unknownStage' });
  if (!namesPart(entry)) return;
  const part = profile.parts.find((p) => p.key === entry.body.part);
  if (!part) throw new AppError('badInput', { field: 'body.part', reason: 'unknownPart' });
  const fault = entry.kind === 'wish' ? wishFault(profile, entry.body) : null;
  if (fault) throw new AppError('badInput', { field: 'body.fromCm', reason: fault });
  if (entry.kind === 'take' && !methodsOf(part).includes(entry.body.method ?? 'usual'))
    throw new AppError('badInput', { field: 'body.method', reason: 'unknownMethod' });
  if (entry.kind === 'take' && entry.body.measure === 'gram' && part.unit !== 'gram' && part.massG === null)
    throw new AppError('badInput', { field: 'body.measure', reason: 'noMassKnown' });
}

/** An entry is corrected or withdrawn by whoever made it, or by a keeper; a correction says the same kind of thing. */
async function assertReplaceable(
  tx: Transaction,
  { group, account }: Storing,
  entry: Entry,
  id: string,
): Promise<ReadEntry> {
  const before: ReadEntry | null = await entryById(tx, id);
  if (!before || before.entry.groupId !== group.id) throw notFound('entry');
  if (before.entry.standId !== entry.standId || before.entry.patchId !== entry.patchId)
    throw new AppError('badInput', { field: 'replaces', reason: 'otherPatch' });
  if (entry.kind !== 'withdrawal' && entry.kind !== before.entry.kind)
    throw new AppError('badInput', { field: 'replaces', reason: 'otherKind' });
  if (before.entry.kind === 'withdrawal') throw new AppError('badInput', { field: 'replaces', reason: 'otherKind' });
  if (before.entry.madeBy !== account.accountId && group.role !== 'keeper')
    throw new AppError('notAllowed', { values: { role: group.role } });
  return before;
}

/** The same entry sent again: answered as it was the first time. The same key with another content is refused. */
async function alreadyThere(
  { db }: Dependencies,
  groupId: string,
  id: string,
  digest: Buffer,
): Promise<EntryResult | null> {
  const before = await entryById(db, id);
  if (!before) return null;
  if (before.entry.groupId !== groupId || !before.entry.contentDigest.equals(digest))
    throw new AppError('idTaken', { field: 'id' });
  return { id, status: 'alreadyThere', take: before.verdict && viewVerdict(before.verdict) };
}

/** "Confirmed" is a word about what was seen: the same rule as on the page, held against everything that is known. */
async function assertConfirmable(deps: Dependencies, group: KnownGroup, entry: EntryOf<'identity'>): Promise<void> {
  if (entry.body.status !== 'confirmed') return;
  const found = await standFor(deps, group, entry.standId!);
  const commons = await commonsOf(deps, group);
  const { seen, phase } = entry.body;
  const { profile } = found.plant;
  const said = confirmation(taxaOf(commons, group), VOCABULARY, { key: profile.key, seen, phase });
  const hostMissing = profile.habit === 'fungus' && !seen.some((s) => s.sign === 'host' && s.present);
  if (said.organsMissing || hostMissing)
    throw new AppError('badInput', { field: 'body.seen', reason: 'signsOfTwoOrgans' });
  // What nobody has named, or of which no signs are known, no look can rule out.
  if (lookAlikesUnnamed(profile)) throw new AppError('badInput', { field: 'body.status', reason: 'lookAlikesUnnamed' });
  const listed = new Set([...commons.plants.values()].map((p) => binomialOf(p.profile.scientific)));
  if (twinsWithoutSigns(profile, (l) => listed.has(binomialOf(l.scientific))).length > 0)
    throw new AppError('badInput', { field: 'body.status', reason: 'lookAlikeWithoutSigns' });
  if (!mayConfirm(said)) throw new AppError('badInput', { field: 'body.status', reason: 'dangerousOpen' });
}
