import { readFileSync } from 'node:fs';
import { createPool } from 'mysql2/promise';
import { v7 as newId, parse } from 'uuid';
import type { HearthView } from '@emberfield/contract';
import { freshDatabase, loadDemo, openScreen, startServer, type RunningServer } from './application.ts';

const PLANTS = ['elder', 'nettle', 'birch', 'lime', 'ramsons', 'hazel', 'sloe', 'spruce', 'burdock', 'valerian'];
const STANDS = 5_000;
const HIGHEST_M = 380;
const LONGEST_WARMING_MS = 180_000;

type Row = Record<string, unknown>;

/** A group of five thousand stands: how long until the Hearth can be used, cold and warm, and how smoothly it scrolls. */
export async function manyStandsBench(put: (what: string, measured: string, target: string) => void): Promise<void> {
  const databaseUrl = await freshDatabase('emberfield_many');
  await loadDemo(databaseUrl);
  await multiply(databaseUrl);
  const server = await startServer(databaseUrl, {
    EMBERFIELD_PORT: '0',
    EMBERFIELD_DEMO: '1',
    EMBERFIELD_REQUESTS_PER_MINUTE: '10000000',
  });
  try {
    const cold = await timed(() => hearthOf(server));
    put(
      `first answer of a Hearth of ${STANDS} stands, nothing reckoned`,
      `${seconds(cold.ms)}, ${cold.value.outlooks.length} lines of it`,
      '≤ 3 s, fills in',
    );
    const warming = await timed(async () => {
      const until = performance.now() + LONGEST_WARMING_MS;
      while ((await hearthOf(server)).waiting > 0 && performance.now() < until)
        await new Promise((resolve) => setTimeout(resolve, 500));
    });
    put('… until all of it is reckoned, others served meanwhile', seconds(warming.ms), '—');
    const warm = await timed(() => hearthOf(server));
    put('… answer from warm', `${Math.round(warm.ms)} ms, ${Math.round(warm.value.bytes / 1024)} kB`, '≤ 1 s');
    await screenBench(server, put);
    const memory = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))![1]) / 1024;
    put('… memory of the server afterwards', `${Math.round(memory)} MB`, '≤ 400 MB');
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
  await page.getByRole('button', { name: /^Tavi/ }).click();
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

const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

async function timed<T>(work: () => Promise<T>): Promise<{ readonly ms: number; readonly value: T }> {
  const started = performance.now();
  const value = await work();
  return { ms: performance.now() - started, value };
}

let signedIn: { readonly cookie: string; readonly group: string } | null = null;
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
    groups: { id: string }[];
  };
  return { cookie, group: session.groups[0]!.id };
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
