import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { expectReach } from './views.ts';

describe('putting back', () => {
  const island = onIsland('emberfield_e2e_put_back');
  const { within } = island;
  const standsOf = (page: Page, plant: string): Promise<readonly string[]> =>
    page.evaluate(async (key) => {
      const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
      const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
        stands: { id: string; plantKey: string }[];
      };
      return hearth.stands.filter((s) => s.plantKey === key).map((s) => s.id);
    }, plant);

  it('a root dug with its crowns set back becomes a planting, a duty, and in the end a share that lives', async () => {
    await within({ as: 'Ode', phone: true }, async (page) => {
      const button = (name: string | RegExp) => page.getByRole('button', { name, exact: true });
      const [valerian] = await standsOf(page, 'valerian');
      await page.goto(`${island.url}/stands/${valerian}/take?part=root`);
      await button('one more').tap();
      // It rests: it was dug all the same, and is logged with a reason.
      await button('It was taken: hold to log it, with a reason').focus();
      await page.keyboard.press('Enter');
      await button('It was already picked').tap();
      await button('crowns').tap();
      await button('crowns: one more').tap();
      await button('Save the take').tap();
      await page.getByText(/1 root saved, marked over/).waitFor();
      await page.goto(`${island.url}/stands/${valerian}/put-back`);
      await page.getByText('2 crowns', { exact: true }).waitFor();
      await page.getByText('look again on 14 June').waitFor();
      await expectReach(page, 'put back');

      // Of what was set back a year and a half ago, a look is due; the Hearth says so and leads here.
      await page.goto(`${island.url}/hearth`);
      const duty = page.getByRole('link', { name: /look at the crowns of 20 October 2024/ });
      await duty.tap();
      await page.getByRole('heading', { level: 1, name: 'Putting back' }).waitFor();
      const old = page.getByRole('listitem').filter({ hasText: '12 crowns' });
      await old.getByText('look was due on 20 April').waitFor();
      await old.getByRole('button', { name: 'Look at it' }).tap();
      await old.getByRole('textbox', { name: 'How many live' }).fill('13');
      await button('Save the look').tap();
      await page.getByText('No more live than were planted.').waitFor();
      await old.getByRole('textbox', { name: 'How many live' }).fill('5');
      await button('of them in flower: one more').tap();
      await button('Save the look').tap();
      await page.getByText('5 of 12 live, seen 15 May · 1 in flower').waitFor();
      // Five of twelve, after one planting that was looked at a year on.
      await page.getByText(/of 100 \(\d+–\d+\) stand a year on, an estimate, moved by one planting here/).waitFor();
      await page.goto(`${island.url}/hearth`);
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      expect(await duty.count()).to.equal(0);
    });
  });
  it('says how many make up for what was dug, and notes a planting that can be taken back', async () => {
    await within({ as: 'Ode' }, async (page) => {
      const [valerian] = await standsOf(page, 'valerian');
      await page.goto(`${island.url}/stands/${valerian}?tab=taken`);
      await page.getByRole('link', { name: 'Put plants back here' }).click();
      const enough = page.getByText(/^For what is owed: about [\d,]+/);
      const needed = async () => Number(/about ([\d,]+)/.exec((await enough.textContent())!)![1]!.replace(',', ''));
      const crowns = await needed();
      await page.getByRole('button', { name: 'seed', exact: true }).click();
      expect(await needed()).to.be.above(10 * crowns);
      await page.getByRole('button', { name: 'young plants', exact: true }).click();
      const years = async () => Number(/in (\d+) /.exec((await page.getByText(/with these$/).textContent())!)![1]);
      const soon = await years();
      const many = page.getByRole('textbox', { name: 'How many' });
      await many.fill('1');
      expect(await years()).to.be.above(soon);
      await page.getByRole('textbox', { name: 'grown plants' }).fill('60');
      await page.getByRole('textbox', { name: 'by the year' }).fill('2036');
      await page.getByText(/^For that put in about \d+/).waitFor();

      // Once open it goes on without signal, and what is noted waits on the device.
      await page.context().setOffline(true);
      await page.getByRole('button', { name: 'crowns', exact: true }).click();
      expect(await needed()).to.equal(crowns);
      await page.getByRole('button', { name: 'young plants', exact: true }).click();
      await page.getByRole('button', { name: 'Note a planting' }).click();
      const form = page.getByRole('form', { name: 'Note a planting' });
      await form.getByRole('button', { name: 'Save the planting' }).click();
      await form.getByRole('alert').first().waitFor();
      await form.getByRole('textbox', { name: 'How many' }).fill('4');
      await form.getByRole('button', { name: 'bought' }).click();
      await form.getByRole('textbox', { name: /^Note/ }).fill('from the nursery bed');
      await form.getByRole('button', { name: 'Save the planting' }).click();
      await page.getByText('Kept on this device: it goes when there is a signal.').waitFor();
      await page.context().setOffline(false);
      const line = page.getByRole('listitem').filter({ hasText: '4 young plants' });
      await line.getByText(/bought · not looked at yet · about [\d.]+ will flower · from the nursery bed/).waitFor();
      await page.getByRole('button', { name: 'Undo' }).click();
      await line.waitFor({ state: 'detached' });
    });
  });
  it('puts nothing back of an invader, and says what to look over', async () => {
    await within({ as: 'Ode' }, async (page) => {
      const [elder] = await standsOf(page, 'ground-elder');
      await page.goto(`${island.url}/stands/${elder}/put-back`);
      await page.getByText(/nothing is sown, scattered or composted/).waitFor();
      expect(await page.getByRole('button', { name: 'Note a planting' }).count()).to.equal(0);
    });
  });
  it('a garden has its own work, and gives to the wild', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      const [elder] = await standsOf(page, 'elder');
      await page.goto(`${island.url}/stands/${elder}`);
      await page.getByRole('heading', { level: 1 }).getByRole('link').nth(1).click();
      await page.waitForURL(/\/patches\//);
      await page.goto(`${page.url().split('?')[0]}?panel=settings`);
      await page.getByRole('checkbox', { name: /Garden or field of your own/ }).check();
      await page.getByRole('button', { name: 'Save', exact: true }).first().click();
      await page.getByText('Place saved.').waitFor();
      await page.goto(`${island.url}/stands/${elder}/put-back`);
      await page.getByRole('button', { name: 'pruned for more' }).click();
      await page.getByRole('textbox', { name: 'Minutes it took' }).fill('30');
      await page.getByRole('button', { name: 'Save the work' }).click();
      await page.getByText('The work is saved.').waitFor();
      await page.goto(`${island.url}/stands/${elder}?tab=record`);
      await page.getByText('Work on it · pruned for more · 30 minutes').waitFor();
    });
  });
});
