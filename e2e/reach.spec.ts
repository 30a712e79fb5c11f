import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { islandDatabase, screensOf, startServer, type RunningServer } from './application.ts';
import { everyView, expectReach, openView, widerThanScreen } from './views.ts';

describe('every view, for everybody', () => {
  let server: RunningServer;
  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_reach');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(() => server.stop());

  const within = screensOf(() => server);

  // A slow machine takes seconds for a view: in quarters each has its time.
  const QUARTERS = [0, 1, 2, 3];
  const quarter = async (page: Page, q: number): Promise<readonly string[]> =>
    (await everyView(page)).filter((_, i) => i % QUARTERS.length === q);
  for (const q of QUARTERS) {
    it(`is read by day at the desk, and never scrolls sideways: quarter ${q + 1}`, async () => {
      await within({ as: 'Tavi' }, async (page) => {
        await page.emulateMedia({ reducedMotion: 'reduce' });
        for (const path of await quarter(page, q)) {
          await openView(page, `${server.url}${path}`);
          await expectReach(page, path);
        }
      });
    });
    it(`is read by night on the phone, and never scrolls sideways: quarter ${q + 1}`, async () => {
      await within({ as: 'Tavi', phone: true, night: true }, async (page) => {
        await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'dark' });
        for (const path of await quarter(page, q)) {
          await openView(page, `${server.url}${path}`);
          await expectReach(page, `${path}, by night on the phone,`);
        }
      });
    });
    it(`stands out from its ground in full sun: quarter ${q + 1}`, async () => {
      await within({ as: 'Tavi', phone: true }, async (page) => {
        await page.emulateMedia({ reducedMotion: 'reduce' });
        await page.evaluate(() => localStorage.setItem('emberfield-theme', 'glare'));
        // The same marks in other tones: a third of the views shows them all.
        for (const path of (await quarter(page, q)).filter((_, i) => i % 3 === 0)) {
          await openView(page, `${server.url}${path}`);
          await expectReach(page, `${path}, in full sun,`, ['color-contrast']);
        }
      });
    });
    it(`fits 320 px, which is 400 % at the desk, with writing set wide and colours forced: quarter ${q + 1}`, async () => {
      await within({ as: 'Tavi' }, async (page) => {
        await page.emulateMedia({ reducedMotion: 'reduce', forcedColors: 'active' });
        await page.setViewportSize({ width: 320, height: 640 });
        for (const path of await quarter(page, q)) {
          await openView(page, `${server.url}${path}`);
          expect(await widerThanScreen(page), `${path} at 320 px`).to.be.at.most(0);
          await page.addStyleTag({ content: WIDE });
          expect(await widerThanScreen(page), `${path} with writing set wide`).to.be.at.most(0);
          expect(await cutOff(page), `${path} with writing set wide`).to.deep.equal([]);
        }
      });
    });
  }

  it('holds together when it is read from right to left', async () => {
    await within({ as: 'Tavi', phone: true }, async (page) => {
      for (const path of (await everyView(page)).filter((_, i) => i % 5 === 0)) {
        await openView(page, `${server.url}${path}`);
        await page.evaluate(() => document.documentElement.setAttribute('dir', 'rtl'));
        expect(await widerThanScreen(page), `${path} from right to left`).to.be.at.most(0);
      }
    });
  });
  it('is printed in dark on white, by night too, without what is only pressed', async () => {
    await within({ as: 'Tavi', night: true }, async (page) => {
      const printed = (await everyView(page)).filter((p) => /^.(hearth|year|stands.[^/?]*|plants.ramsons)$/.test(p));
      expect(printed).to.have.length(4);
      for (const path of printed) {
        await openView(page, `${server.url}${path}`);
        await page.emulateMedia({ media: 'print' });
        const { ground, ink, pressed } = await page.evaluate(() => ({
          ground: getComputedStyle(document.body).backgroundColor,
          ink: getComputedStyle(document.querySelector('h1, h2')!).color,
          pressed: [...document.querySelectorAll('.no-print')].filter((e) => e.getClientRects().length > 0).length,
        }));
        expect(lightness(ground), `${path}: ground ${ground}`).to.be.above(0.9);
        expect(lightness(ink), `${path}: writing ${ink}`).to.be.below(0.3);
        expect(pressed, path).to.equal(0);
        const pdf = await page.pdf({ format: 'A4' });
        expect(pdf.subarray(0, 4).toString(), path).to.equal('%PDF');
        await page.emulateMedia({ media: 'screen' });
      }
    });
  });
  it('gives a chart away as a picture that any other program draws', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await openView(page, `${server.url}/proof`);
      const waiting = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Save as a picture (SVG)' }).click();
      const download = await waiting;
      expect(download.suggestedFilename()).to.match(/\.svg$/);
      const svg = readFileSync(await download.path(), 'utf8');
      expect(svg).to.match(/^<svg[^>]*xmlns=/);
      expect(svg).to.include('Ramsons').and.include('Sloe');
    });
  });
  it('is used with the keys alone: along the lines, marked, opened, and back', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      const focused = () => page.evaluate(() => document.activeElement?.textContent ?? '');
      const lines = page.locator('.hearth .line[aria-pressed]');
      await lines.first().focus();
      await page.keyboard.press('End');
      await page.waitForTimeout(100);
      expect(await focused()).to.equal(await lines.last().textContent());
      await page.keyboard.press('Home');
      await page.waitForTimeout(100);
      expect(await focused()).to.equal(await lines.first().textContent());
      await page.keyboard.press('x');
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('x');
      await page.getByText('2 marked', { exact: true }).waitFor();
      await page.getByRole('button', { name: 'Show only these' }).press('Enter');
      expect(await lines.count()).to.equal(2);
      await page.getByRole('button', { name: 'Unmark' }).press('Enter');
      expect(await lines.count()).to.be.above(5);
      // Typed into a field, the same letters are letters.
      await page.keyboard.press('/');
      await page.keyboard.type('xx');
      expect(await page.getByText('marked', { exact: false }).count()).to.equal(0);
      await page.keyboard.press('Escape');
      await lines.first().focus();
      const name = (await lines.first().locator('b').first().textContent())!.split(' · ')[0]!;
      await page.keyboard.press('Enter');
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { name: new RegExp(`^${name}`), level: 1 }).waitFor();
      await page.keyboard.press('v');
      await page.waitForURL(/\/visit$/);
      await page.keyboard.press('Alt+ArrowLeft');
      await page.keyboard.press('g');
      await page.keyboard.press('y');
      await page.getByRole('heading', { name: /^The year/ }).waitFor();
    });
  });
});

/** As WCAG 1.4.12 asks: half a line more between lines, and more between letters and words. */
const WIDE = '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important }';

/** Words of a control that its edge cuts off. */
const cutOff = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('.ant-btn, h1, h2, h3, .line')]
      .filter((e) => {
        const { overflowY } = getComputedStyle(e);
        return (
          !e.classList.contains('hidden-visually') &&
          overflowY === 'hidden' &&
          e.scrollHeight > e.clientHeight + 2 &&
          e.getClientRects().length > 0
        );
      })
      .map((e) => (e.textContent ?? '').trim().slice(0, 40)),
  );

/** How light a colour of the page is, 0–1; what shows through is the paper. */
function lightness(color: string): number {
  const [r = 255, g = 255, b = 255, a = 1] = (color.match(/[\d.]+/g) ?? []).map(Number);
  return a === 0 ? 1 : (r + g + b) / 3 / 255;
}
