// What Lighthouse says of the pages, as on a middling phone and at the desk. It is large and needed here only: fetched when it is measured.
import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { chromium, type Page } from 'playwright-core';
import type { Put } from './bench-know.ts';
import { firstStand } from './bench-hand.ts';
import type { RunningServer } from './application.ts';

const VERSION = '12.8.2';
const FOLDER = fileURLToPath(new URL('../.data/lighthouse', import.meta.url));
const RUNS = 5;

interface Report {
  readonly lhr: {
    readonly categories: { readonly performance: { readonly score: number | null } };
    readonly audits: Readonly<Record<string, { readonly numericValue?: number }>>;
  };
}
type Lighthouse = (url: string, flags: object, config?: object) => Promise<Report>;

async function fetched(): Promise<{ readonly run: Lighthouse; readonly desktop: object }> {
  mkdirSync(FOLDER, { recursive: true });
  execFileSync('npm', ['install', '--prefix', FOLDER, '--no-audit', '--no-fund', `lighthouse@${VERSION}`], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const of = async (path: string): Promise<{ readonly default: unknown }> =>
    (await import(pathToFileURL(join(FOLDER, 'node_modules/lighthouse', path)).href)) as { readonly default: unknown };
  return {
    run: (await of('core/index.js')).default as Lighthouse,
    desktop: (await of('core/config/desktop-config.js')).default as object,
  };
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Signed in, from an empty cache each time; the median of five. */
export async function lighthouseBench(put: Put, server: RunningServer): Promise<void> {
  const { run, desktop } = await fetched();
  const port = await freePort();
  const profile = join(tmpdir(), `emberfield-lighthouse-${process.pid}`);
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: process.env['EMBERFIELD_CHROMIUM'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-dev-shm-usage', `--remote-debugging-port=${port}`],
  });
  try {
    const page = await context.newPage();
    await page.goto(`${server.url}/hearth`);
    await page.getByRole('button', { name: /^Tavi/ }).click();
    await page.locator('.hearth .line').first().waitFor();
    await measure({ put, run, desktop, port, server, page });
  } finally {
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  }
}

async function measure({
  put,
  run,
  desktop,
  port,
  server,
  page,
}: {
  readonly put: Put;
  readonly run: Lighthouse;
  readonly desktop: object;
  readonly port: number;
  readonly server: RunningServer;
  readonly page: Page;
}): Promise<void> {
  const stand = await firstStand(page);
  for (const [what, path, phoneGoal] of [
    ['Hearth', '/hearth', 85],
    ['stand', stand, 85],
    ['year', '/year', 85],
    ['ground', '/ground', 75],
    ['out on a round', '/field', 90],
  ] as const)
    for (const [where, config, goal] of [
      ['phone', undefined, phoneGoal],
      ['desk', desktop, 95],
    ] as const) {
      const reports: Report['lhr'][] = [];
      for (let i = 0; i < RUNS; i++) {
        const flags = { port, onlyCategories: ['performance'], disableStorageReset: true, logLevel: 'error' };
        reports.push((await run(`${server.url}${path}`, flags, config)).lhr);
      }
      const of = (audit: string) => median(reports.map((r) => r.audits[audit]?.numericValue ?? NaN));
      const score = median(reports.map((r) => (r.categories.performance.score ?? 0) * 100));
      put(
        `Lighthouse, ${what}, ${where}`,
        `${Math.round(score)} (largest drawn ${(of('largest-contentful-paint') / 1000).toFixed(1)} s, blocked ${Math.round(of('total-blocking-time'))} ms, shift ${of('cumulative-layout-shift').toFixed(2)})`,
        `≥ ${goal}`,
      );
    }
}
