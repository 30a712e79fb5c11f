import { Answers } from '../answers/index.ts';
import { startWorkers } from '../workers/index.ts';
import { type Server, createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createPool } from 'mysql2/promise';
import request, { type Test } from 'supertest';
import { v7 as newId } from 'uuid';
import { CATALOGUE, SOURCES } from '@emberfield/catalogue';
import {
  SIGNS,
  type Entry,
  type EntryBodies,
  type EntryKind,
  type IdentityStatus,
  type NewPatch,
  type Role,
  type SyncAnswer,
} from '@emberfield/contract';
import type { Phase, SeenSign } from '@emberfield/core/identity';
import { createWords } from '@emberfield/words';
import { createApp } from '../app.ts';
import type { Dependencies } from '../dependencies.ts';
import { hashPassword, insertAccount, insertGroup, insertMembership } from '../people/index.ts';
import { updateStand } from '../stands/repository.ts';
import { connect, type Connection } from '../platform/database/database.ts';
import { migrateDatabase } from '../platform/database/migrate.ts';
import { Live } from '../platform/http/live.ts';
import { createLog } from '../platform/log.ts';

export const TODAY = '2026-05-15';
const LONGEST_LISTENING_MS = 400;
export const PASSWORD = 'a long enough one';
const DATABASE = 'emberfield_specs';

/** A server on a database of its own, on the real MariaDB that the test command started. */
export interface TestServer {
  readonly deps: Dependencies;
  readonly connection: Connection;
  readonly url: string;
  readonly app: ReturnType<typeof createApp>;
  readonly close: () => Promise<void>;
}

let made: Promise<TestServer> | null = null;
/** One for all specs: bringing the tables up takes seconds. Each spec founds groups of its own. */
export const testServer = (): Promise<TestServer> => (made ??= startServer());

async function startServer(): Promise<TestServer> {
  const base = process.env['DATABASE_URL'];
  if (!base) throw new Error('Run the server specs through npm test: they need DATABASE_URL.');
  const admin = createPool({ uri: base, multipleStatements: true });
  await admin.query(`DROP DATABASE IF EXISTS ${DATABASE}; CREATE DATABASE ${DATABASE}`);
  await admin.end();
  const connection = connect(base.replace(/\/[^/]*$/, `/${DATABASE}`));
  await migrateDatabase(connection);
  const deps: Dependencies = {
    db: connection.db,
    clock: { now: () => new Date(), fixedDay: TODAY },
    log: createLog('silent'),
    answers: new Answers(),
    // A page that listens is let go soon: what asks for every route waits for its end.
    live: new Live(LONGEST_LISTENING_MS),
    workers: startWorkers(),
    words: createWords,
    catalogue: CATALOGUE,
    sources: SOURCES,
    demo: false,
    publicUrl: null,
    webFolder: null,
    tilesUrl: null,
    baseMap: JSON.stringify({ type: 'FeatureCollection', features: [] }),
    weatherService: null,
    requestsPerMinute: 1_000_000,
  };
  const app = createApp(deps);
  const server: Server = createServer(app).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  return {
    deps,
    connection,
    url,
    app,
    close: async () => {
      server.closeAllConnections();
      server.close();
      await deps.workers.stop();
      await connection.close();
    },
  };
}

export interface Person {
  readonly accountId: string;
  readonly signInName: string;
  readonly cookie: string;
  readonly token: string;
}

/** Somebody signed in, with a way to send requests as them. */
export async function person(
  server: TestServer,
  memberships: readonly (readonly [string, Role])[] = [],
): Promise<Person> {
  const accountId = newId();
  const signInName = `p${accountId.slice(-12)}`;
  passwordHash ??= hashPassword(PASSWORD);
  await insertAccount(server.deps.db, {
    id: accountId,
    signInName,
    name: signInName,
    passwordHash: await passwordHash,
    madeAt: new Date(),
  });
  for (const [groupId, role] of memberships) await insertMembership(server.deps.db, { groupId, accountId, role });
  const answer = await request(server.url).post('/api/session').send({ signInName, password: PASSWORD });
  return {
    accountId,
    signInName,
    cookie: String(answer.headers['set-cookie']).split(';')[0]!,
    token: (answer.body as { token: string }).token,
  };
}
let passwordHash: Promise<string> | null = null;

export async function emptyGroup(server: TestServer): Promise<string> {
  const id = newId();
  await insertGroup(server.deps.db, {
    id,
    name: `group ${id.slice(-4)}`,
    zone: 'UTC',
    units: 'metric',
    hasBaseMap: true,
    madeAt: new Date(),
  });
  return id;
}

export const as = (
  server: TestServer,
  who: Person | null,
  method: 'get' | 'post' | 'put' | 'delete',
  path: string,
): Test => {
  const test = request(server.url)[method](path);
  return who ? test.set('cookie', who.cookie).set('x-emberfield-token', who.token) : test;
};

