import type { Notice } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import type { Dependencies } from '../../dependencies.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { laterCacheOf, Pauses } from '../../answers/index.ts';
import { dossiersOf, groupState, type GroupDossier } from '../../stands/index.ts';
import { announce } from './announce.ts';
import { comingAt, type Coming } from './coming.ts';

const SOON_DAYS = 3;
/** A window that moved is told so long, and only while it is not far away. */
const TOLD_DAYS = 7;
const FAR_DAYS = 60;
const BEHIND_DAYS = 14;
const MOST_NOTICES = 60;

/** What wants to be known today: windows about to open, last calls, and windows that moved far from what was said. */
export async function listNotices(
  deps: Dependencies,
  { group, account }: GroupContext<null>,
): Promise<readonly Notice[]> {
  const state = await groupState(deps, group);
  const { all, alarms } = await deps.answers.of(NOTICES).get(state, async () => {
    const { stands } = await dossiersOf(deps, group);
    return {
      all: await noticesOf(deps, group, stands),
      alarms: stands.flatMap((s) => alarmsAt(s, dayNumber(group.today))),
    };
  });
  return [...alarms.filter((a) => a.for === account.accountId).map((a) => a.notice), ...all];
}

/** Every view asks for them: they are made anew only when something that they hang on has changed. */
const NOTICES = laterCacheOf<{ readonly all: readonly Notice[]; readonly alarms: readonly Alarm[] }>(500);

interface Alarm {
  /** Whose take it was. */
  readonly for: string;
  readonly notice: Notice;
}
/** What was taken so long before may lie in a jar or a bowl still; and it is said for so long. Estimates. */
const [CONCERNS_DAYS, ALARM_DAYS] = [30, 14];
/** Something dangerous that was found at a stand, for each of those who took from it before: once for each of its parts. */
function alarmsAt({ stand, patch, plant, record }: GroupDossier['stands'][number], today: number): readonly Alarm[] {
  return record.searches
    .filter((s) => s.found && s.deadly && s.day > today - ALARM_DAYS)
    .flatMap(({ day, lookedFor }) => {
      const takes = record.takes.filter((t) => t.day <= day && t.day > day - CONCERNS_DAYS);
      const concerned = new Map(takes.map((t) => [`${t.byId}:${t.part}`, t]));
      return [...concerned.values()].map(({ byId, part }): Alarm => ({
        for: byId,
        notice: {
          key: `${stand.id}:alarm:${part}:${day}:${lookedFor}`,
          kind: 'alarm',
          standId: stand.id,
          plantName: plant.profile.names,
          partName: plant.profile.parts.find((p) => p.key === part)?.name ?? {},
          patchName: patch.name,
          day: isoDay(day),
          before: null,
          found: plant.profile.lookAlikes.find((l) => l.scientific === lookedFor)?.name ?? { en: lookedFor },
        },
      }));
    });
}

async function noticesOf(
  deps: Dependencies,
  group: GroupContext<null>['group'],
  stands: GroupDossier['stands'],
): Promise<readonly Notice[]> {
  const today = dayNumber(group.today);
  const frame = { today, from: today - BEHIND_DAYS, to: today + FAR_DAYS };
  const coming: Coming[] = [];
  const pauses = new Pauses();
  for (const dossier of stands) {
    coming.push(...comingAt(dossier, frame).filter((c) => c.kind === 'opens' || c.kind === 'lastCall'));
    await pauses.pause();
  }
  const said = await announce(deps, group, coming);
  const notices = coming.flatMap((item): Notice[] => {
    const { about, day, dossier } = item;
    if (about.kind === 'duty') return [];
    const row = said.get(item)!;
    const notice = (kind: Notice['kind'], before: string | null): Notice => ({
      key: `${row.keyDigest.toString('hex').slice(0, 16)}:${kind}:${kind === 'moved' ? row.plannedDay : ''}`,
      kind,
      standId: dossier.stand.id,
      plantName: dossier.plant.profile.names,
      partName: about.partName,
      patchName: dossier.patch.name,
      day: isoDay(about.kind === 'lastCall' ? (about.closes ?? day) : day),
      before,
      found: null,
    });
    const out: Notice[] = [];
    if (about.kind === 'opens' && day > today && day - today <= SOON_DAYS) out.push(notice('opensSoon', null));
    if (about.kind === 'lastCall' && day <= today && about.closes !== null && about.closes >= today)
      out.push(notice('lastCall', null));
    if (about.kind === 'opens' && day >= today && row.movedOn !== null && today - dayNumber(row.movedOn) < TOLD_DAYS)
      out.push(notice('moved', row.movedFrom));
    return out;
  });
  return notices.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0)).slice(0, MOST_NOTICES);
}
