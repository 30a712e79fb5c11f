import { expect } from 'chai';
import { createPool, type Pool, type RowDataPacket } from 'mysql2/promise';
import type { Page } from 'playwright-core';
import { noisyPicture } from './noisy-picture.ts';
import {
  islandDatabase,
  openScreen,
  comeInAs,
  screensOf,
  startServer,
  type RunningServer,
  type Screen,
} from './application.ts';

describe('nothing that is entered is doubled or lost', function () {
  let server: RunningServer;
  let databaseUrl: string;
  let database: Pool;
  before(async () => {
    databaseUrl = await islandDatabase('emberfield_e2e_outbox');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    database = createPool(databaseUrl);
  });
  after(async () => {
    await database.end();
    await server.stop();
  });
  const within = screensOf(() => server);
  const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).first().click();

  /** Entries of a kind stored by now, counted in the database itself. */
  async function stored(kind: string): Promise<number> {
    const [rows] = await database.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM entry WHERE kind = ?', [kind]);
    return Number(rows[0]!['n']);
  }
  async function toTake(page: Page): Promise<void> {
    await page.goto(`${server.url}/hearth`);
    await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
    await page.getByRole('link', { name: /^Take/ }).click();
    await page.getByRole('button', { name: 'one more', exact: true }).click();
  }
  /** The server takes what is sent, and its answer never arrives: so many times. */
  async function loseAnswers(page: Page, times: number, path = '**/sync'): Promise<void> {
    let left = times;
    await page.route(path, async (route) => {
      if (route.request().method() === 'GET' || left-- <= 0) return route.continue();
      await route.fetch();
      await route.abort('connectionreset');
    });
  }
  /** It tries again by itself every twenty seconds, and whenever the server is reached again. */
  const settle = async (page: Page): Promise<void> => {
    await page.getByText(/things? waits? on this device/).waitFor({ state: 'detached', timeout: 40_000 });
  };

  it('by an answer that is lost after the server stored it', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const before = await stored('take');
      await toTake(page);
      await loseAnswers(page, 1);
      await press(page, 'Save the take');
      await page.getByText(/kept on this device: it goes when there is a signal/).waitFor();
      // As soon as the server answers anything again it goes by itself.
      await settle(page);
      await page.waitForTimeout(500);
      expect(await stored('take')).to.equal(before + 1);
      forgive(screen);
    });
  });
  it('by a reload, and a browser that was closed, between the two', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const before = await stored('take');
      await toTake(page);
      await loseAnswers(page, 1_000);
      await press(page, 'Save the take');
      await page.getByText('1 thing waits on this device.').waitFor();
      await page.unroute('**/sync');
      await page.reload();
      await page.getByRole('link', { name: 'Emberfield' }).waitFor();
      await settle(page);
      expect(await stored('take')).to.equal(before + 1);
      forgive(screen);
    });
  });
  it('by a second press and by a second tab', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const before = await stored('take');
      await toTake(page);
      const other = await screen.context.newPage();
      await other.goto(page.url());
      await other.getByRole('button', { name: 'Save the take' }).waitFor();
      const both = [page, other].map((p) =>
        p
          .getByRole('button', { name: 'Save the take' })
          .dblclick({ timeout: 5_000 })
          .catch(() => undefined),
      );
      await Promise.all(both);
      // One of the two saved it; the other may find that nothing is left to be saved, and shows an empty tally.
      await Promise.any(
        [page, other].map((p) => p.getByRole('heading', { name: 'Norway spruce · Brackmoor planting' }).waitFor()),
      );
      for (const p of [page, other]) await p.getByRole('heading', { name: /^Norway spruce/ }).waitFor();
      await settle(page);
      await page.waitForTimeout(500);
      expect(await stored('take')).to.equal(before + 1);
    });
  });
  it('of a visit with many parts neither, half of them refused or not', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const kinds = ['stageSighting', 'search', 'visit'];
      const counts = async () => Promise.all(kinds.map(stored));
      const before = await counts();
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: /^Visit/ }).click();
      // It is reached, and the next stage is not: two sightings.
      await page.getByRole('button', { name: /^brown caps fall/ }).click();
      for (const [what, said] of [
        ['Yew', 'not found'],
        ['Silver fir', 'found'],
      ] as const)
        await page
          .getByRole('radiogroup', { name: `Looked for ${what}` })
          .getByText(said, { exact: true })
          .click();
      await loseAnswers(page, 2);
      await press(page, 'Save the visit');
      await page.getByText('The visit is kept on this device').waitFor();
      await settle(page);
      await page.waitForTimeout(500);
      // Each look-alike has the answer that was given for it.
      expect((await counts()).map((n, i) => n - before[i]!)).to.deep.equal([2, 2, 1]);
      const [rows] = await database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.lookedFor') AS what, JSON_VALUE(body, '$.found') AS found FROM entry WHERE kind = 'search' ORDER BY id DESC LIMIT 2",
      );
      expect(
        new Set(rows.map((r) => `${String(r['what'])} ${Number(r['found'] === '1' || r['found'] === 'true')}`)),
      ).to.deep.equal(new Set(['Yew 0', 'Silver fir 1']));
      forgive(screen);
    });
  });
  it('by a server that is killed after it stored, and started again', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const before = await stored('take');
      await toTake(page);
      const { port } = new URL(server.url);
      await page.route('**/sync', async (route) => {
        await route.fetch();
        process.kill(server.pid, 'SIGKILL');
        await route.abort('connectionreset');
      });
      await press(page, 'Save the take');
      await page.getByText('1 thing waits on this device.').waitFor();
      await page.unroute('**/sync');
      server = await startServer(databaseUrl, { EMBERFIELD_PORT: port, EMBERFIELD_DEMO: '1' });
      await settle(page);
      expect(await stored('take')).to.equal(before + 1);
      forgive(screen);
    });
  });
  it('of changes of a place, of a rest, and of photos neither', async () => {
    await within({ as: 'Tavi' }, async (page, screen) => {
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      const one = async (sql: string): Promise<unknown> => (await database.query<RowDataPacket[]>(sql))[0][0]!['said'];

      await page.getByRole('tab', { name: 'Settings' }).click();
      await loseAnswers(page, 1, '**/stands/*');
      await page.getByLabel(/^Why it rests/).fill('was thin');
      await page.reload();
      // What was typed is there again after a reload.
      expect(await page.getByLabel(/^Why it rests/).inputValue()).to.equal('was thin');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('Kept on this device: it goes when there is a signal.').waitFor();
      await settle(page);
      expect(await one("SELECT COUNT(*) AS said FROM stand WHERE rest_reason = 'was thin'")).to.equal(1);

      const photos = Number(await one('SELECT COUNT(*) AS said FROM photo'));
      await loseAnswers(page, 1, '**/photos/**');
      const buffer = Buffer.from(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
        'base64',
      );
      await page.getByRole('tab', { name: 'Record' }).click();
      await page.locator('input[type=file]').setInputFiles({ name: 'a.png', mimeType: 'image/png', buffer });
      await page.getByText('1 thing waits on this device.').waitFor();
      await settle(page);
      expect(await one('SELECT COUNT(*) AS said FROM photo')).to.equal(photos + 1);

      // A large one goes in pieces: after a signal that went in between those that came are not sent again.
      let pieces = 0;
      await page.route('**/pieces/*', async (route) => (++pieces === 3 ? route.abort() : route.continue()));
      await page.locator('input[type=file]').setInputFiles({
        ...{ name: 'b.png', mimeType: 'image/png' },
        buffer: await noisyPicture(page, 1200, 900),
      });
      await page.getByText('1 thing waits on this device.').waitFor();
      await settle(page);
      expect(await one('SELECT COUNT(*) AS said FROM photo')).to.equal(photos + 2);
      expect(await one('SELECT MAX(width_px) AS said FROM photo')).to.equal(1200);
      expect(await one('SELECT COUNT(*) AS said FROM photo_arriving')).to.equal(0);
      expect(await one("SELECT SUM(LENGTH(bytes)) > 400000 AS said FROM photo_piece WHERE size = 'large'")).to.equal(1);
      expect(pieces).to.be.within(5, 30);
      await page.unroute('**/pieces/*');

      await page.getByRole('link', { name: 'Brackmoor planting' }).click();
      await page.getByRole('button', { name: 'Settings', exact: true }).click();
      await page.getByLabel('Way there').fill('by the fire break');
      await loseAnswers(page, 1, '**/patches/*');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('1 thing waits on this device.').waitFor();
      expect(await page.getByLabel('Way there').inputValue()).to.equal('by the fire break');
      await settle(page);
      // Nothing is left to be kept: what is there is what was typed.
      await page.getByRole('button', { name: 'Let the changes go' }).waitFor({ state: 'detached' });
      expect(
        await one(
          "SELECT COUNT(*) AS said FROM patch_history h JOIN patch p ON p.id = h.patch_id WHERE p.name = 'Brackmoor planting'",
        ),
      ).to.equal(1);
      forgive(screen);
    });
  });
  it('and what fails while all else is answered is tried now and then, not at every answer', async () => {
    await within({ as: 'Tavi' }, async (page, screen) => {
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      let tries = 0;
      await page.route('**/stands/*', (route) => {
        if (route.request().method() === 'GET') return route.continue();
        tries++;
        return route.abort('connectionreset');
      });
      await page.getByRole('tab', { name: 'Settings' }).click();
      await page.getByLabel(/^Why it rests/).fill('still thin');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('1 thing waits on this device.').waitFor();
      await page.waitForTimeout(6_000);
      // At once, then after one, two and four seconds at the soonest.
      expect(tries).to.be.within(1, 4);
      await page.unroute('**/stands/*');
      await settle(page);
      forgive(screen);
    });
  });
  it('saved as a file, thrown away and read back in it goes once; and is nobody else’s', async () => {
    await within({ as: 'Mirel' }, async (page, screen) => {
      const before = await stored('take');
      await toTake(page);
      await page.route('**/sync', (route) => route.abort('connectionreset'));
      await press(page, 'Save the take');
      await page.getByText('1 thing waits on this device.').waitFor();
      await page.getByRole('button', { name: 'Show', exact: true }).click();
      const [download] = await Promise.all([page.waitForEvent('download'), press(page, 'Save what waits as a file')]);
      const path = await download.path();
      await press(page, 'Throw away');
      await page.getByText(/things? waits? on this device/).waitFor({ state: 'detached' });
      const bringIn = async (on: Page): Promise<void> => {
        await on.goto(`${server.url}/group?tab=account`);
        await on.getByRole('heading', { name: 'Waiting on this device' }).waitFor();
        await on
          .locator('section', { hasText: 'Read such a file back in' })
          .locator('input[type=file]')
          .setInputFiles(path);
      };
      await within({ as: 'Ode' }, async (other) => {
        await bringIn(other);
        await other.getByText('That file is somebody else’s').waitFor();
      });
      await page.unroute('**/sync');
      await bringIn(page);
      await page.getByText('In it: 1 take.').waitFor();
      await press(page, 'Take it in');
      await page.getByText('1 thing taken in.').waitFor();
      await settle(page);
      await page.waitForTimeout(1_000);
      expect(await stored('take')).to.equal(before + 1);
      // Once more: the server has it, and stores nothing.
      await bringIn(page);
      await page.getByText('In it: 1 take.').waitFor();
      await press(page, 'Take it in');
      await page.getByText('1 thing taken in.').waitFor();
      await settle(page);
      await page.waitForTimeout(1_000);
      expect(await stored('take')).to.equal(before + 1);
      forgive(screen);
    });
  });
  it('and what waits is nobody else’s on the same device', async () => {
    const screen = await openScreen();
    await comeInAs(screen, server.url, 'Mirel');
    const { page } = screen;
    const before = await stored('take');
    await toTake(page);
    await page.route('**/sync', (route) => route.abort('connectionreset'));
    await press(page, 'Save the take');
    await page.getByText('1 thing waits on this device.').waitFor();
    await page.getByRole('button', { name: /^Mirel picker/ }).click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    // Only then may anything go again: until Mirel is gone it is hers to send.
    await page.getByRole('button', { name: /^Ode/ }).waitFor({ timeout: 30_000 });
    await page.unroute('**/sync');
    await page.getByRole('button', { name: /^Ode/ }).click();
    await page.getByRole('button', { name: /^Ode picker/ }).waitFor();
    await page.waitForTimeout(800);
    expect(await page.getByText(/waits? on this device/).count()).to.equal(0);
    expect(await stored('take')).to.equal(before);
    await page.getByRole('button', { name: /^Ode picker/ }).click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    await page.getByRole('button', { name: /^Mirel/ }).click();
    await page.getByRole('button', { name: /^Mirel picker/ }).waitFor();
    await settle(page);
    await page.waitForTimeout(1_500);
    expect(await stored('take')).to.equal(before + 1);
    await screen.context.close();
  });
});

/** The connection that was cut on purpose is no complaint of the page. */
function forgive({ complaints }: Screen): void {
  const own = complaints.filter(
    (c) => !/ERR_CONNECTION_(RESET|REFUSED)|ERR_FAILED|ERR_EMPTY_RESPONSE|ERR_INCOMPLETE_CHUNKED|503/.test(c),
  );
  complaints.splice(0, complaints.length, ...own);
}
