import { before, beforeEach } from 'mocha';
import type { Test } from 'supertest';
import type { Entry, EntryResult, Role } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { v7 as newId } from 'uuid';
import { upsertDays } from '../weather/index.ts';
import {
  as,
  emptyGroup,
  person,
  send,
  standOf,
  testServer,
  TODAY,
  type Person,
  type TestServer,
} from './test-server.ts';

/** What every test of a block starts with: an empty group and its keeper. */
export interface OpenedGroup {
  readonly server: TestServer;
  readonly groupId: string;
  readonly keeper: Person;
  /** Path of something of the group. */
  readonly at: (path: string) => string;
  readonly get: <T>(path: string, who?: Person) => Promise<T>;
  readonly ask: (method: 'get' | 'post' | 'put' | 'delete', path: string, who?: Person) => Test;
  readonly join: (role: Role) => Promise<Person>;
  readonly stand: (plantKey: string, over?: Parameters<typeof standOf>[4]) => ReturnType<typeof standOf>;
  readonly tell: (...entries: readonly Entry[]) => Promise<readonly EntryResult[]>;
  readonly tellAll: (entries: readonly Entry[]) => Promise<readonly EntryResult[]>;
  /** A station near the stands with years of one course of the year, by mean of the day; its id. */
  readonly station: (meanC: (day: number) => number, name?: string) => Promise<string>;
}

/** Opens each test of the block it is called in. */
export function openedGroup(): OpenedGroup {
  const now = {} as { server: TestServer; groupId: string; keeper: Person };
  before(async function () {
    this.timeout(120_000);
    now.server = await testServer();
  });
  beforeEach(async () => {
    now.groupId = await emptyGroup(now.server);
    now.keeper = await person(now.server, [[now.groupId, 'keeper']]);
  });
  const at = (path: string): string => `/api/groups/${now.groupId}/${path}`;
  const ask: OpenedGroup['ask'] = (method, path, who = now.keeper) => as(now.server, who, method, at(path));
  return {
    get server() {
      return now.server;
    },
    get groupId() {
      return now.groupId;
    },
    get keeper() {
      return now.keeper;
    },
    at,
    ask,
    get: async <T>(path: string, who?: Person) => (await ask('get', path, who).expect(200)).body as T,
    join: (role) => person(now.server, [[now.groupId, role]]),
    stand: (plantKey, over) => standOf(now.server, now.keeper, now.groupId, plantKey, over),
    tell: (...entries) => send(now.server, now.keeper, now.groupId, entries),
    tellAll: (entries) => send(now.server, now.keeper, now.groupId, entries),
    station: async (meanC, name = 'Harbour') => {
      const id = newId();
      await ask('post', 'stations').send({ id, name, latitudeDeg: 46.01, longitudeDeg: -30, heightM: 60 }).expect(200);
      const days = [];
      for (let day = dayNumber('2016-01-01'); day <= dayNumber(TODAY); day++)
        days.push({ day, minC: meanC(day) - 4, maxC: meanC(day) + 4, rainMm: null, outlook: false });
      await upsertDays(now.server.deps.db, id, days);
      // The days went past the routes: the group has to hear of them.
      await ask('put', `stations/${id}/days`)
        .send({ days: [{ day: TODAY, minC: 8, maxC: 16, rainMm: null }] })
        .expect(200);
      return id;
    },
  };
}
