// Figures for docs/performance.md. Run by scripts/bench.mjs; every load is bounded in count and time and stays on loopback.
import express from 'express';
import { createPool } from 'mysql2/promise';
import type { AddressInfo } from 'node:net';
import { CATALOGUE } from '@emberfield/catalogue';
import { climatologyOf, joinDays } from '@emberfield/core/weather';
import { forecastSeason } from '@emberfield/core/stages';
import { forecastWindow } from '@emberfield/core/windows';
import { dayNumber } from '@emberfield/core/measure';
import { islandWeather } from '@emberfield/demo';
import { askRaw } from './bench-client.ts';
import { learningBench } from './bench-learn.ts';
import { manyStandsBench } from './bench-many.ts';
import { handBench } from './bench-hand.ts';
import { lighthouseBench } from './bench-lighthouse.ts';
import { gpxBench, identifyBench, mapBench } from './bench-know.ts';
import { closeBrowser, freshDatabase, loadDemo, openScreen, startServer } from './application.ts';

type Calls = Readonly<Record<string, () => Promise<boolean>>>;
const rows: [string, string, string][] = [];
/** Said at once as well: a run takes minutes, and what was measured is not lost if it ends early. */
const put = (what: string, measured: string, target: string): void => {
  rows.push([what, measured, target]);
  process.stderr.write(`${what}: ${measured}\n`);
};
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const share = (values: readonly number[], p: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * p))]!;
const ms = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} ms`;

forecastBench();
identifyBench(put);
learningBench(put);
await serverBench();
await manyStandsBench(put);
for (const [i, row] of [['what', 'measured', 'target'], ...rows].entries()) {
  process.stdout.write(`| ${row.join(' | ')} |\n`);
  if (i === 0) process.stdout.write('|---|---|---|\n');
}
await closeBrowser();
process.exit(0);

/** 1,000 stands at different heights, 6 stages, 20 past years, one sighting each; one thread, five runs after a warm-up. */
function forecastBench(): void {
  const days = islandWeather(7, 2006, 2026).filter((d) => d.day <= dayNumber('2026-05-15'));
  const climatology = climatologyOf(days);
  const weather = { series: joinDays(days, climatology)!, climatology, heightM: 40 };
  const profile = CATALOGUE.find((p) => p.key === 'lime')!;
  const once = (): number => {
    const started = performance.now();
    for (let i = 0; i < 1000; i++) {
      const forecast = forecastSeason({
        stages: profile.stages,
        seasonStart: profile.seasonStart,
        reference: profile.reference,
        site: { latitudeDeg: 46, heightM: i % 400 },
        season: 2026,
        weather,
        asOf: dayNumber('2026-05-15'),
        sightings: [{ stage: 'leafing', day: dayNumber('2026-05-02') + (i % 5), reached: true }],
      });
      for (const w of profile.windows) forecastWindow(w, forecast);
    }
    return performance.now() - started;
  };
  once();
  const runs = Array.from({ length: 5 }, once);
  put(
    `forecast: 1,000 stands × ${profile.stages.length} stages × 20 years, windows included`,
    `${(median(runs) / 1000).toFixed(2)} s (${(Math.min(...runs) / 1000).toFixed(2)}–${(Math.max(...runs) / 1000).toFixed(2)})`,
    '≤ 2 s',
  );
}

async function serverBench(): Promise<void> {
  const databaseUrl = await freshDatabase('emberfield_bench');
  const loading = performance.now();
  await loadDemo(databaseUrl);
  put(
    'the demo island loads, process start included',
    `${((performance.now() - loading) / 1000).toFixed(1)} s`,
    '≤ 20 s',
  );
  const server = await startServer(databaseUrl, {
    EMBERFIELD_PORT: '0',
    EMBERFIELD_DEMO: '1',
    EMBERFIELD_REQUESTS_PER_MINUTE: '10000000',
  });
  try {
    const cookie = await demoCookie(server.url);
    const session = (await (await fetch(`${server.url}/api/session`, { headers: { cookie } })).json()) as {
      token: string;
      groups: { id: string }[];
    };
    const group = `${server.url}/api/groups/${session.groups[0]!.id}`;
    const hearth = (await (await fetch(`${group}/hearth`, { headers: { cookie } })).json()) as {
      stands: { id: string; patchId: string; plantKey: string }[];
      outlooks: { standId: string; part: string }[];
    };
    const nettle = hearth.stands.find((s) => s.plantKey === 'nettle')!;
    const takable = hearth.stands.flatMap((s) => {
      const part = hearth.outlooks.find((o) => o.standId === s.id)?.part;
      return part ? [{ ...s, part }] : [];
    });
    const logged = (stand: Takable): Promise<boolean> =>
      askRaw(`${group}/sync`, {
        method: 'POST',
        headers: { cookie, 'content-type': 'application/json', 'x-emberfield-token': session.token },
        body: JSON.stringify({ entries: [take(stand)] }),
      });
    const calls: Calls = {
      Hearth: () => askRaw(`${group}/hearth`, { headers: { cookie } }),
      stand: () =>
        askRaw(`${group}/stands/${hearth.stands[Math.floor(Math.random() * hearth.stands.length)]!.id}`, {
          headers: { cookie },
        }),
      take: () => logged(takable[Math.floor(Math.random() * takable.length)]!),
      'take, all from one stand': () => logged({ ...nettle, part: 'tip' }),
    };
    // Before anything is brought in that would stand in the way.
    await handBench(put, server);
    await lighthouseBench(put, server);
    await thinking(calls, { users: 10, seconds: 8, record: false });
    await thinking(calls, { users: 50, seconds: 25, record: true });
    await thinking(calls, { users: 200, seconds: 20, record: true });
    await flatOut(calls, databaseUrl);
    await usableHearth(server.url);
    const who = { cookie, token: session.token, groupId: session.groups[0]!.id };
    await gpxBench(server, who, put);
    await mapBench(server, who, put);
  } finally {
    await server.stop();
  }
  put('first-load JavaScript, gzipped', `${process.env['EMBERFIELD_FIRST_LOAD_KB']} KiB`, '≤ 293 KiB (300 kB)');
}

async function demoCookie(url: string): Promise<string> {
  const answer = await fetch(`${url}/api/demo-session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ signInName: 'tavi' }),
  });
  return answer.headers.get('set-cookie')!.split(';')[0]!;
}

