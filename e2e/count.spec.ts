import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { expectReach } from './views.ts';

describe('counting with a thumb', () => {
  const island = onIsland('emberfield_e2e_count');
  const { within } = island;

  const standAt = (page: Page, plant: string, place: string): Promise<string> =>
    page.evaluate(
      async (wanted) => {
        const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
        const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
          stands: { id: string; plantKey: string; patchName: string }[];
        };
        return hearth.stands.find(
          (s) => s.plantKey === wanted.plant && s.patchName.toLowerCase().includes(wanted.place),
        )!.id;
      },
      { plant, place },
    );

  it('tree by tree: as much as each bears, and the list is there the next time', async () => {
    await within({ as: 'Ode', phone: true }, async (page) => {
      const stand = `${island.url}/stands/${await standAt(page, 'spruce', 'planting')}`;
      const field = (name: string) => page.getByRole('textbox', { name, exact: true });
      await page.goto(`${stand}/visit`);
      await page.getByRole('button', { name: 'trees one by one' }).tap();
      await field('mark or name 1').fill('by the gate');
      await field('girth 1').fill('ninety');
      await field('tips on it 1').fill('90');
      await page.getByRole('button', { name: 'one more tree' }).tap();
      await field('tips on it 2').fill('300');
      await page.getByRole('button', { name: 'Save the visit' }).tap();
      await page.getByText('It must be a number.').waitFor();
      await field('girth 1').fill('95');
      await expectReach(page, 'trees');
      await page.getByRole('button', { name: 'Save the visit' }).tap();
      await page.waitForURL(/stands\/[0-9a-f-]+$/);
      await page.getByText(/as much as each bears/).waitFor();
      await page.goto(`${stand}?tab=record`);
      await page.getByText(/by the gate 95 cm 90/).waitFor();
      await page.goto(`${stand}/visit`);
      await page.getByRole('button', { name: 'trees one by one' }).tap();
      await page.getByRole('button', { name: 'As last time: 2 trees' }).tap();
      expect(await field('mark or name 1').inputValue()).to.equal('by the gate');
      expect(await field('tips on it 2').inputValue()).to.equal('300');
    });
  });
  it('square by square, weighed with the count by eye, changes the allowance and says from what', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      const button = (name: string | RegExp) => page.getByRole('button', { name, exact: true });
      const standId = await standAt(page, 'nettle', 'mill');
      await page.goto(`${island.url}/stands/${standId}`);
      const headline = page.locator('.headline');
      const before = await headline.textContent();
      await page.getByRole('link', { name: /^Visit/ }).tap();
      await button('squares').tap();
      await page.getByLabel('the stand, m²').fill('60');
      const kind = (name: string) => page.getByRole('button', { name: new RegExp(`\\+ ${name}$`) });
      for (const [young, grown, flowering] of [
        [1, 6, 1],
        [0, 7, 0],
        [2, 5, 2],
      ] as const) {
        for (let i = 0; i < young; i++) await kind('young').tap();
        for (let i = 0; i < grown; i++) await kind('grown').tap();
        for (let i = 0; i < flowering; i++) await kind('in flower').tap();
        await button('next square').tap();
      }
      // A finger that slipped, and back.
      await kind('grown').tap();
      await button('one back').tap();
      await page.getByText('0 plants', { exact: true }).waitFor();
      await button('Square 3').tap();
      await page.getByText('9 plants', { exact: true }).waitFor();
      // The fourth square was touched: it holds nothing, and counts.
      await page.getByText(/^360 \(/).waitFor();
      await expectReach(page, 'count');
      await button('Save the visit').tap();
      await page.waitForURL(/stands\/[0-9a-f-]+$/);
      await page.waitForFunction((was) => document.querySelector('.headline')?.textContent !== was, before);
      expect(await headline.textContent()).not.to.equal(before);
      await page.goto(`${island.url}/stands/${standId}?tab=taken`);
      await page.getByText(/from counts weighed together: squares and by eye/).waitFor();
    });
  });
});
