import ical, { ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { createWords, type Words } from '@emberfield/words';
import type { Dependencies } from '../../dependencies.ts';
import { todayIn } from '../../platform/clock.ts';
import { notFound } from '../../platform/errors.ts';
import { FileAnswer } from '../../platform/http/file-answer.ts';
import { Pauses } from '../../answers/index.ts';
import { digestOf } from '../../platform/tokens.ts';
import { dossiersOf } from '../../stands/index.ts';
import { feedByToken, noteRead, type AnnouncementRow } from '../repository.ts';
import { announce } from './announce.ts';
import { comingAt, type Coming } from './coming.ts';

const BEHIND_DAYS = 30;
const AHEAD_DAYS = 365;
const READ_AGAIN_HOURS = 6;
const HOUR_S = 3600;
const MS_PER_DAY = 86_400_000;

/** The calendar of a secret address: whole days, no positions, the names of secret places left out. */
export async function readFeed(deps: Dependencies, params: Readonly<Record<string, string>>): Promise<FileAnswer> {
  const token = (params['token'] ?? '').replace(/\.ics$/, '');
  const found = await feedByToken(deps.db, digestOf(token));
  if (!found) throw notFound('calendar');
  const { feed } = found;
  const language = found.language ?? 'en';
  const viewer = { role: found.role, accountId: feed.accountId, language };
  const group = { ...found.group, role: found.role, viewer, today: todayIn(found.group.zone, deps.clock) };
  const today = dayNumber(group.today);
  const { stands } = await dossiersOf(deps, group);
  const frame = {
    today,
    from: today - BEHIND_DAYS,
    to: today + AHEAD_DAYS,
  };
  const coming: Coming[] = [];
  const pauses = new Pauses();
  for (const dossier of stands) {
    coming.push(...comingAt(dossier, frame).filter((c) => feed.kinds.includes(c.kind)));
    await pauses.pause();
  }
  const said = await announce(deps, group, coming);
  await noteRead(deps.db, feed.groupId, feed.accountId, deps.clock.now());
  const words = createWords(language, group.units);
  const calendar = ical({
    name: words.t('calendar.name', { group: group.name }),
    prodId: { company: 'Emberfield', product: 'Emberfield', language: language.toUpperCase() },
    method: ICalCalendarMethod.PUBLISH,
    ttl: READ_AGAIN_HOURS * HOUR_S,
  });
  for (const item of coming) addEvent(calendar, item, said.get(item)!, words, deps);
  return new FileAnswer(calendar.toString(), 'text/calendar; charset=utf-8', 'emberfield.ics');
}

function addEvent(
  calendar: ReturnType<typeof ical>,
  item: Coming,
  row: AnnouncementRow,
  words: Words,
  { publicUrl, clock }: Dependencies,
): void {
  const { patch, plant, stand } = item.dossier;
  // Entries are copied to other people's computers: a secret place is not named in them to anybody.
  const place = patch.secret ? words.t('patch.secretPlace') : patch.name;
  const { summary, description } = sayComing(item, words);
  calendar.createEvent({
    id: `${row.keyDigest.toString('hex').slice(0, 32)}@emberfield`,
    sequence: row.sequence,
    stamp: clock.now(),
    start: new Date(item.day * MS_PER_DAY),
    allDay: true,
    transparency: ICalEventTransparency.TRANSPARENT,
    summary: `${words.text(plant.profile.names)}, ${place}: ${summary}`,
    description: [...description, words.t('common.caution')].join('\n'),
    ...(publicUrl ? { url: new URL(`/stands/${stand.id}`, publicUrl).href } : {}),
  });
}

function sayComing(
  { about, day }: Coming,
  words: Words,
): { readonly summary: string; readonly description: readonly string[] } {
  const { t, format, text } = words;
  if (about.kind === 'duty') {
    const { what, why } = words.duty(about.duty, isoDay(day));
    return { summary: what, description: why ? [why] : [] };
  }
  const { p10, p90 } = about.range;
  return {
    summary: t(about.kind === 'opens' ? 'calendar.opens' : 'calendar.lastCall', { part: text(about.partName) }),
    description: [
      ...(p10 && p90 ? [t(`calendar.range.${about.kind}`, { early: format.day(p10), late: format.day(p90) })] : []),
      ...(about.kind === 'opens' && about.closes !== null
        ? [t('calendar.until', { day: format.day(isoDay(about.closes)) })]
        : []),
      ...(about.settled ? [] : [t('calendar.notSettled')]),
    ],
  };
}
