import { pino, type Logger } from 'pino';

export type Log = Logger;

/** Structured log on standard output; secrets never reach it because bodies and cookies are not logged. */
export const createLog = (level: string): Log => pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime });
