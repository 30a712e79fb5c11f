import type { StandKit } from '@emberfield/contract';
import { packBook, type StandRecord } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { clearanceIn } from '../../people/index.ts';
import { placeKey } from '../../patches/index.ts';
import { dossiersOf } from './dossier.ts';
import { stageDaysFor } from './stand-answers.ts';

/** What a device needs to answer for a stand by itself. */
export async function viewKit(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<StandKit> {
  const {
    stands: [dossier],
    clearances,
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const { book, patch, weather, knowledge } = dossier;
  const stageDays = stageDaysFor(deps.answers, {
    book,
    placeKey: placeKey(patch),
    weatherKey: weather?.key ?? '-',
    knowledge,
  });
  return {
    book: packBook(patch.blurred ? { ...book, record: withoutWords(book.record) } : book, stageDays),
    who: account.accountId,
    clearance: clearanceIn(clearances, account.accountId, book.profile.family),
  };
}

/** A record without what somebody wrote down in words, and without where else they were: both tell where a place is. */
const withoutWords = (record: StandRecord): StandRecord => ({
  ...record,
  identities: record.identities.map((i) => ({ ...i, signs: [], note: '' })),
  awaited: record.awaited.map((a) => ({ ...a, note: '' })),
  plantings: record.plantings.map((p) => ({ ...p, fromStandId: null, note: '' })),
  plantingChecks: record.plantingChecks.map((c) => ({ ...c, note: '' })),
});