interface Takable {
  readonly id: string;
  readonly patchId: string;
  readonly part: string;
}

function take({ id, patchId, part }: Takable): object {
  const hex = (n: number): string =>
    Array.from({ length: n }, () => Math.floor(Math.random() * 16).toString(16)).join('');
  const time = Date.now().toString(16).padStart(12, '0');
  return {
    id: `${time.slice(0, 8)}-${time.slice(8)}-7${hex(3)}-8${hex(3)}-${hex(12)}`,
    kind: 'take',
    schemaVersion: 1,
    patchId,
    standId: id,
    visitId: null,
    day: '2026-05-15',
    zone: 'UTC',
    madeAt: '2026-05-15T10:00:00Z',
    device: 'bench',
    replaces: null,
    body: {
      part,
      amount: 1,
      measure: 'unit',
      plants: 1,
      killed: null,
      quality: null,
      eatenOnTheSpot: false,
      overReason: '',
    },
  };
}

/** So many users, each asking, then thinking about a second: half look at the Hearth, a third at a stand, the rest log a take. */
async function thinking(
  calls: Calls,
  { users, seconds, record }: { users: number; seconds: number; record: boolean },
): Promise<void> {
  const times: Record<string, number[]> = { Hearth: [], stand: [], take: [] };
  const end = performance.now() + seconds * 1000;
  let failures = 0;
  await Promise.all(
    Array.from({ length: users }, async () => {
      await new Promise((r) => setTimeout(r, Math.random() * 1500));
      while (performance.now() < end) {
        const dice = Math.random();
        const name = dice < 0.5 ? 'Hearth' : dice < 0.83 ? 'stand' : 'take';
        const started = performance.now();
        const ok = await calls[name]!();
        times[name]!.push(performance.now() - started);
        if (!ok) failures++;
        await new Promise((r) => setTimeout(r, 500 + Math.random() * 1000));
      }
    }),
  );
  if (!record) return;
  for (const [name, t] of Object.entries(times))
    put(
      `${name}, ${users} users thinking about 1 s (${t.length} answers)`,
      `p50 ${ms(median(t))}, p95 ${ms(share(t, 0.95))}`,
      users > 50 ? 'p95 ≤ 500 ms' : 'p95 ≤ 150 ms',
    );
  const all = Object.values(times).reduce((n, t) => n + t.length, 0);
  put(
    `answers to ${users} users together`,
    `${Math.round(all / seconds)} a second`,
    users > 50 ? '≥ 150 a second' : '—',
  );
  if (failures) put('answers that failed', String(failures), '0');
}

/** The same requests as fast as they come, eight at a time, beside a bare handler with one query by the same driver. */
async function flatOut(calls: Calls, databaseUrl: string): Promise<void> {
  const pool = createPool({ uri: databaseUrl, connectionLimit: 12 });
  const bare = express();
  bare.get('/', (_request, response, next) => {
    pool.query('SELECT id, name FROM patch LIMIT 20').then(([rows_]) => response.json(rows_), next);
  });
  const listening = bare.listen(0, '127.0.0.1');
  await new Promise((r) => listening.once('listening', r));
  const bareUrl = `http://127.0.0.1:${(listening.address() as AddressInfo).port}/`;
  const rate = async (call: () => Promise<boolean>): Promise<number> => {
    const started = performance.now();
    let n = 0;
    await Promise.all(
      Array.from({ length: 8 }, async () => {
        while (performance.now() - started < 4000) {
          await call();
          n++;
        }
      }),
    );
    return n / ((performance.now() - started) / 1000);
  };
  await rate(() => askRaw(bareUrl));
  const base = await rate(() => askRaw(bareUrl));
  put('bare Express handler with one query, 8 at a time', `${Math.round(base)} a second`, '—');
  for (const [name, goal] of [
    ['Hearth', '1/5'],
    ['stand', '1/4'],
    ['take', '1/6'],
    ['take, all from one stand', '—'],
  ] as const) {
    const r = await rate(calls[name]!);
    put(`${name}, 8 at a time`, `${Math.round(r)} a second (1/${(base / r).toFixed(1)} of the bare handler)`, goal);
  }
  listening.close();
  await pool.end();
}

/** From an empty cache to the first line of the Hearth; signing in not counted. Five runs. */
async function usableHearth(url: string): Promise<void> {
  const times: number[] = [];
  for (let i = 0; i < 5; i++) {
    const screen = await openScreen();
    const [name, value] = (await demoCookie(url)).split('=') as [string, string];
    await screen.context.addCookies([{ name, value, url }]);
    const started = performance.now();
    await screen.page.goto(`${url}/hearth`);
    await screen.page.locator('button.line').first().waitFor();
    times.push(performance.now() - started);
    await screen.context.close();
  }
  put(
    'usable Hearth from a cold cache (demo, headless Chromium)',
    `${ms(median(times))} (${ms(Math.min(...times))}–${ms(Math.max(...times))})`,
    '≤ 1.5 s',
  );
}
