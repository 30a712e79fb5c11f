import { expect } from 'chai';
import { islandDatabase, openScreen, screensOf, startServer, whereItWas, type RunningServer } from './application.ts';
import { pick } from './pick.ts';

describe('a group at work', () => {
  let server: RunningServer;
  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_group');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(() => server.stop());

  const within = screensOf(() => server);

  it('says whom to call in need, as its keeper wrote it, with a wrong number put right first', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group?tab=group`);
      await page.getByRole('button', { name: 'Leave out Tavi at home' }).click();
      await page.getByRole('button', { name: 'One more number' }).click();
      await page.getByLabel('Who', { exact: true }).last().fill('Ferry house');
      await page.getByLabel('Number', { exact: true }).last().fill('ask Ode');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('Write the number with digits').waitFor();
      await page.getByLabel('Number', { exact: true }).last().fill('+00 (0)444');
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('Saved.').waitFor();
    });
    await within({ as: 'Brannoc', phone: true }, async (page) => {
      await page.getByRole('button', { name: 'More', exact: true }).click();
      await page.getByRole('link', { name: 'In need' }).click();
      const call = page.getByRole('link', { name: /Ferry house/ });
      expect(await call.getAttribute('href')).to.equal('tel:+000444');
      await page.getByRole('link', { name: /Harbour rescue/ }).waitFor();
      expect(await page.getByRole('link', { name: /Tavi at home/ }).count()).to.equal(0);
    });
  });

  /** Who joins; somebody else at a second try, since a name is taken once. */
  const names = ['Finch', 'Wren'];
  let somebody = '';
  it('somebody new joins by a link, once, and comes back with name and password', async () => {
    somebody = names.pop()!;
    let link = '';
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group`);
      await page.getByRole('group', { name: 'Invite as' }).getByRole('button', { name: 'picker' }).click();
      await page.getByRole('button', { name: 'Invite', exact: true }).click();
      link = await page.getByLabel(/This link works once/).inputValue();
      await page.getByText(/open until/).waitFor();
    });
    const guest = await openScreen({ phone: true });
    try {
      const { page } = guest;
      await page.goto(link);
      await page.getByText(/Tavi invites you to .* as picker/).waitFor();
      await page.getByLabel('Your name').fill(somebody);
      await page.getByLabel('Name to sign in with').fill(somebody.toLowerCase());
      await page.getByLabel(/Password/).fill('hedge and hollow');
      await page.getByRole('button', { name: 'Join' }).click();
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      await page.getByRole('button', { name: new RegExp(`^${somebody}`) }).click();
      await page.getByRole('menuitem', { name: 'Sign out' }).click();
      await page.getByRole('heading', { name: 'Sign in', exact: true }).waitFor();
      // The link is spent.
      await page.goto(link);
      await page.getByText(/link/i).first().waitFor();
      expect(await page.getByLabel('Your name').count()).to.equal(0);
      await page.goto(server.url);
      await page.getByLabel('Sign-in name').fill(somebody.toLowerCase());
      await page.getByLabel('Password').fill('not this one');
      await page.getByRole('button', { name: 'Sign in', exact: true }).click();
      await page.getByRole('alert').waitFor();
      await page.getByLabel('Password').fill('hedge and hollow');
      await page.getByRole('button', { name: 'Sign in', exact: true }).click();
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      expect(guest.complaints).to.deep.equal([]);
    } catch (error) {
      process.stdout.write(`    … ${await whereItWas(guest)}\n`);
      throw error;
    } finally {
      await guest.context.close();
    }
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group`);
      await page.getByText(`used by ${somebody}`).waitFor();
    });
  });

  it('who forgot the password chooses another by a keeper’s link, then changes it, and is forgotten on request', async () => {
    let link = '';
    const menu = { name: `More about ${somebody}` } as const;
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group`);
      await page.getByRole('button', menu).click();
      await page.getByRole('menuitem', { name: 'Link for a new password' }).click();
      link = await page.getByRole('dialog').getByRole('textbox').inputValue();
    });
    const guest = await openScreen();
    try {
      const { page } = guest;
      await page.goto(link);
      await page.getByText(new RegExp(`${somebody}, choose another password`)).waitFor();
      await page.getByLabel(/Password/).fill('three wet stones');
      await page.getByRole('button', { name: 'Save it and sign in' }).click();
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      await page.goto(`${server.url}/group?tab=account`);
      await page.getByLabel('Password now').fill('three wet stones');
      await page.getByLabel(/^New password/).fill('four dry stones high');
      await page.getByRole('button', { name: 'Change the password' }).click();
      await page.getByText('The password is changed.', { exact: false }).waitFor();
      await within({ as: 'Tavi' }, async (keeper) => {
        await keeper.goto(`${server.url}/group`);
        await keeper.getByRole('button', menu).click();
        await keeper.getByRole('menuitem', { name: 'Remove their data' }).click();
        await keeper.getByRole('dialog').getByRole('button', { name: 'Remove their data' }).click();
        await keeper.getByRole('button', menu).waitFor({ state: 'detached' });
      });
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('heading', { name: 'Sign in', exact: true }).waitFor();
      expect(guest.complaints).to.deep.equal([]);
    } finally {
      await guest.context.close();
    }
  });

  it('a visit is kept as what was pressed, shown in the record, and taken back', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).tap();
      await page.getByRole('link', { name: /^Visit/ }).tap();
      await page.getByText('Press or write something first.').waitFor();
      await page.getByRole('group', { name: 'Count' }).getByRole('button', { name: 'squares' }).tap();
      await page.getByRole('button', { name: 'type the numbers' }).tap();
      await page.getByLabel('the stand, m²').fill('40');
      for (const [i, n] of [3, 4, 5].entries()) await page.getByLabel(`plants in each square ${i + 1}`).fill(String(n));
      await page.getByText(/^160 \(/).waitFor();
      await page.getByRole('button', { name: 'squares' }).tap();
      await page.getByRole('button', { name: 'grazed' }).tap();
      await page.getByRole('group', { name: 'how much of it' }).getByRole('button', { name: '10 %' }).tap();
      await page.getByLabel('Note').fill('A deer, by the tracks');
      // Neither a reload nor the way back loses what was pressed.
      await page.reload();
      expect(await page.getByLabel('Note').inputValue()).to.equal('A deer, by the tracks');
      await page.getByRole('button', { name: 'Save the visit' }).tap();
      await page.getByText('10 % lost to others this season').waitFor();
      await page.getByRole('tab', { name: 'Record' }).tap();
      await page.getByText('Lost to others · grazed · 10 %').waitFor();
      await page.getByRole('button', { name: 'Undo' }).tap();
      await page.getByText('10 % lost to others this season').waitFor({ state: 'detached' });
      await page.getByText('taken back').first().waitFor();
    });
  });

  it('a place is changed, made secret, and a watcher sees only about where it is', async () => {
    let path = '';
    await within({ as: 'Tavi' }, async (page) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      await page.getByRole('link', { name: 'Brackmoor planting' }).click();
      await page.getByRole('button', { name: 'Settings', exact: true }).click();
      await page
        .getByLabel('Name of the place')
        .fill('Brackmoor planting, the long one with the broken gate by the beck');
      await page.getByRole('button', { name: 'ticks' }).click();
      await page.getByLabel(/Keep this place secret/).check();
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.getByText('Place saved.').waitFor();
      path = new URL(page.url()).pathname;
      await page.reload();
      await page
        .getByRole('heading', { name: /broken gate by the beck/ })
        .first()
        .waitFor();
      expect(await page.getByLabel(/Keep this place secret/).isChecked()).to.equal(true);
    });
    await within({ as: 'Brannoc', phone: true }, async (page) => {
      await page.goto(`${server.url}${path}`);
      await page.getByText('the place is secret').waitFor();
      expect(await page.getByRole('button', { name: 'Save', exact: true }).count()).to.equal(0);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(wide, 'a long name pushes nothing out of the screen').to.be.at.most(0);
    });
  });

  it('a plant of one’s own is made from a known one, and grows at a place', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/plants`);
      await page
        .getByRole('link', { name: /Stinging nettle/ })
        .first()
        .click();
      await page.getByRole('link', { name: 'Make your own copy' }).click();
      await page.getByLabel('Its name').fill('Hill nettle');
      expect(await page.getByLabel(/^Its key/).inputValue()).to.equal('hill-nettle');
      await page.getByRole('button', { name: 'Add a caution' }).click();
      await page.getByLabel('Cautions').fill('Not beside the old mine.');
      await page.getByRole('button', { name: 'Save the plant' }).click();
      await page.getByText('Plant saved.').waitFor();
      await page.getByRole('heading', { name: 'Hill nettle' }).waitFor();
      await page.getByText('Not beside the old mine.').waitFor();
      await page.getByRole('link', { name: 'Grows at a place I know' }).click();
      await pick(page, 'At a place I have', '');
      await page.getByRole('button', { name: 'Save patch and plant' }).click();
      await page.getByRole('heading', { name: /^Hill nettle · / }).waitFor();
      await page.keyboard.press('/');
      await page.getByRole('combobox').or(page.getByRole('searchbox')).first().fill('hill nett');
      await page.getByText('Hill nettle').first().waitFor();
    });
  });

  it('feet and °F are the whole group’s once a keeper says so', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group?tab=group`);
      await page.getByLabel('feet, °F, ounces').check();
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.goto(`${server.url}/hearth`);
      await page
        .getByText(/ to \d+ °F/)
        .first()
        .waitFor();
      await page.keyboard.press('n');
      await page.getByLabel('Height, ft').waitFor();
      await page.goto(`${server.url}/group?tab=group`);
      await page.getByLabel('metres, °C, grams').check();
      await page.getByRole('button', { name: 'Save', exact: true }).click();
      await page.goto(`${server.url}/hearth`);
      await page
        .getByText(/ to \d+ °C/)
        .first()
        .waitFor();
    });
  });

  it('night is kept for the next visit, by the browser and not the account', async () => {
    await within({ as: 'Ode' }, async (page) => {
      const theme = () => page.evaluate(() => document.documentElement.getAttribute('data-theme'));
      expect(await theme()).to.equal('day');
      await page.getByRole('button', { name: /^Ode/ }).click();
      await page.getByRole('menuitem', { name: 'Night' }).click();
      await page.waitForFunction(() => document.documentElement.dataset['theme'] === 'night');
      await page.reload();
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      expect(await theme()).to.equal('night');
    });
    await within({ as: 'Ode' }, async (page) => {
      expect(await page.evaluate(() => document.documentElement.getAttribute('data-theme'))).to.equal('day');
    });
  });

  it('single keys do nothing while somebody types, and can be switched off', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.goto(`${server.url}/plants`);
      await page.getByRole('searchbox').or(page.getByPlaceholder('Name, family')).first().fill('nv?]t');
      expect(new URL(page.url()).pathname).to.equal('/plants');
      await page.locator('h1').click();
      await page.keyboard.press('?');
      await page
        .getByRole('switch', { name: 'Single keys act' })
        .or(page.getByLabel('Single keys act'))
        .first()
        .click();
      await page.keyboard.press('Escape');
      await page.keyboard.press('n');
      await page.waitForTimeout(300);
      expect(new URL(page.url()).pathname).to.equal('/plants');
    });
  });
});
