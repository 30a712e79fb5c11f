import { expect } from 'chai';
import { onIsland } from './on-island.ts';
import { pick as choose, unpick } from './pick.ts';

describe('knowing the day', () => {
  const island = onIsland('emberfield_e2e_when');
  const { within } = island;

  it('the year at a glance: filtered, zoomed, read as a table, and whole on paper', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('y');
      await page.getByRole('heading', { name: 'The year 2026' }).waitFor();
      const elder = page.getByRole('img', { name: /^Elder · flower heads: / }).first();
      await elder.waitFor();
      await choose(page, 'Part', 'roots');
      await elder.waitFor({ state: 'detached' });
      await page
        .getByRole('img', { name: /^Greater burdock · first-year roots/ })
        .first()
        .waitFor();
      expect(page.url()).to.include('part=roots');
      await choose(page, 'Part', 'all parts');
      await page.getByLabel('Plant or place').fill('railway');
      await page.getByRole('link', { name: 'Old railway hedge' }).waitFor();
      expect(await page.getByRole('link', { name: 'Mill hedge' }).count()).to.equal(0);
      // Into a month by its name, and from there the day is that month's.
      await page.getByRole('button', { name: 'Jun', exact: true }).click();
      await page.getByRole('status').filter({ hasText: '1 June' }).waitFor();
      expect(page.url()).to.include('zoom=month');
      await page.getByRole('button', { name: 'As a table' }).click();
      const row = page.getByRole('row', { name: /Elder · flower heads/ }).first();
      expect(await row.textContent()).to.match(/\d+ (May|Jun) \(\d+ (May|Jun)–\d+ (May|Jun)\)/);
      await page.goto(`${island.url}/year`);
      await elder.waitFor();
      const drawn = await page.locator('.line').count();
      await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
      const lines = (await page.locator('.line').count()) - drawn;
      expect(lines, 'lines that only paper shows').to.be.above(10);
    });
  });
  it('a sighting corrected on the ladder moves the band, and undo moves it back', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.getByRole('button', { name: /Elder · flower heads Old railway/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      const band = page.locator('path.band');
      await band.waitFor();
      const shape = () => band.getAttribute('d');
      const before = await shape();
      const mark = page.getByRole('button', { name: /^flower buds tight, reached/ }).last();
      await mark.focus();
      await page.keyboard.press('Enter');
      await page.getByRole('heading', { name: /flower buds tight, noted by/ }).waitFor();
      await page.getByRole('button', { name: 'not yet', exact: true }).click();
      await page.getByRole('button', { name: 'Save', exact: true }).first().click();
      await page.getByText('Corrected. Dates were reckoned anew.').waitFor();
      await page.waitForFunction((was) => document.querySelector('path.band')?.getAttribute('d') !== was, before);
      await page.getByRole('button', { name: 'Undo' }).click();
      // Its own sightings count at once. What the group had learned of it meanwhile is learned anew behind the answers: whoever looks again
      // sees the very same as before.
      await page.getByText('Corrected. Dates were reckoned anew.').waitFor({ state: 'detached' });
      let looks = 0;
      do {
        expect(looks++, 'looks until it was as before').to.be.below(30);
        await page.waitForTimeout(1_000);
        await page.reload();
        await band.waitFor();
      } while ((await shape()) !== before);
    });
  });
  it('a calendar’s address is shown once, can be read without signing in, and ends when it is taken away', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('u');
      await page.getByRole('tab', { name: 'Calendar' }).click();
      await page.getByRole('button', { name: 'duties with a day' }).click();
      await page.getByRole('button', { name: 'Make an address' }).click();
      const address = await page.getByLabel('The address').inputValue();
      const read = await fetch(address);
      expect(read.headers.get('content-type')).to.include('text/calendar');
      const text = await read.text();
      expect(text).to.match(/SUMMARY:Elder\\, Old railway hedge: flower heads open/);
      expect(text).to.include('X-WR-CALNAME:Emberfield');
      await page.reload();
      await page.getByText(/Last read/).waitFor();
      expect(await page.getByLabel('The address').count()).to.equal(0);
      await page.getByRole('button', { name: 'Remove the address' }).click();
      await page.getByText('The address is gone.').waitFor();
      expect((await fetch(address)).status).to.equal(404);
    });
  });
  it('notices are seen once, and a kind that is switched off stays silent', async () => {
    await within({ as: 'Ode' }, async (page) => {
      const bell = page.getByRole('button', { name: /^\d+ notices?$/ });
      const strip = page.getByRole('dialog');
      await bell.click();
      const first = (await strip.getByRole('link').first().textContent())!;
      await strip.getByRole('button', { name: /^Seen/ }).first().click();
      await page.waitForFunction((was) => !document.body.textContent.includes(was), first.trim());
      await page.reload();
      await bell.click();
      await strip.getByRole('link').first().waitFor();
      expect(await page.getByText(first.trim()).count()).to.equal(0);
      await page.keyboard.press('Escape');
      await page.keyboard.press('g');
      await page.keyboard.press('u');
      await page.getByRole('tab', { name: 'Calendar' }).click();
      for (const kind of ['opens in three days', 'last call', 'moved by more than four days'])
        await page.getByRole('button', { name: kind, exact: true }).click();
      await page.keyboard.press('g');
      await page.keyboard.press('h');
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      expect(await bell.count()).to.equal(0);
    });
  });
  it('says how good the dates were, in words and as a picture', async () => {
    await within({ as: 'Brannoc' }, async (page) => {
      await page.goto(`${island.url}/proof`);
      await page.getByText(/^Over \d+ dates I was off by [\d.]+ days/).waitFor();
      await page.getByRole('img', { name: 'Days off, by plant' }).waitFor();
      await page.getByRole('img', { name: /before the band: \d+ %, meant 10 %/ }).waitFor();
      await page
        .getByText(/would narrow/)
        .first()
        .waitFor();
    });
  });
  it('another station is brought in and a place given to it: its dates move, and come back with undo', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/weather`);
      await page.getByRole('button', { name: 'New station' }).click();
      await page.getByLabel('Name', { exact: true }).fill('Far moor');
      await page.getByLabel('Latitude').first().fill('46.4');
      await page.getByLabel('Longitude').first().fill('-30.2');
      await page.getByLabel(/^Height/).fill('300');
      await page.getByRole('button', { name: 'Save the station' }).click();
      await page.getByRole('heading', { name: 'Bring in a file: Far moor' }).waitFor();
      await page
        .locator('input[type=file]')
        .first()
        .setInputFiles({ name: 'far moor.csv', mimeType: 'text/csv', buffer: Buffer.from(coldYears()) });
      await page.getByRole('button', { name: /^Store [\d,]+ days$/ }).click();
      await page
        .getByText(/days, 1 January 2015 to 14 May 2026/)
        .first()
        .waitFor();
      await page.keyboard.press('g');
      await page.keyboard.press('h');
      await page.getByRole('button', { name: /Elder · flower heads Old railway/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      const band = page.locator('path.band');
      await band.waitFor();
      const before = await band.getAttribute('d');
      const stand = page.url();
      await page.getByRole('link', { name: 'Old railway hedge' }).click();
      await page.getByRole('button', { name: 'Settings', exact: true }).click();
      await page.getByText(/Dates here are reckoned from Ostrey harbour/).waitFor();
      await choose(page, 'Station', 'Far moor, 300 m');
      await page.getByText(/Dates here are reckoned from Far moor \(/).waitFor();
      await page.goto(stand);
      await page.waitForFunction((was) => {
        const now = document.querySelector('path.band')?.getAttribute('d');
        return now && now !== was;
      }, before);
      await page.getByRole('link', { name: 'Old railway hedge' }).click();
      await page.getByRole('button', { name: 'Settings', exact: true }).click();
      await page.getByText(/Dates here are reckoned from Far moor \(/).waitFor();
      await unpick(page, 'Station');
      await page.getByText(/Dates here are reckoned from Ostrey harbour/).waitFor();
    });
  });
  it('lengths that were measured give a window its days', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.getByRole('button', { name: /Broad-leaved reed-mace · shoot hearts/ }).click();
      await page.getByRole('link', { name: /^Visit/ }).click();
      const measure = page.locator('section', { hasText: 'How long it is' });
      await measure.getByRole('button', { name: 'shoot hearts' }).click();
      for (const [i, cm] of [34, 41, 37].entries()) await measure.getByLabel(`plant ${i + 1}`).fill(String(cm));
      await page.getByRole('button', { name: 'Save the visit' }).click();
      await page
        .getByText(/^Long enough about .+, too long about /)
        .first()
        .waitFor();
      await page.getByRole('tab', { name: 'Record' }).click();
      await page.getByText('shoot hearts · 34 cm, 41 cm and 37 cm').waitFor();
    });
  });
  it('lengths of one’s own narrow a window, are refused outside of it, and are undone', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.getByRole('button', { name: /Broad-leaved reed-mace · shoot hearts/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      await page.getByRole('button', { name: 'Want it of another length' }).click();
      await page.getByLabel(/^At least/).fill('30');
      await page.getByLabel(/^At most/).fill('400');
      await page.getByText('Shorter or longer than the plant’s profile').waitFor();
      await page.getByLabel(/^At most/).fill('60');
      await page.getByRole('form', { name: 'Lengths of my own' }).getByRole('button', { name: 'Save' }).click();
      const said = page.getByText(/^Wanted 30 cm to 60 cm: reaches 30 cm about .+ passes 60 cm about /);
      await said.waitFor();
      await page.getByRole('button', { name: 'shoot hearts', pressed: true }).waitFor();
      await page.getByRole('button', { name: 'Undo' }).click();
      await said.waitFor({ state: 'detached' });
    });
  });
  it('a place that the tide covers says when it is free, and is barred on days when it never is', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.getByText(/^Low water \d\d:\d\d/).waitFor();
      await page.getByRole('button', { name: /Sea beet · leaves/ }).click();
      await page
        .getByText(/^The tide at Ostrey quay leaves it free by daylight \d\d:\d\d to/)
        .first()
        .waitFor();
      await page.goto(`${island.url}/hearth?day=2026-05-24`);
      await page.getByRole('button', { name: /Sea beet · leaves/ }).click();
      await page
        .getByText(/the tide does not leave it free by daylight: again on/)
        .first()
        .waitFor();
      await page.goto(`${island.url}/weather`);
      await page.getByRole('button', { name: 'Bring in a tide' }).click();
      await page.getByLabel('Name of the place').fill('Second quay');
      const pick = (name: string, text: string) =>
        page
          .locator('form.new input[type=file]')
          .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
      await pick('bad.csv', '2026-05-15 05:00,0.6,low\n2026-05-15,4.1,high\n');
      await page.getByRole('button', { name: 'Save this tide' }).click();
      await page.getByText(/line 2.*first column is a time/).waitFor();
      await pick(
        'good.csv',
        '2026-05-14 22:50,4.1,high\n2026-05-15 05:00,0.6,low\n2026-05-15 11:10,4.1,high\n2026-05-15 17:20,0.7,low\n2026-05-15 23:40,4.2,high\n2026-05-16 05:50,0.7,low\n',
      );
      await page.getByRole('button', { name: 'Save this tide' }).click();
      await page.getByText('6 high and low waters, 14 May 2026 to 16 May 2026').waitFor();
    });
  });
  it('without a signal, the dates of a stand count what stands in the open visit', async () => {
    await within({ as: 'Mirel', phone: true, keepsPages: true }, async (page, { context, complaints }) => {
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      // The page that brought the service worker in is not yet served by it: the next one is.
      await page.goto(`${island.url}/hearth`);
      const kit = page.waitForResponse(/\/kit$/);
      await page.getByRole('button', { name: /Elder · flower heads Old railway/ }).click();
      await (await kit).finished();
      const band = page.locator('path.band');
      await band.waitFor();
      const read = await band.getAttribute('d');
      await page.getByRole('link', { name: /^Visit/ }).click();
      await page.getByRole('heading', { name: 'Where is it now?' }).waitFor();
      await context.setOffline(true);
      await page.getByRole('button', { name: /^full flower/ }).click();
      await page.getByRole('link', { name: 'Cancel' }).click();
      await page.getByText('Reckoned on this device, with what you noted here').waitFor();
      await page.waitForFunction((was) => {
        const now = document.querySelector('path.band')?.getAttribute('d');
        return now && now !== was;
      }, read);
      await context.setOffline(false);
      await page.reload();
      await page.waitForFunction((was) => document.querySelector('path.band')?.getAttribute('d') === was, read);
      // What could not be reached is named in the console, as it should be.
      complaints.length = 0;
    });
  });
});

/** Years of a colder place, as a file. */
function coldYears(): string {
  const lines = ['date,tmin,tmax'];
  for (let at = Date.UTC(2015, 0, 1); at < Date.UTC(2026, 4, 15); at += 86_400_000) {
    const mean = 7 - 9 * Math.cos((2 * Math.PI * (at / 86_400_000 - 20)) / 365.25);
    lines.push(`${new Date(at).toISOString().slice(0, 10)},${(mean - 4).toFixed(1)},${(mean + 4).toFixed(1)}`);
  }
  return `${lines.join('\n')}\n`;
}
