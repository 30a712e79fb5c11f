import { expect } from 'chai';
import { createPool, type Pool, type RowDataPacket } from 'mysql2/promise';
import type { Locator, Page } from 'playwright-core';
import { islandDatabase, screensOf, startServer, type RunningServer } from './application.ts';

/** What somebody types and is none: it stays to be read, is told at its field, and nothing is stored in its place. */
describe('a wrong value', () => {
  let server: RunningServer;
  let database: Pool;
  before(async () => {
    const url = await islandDatabase('emberfield_e2e_forms');
    server = await startServer(url, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    database = createPool(url);
  });
  after(async () => {
    await database.end();
    await server.stop();
  });
  const within = screensOf(() => server);

  /** All that the forms below could have changed, as it stands in the database. */
  async function kept(): Promise<unknown> {
    const asked = [
      'SELECT HEX(id), name, height_m, version FROM patch ORDER BY id',
      'SELECT HEX(id), since_year, rest_until FROM stand ORDER BY id',
      'SELECT COUNT(*) AS n FROM station',
      'SELECT COUNT(*) AS n FROM station_day',
      'SELECT COUNT(*) AS n FROM entry',
      'SELECT COUNT(*) AS n FROM audit WHERE NOT action LIKE "%igned%"',
    ];
    const answers: RowDataPacket[][] = [];
    for (const sql of asked) answers.push((await database.query<RowDataPacket[]>(sql))[0]);
    return answers;
  }
  /** Types into a field, leaves it, and reads what is said of it: to those who see the page and to those who hear it. */
  async function told(page: Page, field: Locator, typed: string): Promise<string> {
    await field.fill(typed);
    await field.press('Tab');
    return saidOf(page, field);
  }
  async function saidOf(page: Page, field: Locator): Promise<string> {
    await field.and(page.locator('[aria-invalid=true]')).waitFor();
    const id = await field.getAttribute('aria-describedby');
    return (await page.locator(`[id="${id}"]`).innerText()).trim();
  }
  const isFocused = (field: Locator): Promise<boolean> => field.evaluate((e) => e === document.activeElement);

  it('in the rules of the house is neither cut down nor put back to what was usual', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      const before = await kept();
      await page.goto(`${server.url}/group?tab=rules`);
      const share = page.getByRole('textbox', { name: 'Leave a share for others' });
      expect(await told(page, share, '250')).to.equal('At most 100.');
      expect(await told(page, share, '')).to.equal('It must be a number.');
      expect(await told(page, share, 'a third')).to.equal('It must be a number.');
      expect(await share.inputValue()).to.equal('a third');
      expect(await kept()).to.deep.equal(before);
    });
  });

  it('at a new place goes to its field; what is missing is said by the button, which is never dead', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      const before = await kept();
      await page.goto(`${server.url}/patches/new`);
      const [name, latitude, longitude, height, since] = [
        'Name of the place',
        'Latitude',
        'Longitude',
        /^Height, m/,
        /^Here since/,
      ].map((label) => page.getByLabel(label, { exact: typeof label === 'string' }));
      await page.getByRole('button', { name: 'Save patch and plant' }).click();
      const plant = page.getByRole('combobox', { name: 'Which plant?' });
      expect(await saidOf(page, plant)).to.equal('This is missing.');
      expect(await isFocused(plant)).to.equal(true);
      expect(await saidOf(page, name!)).to.equal('This is missing.');
      await longitude!.fill('-30');
      expect(await told(page, latitude!, '460.1')).to.match(/^A position is/);
      expect(await told(page, height!, '12o m')).to.equal('It must be a number.');
      expect(await told(page, height!, '9000')).to.equal('At most 8,850.');
      expect(await told(page, since!, 'nineteen')).to.equal('It must be a number.');
      expect(await told(page, since!, '2190')).to.equal('That year has not come yet.');
      await page.getByRole('button', { name: 'Save patch and plant' }).click();
      expect(await kept()).to.deep.equal(before);
    });
  });

  it('of a known place and its stand leaves both as they were', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      const before = await kept();
      await page.goto(`${server.url}/ground`);
      await page.getByLabel('Place, plant or position').fill('Quarry rim');
      await page
        .getByRole('button', { name: /Quarry rim/ })
        .first()
        .click();
      await page
        .getByRole('link', { name: /About the place|Quarry rim/ })
        .first()
        .click();
      await page.getByRole('button', { name: 'Settings', exact: true }).click();
      const height = page.getByLabel(/^Height, m/);
      expect(await told(page, height, 'seventeen')).to.equal('It must be a number.');
      expect(await told(page, page.getByLabel(/^Slope/), '400')).to.equal('At most 90.');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      expect(await isFocused(height)).to.equal(true);
      expect(await kept()).to.deep.equal(before);
    });
  });

  it('of a station or its thermometer is not taken for the neighbour’s', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      const before = await kept();
      await page.goto(`${server.url}/weather`);
      await page.getByRole('button', { name: 'New station' }).click();
      await page.getByLabel('Name', { exact: true }).fill('Moor');
      expect(await told(page, page.getByLabel('Latitude', { exact: true }).first(), 'fortysix')).to.equal(
        'It must be a number.',
      );
      await page.getByRole('button', { name: 'Save the station' }).click();
      expect(await told(page, page.getByLabel('Lowest, °C'), '4c')).to.equal('It must be a number.');
      expect(await told(page, page.getByLabel('Highest, °C'), '99')).to.equal('At most 65.');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      expect(await kept()).to.deep.equal(before);
    });
  });

  it('in a count or a tally holds the whole up until it is put right', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      const before = await kept();
      await page.getByRole('button', { name: /Norway spruce · tips/ }).tap();
      await page.getByRole('link', { name: /^Visit/ }).tap();
      await page.getByRole('button', { name: 'squares', exact: true }).tap();
      await page.getByRole('button', { name: 'type the numbers' }).tap();
      const area = page.getByLabel('the stand, m²');
      expect(await told(page, area, 'large')).to.equal('It must be a number.');
      await page.getByLabel('plants in each square 1').fill('3');
      await page.getByRole('button', { name: 'Save the visit' }).tap();
      expect(await isFocused(area)).to.equal(true);
      expect(await kept()).to.deep.equal(before);
      await page.getByRole('link', { name: 'Cancel' }).tap();
      await page.getByRole('link', { name: /^Take/ }).tap();
      await page.getByTitle('Type the amount').tap();
      await page.keyboard.type('1o');
      await page.keyboard.press('Enter');
      await page.getByText('Write a number, from 0 on.').waitFor();
      await page.keyboard.press('Backspace');
      await page.keyboard.press('Enter');
      await page.getByText('of 160 tips · 11 left').waitFor();
    });
  });
});
