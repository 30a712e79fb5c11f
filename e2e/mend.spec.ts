import { expect } from 'chai';
import type { Page } from 'playwright-core';
import {
  closeBrowser,
  comeInAs,
  islandDatabase,
  openScreen,
  screensOf,
  startServer,
  type RunningServer,
} from './application.ts';

describe('what was entered can be put right', () => {
  let server: RunningServer;
  before(async () => {
    const url = await islandDatabase('emberfield_mend');
    server = await startServer(url, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(async () => {
    await closeBrowser();
    await server.stop();
  });
  const screens = screensOf(() => server);
  const standOf = (page: Page, plant: string): Promise<{ readonly id: string; readonly patchId: string }> =>
    page.evaluate(async (name) => {
      const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
      const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
        stands: { id: string; patchId: string; plantName: { en: string } }[];
      };
      return hearth.stands.find((s) => s.plantName.en === name)!;
    }, plant);

  it('a take: corrected it stands with what it was, the allowance moves, and the correction can be undone', async () => {
    await screens({ as: 'Tavi' }, async (page) => {
      const { id } = await standOf(page, 'Norway spruce');
      await page.goto(`${server.url}/stands/${id}?tab=record`);
      const row = page.getByRole('listitem').filter({ hasText: '66 tips' });
      await row.getByRole('button', { name: 'Correct' }).click();
      await page.getByRole('textbox', { name: 'Amount' }).fill('60');
      await page.getByRole('button', { name: 'Correct it' }).click();
      const corrected = page.getByRole('listitem').filter({ hasText: '60 tips' });
      await corrected.getByText(/was: tips · 66 tips .* corrected on .* by Tavi/).waitFor();
      expect(await page.getByText(/^tips · 66 tips · 5 plants · good$/).count()).to.equal(0);
      await page.getByRole('button', { name: 'Undo' }).click();
      await page
        .getByRole('listitem')
        .filter({ hasText: /14 May.*tips · 66 tips/ })
        .getByText(/was: tips · 60 tips/)
        .waitFor();
    });
  });

  it('a place that two change at once: what only one changed is taken over, what both did is settled by a press', async () => {
    const [one, other] = [await openScreen(), await openScreen()];
    try {
      await comeInAs(one, server.url, 'Tavi');
      await comeInAs(other, server.url, 'Mirel');
      const { patchId } = await standOf(one.page, 'Hazel');
      for (const { page } of [one, other]) {
        await page.goto(`${server.url}/patches/${patchId}?panel=settings`);
        await page.getByLabel('Way there').waitFor();
      }
      await one.page.getByLabel('Way there').fill('by the gate');
      await other.page.getByLabel('Way there').fill('over the stile');
      await other.page.getByLabel('Neighbours').fill('dog’s mercury');
      await other.page.getByRole('button', { name: 'Save', exact: true }).click();
      await other.page.getByText('Place saved.').waitFor();
      await one.page.getByRole('button', { name: 'Save', exact: true }).click();
      await one.page.getByText('Somebody saved this meanwhile').waitFor();
      expect(await one.page.getByLabel('Neighbours').inputValue()).to.equal('dog’s mercury');
      await one.page.getByText('theirs: over the stile').click();
      await one.page.getByRole('button', { name: 'Go on with these' }).click();
      expect(await one.page.getByLabel('Way there').inputValue()).to.equal('over the stile');
    } finally {
      await one.context.close();
      await other.context.close();
    }
  });

  it('what is typed about a place survives a reload, and can be let go', async () => {
    await screens({ as: 'Tavi' }, async (page) => {
      const { patchId } = await standOf(page, 'Elder');
      await page.goto(`${server.url}/patches/${patchId}?panel=settings`);
      await page.getByLabel('Way there').fill('past the mill');
      await page.reload();
      await page.getByRole('button', { name: 'Let the changes go' }).waitFor();
      expect(await page.getByLabel('Way there').inputValue()).to.equal('past the mill');
      await page.getByRole('button', { name: 'Let the changes go' }).click();
      await page.getByRole('button', { name: 'Let the changes go' }).waitFor({ state: 'detached' });
      expect(await page.getByLabel('Way there').inputValue()).not.to.equal('past the mill');
    });
  });

  it('a stand that is no more: retired it is gone from the Hearth and comes back by one press', async () => {
    await screens({ as: 'Tavi' }, async (page) => {
      const { id } = await standOf(page, 'Sea beet');
      await page.goto(`${server.url}/stands/${id}?tab=settings`);
      await page.getByText('No longer there, or entered by mistake?').click();
      await page.getByPlaceholder(/^Why/).fill('washed away');
      await page.getByRole('button', { name: 'Retire' }).click();
      await page.getByText('Retired on 15 May 2026.').first().waitFor();
      expect(await standOf(page, 'Sea beet')).to.equal(undefined);
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByText('Retired on 15 May 2026.').first().waitFor({ state: 'detached' });
      expect((await standOf(page, 'Sea beet')).id).to.equal(id);
      await page.goto(`${server.url}/activity`);
      await page.getByRole('cell', { name: /retired a stand: sea-beet.*washed away/ }).waitFor();
    });
  });

  it('a new place entered by mistake is gone again by one press', async () => {
    await screens({ as: 'Mirel' }, async (page) => {
      const { patchId } = await standOf(page, 'Hazel');
      await page.goto(`${server.url}/patches/new?patch=${patchId}&plant=nettle`);
      await page.getByRole('button', { name: 'Save patch and plant' }).click();
      await page.waitForURL(/\/stands\//);
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.waitForURL(/\/hearth/);
      const names = await page.evaluate(async (patch) => {
        const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
        const view = (await (await fetch(`/api/groups/${session.groups[0]!.id}/patches/${patch}`)).json()) as {
          stands: { plantName: { en: string } }[];
        };
        return view.stands.map((s) => s.plantName.en);
      }, patchId);
      expect(names).not.to.include('Stinging nettle');
    });
  });
});
