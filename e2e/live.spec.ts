import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';

describe('two who go to the same stand', () => {
  const island = onIsland('emberfield_e2e_live');
  const { within } = island;

  /** A stand of nettles of which something is left. */
  const nettles = (page: Page): Promise<string> =>
    page.evaluate(async () => {
      const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
      const { outlooks, stands } = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
        outlooks: { standId: string; part: string; allowance: { kind: string; amountLeft: number } }[];
        stands: { id: string; plantKey: string }[];
      };
      const of = stands.filter((s) => s.plantKey === 'nettle').map((s) => s.id);
      return outlooks.find(
        (o) =>
          of.includes(o.standId) && o.part === 'tip' && o.allowance.kind === 'counted' && o.allowance.amountLeft > 9,
      )!.standId;
    });

  it('see on both screens at once what one has set aside and taken, and what is left', async () => {
    await within({ as: 'Mirel' }, async (desk) => {
      const stand = `${island.url}/stands/${await nettles(desk)}`;
      await desk.goto(stand);
      const headline = desk.locator('.headline');
      const left = async () => Number(/\d+/.exec((await headline.textContent())!)![0]);
      await desk.getByRole('button', { name: 'Set some aside for today' }).waitFor();
      const before = await left();
      await within({ as: 'Ode', phone: true }, async (phone) => {
        await phone.goto(stand);
        await phone.getByRole('button', { name: 'Set some aside for today' }).tap();
        const how = phone.getByRole('textbox', { name: 'How much' });
        expect(Number(await how.inputValue()), 'all that is left').to.equal(before);
        await how.fill(String(before + 1));
        await phone.getByRole('button', { name: 'Set it aside' }).tap();
        await phone.getByText('That much is not left to be set aside.').waitFor();
        await how.fill('5');
        await phone.getByRole('button', { name: 'Set it aside' }).tap();
        await phone.getByText('You have set aside 5 tips until tonight.').waitFor();
        // Nobody touches the other screen.
        await desk.getByText('Ode has set aside 5 tips until tonight.').waitFor({ timeout: 5_000 });
        await desk.waitForFunction(
          (n) => document.querySelector('.headline')!.textContent.includes(String(n)),
          before - 5,
        );

        await within({ as: 'Mirel', phone: true }, async (other) => {
          await other.goto(`${stand}/take?part=tip`);
          await other.getByText('Others have set aside 5 tips until tonight.').waitFor();
        });
        await phone.getByRole('link', { name: /^Take/ }).tap();
        for (let i = 0; i < 2; i++) await phone.getByRole('button', { name: 'one more' }).tap();
        await phone.getByRole('button', { name: 'Save the take' }).tap();
        await desk.getByText('Ode has set aside 3 tips until tonight.').waitFor({ timeout: 5_000 });
        await phone.getByRole('button', { name: 'Let it go' }).tap();
        await desk.getByText(/Ode has set aside/).waitFor({ state: 'detached', timeout: 5_000 });
        await desk.waitForFunction(
          (n) => document.querySelector('.headline')!.textContent.includes(String(n)),
          before - 2,
        );
      });
    });
  });

  it('share what a permit gives, at whichever of its stands', async () => {
    await within({ as: 'Tavi' }, async (desk) => {
      const stand = `${island.url}/stands/${await nettles(desk)}`;
      await desk.goto(`${island.url}/group?tab=rules`);
      await desk.getByRole('button', { name: 'Add one' }).click();
      const form = desk.getByRole('dialog', { name: 'Add one' });
      await form.getByRole('button', { name: 'Save' }).click();
      await form.getByText('This is missing.').first().waitFor();
      await form.getByRole('textbox', { name: 'Name' }).fill('Low meadow');
      await form.getByLabel('Plant', { exact: true }).fill('Stinging');
      await desk.keyboard.press('Enter');
      await form.getByRole('button', { name: 'tops' }).click();
      await form.getByRole('textbox', { name: 'How much in all' }).fill('9');
      await form.getByRole('textbox', { name: 'Last day' }).click();
      await desk.keyboard.type('1 Jun 2026');
      await desk.keyboard.press('Enter');
      await form.getByRole('button', { name: 'Save' }).click();
      const permit = desk.locator('article').filter({ hasText: 'Low meadow' });
      await permit.getByText('left of 9 tips').waitFor();
      const left = async () => Number(/(\d+) tips left/.exec((await permit.textContent())!)![1]);
      const before = await left();
      await desk.goto(stand);
      await desk.getByText('“Low meadow”: 9 tips in all at its stands, until 1 June 2026').first().waitFor();
      await within({ as: 'Ode', phone: true }, async (phone) => {
        await phone.goto(`${stand}/take?part=tip`);
        for (let i = 0; i < 2; i++) await phone.getByRole('button', { name: 'one more' }).tap();
        await phone.getByRole('button', { name: 'Save the take' }).tap();
        await phone.waitForURL(stand);
      });
      await desk.goto(`${island.url}/group?tab=rules`);
      await permit.getByText(`${before - 2} tips left of 9 tips`).waitFor();
      await permit.getByRole('button', { name: 'Remove' }).click();
      await desk.getByText('Removed: Low meadow').waitFor();
      await desk.getByRole('button', { name: 'Undo' }).click();
      await permit.getByText(`${before - 2} tips left of 9 tips`).waitFor();
    });
  });
});
