import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { ROUTES } from '@emberfield/contract';
import type { Dependencies } from './dependencies.ts';
import { mountCalendar } from './calendar/index.ts';
import { mountHearth } from './hearth/index.ts';
import { mountIdentity } from './identity/index.ts';
import { mountPatches } from './patches/index.ts';
import { createGatekeeper, mountPeople } from './people/index.ts';
import { mountPermits } from './permits/index.ts';
import { mountPhotos } from './photos/index.ts';
import { mountPlaces } from './places/index.ts';
import { mountPlants } from './plants/index.ts';
import { ping } from './platform/database/database.ts';
import { AppError } from './platform/errors.ts';
import { Endpoints } from './platform/http/endpoint.ts';
import { LEAST_PACKED_BYTES, PACKING_LEVEL } from './platform/http/json-answer.ts';
import { errorAnswer } from './platform/http/error-answer.ts';
import { requestLimit } from './platform/http/rate-limit.ts';
import { loggedPath } from './platform/log.ts';
import { mountStands } from './stands/index.ts';
import { mountTide } from './tide/index.ts';
import { mountLarder } from './larder/index.ts';
import { mountArchive } from './archive/index.ts';
import { mountLedger } from './ledger/index.ts';
import { mountSupply } from './supply/index.ts';
import { mountVisits } from './visits/index.ts';
import { mountWeather } from './weather/index.ts';
import { mountYear } from './year/index.ts';

/** The whole server as an Express application, from its parts; it listens nowhere yet. */
export function createApp(deps: Dependencies): Express {
  const app = express();
  app.disable('x-powered-by');
  // Behind one proxy, when the operator says so by naming the public address; else the header is anybody's.
  app.set('trust proxy', deps.publicUrl === null ? false : 1);
  app.set('query parser', 'simple');
  // Answers are of a moment and not kept by browsers: a digest of each would be reckoned for nobody.
  app.set('etag', false);
  app.use(
    pinoHttp({
      logger: deps.log,
      autoLogging: deps.log.isLevelEnabled('debug'),
      serializers: {
        req: ({ method, url }: { method: string; url: string }) => ({ method, url: loggedPath(url) }),
        res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
      },
    }),
  );
  app.use(securityHeaders(deps.publicUrl?.startsWith('https:') ?? false, deps.tilesUrl));
  app.use((_request, response, next) => {
    response.setHeader('Permissions-Policy', PERMISSIONS);
    next();
  });
  app.use('/api', packedAnswers);
  app.use('/api', requestLimit(deps.requestsPerMinute));

  const endpoints = new Endpoints(app, createGatekeeper(deps));
  endpoints.anyone(ROUTES.health, () => health(deps));
  endpoints.anyone(ROUTES.cspReport, async ({ body }) => {
    deps.log.warn({ report: String(body).slice(0, 2000) }, 'content security policy violated');
    return null;
  });
  endpoints.signedIn(ROUTES.baseMap, async () => {
    if (deps.baseMap === null) throw new AppError('notFound', { values: { what: 'map' } });
    return JSON.parse(deps.baseMap) as unknown;
  });
  mountPeople(endpoints, deps);
  mountPlants(endpoints, deps);
  mountPatches(endpoints, deps);
  mountPermits(endpoints, deps);
  mountStands(endpoints, deps);
  mountVisits(endpoints, deps);
  mountLarder(endpoints, deps);
  mountSupply(endpoints, deps);
  mountLedger(endpoints, deps);
  mountArchive(endpoints, deps);
  mountPhotos(endpoints, deps);
  mountPlaces(endpoints, deps);
  mountIdentity(endpoints, deps);
  mountWeather(endpoints, deps);
  mountTide(endpoints, deps);
  mountHearth(endpoints, deps);
  mountYear(endpoints, deps);
  mountCalendar(endpoints, deps);
  app.use('/api', (_request, _response, next) => next(new AppError('noSuchRoute')));
  if (deps.webFolder) app.use(compression(), ...webApplication(deps.webFolder));
  app.use(errorAnswer(deps.log, deps.words));
  return app;
}

const HEALTH_WAIT_MS = 2_000;
/** Well only while the database answers in time; which part fails stands in the log. */
async function health({ db }: Dependencies): Promise<{ readonly ok: true }> {
  const late = new Promise<never>((_, reject) =>
    setTimeout(
      () => reject(new AppError('busy', { cause: new Error('the database does not answer') })),
      HEALTH_WAIT_MS,
    ).unref(),
  );
  await Promise.race([ping(db), late]);
  return { ok: true };
}

const packedAnswers = compression({ threshold: LEAST_PACKED_BYTES, level: PACKING_LEVEL });

/** Where one stands and a photo are asked for; nothing else, and by no page within a page. */
const PERMISSIONS = 'geolocation=(self), camera=(self), microphone=(), payment=(), usb=(), display-capture=()';

/** The policy follows the configuration: pictures of tiles may come from where the operator says, and from nowhere else. */
export function securityHeaders(https: boolean, tilesUrl: string | null): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'", "'wasm-unsafe-eval'"],
        'worker-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:', ...(tilesUrl ? [new URL(tilesUrl).origin] : [])],
        'font-src': ["'self'"],
        'connect-src': ["'self'"],
        'object-src': ["'none'"],
        'base-uri': ["'none'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
        'report-uri': ['/api/csp-report'],
      },
    },
    strictTransportSecurity: https ? { maxAge: 31_536_000 } : false,
    referrerPolicy: { policy: 'same-origin' },
  });
}

const YEAR_SECONDS = 31_536_000;

/** The built pages: hashed files may be kept for ever, the page itself is asked for each time. */
function webApplication(folder: string): [RequestHandler, RequestHandler] {
  const files = express.static(folder, {
    index: false,
    setHeaders: (response, path) =>
      response.setHeader(
        'Cache-Control',
        path.includes(`${join('assets', '')}`) ? `public, max-age=${YEAR_SECONDS}, immutable` : 'no-cache',
      ),
  });
  const page = join(folder, 'index.html');
  const fallback: RequestHandler = (request, response, next) => {
    if (request.method !== 'GET' || !existsSync(page)) return next(new AppError('noSuchRoute'));
    response.setHeader('Cache-Control', 'no-cache').sendFile(page);
  };
  return [files, fallback];
}
