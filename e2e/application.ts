import { spawn, type ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { createPool, type RowDataPacket } from 'mysql2/promise';
import { chromium, type Browser, type BrowserContext, type Page } from 'playwright-core';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const LONGEST_START_MS = 120_000;
/** A slow machine is no fault of the page: what does not come at all is found out soon enough. */
const LONGEST_WAIT_MS = 60_000;

export interface RunningServer {
  readonly url: string;
  /** The one-time code to found a group, while nobody has. */
  readonly foundingCode: string | null;
  readonly pid: number;
  readonly stop: () => Promise<void>;
}

/** Database of its own on the test command's MariaDB. */
export async function freshDatabase(name: string): Promise<string> {
  const base = process.env['DATABASE_URL'];
  if (!base) throw new Error('Run the end-to-end specs through npm test: they need DATABASE_URL.');
  const admin = createPool({ uri: base, multipleStatements: true });
  await admin.query(`DROP DATABASE IF EXISTS ${name}; CREATE DATABASE ${name}`);
  await admin.end();
  return base.replace(/\/[^/]*$/, `/${name}`);
}

/** The real server as its own process, as the start command runs it. */
export async function startServer(databaseUrl: string, env: Record<string, string> = {}): Promise<RunningServer> {
  const child = spawn(process.execPath, ['--max-old-space-size=256', 'server/dist/main.mjs'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      EMBERFIELD_WEB: `${ROOT}web/dist`,
      EMBERFIELD_BASE_MAP: `${ROOT}demo/map/ostrey.geojson`,
      EMBERFIELD_LOG: 'warn',
      EMBERFIELD_TODAY: '2026-05-15',
      ...env,
    },
  });
  const { port, code } = await started(child);
  return {
    url: `http://127.0.0.1:${port}`,
    foundingCode: code,
    pid: child.pid!,
    // Once it has ended, by whatever, there is nothing to wait for.
    stop: () =>
      new Promise((resolve) => {
        if (child.exitCode !== null || child.signalCode !== null) return resolve();
        child.on('exit', () => resolve());
        child.kill('SIGTERM');
      }),
  };
}

function started(child: ChildProcess): Promise<{ port: number; code: string | null }> {
  return new Promise((resolve, reject) => {
    let output = '';
    const late = setTimeout(() => reject(new Error(`The server did not start: ${output}`)), LONGEST_START_MS);
    child.stdout!.on('data', (data: Buffer) => {
      output += data.toString();
      const port = /EMBERFIELD_READY (\d+)/.exec(output)?.[1];
      if (!port) return;
      clearTimeout(late);
      // The code is printed right after; a moment is enough.
      setTimeout(() => resolve({ port: Number(port), code: /EMBERFIELD_CODE (\S+)/.exec(output)?.[1] ?? null }), 100);
    });
    child.on('exit', (c) => reject(new Error(`The server ended with ${c}: ${output}`)));
  });
}

export function loadDemo(databaseUrl: string, env: Record<string, string> = {}): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', 'demo/src/main.ts'], {
      cwd: ROOT,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DATABASE_URL: databaseUrl, ...env },
    });
    child.on('exit', (code) => (code === 0 ? resolve() : reject(new Error(`The demo could not be loaded (${code}).`))));
  });
}

/** The demo island as it is loaded, kept to be copied: most specs begin from it. */
let island: Promise<string> | null = null;

/** A database with the demo island in it, copied from one that was loaded once. */
export async function islandDatabase(name: string): Promise<string> {
  const from = 'emberfield_e2e_loaded';
  island ??= (async () => {
    await loadDemo(await freshDatabase(from));
    return from;
  })();
  await island;
  const url = await freshDatabase(name);
  const database = createPool({ uri: url, connectionLimit: 1 });
  try {
    await database.query('SET FOREIGN_KEY_CHECKS = 0');
    const [tables] = await database.query<RowDataPacket[]>(
      'SELECT TABLE_NAME AS name FROM information_schema.TABLES WHERE TABLE_SCHEMA = ?',
      [from],
    );
    for (const table of tables.map((t) => String(t['name']))) {
      const [[made]] = await database.query<RowDataPacket[]>(`SHOW CREATE TABLE ${from}.${table}`);
      await database.query(String(made!['Create Table']));
      const [columns] = await database.query<RowDataPacket[]>(
        "SELECT COLUMN_NAME AS name FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = ? AND TABLE_NAME = ? AND IS_GENERATED = 'NEVER'",
        [from, table],
      );
      const list = columns.map((c) => `\`${String(c['name'])}\``).join(', ');
      await database.query(`INSERT INTO ${table} (${list}) SELECT ${list} FROM ${from}.${table}`);
    }
  } finally {
    await database.end();
  }
  return url;
}

