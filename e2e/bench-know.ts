// Figures of identity, of the map and of files. Called by bench.ts.
import { readFileSync } from 'node:fs';
import type { Page } from 'playwright-core';
import { v7 as newId } from 'uuid';
import { identify, type IdentityTaxon, type SignSpec } from '@emberfield/core/identity';
import { openScreen, type RunningServer } from './application.ts';

export type Put = (what: string, measured: string, target: string) => void;
const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
const ms = (value: number): string => `${value < 10 ? value.toFixed(1) : Math.round(value)} ms`;

/** 200 taxa, 80 signs of five states each, half of them told, ten seen: everything the screen asks for at a press. */
export function identifyBench(put: Put): void {
  const signs: SignSpec[] = Array.from({ length: 80 }, (_, i) => ({
    key: `s${i}`,
    organ: `o${i % 12}`,
    price: 'glance',
    ofPlace: false,
    states: ['a', 'b', 'c', 'd', 'e'],
    when: ['leaf', 'flower', 'fruit'],
  }));
  const taxa: IdentityTaxon[] = Array.from({ length: 200 }, (_, t) => ({
    key: `t${t}`,
    severity: t % 7 === 0 ? 'deadly' : 'none',
    shows: signs
      .filter((_s, i) => (i * 7 + t) % 2 === 0)
      .map((s, i) => ({ sign: s.key, when: null, states: { a: 0.6, [s.states[(t + i) % 5]!]: 0.4 } })),
  }));
  const seen = signs.slice(0, 10).map((s) => ({ sign: s.key, state: 'a', present: true }));
  identify(taxa, signs, seen, { phase: 'leaf', wanted: null });
  const runs = Array.from({ length: 21 }, () => {
    const started = performance.now();
    identify(taxa, signs, seen, { phase: 'leaf', wanted: null });
    return performance.now() - started;
  });
  put(
    'identify: 200 taxa × 80 signs, ten seen',
    `${ms(median(runs))} (${ms(Math.min(...runs))}–${ms(Math.max(...runs))})`,
    '≤ 50 ms',
  );
}

interface SignedIn {
  readonly cookie: string;
  readonly token: string;
  readonly groupId: string;
}
async function bringIn(
  { url }: RunningServer,
  { cookie, token, groupId }: SignedIn,
  name: string,
  content: string,
): Promise<void> {
  const headers = { cookie, 'x-emberfield-token': token };
  const at = `${url}/api/groups/${groupId}/place-imports/${newId()}`;
  const read = await fetch(`${at}?fileName=${name}`, {
    method: 'POST',
    headers: { ...headers, 'content-type': 'application/octet-stream' },
    body: content,
  });
  if (!read.ok) throw new Error(`${name}: ${await read.text()}`);
  const stored = await fetch(`${at}/store`, { method: 'POST', headers });
  if (!stored.ok) throw new Error(`${name}: ${await stored.text()}`);
}

/** So many areas of 30 corners over the island. */
function areas(from: number, to: number): string {
  const features = Array.from({ length: to - from }, (_, k) => {
    const i = from + k;
    const [lon, lat] = [-30.1 + (i % 80) * 0.0025, 45.95 + Math.floor(i / 80) * 0.0018];
    const ring = Array.from({ length: 31 }, (_v, c) => {
      const a = (2 * Math.PI * (c % 30)) / 30;
      const r = 0.0007 * (1 + 0.2 * Math.sin(5 * a + i));
      return [lon + r * Math.cos(a), lat + r * Math.sin(a)];
    });
    return { type: 'Feature', properties: { name: `Bench ${i}` }, geometry: { type: 'Polygon', coordinates: [ring] } };
  });
  return JSON.stringify({ type: 'FeatureCollection', features });
}

/** Time between frames while the map is dragged and zoomed, by the page's own clock. */
async function frames(page: Page): Promise<readonly number[]> {
  // As a text: what the compiler adds to a function is not there in the page.
  await page.evaluate(
    'window.frameTimes = []; (function tick(t) { if (t) window.frameTimes.push(t); requestAnimationFrame(tick); })()',
  );
  const box = (await page.getByRole('application').boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  for (let turn = 0; turn < 4; turn++) {
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + (turn % 2 ? -240 : 240), y + 90, { steps: 40 });
    await page.mouse.up();
    for (let n = 0; n < 5; n++) {
      await page.mouse.wheel(0, turn % 2 ? 120 : -120);
      await page.waitForTimeout(60);
    }
  }
  const times = await page.evaluate<readonly number[]>('window.frameTimes');
  return times.slice(1).map((t, i) => t - times[i]!);
}

export async function mapBench(server: RunningServer, who: SignedIn, put: Put): Promise<void> {
  let there = 0;
  for (const [count, target] of [
    [500, '≤ 20 ms'],
    [5_000, '≤ 50 ms'],
  ] as const) {
    await bringIn(server, who, 'bench.geojson', areas(there, count));
    there = count;
    const screen = await openScreen();
    const [name, value] = who.cookie.split('=') as [string, string];
    await screen.context.addCookies([{ name, value, url: server.url }]);
    await screen.page.goto(`${server.url}/ground`);
    await screen.page.getByRole('application').waitFor();
    await screen.page.waitForTimeout(4000);
    const times = await frames(screen.page);
    put(
      `map, ${count.toLocaleString('en')} areas of 30 corners, dragged and zoomed (${times.length} frames)`,
      `median ${ms(median(times))}, 95 of 100 under ${ms([...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)]!)}`,
      `median ${target}`,
    );
    await screen.context.close();
  }
}

/** Memory of a process in MB, by what the system says. */
const residentMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** A track of 20 MB, read, looked at and stored, with the most memory that the server took meanwhile. */
export async function gpxBench(server: RunningServer, who: SignedIn, put: Put): Promise<void> {
  const points = Array.from(
    { length: 215_000 },
    (_, i) =>
      `<trkpt lat="${(46 + Math.sin(i / 900) / 50).toFixed(6)}" lon="${(-30 + i / 4e6).toFixed(6)}"><ele>${i % 90}</ele><time>2026-05-01T08:00:00Z</time></trkpt>`,
  );
  const content = `<gpx version="1.1"><trk><name>Long</name><trkseg>${points.join('\n')}</trkseg></trk></gpx>`;
  const before = residentMb(server.pid);
  let most = before;
  const watching = setInterval(() => (most = Math.max(most, residentMb(server.pid))), 20);
  const started = performance.now();
  await bringIn(server, who, 'long.gpx', content);
  const seconds = (performance.now() - started) / 1000;
  clearInterval(watching);
  put(
    `GPX of ${Math.round(content.length / 1e6)} MB, read and stored`,
    `${seconds.toFixed(1)} s, ${Math.round(most - before)} MB more memory at most`,
    '≤ 10 s, ≤ 300 MB',
  );
}
