import { expect } from 'chai';
import {
  closeBrowser,
  freshDatabase,
  openScreen,
  startServer,
  type RunningServer,
  type Screen,
} from './application.ts';
import { pick } from './pick.ts';

/** As a real station writes it: a title, semicolons, decimal commas, day-first dates, sentinels, a torn line, a byte-order mark. */
function messyWeather(): string {
  const lines = ['\uFEFFStation Low Hill;No 7;;', 'Date;Tmin (°C);Tmax (°C);Rain mm'];
  for (let day = Date.UTC(2012, 0, 1), i = 0; day <= Date.UTC(2026, 4, 14); day += 86_400_000, i++) {
    const d = new Date(day);
    const ofYear = (day - Date.UTC(d.getUTCFullYear(), 0, 1)) / 86_400_000;
    const mean =
      9.6 - 9 * Math.cos((2 * Math.PI * (ofYear - 20)) / 365.25) + 3 * Math.sin(i * 0.9) * Math.cos(i * 0.031);
    const comma = (x: number): string => x.toFixed(1).replace('.', ',');
    const date = `${String(d.getUTCDate()).padStart(2, '0')}.${String(d.getUTCMonth() + 1).padStart(2, '0')}.${d.getUTCFullYear()}`;
    if (i % 400 === 7) continue;
    lines.push(
      i % 333 === 5
        ? `${date};-9999;-9999;`
        : i === 900
          ? '03.12.20'
          : `${date};${comma(mean - 4)};${comma(mean + 4.5)};${i % 3 ? '0,0' : '2,4'}`,
    );
  }
  return lines.join('\r\n');
}

describe('from an empty group to a logged take', () => {
  let server: RunningServer;
  let databaseUrl: string;
  let screen: Screen;
  before(async () => {
    databaseUrl = await freshDatabase('emberfield_e2e_first');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0' });
    screen = await openScreen();
  });
  after(async () => {
    await screen.context.close();
    await server.stop();
  });
  it('founds a group against the one-time code', async () => {
    const { page } = screen;
    expect(server.foundingCode).to.match(/^[a-z0-9]{4}(-[a-z0-9]{4}){3}$/);
    await page.goto(server.url);
    await page.getByLabel('One-time code').fill('wrong-code-here');
    await page.getByLabel('Name of the group').fill('Two of us');
    await page.getByLabel('Your name').fill('Sorrel');
    await page.getByLabel('Name to sign in with').fill('sorrel');
    await page.getByLabel(/Password/).fill('bramble and thorn');
    await page.getByRole('button', { name: 'Found the group' }).click();
    await page.getByText('not the code the start command printed').waitFor();
    await page.getByLabel('One-time code').fill(server.foundingCode!);
    await page.getByRole('button', { name: 'Found the group' }).click();
    await page.getByRole('heading', { name: 'Nothing stands here yet' }).waitFor();
  });
  it('adds a plant at a place and sees at once when and how much', async () => {
    const { page } = screen;
    await page.keyboard.press('n');
    await pick(page, 'Which plant?', 'Stinging nettle · Urtica dioica L.');
    await page.getByLabel('Name of the place').fill('Low hedge');
    await page.getByLabel('Latitude').fill('50.1');
    await page.getByLabel('Longitude').fill('-30,25');
    await page.getByLabel(/^Height/).fill('90');
    await page.getByLabel(/^Height/).press('Tab');
    await page.getByRole('button', { name: 'Save patch and plant' }).click();
    await page.getByRole('heading', { name: 'Stinging nettle · Low hedge' }).waitFor();
    // Nothing may be taken of what nobody has settled: by its signs it is.
    await page.getByText('not settled what it is').first().waitFor();
    await page.getByRole('link', { name: 'Settle what it is' }).click();
    const press = (name: string) => page.getByRole('button', { name, exact: true }).first().click();
    await press('in leaf');
    await press('stinging');
    // One organ confirms nothing, however sure one is.
    expect(await page.getByRole('button', { name: 'confirmed', exact: true }).count()).to.equal(0);
    for (const sign of ['coarse teeth', 'heart', 'confirmed', 'Save what was seen']) await press(sign);
    await page.getByText('1 tip a plant, from 7 of 10 plants').waitFor();
    await page
      .getByText(/about \d+ days? left/)
      .first()
      .click();
    await page.getByText('no weather with a full past year yet').waitFor();
  });
  it('brings in messy weather: a preview first, which survives a reload, then the days', async () => {
    const { page } = screen;
    await page.keyboard.press('g');
    await page.keyboard.press('w');
    await page.getByLabel('Name', { exact: true }).fill('Low Hill');
    await page.getByRole('button', { name: 'Save the station' }).click();
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'low hill.csv', mimeType: 'text/csv', buffer: Buffer.from(messyWeather()) });
    await page.getByText(/Understood/).waitFor();
    await page.reload();
    await page.getByText(/days · 1 January 2012 to 14 May 2026/).waitFor();
    await page.getByText(/\d+ lines left out/).waitFor();
    await page.getByText('a temperature is missing').first().waitFor();
    await page.getByRole('button', { name: /^Store [\d,]+ days$/ }).click();
    await page
      .getByText(/days, 1 January 2012 to 14 May 2026/)
      .first()
      .waitFor();
    await page.goto(`${server.url}/hearth`);
    await page.getByText('Low Hill, up to 14 May').waitFor();
  });
  it('counts the stand and logs a take that counts against it', async () => {
    const { page } = screen;
    await page.getByRole('button', { name: /Stinging nettle · tops/ }).click();
    await page.keyboard.press('v');
    await page.getByRole('button', { name: 'every plant' }).click();
    await page.getByLabel('plants', { exact: true }).fill('20');
    await page.getByRole('button', { name: 'Save the visit' }).click();
    await page.getByText('14 tips from 14 plants').waitFor();
    await page.keyboard.press('k');
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'one more', exact: true }).click();
    await page.getByText('10 left').waitFor();
    await page.getByRole('button', { name: 'Save the take' }).click();
    await page.getByText('4 tips saved. 10 tips left.').waitFor();
    await page.getByText('10 tips left of 14').first().waitFor();
    // The take’s own screen says so too: the next begins at the stand.
    await page.getByRole('tab', { name: 'Record' }).waitFor();
  });
  it('finds it all again after a restart, signed in as before', async () => {
    const { page } = screen;
    const path = new URL(page.url()).pathname;
    const { port } = new URL(server.url);
    await server.stop();
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: port });
    expect(server.foundingCode).to.equal(null);
    await page.goto(`${server.url}${path}`);
    await page.getByText('10 tips left of 14').first().waitFor();
    await page.getByRole('tab', { name: 'Record' }).click();
    await page.getByText('tops · 4 tips').waitFor();
    await page.goto(`${server.url}/hearth`);
    await page.getByText('10 tips left of 14').first().waitFor();
    expect(screen.complaints).to.deep.equal([]);
  });
});

after(closeBrowser);
