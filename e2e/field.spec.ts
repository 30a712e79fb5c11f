import { expect } from 'chai';
import { createPool, type Pool, type RowDataPacket } from 'mysql2/promise';
import type { Page } from 'playwright-core';
import { comeInAs, islandDatabase, openScreen, startServer, whereItWas, type RunningServer } from './application.ts';
import { pick } from './pick.ts';
import { expectReach, widerThanScreen } from './views.ts';

describe('out on a round without signal', () => {
  let databaseUrl: string;
  let server: RunningServer;
  let database: Pool;
  before(async () => {
    databaseUrl = await islandDatabase('emberfield_e2e_field');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    database = createPool(databaseUrl);
  });
  after(async () => {
    await database.end();
    await server.stop();
  });
  const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
  async function stored(kind: string): Promise<number> {
    const [rows] = await database.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM entry WHERE kind = ?', [kind]);
    return Number(rows[0]!['n']);
  }
  /** The list of a place on the round, by way of the round itself. */
  async function openPlace(page: Page, place: string): Promise<void> {
    await page.goto(`${server.url}/field`);
    await page.getByRole('listitem').filter({ hasText: place }).getByRole('link').click();
    await page.getByRole('heading', { name: place, level: 1 }).waitFor();
  }
  const [LOOKS, LOOK_MS] = [80, 500];
  const KINDS = ['visit', 'stageSighting', 'take'];
  /** What the round below brings home, by kind. */
  const AT_HOME = [2, 4, 2];
  const counts = (): Promise<number[]> => Promise.all(KINDS.map(stored));

  it('is taken along, opened cold, walked, noted and come home with', async () => {
    const screen = await openScreen({ phone: true, keepsPages: true });
    const { page, context } = screen;
    try {
      await comeInAs(screen, server.url, 'Mirel');
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      await page.goto(`${server.url}/round`);
      await pick(page, 'From and back to', 'Brackmoor planting');
      await page.getByText(/back at \d\d:\d\d/).waitFor();
      await press(page, 'Put on Quay strand, below the drift line');
      await page.getByRole('button', { name: /^Quay strand.* has to be on it/, pressed: true }).waitFor();
      await press(page, 'Take it along');
      await page.getByRole('heading', { name: 'Out on a round' }).waitFor();
      await page.getByText(/Taken along: [\d.]+ MB/).waitFor();
      const before = await counts();

      // No network and no server: from a cold start.
      const { port } = new URL(server.url);
      await context.setOffline(true);
      await server.stop();
      await page.goto('about:blank');
      await page.goto(`${server.url}/field`);
      await page.getByText(/0 of \d done/).waitFor();
      await expectReach(page, 'a round taken along');

      // The way is played: it says how far it is, and where one seems to be.
      await press(page, 'Walk the round');
      await page.getByText(/ to the (north|east|south|west)/).waitFor();
      await page.locator('.stops').getByRole('button', { name: 'Brackmoor planting' }).click();
      await page.getByText('You seem to be at Brackmoor planting.').waitFor();
      await page.getByRole('switch', { name: 'has a fix' }).click();
      await page.getByText('This device does not know where it is.').waitFor();

      // A stand step by step: it is not gone on without a word while a look-alike is open.
      await openPlace(page, 'Brackmoor planting');
      await page.getByRole('link', { name: /Norway spruce/ }).click();
      await page.getByRole('heading', { name: 'Tick each only by its own sign' }).waitFor();
      await press(page, 'On');
      await page.getByText(/^Not ticked: .*Yew/).waitFor();
      for (const tick of await page.getByRole('checkbox').all()) await tick.check();
      await press(page, 'On');
      await press(page, /^brown caps fall/);
      await press(page, 'Save the visit');
      await page.getByText('The visit is kept on this device').waitFor();
      const left = async (): Promise<number> => {
        const said = await page
          .getByText(/of [\d,.]+ litres|litres? left|\d left/)
          .first()
          .innerText();
        return Number(/([\d.]+) (?:litres? )?left/.exec(said)![1]);
      };
      await page.getByRole('button', { name: 'one more', exact: true }).waitFor();
      const had = await left();
      await page.getByRole('button', { name: 'one more', exact: true }).click();
      await press(page, 'Save the take');
      await page.getByRole('heading', { name: 'Brackmoor planting', level: 1 }).waitFor();

      // What waits here counts: less is left than was, and the rest of it is the limit.
      await page.getByRole('link', { name: /Norway spruce/ }).click();
      await page.getByRole('link', { name: 'Leave out' }).click();
      await page.getByRole('link', { name: 'Leave out' }).click();
      await page.waitForFunction((was) => !document.body.innerText.includes(was), `${had} left`);
      const now = await left();
      expect(now).to.be.below(had);
      await page.getByTitle('type a number', { exact: false }).or(page.locator('button.number')).first().click();
      await page.keyboard.type(String(had));
      await page.keyboard.press('Enter');
      await page.getByRole('alertdialog').waitFor();
      await page.getByRole('alertdialog').getByRole('button').first().click();
      await page.getByRole('link', { name: 'Cancel' }).click();

      // The rest of the place and the next one in one list.
      await press(page, 'Done here');
      await page.getByText(/1 of \d done/).waitFor();
      await openPlace(page, 'Quay strand, below the drift line');
      await press(page, /: one more$/);
      await page.getByRole('button', { name: 'Seen' }).first().click();
      await page.locator('.stages').getByRole('button').nth(1).click();
      await press(page, 'a child along');
      expect(await widerThanScreen(page)).to.equal(0);
      await page.reload();
      await page.getByRole('button', { name: 'a child along', pressed: true }).waitFor();
      await press(page, 'Done here');
      await page.getByText(/2 of \d done/).waitFor();
      await page.goto(`${server.url}/need`);
      await page.getByRole('link', { name: /Poison line of the islands/ }).waitFor();

      // Home: everything goes, once.
      server = await startServer(databaseUrl, { EMBERFIELD_PORT: port, EMBERFIELD_DEMO: '1' });
      await context.setOffline(false);
      await page.goto(`${server.url}/field`);
      await page.getByText(/2 of \d done/).waitFor();
      const gained = async (): Promise<number[]> => (await counts()).map((n, i) => n - before[i]!);
      const stillToCome = async (): Promise<boolean> => (await gained()).some((n, kind) => n < AT_HOME[kind]!);
      for (let look = 0; look < LOOKS && (await stillToCome()); look++) await page.waitForTimeout(LOOK_MS);
      // A while longer, in which nothing may come a second time.
      await page.waitForTimeout(4 * LOOK_MS);
      expect(await gained()).to.deep.equal(AT_HOME);
      const [[noted]] = await database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.note') AS said FROM entry WHERE kind = 'visit' ORDER BY id DESC LIMIT 1",
      );
      expect(noted!['said']).to.equal('a child along');
      // Whoever signs out leaves no places behind.
      await page.getByRole('button', { name: 'More', exact: true }).click();
      await page.getByRole('button', { name: 'Sign out' }).click();
      await page.getByRole('button', { name: /^Ode/ }).waitFor();
      const stays = await page.evaluate(() => JSON.stringify({ ...localStorage }));
      expect(stays).not.to.match(/latitudeDeg|Brackmoor/);
    } catch (error) {
      throw new Error(await whereItWas(screen), { cause: error });
    } finally {
      await context.close();
    }
  });
});
