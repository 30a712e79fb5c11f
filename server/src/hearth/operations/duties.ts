import type { Duty } from '@emberfield/contract';
import { dayNumber, isoDay, type DayNumber } from '@emberfield/core/measure';
import { seasonOf } from '@emberfield/core/phenology';
import { identityOn, isoRange, standSeason, type Dossier } from '../../stands/index.ts';

const COUNT_EVERY_DAYS = 400;
const LEAVE_NOTICE_DAYS = 60;

/** What a stand asks for besides taking: a second look, a count, a new leave. */
export function dutiesOf(dossier: Dossier, day: DayNumber, today: DayNumber): readonly Duty[] {
  const { stand, patch, record } = dossier;
  const duties: Duty[] = [];
  const identity = identityOn(dossier, day);
  if (identity !== 'confirmed') duties.push(settle(dossier, day, today));
  const lastCount = record.counts.findLast((c) => c.day <= day)?.day ?? null;
  if (identity !== 'unconfirmed' && (lastCount === null || day - lastCount > COUNT_EVERY_DAYS))
    duties.push({ kind: 'countStand', standId: stand.id, lastCount: lastCount === null ? null : isoDay(lastCount) });
  const { leave, leaveUntil } = patch.facts;
  if (
    leave === 'given' &&
    leaveUntil !== null &&
    dayNumber(leaveUntil) >= day &&
    dayNumber(leaveUntil) - day <= LEAVE_NOTICE_DAYS
  )
    duties.push({ kind: 'leaveEnds', standId: stand.id, until: leaveUntil });
  return duties;
}

/** Look again when it flowers (BBCH 6) or fruits (8), whichever comes next: that is when most signs show. */
function settle(dossier: Dossier, day: DayNumber, today: DayNumber): Duty {
  const {
    stand,
    patch,
    plant: { profile },
  } = dossier;
  const season = seasonOf(day, profile.seasonStart, patch.latitudeDeg);
  const telling = [season, season + 1].flatMap((s) =>
    standSeason(dossier, s, today).forecast.stages.flatMap((f, i) => {
      const spec = profile.stages[i]!;
      return (spec.bbch === 6 || spec.bbch === 8) && f.reached.p50 !== null && f.reached.p50 >= day
        ? [{ spec, reached: f.reached }]
        : [];
    }),
  );
  const next = telling[0];
  return {
    kind: 'settleIdentity',
    standId: stand.id,
    lookAgainStage: next?.spec.name ?? null,
    lookAgain: next ? isoRange(next.reached) : null,
    notRuledOut: profile.lookAlikes
      .filter((l) => l.severity === 'deadly' || l.severity === 'poisonous')
      .map((l) => l.name),
  };
}
