import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { pick as choose } from './pick.ts';

describe('the proving bench', () => {
  const island = onIsland('emberfield_e2e_bench_view');
  const { within } = island;

  it('shows what was taken too hard, what would last, and answers the sliders; also with no signal', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await openTaken(page, 'Valerian');
      await page.getByRole('link', { name: 'Try plans on this stand' }).click();
      await page.getByText('10,000 futures so far').waitFor();
      // Dug too hard for years: its counts fall, and as taken of late it is gone.
      await page.getByText(/shrank by [\d.]+ % a year/).waitFor();
      const plan = (name: string) => page.getByRole('region', { name, exact: true });
      const below = async (name: string): Promise<number> =>
        Number(/in \d+\s*(\d+) of 100|under 1/.exec((await plan(name).locator('dl').textContent())!)![1] ?? 0);
      expect(await below('As taken of late')).to.be.above(90);
      expect(await below('Leave it alone')).to.be.below(15);
      expect(await below('What would last')).to.be.within(1, 12);
      const own = await below('Your own plan');
      await page.context().setOffline(true);
      const slider = page.getByRole('slider', { name: 'Of 100 grown plants' });
      await slider.focus();
      for (let i = 0; i < 9; i++) await page.keyboard.press('ArrowLeft');
      await plan('Your own plan').getByText('1 of 100 grown plants, every year').waitFor();
      await page.getByText('10,000 futures so far').waitFor();
      await expectLower(() => below('Your own plan'), own);
      await page.context().setOffline(false);
      await choose(page, 'Years', '10');
      await plan('Your own plan').getByText('below the floor in 2036').waitFor();
    });
  });
  it('is played anew with what is assumed of the place, and says what that is', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await openTaken(page, 'Valerian');
      await page.getByRole('link', { name: 'Try plans on this stand' }).click();
      const alone = page.getByRole('region', { name: 'Leave it alone', exact: true });
      const ever = async (): Promise<number> =>
        Number(/below it at some time\s*(\d+) of 100/.exec((await alone.locator('dl').textContent())!)?.[1] ?? 0);
      await page.getByText('10,000 futures so far').waitFor();
      const before = await ever();
      await page.getByText('Assumed: the place carries twice as many as now, what is above that dies').click();
      await choose(page, 'As it fills up', 'growth slows as it fills');
      await choose(page, 'Blows', 'one year in 4 takes a third of it');
      await page.getByText('growth slows as it fills, one year in 4 takes a third of it').first().waitFor();
      await page.getByText('10,000 futures so far').waitFor();
      expect(await ever(), 'below the floor at some time').to.be.above(before + 30);
    });
  });
  it('has a plan made the rule of the stand, with its reason, and taken back', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await openTaken(page, 'Valerian');
      const standUrl = page.url();
      await page.getByRole('link', { name: 'Try plans on this stand' }).click();
      const plan = (name: string) => page.getByRole('region', { name, exact: true });
      // What was taken of late nobody chose.
      await plan('As taken of late').getByText('below the floor').waitFor();
      expect(await plan('As taken of late').getByRole('button', { name: 'Make it the rule here' }).count()).to.equal(0);
      const own = plan('Your own plan');
      await own.getByRole('button', { name: 'Make it the rule here' }).click();
      await own.getByRole('textbox', { name: /^Because/ }).fill('it shrank by a tenth a year');
      await own.getByRole('button', { name: 'Make it the rule here' }).click();
      // A tenth of the grown plants is less of those that are counted.
      const chosen =
        /the plan for this stand: [5-9](\.\d)? of 100 plants a year, chosen because: it shrank by a tenth a year/;
      await page.getByText(chosen).waitFor();
      await page.goto(standUrl);
      await page.getByRole('button', { name: /roots of the third year/ }).click();
      await page.getByText(chosen).waitFor();
      await page.goBack();
      await plan('Leave it alone').getByRole('button', { name: 'Make it the rule here' }).click();
      await plan('Leave it alone').getByRole('button', { name: 'Make it the rule here' }).click();
      await page.getByText('In force: the plan for this stand: leave it alone').waitFor();
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByText(chosen).waitFor();
    });
  });
  it('has schools laid side by side, one played with side roots, and that one made the rule: then it is the way to take', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await openTaken(page, 'Valerian');
      const standUrl = page.url();
      await page.getByRole('link', { name: 'Try plans on this stand' }).click();
      const plan = (name: string) => page.getByRole('region', { name, exact: true });
      await choose(page, 'Add a plan', 'one plant in 20');
      await choose(page, 'Add a plan', 'one plant in 3');
      expect(await page.getByRole('combobox', { name: 'Add a plan' }).count(), 'three are enough').to.equal(0);
      await plan('Your second plan').getByText('5 of 100 grown plants, every year').waitFor();
      await page.getByText('10,000 futures so far').waitFor();
      const below = async (name: string): Promise<number> =>
        Number(/in \d+\s*(\d+) of 100/.exec((await plan(name).locator('dl').textContent())!)?.[1] ?? 0);
      const whole = await below('Your third plan');
      await choose(page, 'How', 'side roots, the main one left', plan('Your third plan'));
      await expectLower(() => below('Your third plan'), whole);
      await plan('Your own plan').getByRole('button', { name: 'Drop this plan' }).click();
      await plan('Your third plan').waitFor({ state: 'detached' });
      const chosen = plan('Your second plan');
      await chosen.getByText('33 of 100 grown plants, every year').waitFor();
      await chosen.getByRole('button', { name: 'Make it the rule here' }).click();
      await chosen.getByRole('button', { name: 'Make it the rule here' }).click();
      await page.getByText(/In force: the plan for this stand: [\d.]+ of 100 plants a year, side roots/).waitFor();
      await page.goto(`${standUrl.split('?')[0]}/take?part=root`);
      const side = page.getByRole('button', { name: 'side roots, the main one left' });
      await side.waitFor();
      expect(await side.getAttribute('aria-pressed')).to.equal('true');
      await page.goto(standUrl);
      await page.getByRole('button', { name: /roots of the third year/ }).click();
      await page.getByText('taken: side roots, the main one left').waitFor();
    });
  });
  it('says why there is nothing to play for a mushroom', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await openTaken(page, 'Velvet shank');
      await page.getByRole('link', { name: 'Try plans on this stand' }).click();
      await page.getByRole('heading', { name: 'Nothing to play' }).waitFor();
      await page.getByText('No model for fungi').waitFor();
    });
  });
});

/** Finds a plant's stand, and what was taken and counted there. */
async function openTaken(page: Page, plant: string): Promise<void> {
  await page.keyboard.press('/');
  await page.keyboard.type(plant.toLowerCase());
  await page
    .getByRole('option', { name: new RegExp(plant) })
    .first()
    .waitFor();
  await page.keyboard.press('Enter');
  await page.getByRole('tab', { name: 'Taken and counted' }).click();
}

/** It is played anew in a moment, coarsely first. */
async function expectLower(read: () => Promise<number>, than: number): Promise<void> {
  const until = Date.now() + 20_000;
  while ((await read()) >= than && Date.now() < until) await new Promise((resume) => setTimeout(resume, 200));
  expect(await read()).to.be.below(than);
}
