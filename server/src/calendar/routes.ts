import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from '../dependencies.ts';
import type { Endpoints } from '../platform/http/endpoint.ts';
import { tryLimit } from '../platform/http/rate-limit.ts';
import { endFeed, makeFeed, viewFeed } from './operations/feed-settings.ts';
import { readFeed } from './operations/feed.ts';
import { listNotices } from './operations/notices.ts';

export function mountCalendar(endpoints: Endpoints, deps: Dependencies): void {
  endpoints.inGroup(ROUTES.calendarFeed, (c) => viewFeed(deps, c));
  endpoints.inGroup(ROUTES.makeCalendarFeed, (c) => makeFeed(deps, c));
  endpoints.inGroup(ROUTES.endCalendarFeed, (c) => endFeed(deps, c));
  endpoints.inGroup(ROUTES.notices, (c) => listNotices(deps, c));
  // Calendars are read by programs that cannot sign in: the address itself is the secret.
  endpoints.anyone(ROUTES.calendar, (c) => readFeed(deps, c.params), tryLimit(deps.db, { name: 'calendar' }));
}
