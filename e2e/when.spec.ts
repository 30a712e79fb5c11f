import { expect } from 'chai';
import { freshDatabase, loadDemo, screensOf, startServer, type RunningServer } from './application.ts';

describe('knowing the day', () => {
  let server: RunningServer;
  before(async function () {
    this.timeout(180_000);
    const databaseUrl = await freshDatabase('emberfield_e2e_when');
    await loadDemo(databaseUrl);
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(() => server.stop());
  const within = screensOf(() => server);

  it('the year at a glance: filtered, zoomed, read as a table, and whole on paper', async function () {
    this.timeout(90_000);
    await within({ as: 'Tavi' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('y');
      await page.getByRole('heading', { name: 'The year 2026' }).waitFor();
      const elder = page.getByRole('img', { name: /^Elder · flower heads: / }).first();
      await elder.waitFor();
      await page.getByRole('button', { name: 'roots', exact: true }).click();
      await elder.waitFor({ state: 'detached' });
      await page
        .getByRole('img', { name: /^Greater burdock · first-year roots/ })
        .first()
        .waitFor();
      expect(page.url()).to.include('part=roots');
      await page.getByRole('button', { name: 'all parts' }).click();
      await page.getByLabel('Plant or place').fill('railway');
      await page.getByRole('link', { name: 'Old railway hedge' }).waitFor();
      expect(await page.getByRole('link', { name: 'Mill hedge' }).count()).to.equal(0);
      // Into a month by its name, and from there the day is that month's.
      await page.getByRole('button', { name: 'Jun', exact: true }).click();
      await page.getByText(/Looking at 1 June/).waitFor();
      expect(page.url()).to.include('zoom=month');
      await page.getByRole('button', { name: 'As a table' }).click();
      const row = page.getByRole('row', { name: /Elder · flower heads/ }).first();
      expect(await row.textContent()).to.match(/\d+ (May|Jun) \(\d+ (May|Jun)–\d+ (May|Jun)\)/);
      await page.goto(`${server.url}/year`);
      await elder.waitFor();
      const drawn = await page.locator('.line').count();
      await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
      const lines = (await page.locator('.line').count()) - drawn;
      expect(lines, 'lines that only paper shows').to.be.above(10);
    });
  });
  it('a sighting corrected on the ladder moves the band, and undo moves it back', async function () {
    this.timeout(60_000);
    await within({ as: 'Tavi' }, async (page) => {
      await page.getByRole('button', { name: /Elder · flower heads Old railway/ }).click();
      await page.getByRole('link', { name: 'Open the stand' }).click();
      const band = page.locator('path.band');
      await band.waitFor();
      const shape = () => band.getAttribute('d');
      const before = await shape();
      const mark = page.getByRole('button', { name: /^flower buds tight, is so/ }).last();
      await mark.focus();
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { name: /flower buds tight, noted by/ }).waitFor();
      await page.getByRole('button', { name: 'not yet', exact: true }).click();
      await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
      await page.getByText('Corrected. Dates were reckoned anew.').waitFor();
      await page.waitForFunction((was) => document.querySelector('path.band')?.getAttribute('d') !== was, before);
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.waitForFunction((was) => document.querySelector('path.band')?.getAttribute('d') === was, before);
    });
  });
  it('a calendar’s address is shown once, can be read without signing in, and ends when it is taken away', async function () {
    this.timeout(60_000);
    await within({ as: 'Mirel' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('u');
      await page.getByRole('button', { name: 'duties with a day' }).click();
      await page.getByRole('button', { name: 'Make an address' }).click();
      const address = await page.getByLabel('The address').inputValue();
      const read = await fetch(address);
      expect(read.headers.get('content-type')).to.include('text/calendar');
      const text = await read.text();
      expect(text).to.match(/SUMMARY:Elder\\, Old railway hedge: flower heads open/);
      expect(text).to.include('X-WR-CALNAME:Emberfield');
      await page.reload();
      await page.getByText(/Last read/).waitFor();
      expect(await page.getByLabel('The address').count()).to.equal(0);
      await page.getByRole('button', { name: 'Take it away' }).click();
      await page.getByText('The address is gone.').waitFor();
      expect((await fetch(address)).status).to.equal(404);
    });
  });
  it('notices are seen once, and a kind that is switched off stays silent', async function () {
    this.timeout(60_000);
    await within({ as: 'Ode' }, async (page) => {
      const strip = page.getByRole('region', { name: 'Worth knowing' });
      await strip.waitFor();
      const first = (await strip.getByRole('link').first().textContent())!;
      await strip.getByRole('button', { name: /^Seen/ }).first().click();
      await page.waitForFunction((was) => !document.body.textContent.includes(was), first.trim());
      await page.reload();
      await strip.waitFor();
      expect(await page.getByText(first.trim()).count()).to.equal(0);
      await page.keyboard.press('g');
      await page.keyboard.press('u');
      for (const kind of ['opens in three days', 'last call', 'moved by more than four days'])
        await page.getByRole('button', { name: kind, exact: true }).click();
      await page.keyboard.press('g');
      await page.keyboard.press('h');
      await page.getByRole('heading', { name: 'Glowing' }).waitFor();
      expect(await strip.count()).to.equal(0);
    });
  });
  it('says how good the dates were, in words and as a picture', async function () {
    this.timeout(90_000);
    await within({ as: 'Brannoc' }, async (page) => {
      await page.goto(`${server.url}/proof`);
      await page.getByText(/^Over \d+ dates I was off by [\d.]+ days/).waitFor();
      await page.getByRole('img', { name: 'Days off, by plant' }).waitFor();
      await page.getByRole('img', { name: /before the band: \d+ %, meant 10 %/ }).waitFor();
      await page
        .getByText(/would narrow/)
        .first()
        .waitFor();
    });
  });
});
