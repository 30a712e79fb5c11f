import type { StandKit } from '@emberfield/contract';
import { packBook, type Book } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { clearanceIn } from '../../people/index.ts';
import { seesExactly } from '../../patches/index.ts';
import { dossiersOf } from './dossier.ts';
import { stageDaysFor } from './stand-answers.ts';

const BLUR_DEG = 0.1;
const BLUR_M = 50;
/** Where a secret place is, to whoever is not to know it: about so far from the equator, and about so high. */
const blurred = ({ latitudeDeg, heightM, ...rest }: Book['place']): Book['place'] => ({
  ...rest,
  longitudeDeg: 0,
  latitudeDeg: Math.round(latitudeDeg / BLUR_DEG) * BLUR_DEG,
  heightM: Math.round(heightM / BLUR_M) * BLUR_M,
});

/** What a device needs to answer for a stand by itself. */
export async function viewKit(deps: Dependencies, { group, account, params }: GroupContext<null>): Promise<StandKit> {
  const {
    stands: [dossier],
    clearances,
  } = await dossiersOf(deps, group, params['standId']);
  if (!dossier) throw notFound('stand');
  const { book, patch, weather, knowledge } = dossier;
  const stageDays = stageDaysFor(deps.answers, { book, patch, weatherKey: weather?.key ?? '-', knowledge });
  const exact = seesExactly(patch, group, account.accountId);
  return {
    book: packBook(exact ? book : { ...book, place: blurred(book.place), shore: null }, stageDays),
    clearance: clearanceIn(clearances, account.accountId, book.profile.family),
  };
}
