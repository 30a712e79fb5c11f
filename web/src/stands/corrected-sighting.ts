import { isIsoDay } from '@emberfield/core/measure';
import type { Draft } from '../entries/use-entries.ts';
import type { SightingView } from '../kit/sighting-view.ts';

/** The sighting as corrected; `null` while nothing is different, or the day is none. */
export function correctedSighting(
  { kind, patchId, standId, visitId, day: before, body }: SightingView,
  {
    day,
    said,
    share,
  }: { readonly day: string; readonly said: 'reached' | 'notYet' | 'flush'; readonly share: number | null },
): Draft<'stageSighting'> | null {
  const reached = said !== 'notYet';
  const now = {
    stage: body.stage,
    reached,
    share: reached ? share : null,
    ...(said === 'flush' ? { offSeason: true } : {}),
  };
  const same =
    day === before &&
    now.reached === body.reached &&
    now.share === body.share &&
    (said === 'flush') === (body.offSeason === true);
  return same || !isIsoDay(day) ? null : { kind, patchId, standId, visitId, day, body: now };
}
