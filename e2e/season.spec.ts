import { expect } from 'chai';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach } from './views.ts';

describe('the season’s plan', () => {
  const island = onIsland('emberfield_e2e_season');
  const { within } = island;

  it('says of what cannot be met how much is missing and what holds it back, and moves with what is wanted', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.getByRole('link', { name: 'Season’s plan' }).click();
      const sloes = page.getByRole('article').filter({ hasText: 'Sloes for the stall' });
      await sloes.getByText(/^About [\d.]+ kg of 6 kg short$/).waitFor();
      await sloes.getByText(/Hedges of the parish, 2026 gives no more\. Without it, [\d.]+ kg more\./).waitFor();
      const syrup = page.getByRole('article').filter({ hasText: 'Blossom syrup' });
      await syrup.getByText('All of it can be had').waitFor();
      // As much as there is no elder for on the island.
      await page.getByRole('button', { name: 'Change: Blossom syrup' }).click();
      const panel = page.getByRole('dialog', { name: 'Change what is wanted' });
      await panel.getByRole('textbox', { name: 'How much' }).fill('60');
      await panel.getByRole('button', { name: 'Save' }).click();
      await syrup.getByText(/of 60 litres short/).waitFor();
      await syrup.getByText(/would make it up, if it were like the best/).waitFor();
      await page.getByRole('button', { name: 'Undo' }).click();
      await syrup.getByText('All of it can be had').waitFor();
    });
  });
  it('takes in what somebody wants, for several plants, and each week lists what to take where', async () => {
    await within({ as: 'Ode' }, async (page) => {
      await page.goto(`${island.url}/season`);
      await page.getByRole('button', { name: 'Want something' }).click();
      const panel = page.getByRole('dialog', { name: 'Want something' });
      await panel.getByRole('button', { name: 'Save' }).click();
      await panel.getByText('This is missing.').first().waitFor();
      await panel.getByRole('textbox', { name: 'What for' }).fill('Heads for the jam');
      await pick(page, 'Made of', 'Elder · flower heads', panel);
      await page.keyboard.press('Tab');
      await panel.getByRole('textbox', { name: 'How much' }).fill('6');
      await panel.getByRole('button', { name: 'Save' }).click();
      const jam = page.getByRole('article').filter({ hasText: 'Heads for the jam' });
      await jam.getByText('All of it can be had').waitFor();
      await page.getByRole('button', { name: 'Week by week' }).click();
      await page.getByRole('cell', { name: 'Heads for the jam' }).first().waitFor();
      // Another who looks has it too, and it comes first once it is moved up past the others.
      for (let i = 0; i < 4; i++) {
        const before = await page.getByRole('article').allInnerTexts();
        await page.getByRole('button', { name: 'Move up: Heads for the jam' }).click();
        await page.waitForFunction(
          ([was]) =>
            [...document.querySelectorAll('article')].findIndex((a) => a.innerText.includes('for the jam')) < was!,
          [before.findIndex((t) => t.includes('for the jam'))],
        );
      }
      expect(await page.getByRole('button', { name: 'Move up: Heads for the jam' }).count()).to.equal(0);
      await page.goto(`${island.url}/hearth`);
      await page.getByRole('button', { name: /Elder · flower heads Mill hedge/ }).click();
      await page
        .getByText(/In the season’s plan: \d+ heads? for/)
        .first()
        .waitFor();
      await page.goto(`${island.url}/season`);
      await page.getByRole('button', { name: 'Take off: Heads for the jam' }).click();
      await page.getByText('Wanted no more: Heads for the jam').waitFor();
      await jam.waitFor({ state: 'detached' });
    });
  });
  it('is read by who only watches, and in the hand', async () => {
    await within({ as: 'Brannoc', phone: true }, async (page) => {
      await page.goto(`${island.url}/season`);
      await page.getByText('All of it can be had').first().waitFor();
      expect(await page.getByRole('button', { name: 'Want something' }).count()).to.equal(0);
      await expectReach(page, 'season');
    });
  });
});
