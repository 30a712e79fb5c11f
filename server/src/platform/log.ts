import { pino, type Logger } from 'pino';

export type Log = Logger;

/** An address as it may stand in a log: without its query, and without the secret that an invitation's link is. */
export const loggedPath = (url: string): string =>
  url.split('?')[0]!.replace(/^(\/(?:api\/invitations|invitation)\/)[^/]+/, '$1…');

/** Structured log on standard output; secrets never reach it because bodies and cookies are not logged. */
export const createLog = (level: string): Log => pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime });
