// Somebody with a browser of their own, as a process that can be killed, who notes one thing after the other.
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from 'playwright-core';

const [LONGEST_WAIT_MS, LONGEST_START_MS] = [30_000, 60_000];

/** Browsers that run, by process: a run that ends badly leaves none behind. */
const running = new Set<number>();
process.on('exit', () => running.forEach(kill));
function kill(pid: number): void {
  running.delete(pid);
  try {
    // The group of its own, with all that it started.
    process.kill(-pid, 'SIGKILL');
  } catch {
    // It has ended by itself.
  }
}

export interface Picker {
  readonly name: string;
  /** Notes something by the form of a visit; resolves once the screen has left the form, which it does when the entry is kept. */
  readonly note: (text: string) => Promise<void>;
  readonly dropNetwork: (ms: number) => Promise<void>;
  readonly closeTab: () => Promise<void>;
  readonly killBrowser: () => Promise<void>;
  /** Waits until nothing waits on the device any more. */
  readonly drained: () => Promise<void>;
  /** What the screen shows. */
  readonly seen: () => Promise<string>;
  readonly end: () => Promise<void>;
}

/** @param standOf which of the stands they can see is theirs to note things of */
export async function picker(url: string, name: string, standOf: (ids: readonly string[]) => string): Promise<Picker> {
  const folder = mkdtempSync(join(tmpdir(), 'emberfield-picker-'));
  let child: ChildProcess;
  let browser: Browser;
  let page: Page;
  let stand = '';

  async function start(): Promise<void> {
    child = spawn(
      process.env['EMBERFIELD_CHROMIUM'] ?? '/usr/bin/chromium',
      [
        '--headless=new',
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--no-first-run',
        '--remote-debugging-port=0',
        `--user-data-dir=${folder}`,
        'about:blank',
      ],
      // A group of its own: killed, all of its processes go.
      { stdio: ['ignore', 'ignore', 'pipe'], detached: true },
    );
    running.add(child.pid!);
    browser = await chromium.connectOverCDP(await addressOf(child));
    await openTab();
  }
  async function openTab(): Promise<void> {
    page = await browser.contexts()[0]!.newPage();
    page.setDefaultTimeout(LONGEST_WAIT_MS);
  }
  /** The form for a visit of the stand; drafts of before are in it. */
  async function toForm(): Promise<void> {
    const form = page.getByRole('button', { name: 'Save the visit' });
    const link = page.getByRole('link', { name: /^Visit/ }).first();
    if (page.url().endsWith(`/stands/${stand}`) && (await link.isVisible())) await link.click();
    else await page.goto(`${url}/stands/${stand}/visit`);
    // A browser that is killed soon after signing in has not written down yet that somebody is in.
    const outside = page.getByText('The demo: come in as');
    const there = await Promise.race([form.waitFor().then(() => true), outside.waitFor().then(() => false)]);
    if (there) return;
    await page.getByRole('button', { name: new RegExp(`^${name}`) }).click();
    await form.waitFor();
  }

  await start();
  // The pages and what is asked of the stand lie on the device before anything goes wrong.
  await page!.goto(`${url}/hearth`);
  await page!.getByRole('button', { name: new RegExp(`^${name}`) }).click();
  await page!.getByRole('link', { name: 'Hearth' }).first().waitFor();
  await page!.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  const ids = await page!.evaluate(async () => {
    const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
    const all = (await (await fetch(`/api/groups/${session.groups[0]!.id}/patches`)).json()) as {
      stands: { id: string; retired: boolean }[];
    }[];
    return all.flatMap((p) => p.stands.filter((s) => !s.retired).map((s) => s.id));
  });
  stand = standOf(ids);
  await page!.goto(`${url}/stands/${stand}`);
  await page!
    .getByRole('link', { name: /^Visit/ })
    .first()
    .waitFor();
  await toForm();

  return {
    name,
    note: async (text) => {
      await toForm();
      await page.getByLabel('Note', { exact: true }).fill(text);
      await page.getByRole('button', { name: 'Save the visit' }).click();
      await page.waitForURL((now) => now.pathname === `/stands/${stand}`);
    },
    dropNetwork: async (ms) => {
      const context = browser.contexts()[0]!;
      await context.setOffline(true);
      await new Promise((go) => setTimeout(go, ms));
      await context.setOffline(false).catch(() => undefined);
    },
    closeTab: async () => {
      const old = page;
      await openTab();
      await old.close();
    },
    killBrowser: async () => {
      kill(child.pid!);
      await new Promise((gone) =>
        (child.exitCode ?? child.signalCode) === null ? child.once('exit', gone) : gone(null),
      );
      await start();
    },
    drained: async () => {
      await page.goto(`${url}/hearth`);
      await page.getByRole('link', { name: 'Hearth' }).first().waitFor();
      for (let left = 1; left > 0;) {
        left = await waitingOnDevice(page);
        if (left > 0) await page.waitForTimeout(1_000);
      }
    },
    seen: async () =>
      page.isClosed()
        ? 'closed'
        : page.evaluate(() => `${location.pathname} ${document.body.innerText.slice(0, 200)}`).catch(() => 'gone'),
    end: async () => {
      await browser.close().catch(() => undefined);
      kill(child.pid!);
      rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
    },
  };
}

/** How much lies in the outbox, asked of the browser's own database. */
const waitingOnDevice = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((tell, fail) => {
        const opening = indexedDB.open('emberfield-outbox');
        opening.onerror = () => fail(new Error('the outbox cannot be opened'));
        opening.onsuccess = () => {
          const database = opening.result;
          const count = database.transaction('waiting').objectStore('waiting').count();
          count.onsuccess = () => {
            database.close();
            tell(count.result);
          };
          count.onerror = () => fail(new Error('the outbox cannot be read'));
        };
      }),
  );

function addressOf(child: ChildProcess): Promise<string> {
  return new Promise((tell, fail) => {
    let output = '';
    const late = setTimeout(() => fail(new Error(`The browser did not start: ${output}`)), LONGEST_START_MS);
    child.stderr!.on('data', (data: Buffer) => {
      output += data.toString();
      const address = /DevTools listening on (ws:\S+)/.exec(output)?.[1];
      if (!address) return;
      clearTimeout(late);
      tell(address);
    });
  });
}
