import { expect } from 'chai';
import { readFile } from 'node:fs/promises';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach } from './views.ts';

describe('the ledger', () => {
  const island = onIsland('emberfield_e2e_ledger');
  const { within } = island;

  it('suggests with its evidence; two are taken up, one is left, and the stand that rests is covered next year', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('e');
      await page.getByRole('heading', { level: 1, name: 'Ledger of 2025' }).waitFor();
      const rest = page.getByRole('article').filter({ hasText: 'Let it rest: Small-leaved lime' });
      await rest.getByText(/^blossom: [\d,]+ blossoms taken, [\d,]+ blossoms allowed\.$/).waitFor();
      await page.getByRole('button', { name: /^Do it: Let it rest: Small-leaved lime/ }).click();
      await page.getByText(/Harbour avenue.* rests until 31 December 2026/).waitFor();
      await rest.waitFor({ state: 'detached' });
      const share = page.getByRole('article').filter({ hasText: 'Take from fewer plants' });
      await share.getByText(/that it shrinks is \d+ % sure/).waitFor();
      await share.getByRole('textbox', { name: /Share of the plants/ }).fill('30');
      await page.getByRole('button', { name: /^Do it: Take from fewer plants/ }).click();
      await page.getByText(/from 30 % of the plants/).waitFor();
      await share.waitFor({ state: 'detached' });
      await page.getByRole('button', { name: /^Leave it: Count it/ }).click();
      await page.getByText('Nothing stands out.').waitFor();
      await page.getByText('1 that you left are not shown on this device.').waitFor();
      // Open for weeks by its dates, it is covered now.
      await page.goto(`${island.url}/hearth`);
      await page
        .getByRole('button', { name: /lime.*resting until 31 December 2026/s })
        .first()
        .waitFor();
    });
  });
  it('is handed out for the places that are chosen, by themselves, as a table too', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/ledger`);
      await page
        .getByRole('cell', { name: /Elder, Mill hedge/ })
        .first()
        .waitFor();
      await pick(page, 'Only these places', 'Mill hedge');
      await page.keyboard.press('Tab');
      await page
        .getByRole('cell', { name: /Harbour avenue/ })
        .first()
        .waitFor({ state: 'detached' });
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save as CSV' }).first().click(),
      ]);
      const csv = await readFile(await download.path(), 'utf8');
      expect(csv.split('\n')[0]).to.include('Stand,Part,Taken,Allowed');
      expect(csv)
        .to.match(/Mill hedge/)
        .and.not.match(/Harbour avenue|Withen Wood/);
    });
  });
  it('asks nobody who only picks to decide, and is read in the hand', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/ledger`);
      await page.getByRole('heading', { level: 1, name: /Ledger of/ }).waitFor();
      expect(await page.getByRole('button', { name: /^Do it/ }).count()).to.equal(0);
      await expectReach(page, 'ledger');
    });
  });
});
