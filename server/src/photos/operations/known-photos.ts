import type { KnownPhoto } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import { identityOn, rulesOn } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { seesExactly } from '../../patches/index.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { dossiersOf, type Dossier } from '../../stands/index.ts';
import { photosOfStands } from '../repository.ts';

/** The eye is practised on so many photos at most, the newest. */
const MOST_PHOTOS = 300;
/** A stage that was said to be reached so many days before a photo shows on it. An estimate. */
const STAGE_DAYS = 3;

/** Photos to practise the eye on: of stands that are confirmed, as far as somebody sees the place. */
export async function knownPhotos(
  deps: Dependencies,
  { group, account }: Pick<GroupContext<null>, 'group' | 'account'>,
): Promise<readonly KnownPhoto[]> {
  const [rows, { stands }] = await Promise.all([
    photosOfStands(deps.db, group.id, MOST_PHOTOS),
    dossiersOf(deps, group),
  ]);
  const today = dayNumber(group.today);
  const known = new Map(
    stands
      .filter(({ book }) => identityOn(book, today, rulesOn(book.rules, today)).status === 'confirmed')
      .map((d) => [d.stand.id, d]),
  );
  return rows.flatMap(({ id, standId, day, madeBy }) => {
    const dossier = known.get(standId!);
    if (!dossier || !(madeBy === account.accountId || seesExactly(dossier.patch, group.viewer))) return [];
    return [{ id, plantKey: dossier.plant.profile.key, stage: stageAbout(dossier, dayNumber(day)) }];
  });
}

function stageAbout({ record, plant }: Dossier, day: DayNumber): string | null {
  const said = record.sightings.filter((s) => s.reached && s.day <= day && day - s.day <= STAGE_DAYS);
  return plant.profile.stages.findLast((stage) => said.some((s) => s.stage === stage.key))?.key ?? null;
}
