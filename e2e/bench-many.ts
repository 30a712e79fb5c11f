import { readFileSync } from 'node:fs';
import { mkdtemp, readFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createPool } from 'mysql2/promise';
import { v7 as newId, parse } from 'uuid';
import type { HearthView } from '@emberfield/contract';
import { freshDatabase, loadDemo, openScreen, startServer, type RunningServer } from './application.ts';

const PLANTS = ['elder', 'nettle', 'birch', 'lime', 'ramsons', 'hazel', 'sloe', 'spruce', 'burdock', 'valerian'];
const STANDS = 5_000;
const NEIGHBOURS = 'The neighbours';
const HIGHEST_M = 380;
const ALONE_MS = 6_000;
const LONGEST_WARMING_MS = 180_000;

type Row = Record<string, unknown>;

/** A group of five thousand stands: how long until the Hearth can be used, cold and warm, and how smoothly it scrolls. */
export async function manyStandsBench(put: (what: string, measured: string, target: string) => void): Promise<void> {
  const databaseUrl = await freshDatabase('emberfield_many');
  await loadDemo(databaseUrl);
  await multiply(databaseUrl);
  const neighbour = await smallGroup(databaseUrl);
  const delays = join(await mkdtemp(join(tmpdir(), 'emberfield-')), 'delays');
  const server = await startServer(databaseUrl, {
    EMBERFIELD_PORT: '0',
    EMBERFIELD_DEMO: '1',
    EMBERFIELD_REQUESTS_PER_MINUTE: '10000000',
    NODE_OPTIONS: `--import ${new URL('./loop-delay.mjs', import.meta.url).href}`,
    EMBERFIELD_DELAYS: delays,
  });
  try {
    signedIn = await signIn(server);
    const { cookie } = signedIn;
    const ofNeighbours = (path: string): Promise<Response> =>
      fetch(`${server.url}/api/groups/${neighbour}/${path}`, { headers: { cookie } });
    let over = false;
    const alone = smallAnswers(ofNeighbours, () => over);
    await new Promise((resolve) => setTimeout(resolve, ALONE_MS));
    over = true;
    const before = await alone;
    const delayOf = async (): Promise<Delays> => {
      process.kill(server.pid, 'SIGUSR2');
      await new Promise((resolve) => setTimeout(resolve, 300));
      return JSON.parse(await readFile(delays, 'utf8')) as Delays;
    };
    await delayOf();
    over = false;
    const beside = smallAnswers(ofNeighbours, () => over);
    const cold = await timed(() => hearthOf(server));
    put(
      `first answer of a Hearth of ${STANDS} stands, nothing reckoned`,
      `${seconds(cold.ms)}, ${cold.value.outlooks.length} lines of it`,
      '≤ 2 s, fills in',
    );
    const warming = await timed(async () => {
      const until = performance.now() + LONGEST_WARMING_MS;
      while ((await hearthOf(server)).waiting > 0 && performance.now() < until)
        await new Promise((resolve) => setTimeout(resolve, 1_500));
    });
    over = true;
    const meanwhile = await beside;
    const { p99, max } = await delayOf();
    put('… until all of it is reckoned', seconds(cold.ms + warming.ms), '≤ 15 s');
    put(
      `… another group’s small answers meanwhile (${meanwhile.length} answers)`,
      `p50 ${ms(share(meanwhile, 0.5))}, p95 ${ms(share(meanwhile, 0.95))}; alone ${ms(share(before, 0.5))} and ${ms(share(before, 0.95))}`,
      'p95 ≤ 60 ms beside 40 ms',
    );
    put('… event loop late meanwhile', `99 of 100 by less than ${ms(p99)}, at most ${ms(max)}`, '99 of 100 ≤ 50 ms');
    const warm = await timed(() => hearthOf(server));
    put('… answer from warm', `${Math.round(warm.ms)} ms, ${Math.round(warm.value.bytes / 1024)} kB`, '≤ 1 s');
    await screenBench(server, put);
    const memory = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))![1]) / 1024;
    put('… memory of the server afterwards', `${Math.round(memory)} MB`, '≤ 350 MB');
  } finally {
    await server.stop();
  }
}

async function screenBench(
  server: RunningServer,
  put: (what: string, measured: string, target: string) => void,
): Promise<void> {
  const { page, context } = await openScreen();
  await page.goto(server.url);
  await page.getByRole('button', { name: /^Tavi/ }).first().click();
  await page.locator('button.line').first().waitFor();
  const usable = await timed(async () => {
    await page.goto(`${server.url}/hearth`);
    await page.locator('button.line').first().waitFor();
  });
  put('… usable Hearth in the browser, from warm answers', seconds(usable.ms), '≤ 3 s');
  await page.getByRole('button', { name: /Show what comes later/ }).click();
  await page.getByRole('button', { name: /Hide what comes later/ }).waitFor();
  await page.waitForLoadState('networkidle');
  const frames = await page.evaluate(async () => {
    const times: number[] = [];
    let last = performance.now();
    for (let i = 0; i < 240; i++) {
      window.scrollBy(0, 120);
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const now = performance.now();
      times.push(now - last);
      last = now;
    }
    return { times: times.sort((a, b) => a - b), drawn: document.querySelectorAll('button.line').length };
  });
  put(
    `… scrolled through, ${frames.drawn} lines drawn at once`,
    `median frame ${Math.round(frames.times[120]!)} ms, 95 of 100 under ${Math.round(frames.times[228]!)} ms`,
    'median ≤ 20 ms',
  );
  await context.close();
}

