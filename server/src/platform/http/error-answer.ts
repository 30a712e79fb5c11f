import { randomBytes } from 'node:crypto';
import type { ErrorRequestHandler, Request, Response } from 'express';
import type { ErrorBody, ErrorCode, Language } from '@emberfield/contract';
import type { Words } from '@emberfield/words';
import { isAway, isTransient } from '../database/transact.ts';
import { AppError } from '../errors.ts';
import { loggedPath, type Log } from '../log.ts';
import { languageOf } from './language-of.ts';

export const STATUS: Readonly<Record<ErrorCode, number>> = {
  badInput: 400,
  badJson: 400,
  unreadableFile: 400,
  nothingToStore: 400,
  futureDay: 400,
  wrongCode: 400,
  notSignedIn: 401,
  wrongSignIn: 401,
  notAllowed: 403,
  crossSite: 403,
  notFound: 404,
  noSuchRoute: 404,
  linkUsed: 404,
  conflict: 409,
  idTaken: 409,
  stale: 409,
  alreadyFounded: 409,
  lastKeeper: 409,
  nameTaken: 409,
  tooLarge: 413,
  tooManyTries: 429,
  internal: 500,
  busy: 503,
};

/** The one shape of every refusal. What is not ours is a 500 with a log number and nothing else. */
export function errorAnswer(log: Log, words: (language: Language) => Words): ErrorRequestHandler {
  // Express knows an error handler by its four arguments.
  return (error: unknown, request, response, _next) => {
    const known = asAppError(error);
    const logId = known ? null : randomBytes(6).toString('hex');
    if (!known) log.error({ err: error, logId, method: request.method, path: loggedPath(request.path) }, 'unexpected');
    const code = known?.code ?? 'internal';
    const body: ErrorBody = {
      error: {
        code,
        message: words(languageOf(request)).error(code, {
          ...known?.values,
          ...(known?.reason ? { reason: known.reason } : {}),
          ...(known?.field ? { field: known.field } : {}),
          ...(logId ? { logId } : {}),
        }),
        field: known?.field ?? null,
        reason: known?.reason ?? null,
        logId,
      },
    };
    if (code === 'busy') {
      if (known?.cause) log.warn({ err: known.cause }, 'the database cannot be reached or gave way');
      response.setHeader('Retry-After', String(RETRY_AFTER_S));
    }
    if (code === 'tooLarge') drain(request, response);
    if (response.headersSent) return void response.end();
    response.status(STATUS[code]).setHeader('Cache-Control', 'no-store').json(body);
  };
}

const RETRY_AFTER_S = 5;
const DRAIN_MS = 5_000;

/** What is still being sent is read and dropped, so that the sender hears the refusal; one that does not stop is cut off. */
function drain(request: Request, response: Response): void {
  response.setHeader('Connection', 'close');
  request.resume();
  const cut = setTimeout(() => request.socket.destroy(), DRAIN_MS);
  request.on('close', () => clearTimeout(cut));
}

/** Errors of the body readers and of the router are known by their type; an allow-list, so nothing leaks. */
function asAppError(error: unknown): AppError | null {
  if (error instanceof AppError) return error;
  if (isTransient(error) || isAway(error)) return new AppError('busy', { cause: error });
  const { type, status } = (error ?? {}) as { type?: unknown; status?: unknown };
  if (type === 'entity.too.large') return new AppError('tooLarge');
  if (type === 'entity.parse.failed') return new AppError('badJson');
  if (
    typeof type === 'string' &&
    (type.startsWith('encoding.') || type.startsWith('charset.') || type.startsWith('request.'))
  )
    return new AppError('badJson');
  if (
    error instanceof URIError ||
    (error as { code?: unknown })?.code === 'ERR_HTTP_INVALID_HEADER_VALUE' ||
    status === 400
  )
    return new AppError('badInput', { reason: 'wrongType' });
  return null;
}
