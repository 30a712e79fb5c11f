import { islandDatabase, screensOf, startServer, type RunningServer } from './application.ts';
import { everyView, expectReach, openView } from './views.ts';

describe('every view, for everybody', () => {
  let server: RunningServer;
  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_reach');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
  });
  after(() => server.stop());

  const within = screensOf(() => server);

  it('is read by day at the desk, by night and in full sun on the phone, and never scrolls sideways', async () => {
    await within({ as: 'Tavi' }, async (page) => {
      /** As another tab of the person would choose it: the page need not be drawn anew. */
      const light = (wanted: string) =>
        page.evaluate((value) => {
          localStorage.setItem('emberfield-theme', value);
          window.dispatchEvent(
            new StorageEvent('storage', { key: 'emberfield-theme', newValue: value, storageArea: localStorage }),
          );
        }, wanted);
      await page.emulateMedia({ reducedMotion: 'reduce' });
      for (const path of await everyView(page)) {
        await light('day');
        await page.setViewportSize({ width: 1280, height: 800 });
        await openView(page, `${server.url}${path}`);
        await expectReach(page, path);
        await page.setViewportSize({ width: 390, height: 844 });
        for (const wanted of ['night', 'glare']) {
          await light(wanted);
          // Charts are drawn anew for their new width.
          await page.waitForTimeout(400);
          await expectReach(page, `${path}, ${wanted}, on the phone,`);
        }
      }
    });
  });
});