let browser: Promise<Browser> | null = null;
export const theBrowser = (): Promise<Browser> =>
  (browser ??= chromium.launch({
    executablePath: process.env['EMBERFIELD_CHROMIUM'] ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-dev-shm-usage',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
    ],
  }));

export interface Screen {
  readonly page: Page;
  readonly context: BrowserContext;
  /** What the page complained of: script errors, and any breach of the content security policy. */
  readonly complaints: string[];
}

export interface Looks {
  readonly phone?: boolean;
  readonly night?: boolean;
  /** Whether the browser may keep the pages, to open without signal. */
  readonly keepsPages?: boolean;
  /** Where the device says it is. */
  readonly at?: { readonly latitude: number; readonly longitude: number };
  /** What the browser speaks. */
  readonly locale?: string;
}

export async function openScreen({
  phone = false,
  night = false,
  keepsPages = false,
  at,
  locale = 'en-GB',
}: Looks = {}): Promise<Screen> {
  const context = await (
    await theBrowser()
  ).newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    hasTouch: phone,
    colorScheme: night ? 'dark' : 'light',
    serviceWorkers: keepsPages ? 'allow' : 'block',
    ...(at ? { geolocation: { ...at, accuracy: 6 }, permissions: ['geolocation'] } : {}),
    timezoneId: 'UTC',
    locale,
  });
  const page = await context.newPage();
  page.setDefaultTimeout(LONGEST_WAIT_MS);
  const complaints: string[] = [];
  page.on('pageerror', (error) => complaints.push(error.message));
  page.on('console', (message) => {
    // Only a test that takes the signal away sees this one: it is no fault of the page.
    if (/ERR_INTERNET_DISCONNECTED/.test(message.text())) return;
    if (
      /content security policy/i.test(message.text()) ||
      (message.type() === 'error' && !/status of 4\d\d/.test(message.text()))
    )
      complaints.push(message.text());
  });
  return { page, context, complaints };
}

export async function comeInAs(screen: Screen, url: string, name: string): Promise<void> {
  await screen.page.goto(`${url}/hearth`);
  await screen.page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await screen.page
    .getByRole('heading', { name: /Take now|Last call|Soon|Duties|Jetzt nehmen|Letzte Tage|Bald|Zu tun/ })
    .first()
    .waitFor();
}

/** Does something as somebody, on a screen of their own, which must not have complained of anything. */
export const screensOf =
  (server: () => RunningServer) =>
  async (
    options: Looks & { readonly as: string },
    work: (page: Page, screen: Screen) => Promise<void>,
  ): Promise<void> => {
    const screen = await openScreen(options);
    try {
      await comeInAs(screen, server().url, options.as);
      await work(screen.page, screen);
      if (screen.complaints.length > 0) throw new Error(`The page complained: ${screen.complaints.join('\n')}`);
    } catch (error) {
      const where = await whereItWas(screen);
      // Said here as well: it may hold at a second try, and then nobody else says it.
      process.stdout.write(`    … ${where}\n    … ${String(error)}\n`);
      throw new Error(where, { cause: error });
    } finally {
      await screen.context.close();
    }
  };

/** What a page showed when something was not found on it. */
export async function whereItWas({ page, complaints }: Screen): Promise<string> {
  const headings = await page.getByRole('heading').allInnerTexts();
  return `At ${page.url()}, which showed “${headings.join(' · ')}”${complaints.length > 0 ? ` and complained: ${complaints.join('\n')}` : ''}`;
}

export async function closeBrowser(): Promise<void> {
  await (await browser)?.close();
  browser = null;
}
