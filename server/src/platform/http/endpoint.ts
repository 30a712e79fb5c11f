import { parse as parseCookies } from 'cookie';
import { gunzipSync } from 'node:zlib';
import express, { type Request, type RequestHandler, type Response, type Router } from 'express';
import { bodySchemaOf, isUuid, ROLES, type Language, type Role, type Route, type Who } from '@emberfield/contract';
import type { Thing } from '@emberfield/words';
import { AppError, notFound } from '../errors.ts';
import { parse } from '../parse.ts';
import { FileAnswer } from './file-answer.ts';
import { StreamAnswer } from './stream-answer.ts';
import { JsonAnswer } from './json-answer.ts';
import { languageOf } from './language-of.ts';
import { assertSameSite, assertToken } from './cross-site.ts';
import type { AccountContext, Context, GroupContext, InGroup, SignedIn } from './context.ts';

const LARGEST_BODY_BYTES = 512 * 1024;
const LARGEST_FILE_BYTES = 8 * 1024 * 1024;
const SESSION_COOKIE = 'emberfield_session';
const SESSION_MAX_AGE_MS = 60 * 24 * 3_600_000;

/** Looks up who asks; handed in, so that this file knows no table. */
export interface Gatekeeper {
  /** `null` for a session that is none; `group` is `null` where it is not theirs. */
  readonly caller: (
    token: string,
    groupId: string | null,
    language: Language,
  ) => Promise<{ readonly account: SignedIn; readonly group: InGroup | null } | null>;
  readonly publicUrl: string | null;
  /** Told after every change in a group, with the page that made it, where it said which it is. */
  readonly changed: (groupId: string, byTab: string | null) => void;
}

export type Handler<Body, Answer, Ctx extends Context<Body> = Context<Body>> = (context: Ctx) => Promise<Answer>;

const readJson = express.json({ limit: LARGEST_BODY_BYTES, strict: false, type: () => true });
const fileReader = ({ mostBytes }: Pick<Route, 'mostBytes'>): RequestHandler =>
  express.raw({ limit: mostBytes ?? LARGEST_FILE_BYTES, type: () => true });
/** What anybody may send without signing in (a browser's report) is small. */
const LARGEST_REPORT_BYTES = 16 * 1024;
const readReport = express.raw({ limit: LARGEST_REPORT_BYTES, type: () => true });

/** Mounts endpoints on a router: who may, what comes in, what goes out, in this order for every one of them. */
export class Endpoints {
  constructor(
    private readonly router: Router,
    private readonly gate: Gatekeeper,
  ) {}

  anyone<B, A>(route: Route<B, A>, handler: Handler<B, A>, ...limits: RequestHandler[]): void {
    this.mount(route, handler, limits);
  }

  signedIn<B, A>(
    route: Route<B, A>,
    handler: Handler<B, A | JsonAnswer, AccountContext<B>>,
    ...limits: RequestHandler[]
  ): void {
    this.mount(route, handler as Handler<B, A>, limits);
  }

  inGroup<B, A>(route: Route<B, A>, handler: Handler<B, A | JsonAnswer | StreamAnswer, GroupContext<B>>): void {
    this.mount(route, handler as Handler<B, A>, []);
  }

  private mount<B, A>(route: Route<B, A>, handler: Handler<B, A>, limits: RequestHandler[]): void {
    const reader =
      route.body === null
        ? []
        : [route.body !== 'bytes' ? readJson : route.who === 'anyone' ? readReport : fileReader(route)];
    // The gate stands before the reader: a stranger cannot make the server swallow megabytes.
    const gate: RequestHandler = (request, response, next) => {
      this.admit(route, request, response).then(() => next(), next);
    };
    this.router[route.method](route.path, gate, ...reader, ...limits, (request, response, next) => {
      answer(route, handler, request, response).then(() => {
        const group = response.locals['group'] as InGroup | null;
        if (group && route.method !== 'get' && !route.quiet) this.gate.changed(group.id, tabOf(request));
      }, next);
    });
  }

