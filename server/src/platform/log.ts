import { pino, type Logger } from 'pino';

export type Log = Logger;

/** An address as it may stand in a log: without its query, and without the secret that the link of an invitation, a new password or a calendar is. */
export const loggedPath = (url: string): string =>
  url.split('?')[0]!.replace(/^(\/(?:api\/invitations|invitation|api\/resets|reset|api\/calendar)\/)[^/]+/, '$1…');

/** Of an error of the database what was asked, not with which values: positions and digests are among them. */
function withoutValues(error: unknown): unknown {
  const said = pino.stdSerializers.err(error as Error) as unknown as Record<string, unknown>;
  const cut = (text: unknown): unknown =>
    typeof text === 'string' ? text.replace(/\nparams:[^\n]*/g, '\nparams: …') : text;
  const { params: _p, query: _q, sql: _s, ...rest } = said;
  return { ...rest, message: cut(said['message']), stack: cut(said['stack']) };
}

/** Structured log on standard output; secrets never reach it because bodies and cookies are not logged. */
export const createLog = (level: string): Log =>
  pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime, serializers: { err: withoutValues } });
