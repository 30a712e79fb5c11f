import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach } from './views.ts';

describe('what is needed', () => {
  const island = onIsland('emberfield_e2e_wants');
  const { within } = island;

  it('is split over the stands that are open, what is not to be had is named, and a reload keeps the list', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.getByRole('link', { name: 'What do you need?' }).click();
      await pick(page, 'Plant and part 1', 'Norway spruce · tips');
      await page.getByRole('textbox', { name: 'How much 1' }).fill('20');
      const first = page.getByRole('region', { name: 'Wanted 1' });
      // Twelve are left of the 160 of this year, forty to a tree.
      await first.getByText(/12 tips from 1 plant at\s+Brackmoor planting/).waitFor();
      await first.getByText('Not to be had: 8 tips.').waitFor();
      await page.getByRole('button', { name: 'Something else for it' }).click();
      await pick(page, 'Plant and part 2', 'Elder · flower heads');
      await page.getByRole('textbox', { name: 'How much 2' }).fill('4');
      const second = page.getByRole('region', { name: 'Wanted 2' });
      // Not in flower yet: said from when on.
      await second.getByText('Not to be had: 4 heads.').waitFor();
      await second.getByText(/Mill hedge: opens in about \d+ days/).waitFor();
      await page.reload();
      await first.getByText('Not to be had: 8 tips.').waitFor();
      // Three weeks on it is.
      await page.goto(`${island.url}/wants?day=2026-06-08`);
      await second.getByText(/4 heads from 1 plant at/).waitFor();
      await page.goto(`${island.url}/wants`);
      await first.getByRole('link', { name: 'Take' }).click();
      await page.getByRole('heading', { level: 1, name: 'Norway spruce · tips' }).waitFor();
    });
  });
  it('reads well on a phone', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/wants`);
      await page.getByRole('heading', { level: 1, name: 'What do you need?' }).waitFor();
      await expectReach(page, 'wants');
    });
  });
});
