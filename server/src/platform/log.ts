import { pino, type Logger } from 'pino';

export type Log = Logger;

/** An address as it may stand in a log: without its query, and without the secret that the link of an invitation or a calendar is. */
export const loggedPath = (url: string): string =>
  url.split('?')[0]!.replace(/^(\/(?:api\/invitations|invitation|api\/calendar)\/)[^/]+/, '$1…');

/** Structured log on standard output; secrets never reach it because bodies and cookies are not logged. */
export const createLog = (level: string): Log => pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime });
