import { createHash } from 'node:crypto';
import { eq, lt, sql } from 'drizzle-orm';
import { rateLimit as expressRateLimit, type Store } from 'express-rate-limit';
import type { RequestHandler } from 'express';
import type { Database } from '../database/database.ts';
import { AppError } from '../errors.ts';
import { rateLimit } from './rate-limit-table.ts';

const TRY_WINDOW_MS = 15 * 60_000;
const MOST_FAILED_TRIES = 10;
const REQUEST_WINDOW_MS = 60_000;

interface TryLimit {
  readonly name: string;
  /** What is being tried at, beside the address: a sign-in name, so that one guesser does not lock out a whole house. */
  readonly subject?: (body: unknown) => string;
  readonly most?: number;
}

/** Failed tries at a secret (password, code, link), counted in the database so that several servers share the count. */
export function tryLimit(
  db: Database,
  { name, subject = () => '', most = MOST_FAILED_TRIES }: TryLimit,
): RequestHandler {
  return expressRateLimit({
    windowMs: TRY_WINDOW_MS,
    limit: most,
    store: databaseStore(db, name),
    skipSuccessfulRequests: true,
    validate: { xForwardedForHeader: false, ip: false, keyGeneratorIpFallback: false },
    keyGenerator: (request) =>
      createHash('sha256')
        .update(`${networkOf(request.ip ?? '')}|${subject(request.body)}`)
        .digest('hex')
        .slice(0, 40),
    handler: (_request, _response, next) => next(new AppError('tooManyTries')),
  });
}

/** Of an IPv6 address its /64: whoever has one has all of it. */
function networkOf(ip: string): string {
  if (!ip.includes(':') || ip.startsWith('::ffff:')) return ip;
  const [head = '', tail = ''] = ip.split('::');
  const groups = head.split(':').filter(Boolean);
  const rest = tail.split(':').filter(Boolean);
  const filled = [...groups, ...Array<string>(Math.max(0, 8 - groups.length - rest.length)).fill('0'), ...rest];
  return `${filled
    .slice(0, 4)
    .map((g) => g.replace(/^0+(?=.)/, ''))
    .join(':')}::/64`;
}

/** All requests of one address: protects this server's own hands, so each server counts for itself, in memory. */
export function requestLimit(mostPerMinute: number): RequestHandler {
  return expressRateLimit({
    windowMs: REQUEST_WINDOW_MS,
    limit: mostPerMinute,
    validate: { xForwardedForHeader: false },
    handler: (_request, _response, next) => next(new AppError('tooManyTries')),
  });
}

function databaseStore(db: Database, name: string): Store {
  let windowMs = TRY_WINDOW_MS;
  const keyOf = (key: string): string => `${name}:${key}`;
  return {
    init: (options) => {
      windowMs = options.windowMs;
    },
    increment: async (key) => {
      const now = new Date();
      const resetAt = new Date(now.getTime() + windowMs);
      await db
        .insert(rateLimit)
        .values({ key: keyOf(key), hits: 1, resetAt })
        .onDuplicateKeyUpdate({
          // MariaDB assigns from left to right: hits must be judged before the reset moves.
          set: {
            hits: sql`IF(${rateLimit.resetAt} <= ${sql.param(now, rateLimit.resetAt)}, 1, ${rateLimit.hits} + 1)`,
            resetAt: sql`IF(${rateLimit.resetAt} <= ${sql.param(now, rateLimit.resetAt)}, ${sql.param(resetAt, rateLimit.resetAt)}, ${rateLimit.resetAt})`,
          },
        });
      const [row] = await db
        .select()
        .from(rateLimit)
        .where(eq(rateLimit.key, keyOf(key)));
      return { totalHits: row?.hits ?? 1, resetTime: row?.resetAt ?? resetAt };
    },
    decrement: async (key) => {
      await db
        .update(rateLimit)
        .set({ hits: sql`GREATEST(0, ${rateLimit.hits} - 1)` })
        .where(eq(rateLimit.key, keyOf(key)));
    },
    resetKey: async (key) => {
      await db.delete(rateLimit).where(eq(rateLimit.key, keyOf(key)));
    },
  };
}

/** Removes counters that have run out. */
export const sweepRateLimits = async (db: Database, now: Date): Promise<void> => {
  await db.delete(rateLimit).where(lt(rateLimit.resetAt, now));
};
