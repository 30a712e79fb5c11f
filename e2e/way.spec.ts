import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import type { RowDataPacket } from 'mysql2/promise';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach, widerThanScreen } from './views.ts';

describe('the way and the weight of a round', () => {
  const island = onIsland('emberfield_e2e_way');
  const { within } = island;
  const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first().click();
  async function planned(page: Page): Promise<void> {
    await page.goto(`${island.url}/round`);
    await pick(page, 'From and back to', 'Brackmoor planting');
    await page.getByText(/back at \d\d:\d\d/).waitFor();
  }
  const MINUTE = 60_000;

  it('is pulled into another order, and leaves out what would be too much to carry', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await planned(page);
      await page
        .getByText(/from \d+ timed takes?/)
        .first()
        .waitFor();
      const names = (): Promise<string[]> => page.locator('ol h3').allTextContents();
      const before = await names();
      const grip = (n: number) => page.locator('.grip').nth(n).boundingBox();
      const [from, to] = [(await grip(0))!, (await grip(2))!];
      await page.mouse.move(from.x + 20, from.y + 20);
      await page.mouse.down();
      await page.mouse.move(from.x + 20, from.y + 60, { steps: 5 });
      await page.mouse.move(to.x + 20, to.y + 40, { steps: 10 });
      await page.mouse.up();
      await page.getByRole('button', { name: 'The best order again' }).waitFor();
      const pulled = await names();
      expect(pulled.indexOf(before[0]!)).to.be.above(0);
      expect([...pulled].sort()).to.deep.equal([...before].sort());
      await page.getByRole('button', { name: 'The best order again' }).click();
      // 870 g are usually brought home; the reed-mace is most of it. It stands among those that make it too heavy once it has to be carried.
      await page.getByText(/about 8\d0 g to carry/).waitFor();
      await pick(page, 'Carrying at most', '2 kg');
      expect(await names()).to.deep.equal(before);
      await pick(page, 'Wanted plants', 'Stinging nettle');
      await pick(page, 'Of these', 'them first');
      await page.getByText(/about 8\d0 g to carry/).waitFor();
      await pick(page, 'Of these', 'nothing else');
      await page.getByText('about 12 g to carry').waitFor();
    });
  });

  it('is noted on the device: minutes go into the record without typing, and the file leaves secrets out', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await planned(page);
      await press(page, 'Put on Quay strand, below the drift line');
      await page.getByRole('button', { name: /^Quay strand.* has to be on it/, pressed: true }).waitFor();
      await press(page, 'Take it along');
      await page.getByRole('heading', { name: 'Out on a round' }).waitFor();
      await page.clock.install();
      await press(page, 'Walk the round');
      await page.getByRole('switch', { name: 'Note the way and the time' }).click();
      await page.clock.runFor(18 * MINUTE);
      await page.getByText(/^1\.\d km walked, 18 min$/).waitFor();
      await page.locator('.stops').getByRole('button', { name: 'Quay strand' }).click();
      await page.getByText('0 km/h', { exact: true }).click();
      await page.clock.runFor(2 * MINUTE);
      // Another page is in front, and the way goes on being noted.
      await page.getByRole('listitem').filter({ hasText: 'Quay strand' }).getByRole('link').click();
      await page.getByRole('heading', { name: /^Quay strand/, level: 1 }).waitFor();
      await page.clock.runFor(10 * MINUTE);
      await page.getByText('You have been here for 12 min.').waitFor();
      expect(await widerThanScreen(page)).to.equal(0);
      await press(page, /: one more$/);
      await press(page, 'Done here');
      await page.clock.runFor(2 * MINUTE);
      await page.getByText(/1 of \d done/).waitFor();
      const [[visit]] = await island.database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.minutes') AS stay, JSON_VALUE(body, '$.walkMinutes') AS foot FROM entry WHERE kind = 'visit' ORDER BY id DESC LIMIT 1",
      );
      expect([Number(visit!['stay']), Number(visit!['foot'])]).to.deep.equal([12, 18]);
      const [[take]] = await island.database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.minutes') AS n FROM entry WHERE kind = 'take' ORDER BY id DESC LIMIT 1",
      );
      expect(Number(take!['n'])).to.equal(12);
      // One's own pace, for the next round.
      await page.getByText(/^You walked at \d+ % of the usual pace\./).waitFor();
      await press(page, 'Reckon rounds with it');
      await expectReach(page, 'the way of a round');
      const [download] = await Promise.all([page.waitForEvent('download'), press(page, 'Save as GPX')]);
      const gpx = readFileSync(await download.path(), 'utf8');
      expect(gpx.match(/<trkpt /g)!.length).to.be.above(50);
      await press(page, 'Forget the way');
      await page.getByText('The way is forgotten.').waitFor();
      expect(await page.getByText(/km walked/).count()).to.equal(0);
    });
  });

  it('is weighed by a scale that comes to rest, less the vessel', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      const [[stand]] = await island.database.query<RowDataPacket[]>(
        "SELECT LOWER(INSERT(INSERT(INSERT(INSERT(HEX(s.id), 21, 0, '-'), 17, 0, '-'), 13, 0, '-'), 9, 0, '-')) AS id FROM stand s JOIN patch p ON p.id = s.patch_id WHERE p.name = 'Mill hedge' AND s.plant_key = 'nettle'",
      );
      await page.goto(`${island.url}/stands/${String(stand!['id'])}/take?part=tip`);
      await press(page, 'grams');
      await press(page, 'From a scale');
      const onIt = page.getByRole('textbox', { name: /^Stand-in for a scale/ });
      const taking = page.getByRole('button', { name: 'Take this weight' });
      await onIt.fill('200');
      await page.getByText('settling').waitFor();
      expect(await taking.isDisabled()).to.equal(true);
      await page.getByText('at rest').waitFor();
      await press(page, 'Zero');
      await page.locator('.reading').getByText('0 g').waitFor();
      await onIt.fill('205');
      await page.locator('.reading').getByText('5 g', { exact: true }).waitFor();
      await page.getByText('at rest').waitFor();
      await taking.click();
      await page.getByRole('button', { name: /^5\s?g/ }).waitFor();
      await page.getByText('How it smells').click();
      await press(page, 'sharp');
      await press(page, 'Save the take');
      await page.waitForURL(/\/stands\/[^/]+$/);
      const [[take]] = await island.database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.amount') AS amount, JSON_VALUE(body, '$.measure') AS measure, JSON_VALUE(body, '$.savours[0]') AS savour FROM entry WHERE kind = 'take' AND JSON_VALUE(body, '$.measure') = 'gram' ORDER BY id DESC LIMIT 1",
      );
      expect([Number(take!['amount']), take!['measure'], take!['savour']]).to.deep.equal([5, 'gram', 'sharp']);
    });
  });
});
