import { expect } from 'chai';
import { readFileSync } from 'node:fs';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';

describe('places on the map and in files', () => {
  const island = onIsland('emberfield_e2e_places');
  const { within } = island;
  const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).first().click();

  it('a boundary is drawn round a point, bent, taken back step by step, and kept', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/ground`);
      await page.getByRole('button', { name: /Ditch below Moor Farm/ }).click();
      await page
        .getByRole('link', { name: /place|Ditch/i })
        .first()
        .click();
      await page.getByRole('heading', { name: 'Ditch below Moor Farm' }).waitFor();
      await press(page, 'Settings');
      await press(page, 'draw round it');
      const map = page.getByRole('application');
      await map.scrollIntoViewIfNeeded();
      const box = (await map.boundingBox())!;
      const middle = [box.x + box.width / 2, box.y + box.height / 2] as const;
      const corners = [
        [-90, -70],
        [90, -70],
        [90, 70],
        [-90, 70],
      ] as const;
      for (const [dx, dy] of corners) {
        await page.mouse.click(middle[0] + dx, middle[1] + dy);
        await page.waitForTimeout(350);
      }
      await press(page, 'done');
      const size = page.getByText(/[\d.]+ (m²|ha) drawn/);
      const drawn = await size.textContent();
      await press(page, 'bend its boundary');
      await page.mouse.move(middle[0] + 90, middle[1] - 70);
      await page.mouse.down();
      await page.mouse.move(middle[0] + 150, middle[1] - 110, { steps: 6 });
      await page.mouse.up();
      await page.waitForFunction((before) => !document.body.textContent.includes(before!), drawn);
      await press(page, 'Undo');
      await page.getByText(drawn!).waitFor();
      await press(page, 'Save');
      await page.getByText('Place saved.').waitFor();
      await page.reload();
      await page.getByText(drawn!).waitFor();
    });
  });

  it('GPX comes in after a look at it, and goes out as GeoJSON with secret places shifted', async () => {
    const gpx = `<?xml version="1.0"?><gpx version="1.1"><wpt lat="46.02" lon="-30.01"><name>New spring</name></wpt>
      <wpt lat="146" lon="0"><name>Nowhere</name></wpt>
      <trk><name>Round the mere</name><trkseg><trkpt lat="46.0" lon="-30.05"/><trkpt lat="46.01" lon="-30.04"/></trkseg></trk></gpx>`;
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/ground`);
      await page.getByText('Layers').click();
      await page.getByRole('link', { name: 'Bring in or take out' }).click();
      await page.getByRole('heading', { name: 'Places in files' }).waitFor();
      const choose = (name: string, text: string) =>
        page
          .locator('input[type=file]')
          .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
      await choose('walk.gpx', `<!DOCTYPE gpx [<!ENTITY x "y">]>${gpx}`);
      await page.getByText(/defines entities or a document type/).waitFor();
      await choose('walk.gpx', gpx);
      await page.getByText('1 point · 1 path').waitFor();
      await page.getByText('2: latitude and longitude seem to have changed places: turn them round').waitFor();
      await press(page, 'Save all of it');
      await page.getByText('1 place and 1 path saved.').waitFor();
      const download = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Save' }).click();
      const text = readFileSync(await (await download).path(), 'utf8');
      const { features } = JSON.parse(text) as {
        features: { properties: { name: string }; geometry: { type: string } }[];
      };
      expect(features.map((f) => f.properties.name)).to.include.members([
        'New spring',
        'Round the mere',
        'a place kept secret',
      ]);
      // The lawn is secret: its boundary stays here.
      expect(features.find((f) => f.properties.name === 'a place kept secret')!.geometry.type).to.equal('Point');
      const path = page.getByRole('row', { name: /Round the mere/ });
      await path.getByRole('button', { name: 'Forget' }).click();
      await page.getByRole('tooltip').getByRole('button', { name: 'Forget' }).click();
      await path.waitFor({ state: 'detached' });
      await page.goto(`${island.url}/ground`);
      await page.getByLabel('Place, plant or position').fill('New spring');
      await page.getByRole('button', { name: /New spring/ }).waitFor();
    });
  });

  it('a table whose heads say nothing is matched column by column', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      await page.goto(`${island.url}/files`);
      await page.locator('input[type=file]').setInputFiles({
        name: 'old.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('A;B;C;D\nOld pond;46,03;-30,02;Elder\n'),
      });
      await page.getByText('Say which column is the name of the place.').waitFor();
      for (const [field, column] of [
        ['name of the place', 'A'],
        ['latitude', 'B'],
        ['longitude', 'C'],
        ['plant', 'D'],
      ] as const) {
        const answered = page.waitForResponse(
          (r) => r.request().method() === 'PUT' && r.url().includes('place-imports'),
        );
        const shown = { A: 'Old pond', B: '46,03', C: '-30,02', D: 'Elder' }[column];
        await pick(page, new RegExp(`^${field}`), `${column} (${shown})`);
        await answered;
      }
      await page.getByText('1 point · 1 plant').waitFor();
      await press(page, 'Save all of it');
      await page.getByText('1 place and 1 plant saved.').waitFor();
    });
  });

  it('a photo of a stand is kept, shown large, and forgotten', async () => {
    await within({ as: 'Ode' }, async (page) => {
      await page.getByRole('button', { name: /Norway spruce · tips/ }).click();
      await page.getByRole('link', { name: 'Open', exact: true }).click();
      await page.getByRole('tab', { name: 'Record' }).click();
      const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
      await page
        .locator('input[type=file]')
        .setInputFiles({ name: 'tips.png', mimeType: 'image/png', buffer: picture });
      await page.getByText('Photo saved.', { exact: false }).waitFor();
      const small = page.getByRole('button', { name: 'Photo of 15 May 2026, Ode' });
      // The same picture again is the same photo.
      await page.getByText('Photo saved.', { exact: false }).waitFor({ state: 'detached', timeout: 20_000 });
      await page
        .locator('input[type=file]')
        .setInputFiles({ name: 'again.png', mimeType: 'image/png', buffer: picture });
      await page.getByText('Photo saved.', { exact: false }).waitFor();
      expect(await small.count()).to.equal(1);
      await small.click();
      const large = page.locator('figure img');
      await large.waitFor();
      expect(await large.evaluate((i: HTMLImageElement) => i.decode().then(() => i.naturalWidth))).to.equal(300);
      await press(page, 'Forget');
      await page.getByText('Forget this photo for good?', { exact: false }).waitFor();
      await page.getByRole('tooltip').getByRole('button', { name: 'Forget' }).click();
      await page.getByText('None yet.').waitFor();
    });
  });
});
