import { expect } from 'chai';
import type { Locator } from 'playwright-core';
import { freshDatabase, openScreen, startServer, type RunningServer, type Screen } from './application.ts';

/** From nothing to the first take with the thumb: so many taps at most, and so many signs typed. */
const MOST_TAPS = 25;
const MOST_SIGNS = 83;

describe('the first two minutes on the phone', () => {
  let server: RunningServer;
  let screen: Screen;
  before(async () => {
    server = await startServer(await freshDatabase('emberfield_e2e_two_minutes'), { EMBERFIELD_PORT: '0' });
    screen = await openScreen({ phone: true, at: { latitude: 50.1, longitude: -30.25 } });
  });
  after(async () => {
    await screen.context.close();
    await server.stop();
  });

  it(`lead from an empty server to a first take in ${MOST_TAPS} taps`, async () => {
    const { page } = screen;
    let taps = 0;
    let signs = 0;
    const tap = async (what: Locator): Promise<void> => {
      await what.first().tap();
      taps += 1;
    };
    const write = async (field: Locator, text: string): Promise<void> => {
      await tap(field);
      await page.keyboard.type(text);
      signs += text.length;
    };
    const button = (name: string | RegExp): Locator =>
      page.getByRole('button', { name, exact: typeof name === 'string' });
    await page.goto(server.url);
    await write(page.getByLabel('One-time code'), server.foundingCode!);
    await write(page.getByLabel('Name of the group'), 'We two');
    await write(page.getByLabel('Your name'), 'Ode');
    await write(page.getByLabel('Name to sign in with'), 'ode');
    await write(page.getByLabel(/Password/), 'nine salt ferns');
    await tap(button('Found the group'));
    await tap(page.getByRole('link', { name: /^New patch/ }));
    await write(page.getByRole('combobox', { name: 'Which plant?' }), 'stinging');
    await tap(page.locator('.ant-select-dropdown:visible .ant-select-item-option'));
    await write(page.getByLabel('Name of the place'), 'Low hedge');
    await tap(button('I am here'));
    await page.getByLabel('Latitude').and(page.locator('[value="50.1"]')).waitFor();
    await tap(button('Save patch and plant'));
    await tap(page.getByRole('link', { name: 'Settle what it is' }));
    for (const sign of ['in leaf', 'stinging', 'coarse teeth', 'heart', 'confirmed', 'Save what was seen'])
      await tap(button(sign));
    await tap(page.getByRole('link', { name: /^Take/ }));
    await tap(button('one more'));
    await tap(button('Save the take'));
    await page.getByText('1 tip saved.').waitFor();
    expect(taps, 'taps').to.be.at.most(MOST_TAPS);
    expect(signs, 'signs typed').to.be.at.most(MOST_SIGNS);
    expect(screen.complaints).to.deep.equal([]);
  });
});