export const patchBody = (over: Partial<NewPatch> = {}): NewPatch => ({
  id: newId(),
  name: 'Mill hedge',
  geometry: { type: 'Point', coordinates: [-30, 46] },
  heightM: 60,
  substrate: 'loam',
  canopy: 'open',
  aspect: 's',
  slopeDeg: 3,
  moisture: 'fresh',
  owner: '',
  leave: 'notNeeded',
  leaveUntil: null,
  access: '',
  hazards: [],
  neighbours: '',
  secret: false,
  ...over,
});

/** A patch with a stand on it, made through the API. */
export async function standOf(
  server: TestServer,
  who: Person,
  groupId: string,
  plantKey: string,
  over: {
    readonly patch?: Partial<NewPatch>;
    readonly where?: string;
    readonly identity?: IdentityStatus;
    readonly since?: number | null;
    readonly restUntil?: string | null;
  } = {},
): Promise<{ readonly patchId: string; readonly standId: string }> {
  const patch = patchBody(over.patch);
  const standId = newId();
  await as(server, who, 'post', `/api/groups/${groupId}/patches`).send(patch).expect(200);
  await as(server, who, 'post', `/api/groups/${groupId}/stands`)
    .send({
      id: standId,
      patchId: patch.id,
      plantKey,
      where: over.where ?? '',
      since: over.since ?? null,
      restUntil: over.restUntil ?? null,
    })
    .expect(200);
  // As stands of before are: settled when they were entered. Nothing says so on its way in any more.
  await updateStand(server.deps.db, standId, { identity: over.identity ?? 'confirmed' });
  return { patchId: patch.id, standId };
}

/** The commonest state of each sign of a plant in one phase: what somebody sees who looks it over. */
export function signsOf(plantKey: string, phase: Phase = 'leaf'): readonly SeenSign[] {
  const { shows } = CATALOGUE.find((p) => p.key === plantKey)!;
  return SIGNS.filter((s) => s.when.includes(phase)).flatMap((s) => {
    const states = shows
      .filter((x) => x.sign === s.key && (x.when ?? s.when).includes(phase))
      .flatMap((x) => Object.entries(x.states))
      .sort((a, b) => b[1] - a[1]);
    return states[0] ? [{ sign: s.key, state: states[0][0], present: true }] : [];
  });
}

export function entryOf<K extends EntryKind>(
  place: { readonly patchId: string; readonly standId: string },
  kind: K,
  body: EntryBodies[K],
  over: Partial<Entry> = {},
): Entry {
  return {
    id: newId(),
    kind,
    schemaVersion: 1,
    patchId: place.patchId,
    standId: place.standId,
    visitId: null,
    day: TODAY,
    zone: 'UTC',
    madeAt: `${TODAY}T09:00:00Z`,
    device: 'spec',
    replaces: null,
    body,
    ...over,
  } as Entry;
}

export const identityBody = (
  status: EntryBodies['identity']['status'],
  over: Partial<EntryBodies['identity']> = {},
): EntryBodies['identity'] => ({ status, phase: null, seen: [], leftOpen: [], signs: [], note: '', ...over });

export const searchBody = (
  lookedFor: string,
  found: boolean,
  over: Partial<EntryBodies['search']> = {},
): EntryBodies['search'] => ({ lookedFor, plantKey: null, found, stage: '', deadly: false, ...over });

/** Something come upon on a walk; nothing is said of it but what it may be. */
export const findBody = (over: Partial<EntryBodies['find']> = {}): EntryBodies['find'] => ({
  mayBe: [],
  condition: null,
  seen: [],
  overhead: [],
  looseness: null,
  eye: null,
  lostShare: null,
  specimen: '',
  note: '',
  ...over,
});

export const takeBody = (amount: number, over: Partial<EntryBodies['take']> = {}): EntryBodies['take'] => ({
  part: 'tip',
  amount,
  measure: 'unit',
  plants: null,
  killed: null,
  quality: null,
  eatenOnTheSpot: false,
  overReason: '',
  ...over,
});

export async function send(
  server: TestServer,
  who: Person,
  groupId: string,
  entries: readonly unknown[],
): Promise<SyncAnswer['results']> {
  const answer = await as(server, who, 'post', `/api/groups/${groupId}/sync`).send({ entries }).expect(200);
  return (answer.body as SyncAnswer).results;
}

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
}
/** Every route that the running application really has. */
export function routesOf(
  server: TestServer,
): readonly { readonly method: 'get' | 'post' | 'put' | 'delete'; readonly path: string }[] {
  const { stack } = (server.app as unknown as { readonly router: { readonly stack: readonly Layer[] } }).router;
  return stack.flatMap(({ route }) =>
    route ? Object.keys(route.methods).map((method) => ({ method: method as 'get', path: route.path })) : [],
  );
}
