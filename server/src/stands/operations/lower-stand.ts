// Why a stand is late: the lowest of the plant's other stands beside it.
import type { LowerStand } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { seasonNow } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { notFound } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { lowestOfKind } from '../repository.ts';
import { dossiersOf } from './dossier.ts';

/** So much lower a place has to lie for its height to be the reason, m: two days, nearly, at half a degree in a hundred metres. */
const WELL_BELOW_M = 60;
const LEAST_LATER_DAYS = 2;

/** A secret place is compared with nothing by those who do not see it, and nothing with it: its height would be told. */
export async function lowerStand(
  deps: Dependencies,
  { group, params }: GroupContext<null>,
): Promise<LowerStand | null> {
  const {
    stands: [high],
  } = await dossiersOf(deps, group, params['standId']);
  if (!high) throw notFound('stand');
  if (high.patch.blurred) return null;
  const { heightM } = high.patch;
  const [lowest] = await lowestOfKind(deps.db, group.id, {
    plantKey: high.stand.plantKey,
    standId: high.stand.id,
    belowM: heightM - WELL_BELOW_M,
  });
  if (!lowest) return null;
  const {
    stands: [low],
  } = await dossiersOf(deps, group, lowest.standId);
  if (!low) return null;
  const season = seasonNow(high.book, dayNumber(group.today));
  const { profile } = low.book;
  const [here, there] = [high, low].map((d) => d.answers.seasons.of(season).windows);
  const later = here!.flatMap(({ part, use, opens }, w) => {
    const days = opens.p50 === null || there![w]?.opens.p50 == null ? 0 : opens.p50 - there![w].opens.p50;
    return days >= LEAST_LATER_DAYS ? [{ part: profile.parts.find((p) => p.key === part)!.key, use, days }] : [];
  });
  return later.length === 0
    ? null
    : { patchName: lowest.patchName, belowM: Math.round(heightM - lowest.heightM), later };
}
