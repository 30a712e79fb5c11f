import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';

/** Years before there was Emberfield stand in notebooks, and they teach as much as what is seen from now on. */
describe('years of a notebook', () => {
  const island = onIsland('emberfield_e2e_notebook');
  const { within } = island;
  const press = (page: Page, name: string) => page.getByRole('button', { name, exact: true }).first().click();
  const day = async (page: Page, label: string, typed: string): Promise<void> => {
    const field = page.getByLabel(label, { exact: true }).first();
    await field.click();
    await field.fill(typed);
    await field.press('Enter');
  };
  /** Six seasons, in which the fruit is ripe about 24 August and over three weeks later: not yet, reached, not yet over, over. */
  const table = [
    'Date;Place;Plant;Stage;Reached;Note',
    ...[2020, 2021, 2022, 2023, 2024, 2025].flatMap((year, i) => {
      const first = 21 + ((5 * i) % 7);
      const line = (on: string, stage: string, reached: string) =>
        `${on}.${year};Mill hedge;Moor crowberry;fruit: ${stage};${reached};`;
      return [
        line(`${first - 4}.8`, 'from here on', 'not yet'),
        line(`${first + 4}.8`, 'from here on', 'yes'),
        line(`${first - 11}.9`, 'over', 'not yet'),
        line(`${first - 5}.9`, 'over', 'yes'),
      ];
    }),
    '1.9.2025;Mill hedge;Moor crowberry;fruit: sour;yes;',
  ].join('\n');

  const inVain = [
    'Date;Place;Plant;Stage;Reached',
    ...[2020, 2021, 2022, 2023, 2024, 2025].map(
      (year) => `10.10.${year};Mill hedge;Moor crowberry;fruit: from here on;not yet`,
    ),
  ].join('\n');
  const bringIn = (page: Page, text = table): Promise<void> =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name: 'notebook.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

  it('move the wrong guess of a plant of one’s own to the days that were seen, say so, and let go of them when taken back; what was looked for in vain may not come', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/own-plants/new?name=Moor crowberry`);
      await page.getByLabel('Latin name, genus and species').fill('Empetrum paludosum');
      await page.getByLabel('Family').fill('Ericaceae');
      await pick(page, 'Kind', 'shrub');
      await page.getByLabel(/^Region/).fill('the moor');
      await pick(page, 'Add a part', 'fruit');
      await day(page, 'fruit, from', '10 Jul');
      await day(page, 'fruit, to', '31 Jul');
      await page.getByLabel(/^A plant carries about/).fill('200');
      await page.getByLabel('What for, in a word or two').fill('syrup');
      await press(page, 'Save the plant');
      await page.getByText('Plant saved.').waitFor();
      await page.getByRole('link', { name: 'Grows at a place I know' }).click();
      await pick(page, 'Place', 'Mill hedge');
      await press(page, 'Save patch and plant');
      await page.getByRole('heading', { name: 'Moor crowberry · Mill hedge' }).waitFor();
      const stand = page.url();
      await page.getByRole('button', { name: 'opens about 10 July' }).waitFor();

      await page.goto(`${island.url}/files`);
      await bringIn(page);
      await page.getByText('24 visits', { exact: true }).waitFor();
      await page.getByText('the plant has no such stage').waitFor();
      await press(page, 'Save all of it');
      await page.getByText('24 entries saved.').waitFor();
      const here = await page.context().newPage();
      await here.goto(stand);
      const opens = here.getByRole('button', { name: /^opens about \d+ August/ });
      await opens.waitFor();
      const on = Number(/\d+/.exec((await opens.textContent())!)![0]);
      expect(on, 'the days that were seen').to.be.within(21, 27);
      await opens.click();
      await here
        .getByText('Stages seen to come that it was learned from: 12 here, 0 of this plant elsewhere.')
        .waitFor();

      await press(page, 'Take it back');
      await page.getByText('Taken back: 24 things are gone again.').waitFor();
      await here.reload();
      await here.getByRole('button', { name: 'opens about 10 July' }).waitFor();
      await bringIn(page);
      await page.getByText('24 visits', { exact: true }).waitFor();
      await press(page, 'Cancel');
      // Looked for in vain every autumn: then there is no day, and it is said why.
      await bringIn(page, inVain);
      await page.getByText('6 visits', { exact: true }).waitFor();
      await press(page, 'Save all of it');
      await page.getByText('6 entries saved.').waitFor();
      await here.reload();
      await here.getByRole('button', { name: 'may not come this season' }).click();
      await here
        .getByText('Fruit: from here on: looked for in vain in 6 of 6 seasons here, so it may not come.')
        .waitFor();
    });
  });
});
