import { expect } from 'chai';
import { comeInAs, islandDatabase, openScreen, screensOf, startServer, type RunningServer } from './application.ts';
import { pick, unpick } from './pick.ts';

/** A server that takes so long, and how often a page is looked at meanwhile. */
const [SLOW_MS, LOOK_MS] = [3_000, 100];

describe('the demo island', () => {
  let server: RunningServer;
  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_demo');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(() => server.stop());

  const within = screensOf(() => server);

  it('Hearth → stand → take → the allowance falls → undo', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      await page.getByRole('heading', { name: 'Norway spruce · Brackmoor planting' }).waitFor();
      await page.getByText('12 tips left of 160').waitFor();
      await page.getByRole('link', { name: /^Take/ }).click();
      for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'one more', exact: true }).click();
      await page.getByRole('button', { name: 'Save the take' }).click();
      await page.getByText('9 tips left of 160').waitFor();
      await page.getByRole('button', { name: 'Undo' }).waitFor();
      await page.keyboard.press('u');
      await page.getByText('12 tips left of 160').waitFor();
    });
  });
  it('on the phone: four taps from the stand to a take, nothing typed; the limit fills the screen and says why', async () => {
    await within({ as: 'Ode', phone: true }, async (page) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).tap();
      await page.getByRole('link', { name: /^Take/ }).tap();
      // What is poisonous beside it is said before a hand is stretched out.
      await page.getByText('One yew by the gate').waitFor();
      await page.getByRole('button', { name: '+ 5' }).tap();
      await page.getByRole('button', { name: 'good' }).tap();
      await page.getByRole('button', { name: 'Save the take' }).tap();
      await page.getByText('7 tips left of 160').waitFor();
      await page.getByRole('button', { name: 'Undo' }).tap();
      await page.getByText('12 tips left of 160').waitFor();
      await page.getByRole('link', { name: /^Take/ }).tap();
      for (let i = 0; i < 2; i++) await page.getByRole('button', { name: '+ 5' }).tap();
      await page.getByRole('button', { name: '+ 5' }).tap();
      await page.getByRole('heading', { name: 'That is all for this year' }).waitFor();
      await page.getByText('at most one in 10 on each plant').waitFor();
      await page.getByRole('button', { name: 'Back to the tally' }).tap();
      // A reload forgets nothing of the tally.
      await page.reload();
      await page.getByText('10', { exact: true }).waitFor();
    });
  });
  it('what was taken back stays so while a slow server is asked anew', async () => {
    await within({ as: 'Ode', phone: true }, async (page, { context }) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).tap();
      await page.getByRole('link', { name: /^Take/ }).tap();
      await page.getByRole('button', { name: '+ 5' }).tap();
      await page.getByRole('button', { name: 'Save the take' }).tap();
      await page.getByText('7 tips left of 160').waitFor();
      // From here on the way to the server is slow, and the way of what it says of stands slower.
      const slowly = (path: RegExp, ms: number) =>
        context.route(path, async (route) => {
          await new Promise((go) => setTimeout(go, ms));
          await route.continue();
        });
      await slowly(/\/sync$/, SLOW_MS / 2);
      await slowly(/\/stands\/[^/]+(\?.*)?$/, SLOW_MS);
      await page.getByRole('button', { name: 'Undo' }).tap();
      await page.getByText('12 tips left of 160').waitFor();
      const said: string[] = [];
      for (let look = 0; look < (2 * SLOW_MS) / LOOK_MS; look++) {
        said.push(
          await page
            .getByText(/\d+ tips left of 160/)
            .first()
            .innerText(),
        );
        await page.waitForTimeout(LOOK_MS);
      }
      expect([...new Set(said)].length, said.join('; ')).to.equal(1);
    });
  });
  it('moving the day on the ribbon changes the coals, and the way back is plain', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      const headings = async () => page.locator('.front h2').allTextContents();
      await page.getByRole('heading', { name: 'Soon' }).waitFor();
      const elder = page.getByRole('button', { name: /Elder · flower heads/ }).first();
      await elder.getByRole('img', { name: /kindling/ }).waitFor();
      const ribbon = page.getByRole('slider');
      const box = (await ribbon.boundingBox())!;
      await page.mouse.move(box.x + (134 / 364) * box.width, box.y + 20);
      await page.mouse.down();
      await page.mouse.move(box.x + (155 / 364) * box.width, box.y + 20, { steps: 4 });
      await page.mouse.up();
      await page.getByRole('status').filter({ hasText: '5 June' }).waitFor();
      await elder.getByRole('img', { name: /glowing|fading/ }).waitFor();
      expect(page.url()).to.include('day=2026-06-05');
      await page.keyboard.press('}');
      await page.getByRole('status').filter({ hasText: '12 June' }).waitFor();
      await page.keyboard.press('t');
      await elder.getByRole('img', { name: /kindling/ }).waitFor();
      expect(await headings()).to.include('Take now');
      expect(page.url()).not.to.include('day=');
    });
  });
  it('shows every place on the ground with its coal; list and map choose the same, and both follow day and filter', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('g');
      await page.getByRole('application', { name: /Map of the places/ }).waitFor();
      const places = page.locator('aside li');
      await page.getByRole('button', { name: /Brackmoor planting/ }).waitFor();
      const all = await places.count();
      expect(all).to.be.at.least(12);
      await page.getByRole('button', { name: /Brackmoor planting/ }).click();
      await page.getByRole('link', { name: 'Norway spruce · tips' }).waitFor();
      // The chosen place was brought to the middle of the map. Let go in the list, it is chosen again by a press there.
      await page.waitForTimeout(700);
      await page.getByRole('button', { name: /Brackmoor planting/, pressed: true }).click();
      await page.getByRole('button', { name: /Brackmoor planting/, pressed: false }).waitFor();
      const box = (await page.locator('.map').boundingBox())!;
      await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
      await page.getByRole('button', { name: /Brackmoor planting/, pressed: true }).waitFor();
      await page.getByLabel('Place, plant or position').fill('spruce');
      expect(await places.count()).to.equal(1);
      await page.getByLabel('Place, plant or position').fill('');
      await pick(page, 'Part', 'sap');
      await page.getByRole('button', { name: /Carr/ }).waitFor();
      expect(await places.count()).to.be.below(all);
      await unpick(page, 'Part');
      const spruce = page.getByRole('button', { name: /Brackmoor planting/ });
      await spruce.getByRole('img', { name: /glowing/ }).waitFor();
      // Keys act once nobody types: the focus was in the choice of parts.
      await spruce.focus();
      for (let i = 0; i < 6; i++) await page.keyboard.press('}');
      await spruce.getByRole('img', { name: /ash/ }).waitFor();
      await page.getByRole('link', { name: 'Norway spruce · tips' }).click();
      await page.getByRole('heading', { name: 'Norway spruce · Brackmoor planting' }).waitFor();
      expect(page.url()).to.include('day=2026-06-26');
    });
  });
  it('a picker cannot change rules, and is not offered to', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.goto(`${server.url}/group?tab=rules`);
      await page.getByText('A keeper sets the rules.').waitFor();
      expect(await page.getByRole('switch').count()).to.equal(0);
      expect(await page.getByRole('button', { name: 'Invite' }).count()).to.equal(0);
      const status = await page.evaluate(async () => {
        const session = (await (await fetch('/api/session')).json()) as { token: string; groups: { id: string }[] };
        const answer = await fetch(`/api/groups/${session.groups[0]!.id}/rules`, {
          method: 'PUT',
          headers: { 'content-type': 'application/json', 'x-emberfield-token': session.token },
          body: JSON.stringify({ on: true, rule: { kind: 'matureOnly' } }),
        });
        return answer.status;
      });
      expect(status).to.equal(403);
    });
  });
  it('a keeper’s rule binds on the next look, and can be taken back', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${server.url}/group?tab=rules`);
      await page.getByRole('switch', { name: 'Spread over the stand: one plant in' }).click();
      await page.getByText('Saved.').waitFor();
      await page.goto(`${server.url}/hearth`);
      await page.getByRole('button', { name: /Stinging nettle · tops.*from one plant in 5/ }).waitFor();
      await page.goto(`${server.url}/group?tab=rules`);
      await page.getByRole('switch', { name: 'Spread over the stand: one plant in', checked: true }).click();
      await page.getByRole('switch', { name: 'Spread over the stand: one plant in', checked: false }).waitFor();
    });
  });
  it('a watcher is offered nothing to change', async () => {
    await within({ as: 'Brannoc' }, async (page) => {
      expect(await page.getByRole('link', { name: /^Take|New patch/ }).count()).to.equal(0);
      await page.goto(`${server.url}/patches/new`);
      await page.getByText('As watcher you may not do this').waitFor();
    });
  });
  it('everything can be reached with the keyboard alone', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.keyboard.press('/');
      await page.keyboard.type('arnica');
      await page
        .getByRole('option', { name: /Arnica/ })
        .first()
        .waitFor();
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { name: 'Arnica · Brackmoor lawn' }).waitFor();
      await page.getByText('protected: not taken at all').first().waitFor();
      await page.keyboard.press('g');
      await page.keyboard.press('p');
      await page.getByRole('heading', { name: 'Plants' }).waitFor();
      await page.keyboard.press('?');
      await page.getByText('a week back').waitFor();
      await page.keyboard.press('Escape');
      await page.getByText('a week back').waitFor({ state: 'hidden' });
      await page.goto(`${server.url}/hearth`);
      const first = page.locator('button.line').first();
      await first.focus();
      await page.keyboard.press('ArrowDown');
      expect(await page.locator('button.line').nth(1).getAttribute('aria-pressed')).to.equal('true');
    });
  });
  it('what does not exist, and a server that does not answer, are said calmly', async () => {
    const screen = await openScreen();
    await comeInAs(screen, server.url, 'Tavi');
    const { page } = screen;
    await page.goto(`${server.url}/stands/01900000-0000-7000-8000-000000000000`);
    await page.getByText('There is no such stand here').waitFor();
    await page.goto(`${server.url}/no/such/page`);
    await page.getByRole('link', { name: 'To the Hearth' }).waitFor();
    await page.route('**/api/groups/*/plants', (route) => route.abort());
    await page.goto(`${server.url}/plants`);
    await page.getByText('The server does not answer').waitFor({ timeout: 20_000 });
    await page.unroute('**/api/groups/*/plants');
    await page.getByRole('button', { name: 'Try again' }).last().click();
    await page.getByText('Ramsons').waitFor();
    await screen.context.close();
  });

  it('a page whose script cannot be fetched is fetched anew once, and no more; without a server the old one stays', async () => {
    const screen = await openScreen();
    await comeInAs(screen, server.url, 'Tavi');
    const { page } = screen;
    const toWeather = async (): Promise<void> => {
      await page.keyboard.press('g');
      await page.keyboard.press('w');
    };
    const lose = (times: number) => {
      let left = times;
      return page.route('**/assets/WeatherView*.js', (route) => (left-- > 0 ? route.abort() : route.continue()));
    };
    // The server was renewed since these pages came: the way goes on in the new ones.
    await lose(1);
    await toWeather();
    await page.getByRole('heading', { name: 'Weather', exact: true }).waitFor();
    // Missing for good: asked for twice, not for ever, and another page can be opened.
    await page.goto(`${server.url}/plants`);
    await page.getByRole('heading', { name: 'Plants', exact: true }).waitFor();
    await page.unroute('**/assets/WeatherView*.js');
    let loads = 0;
    page.on('load', () => void loads++);
    await lose(1_000);
    const anew = page.waitForEvent('load', { timeout: 60_000 });
    await toWeather();
    await anew;
    await page.waitForTimeout(3_000);
    expect(loads).to.equal(1);
    await page.goto(`${server.url}/plants`);
    await page.getByRole('heading', { name: 'Plants', exact: true }).waitFor();
    // Out of reach: what stands there stays, and the bar says why.
    await page.route('**/api/**', (route) => route.abort());
    await toWeather();
    await page.getByText('No signal.').waitFor();
    expect(new URL(page.url()).pathname).to.equal('/plants');
    await screen.context.close();
  });
});