  private async admit(route: Route<never, unknown> | Route, request: Request, response: Response): Promise<void> {
    assertSameSite(request, this.gate.publicUrl);
    for (const [name, value] of Object.entries(request.params))
      if (name.endsWith('Id') && !isUuid(String(value))) throw notFound(name.slice(0, -2) as Thing);
    for (const name of Object.keys(request.query))
      if (!route.query.includes(name))
        throw new AppError('badInput', { field: `query.${name}`, reason: 'unknownField' });
    const token = cookieOf(request);
    const groupId = request.params['groupId'];
    const asked = typeof groupId === 'string' ? groupId : null;
    const caller = token ? await this.gate.caller(token, asked, languageOf(request)) : null;
    const account = caller?.account ?? null;
    const group = caller?.group ?? null;
    if (route.who !== 'anyone') {
      if (!account) throw new AppError('notSignedIn');
      assertToken(request, account.token);
    }
    if (asked !== null) {
      if (!group) throw notFound('group');
      if (!mayAs(group.role, route.who)) throw new AppError('notAllowed', { values: { role: group.role } });
    }
    response.locals['account'] = account;
    response.locals['group'] = group;
  }
}

function mayAs(role: Role, who: Who): boolean {
  return ROLES.indexOf(role) >= ROLES.indexOf(who as Role);
}

async function answer<B, A>(
  route: Route<B, A>,
  handler: Handler<B, A>,
  request: Request,
  response: Response,
): Promise<void> {
  const secure = request.secure;
  const context: Context<B> = {
    body: bodyOf(route, request),
    params: request.params as Record<string, string>,
    query: queryOf(request),
    account: response.locals['account'] as SignedIn | null,
    group: response.locals['group'] as InGroup | null,
    // Closed before the answer went out: whoever asked has gone away or pressed stop.
    gone: () => response.closed || response.destroyed,
    browser: (request.get('user-agent') ?? '').slice(0, 120),
    setSession: (token) => {
      const common = { httpOnly: true, sameSite: 'lax', secure, path: '/' } as const;
      if (token === null) response.clearCookie(SESSION_COOKIE, common);
      else response.cookie(SESSION_COOKIE, token, { ...common, maxAge: SESSION_MAX_AGE_MS });
    },
  };
  const result = await withDeadline(handler(context));
  response.setHeader('Cache-Control', 'no-store');
  if (result instanceof StreamAnswer) result.begin(response);
  else if (result instanceof FileAnswer) sendFile(response, result);
  else if (result instanceof JsonAnswer) sendJson(request, response, result);
  else if (result === null) response.status(204).end();
  else response.json(result);
}

/** Nobody waits longer than this: a database that neither answers nor fails is as good as away. */
const LONGEST_ANSWER_MS = 60_000;
async function withDeadline<A>(work: Promise<A>): Promise<A> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new AppError('busy')), LONGEST_ANSWER_MS);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

/** Packed as it is kept, unless whoever asks cannot unpack. */
function sendJson(request: Request, response: Response, { bytes, packed }: JsonAnswer): void {
  const asIs = !packed || request.acceptsEncodings('gzip') === 'gzip';
  const content = asIs ? bytes : gunzipSync(bytes);
  response.setHeader('Content-Type', 'application/json; charset=utf-8');
  response.setHeader('Content-Length', content.length);
  if (packed) response.setHeader('Vary', 'Accept-Encoding');
  if (packed && asIs) response.setHeader('Content-Encoding', 'gzip');
  response.end(content);
}

/** A file is saved or shown as what it is, never run as a page. */
function sendFile(response: Response, { content, type, fileName }: FileAnswer): void {
  response.setHeader('Content-Type', type);
  response.setHeader('X-Content-Type-Options', 'nosniff');
  if (fileName !== null) response.setHeader('Content-Disposition', `attachment; filename="${fileName}"`);
  response.end(content);
}

function bodyOf<B, A>(route: Route<B, A>, request: Request): B {
  if (route.body === null) return null as B;
  if (route.body === 'json') return parse(bodySchemaOf(route), request.body as unknown);
  return (Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0)) as B;
}

/** A query value given twice is refused: what was meant cannot be known. */
function queryOf(request: Request): Record<string, string | undefined> {
  const out: Record<string, string | undefined> = {};
  for (const [name, value] of Object.entries(request.query)) {
    if (typeof value !== 'string') throw new AppError('badInput', { field: `query.${name}`, reason: 'wrongType' });
    if (value.length > 200) throw new AppError('badInput', { field: `query.${name}`, reason: 'tooLong' });
    out[name] = value;
  }
  return out;
}

/** What a page calls itself, for as long as it is open. */
function tabOf(request: Request): string | null {
  const tab = request.get('x-emberfield-tab') ?? '';
  return isUuid(tab) ? tab : null;
}

function cookieOf(request: Request): string | null {
  const value = parseCookies(request.headers.cookie ?? '')[SESSION_COOKIE];
  return value && /^[\w-]{20,100}$/.test(value) ? value : null;
}
