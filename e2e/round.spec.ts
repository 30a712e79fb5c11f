import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import type { RowDataPacket } from 'mysql2/promise';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach } from './views.ts';

describe('a round', () => {
  const island = onIsland('emberfield_e2e_round');
  const { within } = island;

  it('is put in the best order, changed by hand, and says why a place is not on it', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('r');
      await page.getByText('Say where it begins.').waitFor();
      await pick(page, 'From and back to', 'Brackmoor planting');
      const sum = page.getByText(/back at \d\d:\d\d/);
      await sum.waitFor();
      const names = (): Promise<string[]> => page.getByRole('heading', { level: 3 }).allTextContents();
      const begins = async (): Promise<string[]> =>
        (await page.locator('ol > li > .when b').allTextContents()).map((t) => t.trim());
      const [places, times] = [await names(), await begins()];
      expect(places.length).to.be.above(1);
      expect([...times].sort()).to.deep.equal(times);
      const back = /back at (\d\d:\d\d)/.exec((await sum.textContent())!)![1]!;
      expect(back <= '13:00').to.equal(true);
      // By hand: the times follow at once; and back to the best.
      await page.getByRole('button', { name: `${places[0]}: later` }).click();
      expect(await names()).to.deep.equal([places[1], places[0], ...places.slice(2)]);
      await page.getByRole('button', { name: 'The best order again' }).click();
      expect(await names()).to.deep.equal(places);
      // Left out, it is named among the others, and put on again it has to be there.
      await page.getByRole('button', { name: `Leave out ${places[0]}` }).click();
      const others = page.locator('section', { has: page.getByRole('heading', { name: 'Not on the round' }) });
      await others.getByText('left out').waitFor();
      expect(await names()).not.to.include(places[0]);
      await others.getByRole('button', { name: `Put on ${places[0]}` }).click();
      await page.getByRole('button', { name: `${places[0]} has to be on it`, pressed: true }).waitFor();
      await page.getByRole('button', { name: `${places[0]} has to be on it`, pressed: true }).click();
      // What lies furthest round, in an hour: that cannot be; unlocked, fewer are on it, and why is said. A reload keeps what was asked.
      const far = places.at(-2)!;
      await page.getByRole('button', { name: `${far} has to be on it`, pressed: false }).click();
      await pick(page, 'Back by', '09:00');
      await page.getByText('That does not fit').waitFor();
      await page.getByRole('button', { name: `${far} need not be on it` }).click();
      await others
        .getByText(/you would be back \d+ min late|cannot be reached/)
        .first()
        .waitFor();
      await page.getByRole('button', { name: `Leave out ${(await names())[0]}` }).click();
      await others.getByText('left out').waitFor();
      await page.reload();
      await page.getByText(/back at 0\d:\d\d/).waitFor();
      await others.getByText('left out').waitFor();
    });
  });
  it('goes out as paper and as a file, and what is left is set aside for whoever goes, and given back', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.goto(`${island.url}/round`);
      await pick(page, 'From and back to', 'Brackmoor planting');
      await page.getByText(/back at \d\d:\d\d/).waitFor();
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save as GPX' }).click(),
      ]);
      const gpx = readFileSync(await download.path(), 'utf8');
      expect(gpx.match(/<rtept /g)?.length).to.equal(await page.locator('ol > li').count());
      const held = async (): Promise<number> => {
        const [[row]] = await island.database.query<RowDataPacket[]>(
          "SELECT SUM(kind = 'hold') - SUM(kind = 'withdrawal') AS n FROM entry",
        );
        return Number(row!['n']);
      };
      const before = await held();
      await page.getByRole('button', { name: 'Set aside for me today' }).click();
      const said = await page.getByText(/^Set aside for today: \d+ things?/).innerText();
      const n = Number(/\d+/.exec(said)![0]);
      expect(await held()).to.equal(before + n);
      await page.getByRole('button', { name: /^Undo/ }).click();
      await page.getByText('Undone.').waitFor();
      expect(await held()).to.equal(before);
      // On paper: boxes to tick, what to bring and the map instead of the buttons.
      await page.emulateMedia({ media: 'print' });
      await page.getByRole('heading', { name: 'What to bring' }).waitFor();
      await page.getByRole('img', { name: 'The places of the round, north up' }).waitFor();
      expect(await page.locator('.boxes i').count()).to.be.above(10);
      expect(await page.getByRole('button', { name: 'Take it along' }).isVisible()).to.equal(false);
    });
  });
  it('reads well on a phone, and says where nothing of what is wanted is open', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/round`);
      await pick(page, 'From and back to', 'Brackmoor planting');
      await page.getByText(/back at \d\d:\d\d/).waitFor();
      await expectReach(page, 'a round');
      await pick(page, 'Wanted plants', 'Norway spruce');
      await page.getByText('1 place').waitFor();
      await page.goto(`${island.url}/round?day=2026-12-20`);
      await page.getByText('None of these plants is open on this day.').waitFor();
    });
  });
});