interface Delays {
  readonly p99: number;
  readonly max: number;
}

/** One person of another group asks for its Hearth and its stands in turn, and thinks for a twentieth of a second. */
async function smallAnswers(ask: (path: string) => Promise<Response>, isOver: () => boolean): Promise<number[]> {
  const first = (await (await ask('hearth')).json()) as HearthView;
  const paths = ['hearth', ...first.stands.map((s) => `stands/${s.id}`)];
  const times: number[] = [];
  for (let i = 0; !isOver(); i++) {
    const answer = await timed(async () => (await ask(paths[i % paths.length]!)).arrayBuffer());
    times.push(answer.ms);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return times;
}

const share = (values: readonly number[], p: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))]!;
const ms = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} ms`;
const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

async function timed<T>(work: () => Promise<T>): Promise<{ readonly ms: number; readonly value: T }> {
  const started = performance.now();
  const value = await work();
  return { ms: performance.now() - started, value };
}

let signedIn: { readonly cookie: string; readonly group: string } | null = null;
/** The group of the many stands. */
async function hearthOf(server: RunningServer): Promise<HearthView & { readonly bytes: number }> {
  signedIn ??= await signIn(server);
  const answer = await fetch(`${server.url}/api/groups/${signedIn.group}/hearth?near=1`, {
    headers: { cookie: signedIn.cookie },
  });
  const text = await answer.text();
  return { ...(JSON.parse(text) as HearthView), bytes: text.length };
}

async function signIn({ url }: RunningServer): Promise<{ readonly cookie: string; readonly group: string }> {
  const answer = await fetch(`${url}/api/demo-session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signInName: 'tavi' }),
  });
  const cookie = answer.headers.get('set-cookie')!.split(';')[0]!;
  const session = (await (await fetch(`${url}/api/session`, { headers: { cookie } })).json()) as {
    groups: { id: string; name: string }[];
  };
  return { cookie, group: session.groups.find((g) => g.name !== NEIGHBOURS)!.id };
}

/** Another group of the same people, with six stands. */
async function smallGroup(databaseUrl: string): Promise<string> {
  const db = createPool({ uri: databaseUrl });
  const group = newId();
  const at = Buffer.from(parse(group));
  await db.query(
    `INSERT INTO group_ (id, name, zone, units, made_at) SELECT ?, '${NEIGHBOURS}', zone, units, made_at FROM group_ LIMIT 1`,
    [at],
  );
  await db.query(
    `INSERT INTO membership (group_id, account_id, role) SELECT ?, account_id, role FROM membership WHERE role = 'keeper' LIMIT 1`,
    [at],
  );
  const patch = Buffer.from(parse(newId()));
  const place =
    'name, geometry, latitude_deg, longitude_deg, height_m, facts, secret, content_digest, made_by, made_at';
  await db.query(`INSERT INTO patch (id, group_id, ${place}) SELECT ?, ?, ${place} FROM patch LIMIT 1`, [patch, at]);
  for (const plant of PLANTS.slice(0, 6))
    await db.query(
      `INSERT INTO stand (id, group_id, patch_id, plant_key, where_in_patch, identity, content_digest, made_by, made_at)
       SELECT ?, ?, ?, ?, '', identity, content_digest, made_by, made_at FROM stand LIMIT 1`,
      [Buffer.from(parse(newId())), at, patch, plant],
    );
  await db.end();
  return group;
}

/** Ten stands each at five hundred places made after one of the island's, at all heights. */
async function multiply(databaseUrl: string): Promise<void> {
  const db = createPool({ uri: databaseUrl });
  const first = async (table: string): Promise<Row> => {
    const [rows] = await db.query(`SELECT * FROM ${table} LIMIT 1`);
    return Object.fromEntries(
      Object.entries((rows as Row[])[0]!).map(([k, v]) => [
        k,
        v !== null && typeof v === 'object' && !Buffer.isBuffer(v) && !(v instanceof Date) ? JSON.stringify(v) : v,
      ]),
    );
  };
  const [patch, stand] = [await first('patch'), await first('stand')];
  const key = (): Buffer => Buffer.from(parse(newId()));
  const patches: Row[] = [];
  const stands: Row[] = [];
  for (let i = 0; i < STANDS / PLANTS.length; i++) {
    const id = key();
    patches.push({ ...patch, id, name: `Place ${i}`, secret: 0, height_m: i % HIGHEST_M });
    for (const plant of PLANTS) stands.push({ ...stand, id: key(), patch_id: id, plant_key: plant, rest_until: null });
  }
  for (const [table, rows] of [
    ['patch', patches],
    ['stand', stands],
  ] as const)
    for (let i = 0; i < rows.length; i += 500) {
      const columns = Object.keys(rows[0]!);
      const values = rows.slice(i, i + 500).map((r) => columns.map((c) => r[c]));
      await db.query(`INSERT INTO ${table} (${columns.map((c) => `\`${c}\``).join(',')}) VALUES ?`, [values]);
    }
  await db.end();
}
