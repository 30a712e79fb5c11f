// What nobody needs any more, removed now and then.
import { isoDay } from '@emberfield/core/measure';
import type { Dependencies } from './dependencies.ts';
import { sweepAnnouncements } from './calendar/index.ts';
import { sweepPeople } from './people/index.ts';
import { sweepPlaceImports } from './places/index.ts';
import { sweepRateLimits } from './platform/http/rate-limit.ts';
import { sweepImports } from './weather/index.ts';

const MS_PER_DAY = 86_400_000;
/** An uploaded file is held so long, to be stored or taken back. */
const FILES_DAYS = 30;
/** What was said of a window stays until calendars have long passed it. */
const SAID_DAYS = 400;

export async function sweep({ db }: Pick<Dependencies, 'db'>, now: Date): Promise<void> {
  const before = new Date(now.getTime() - FILES_DAYS * MS_PER_DAY);
  await sweepRateLimits(db, now);
  await sweepPeople(db, now);
  await sweepPlaceImports(db, before);
  await sweepImports(db, before);
  await sweepAnnouncements(db, isoDay(Math.floor(now.getTime() / MS_PER_DAY) - SAID_DAYS));
}
