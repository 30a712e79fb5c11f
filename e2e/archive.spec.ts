import { expect } from 'chai';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from 'playwright-core';
import { freshDatabase, openScreen, startServer } from './application.ts';
import { onIsland } from './on-island.ts';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

describe('everything of a group as one file', () => {
  const island = onIsland('emberfield_e2e_archive');
  let folder: string;
  before(() => void (folder = mkdtempSync(join(tmpdir(), 'emberfield-archive-'))));
  after(() => rmSync(folder, { recursive: true, force: true }));

  const restore = (url: string, ...args: readonly string[]) =>
    spawnSync(process.execPath, ['scripts/restore.mjs', ...args], {
      cwd: ROOT,
      encoding: 'utf8',
      env: { ...process.env, DATABASE_URL: url, EMBERFIELD_DATA: join(folder, 'data') },
    });
  /** What every stand gives and when, once all of it has been reckoned. */
  const answers = async (page: Page): Promise<readonly unknown[]> => {
    await page.getByRole('heading', { name: 'Take now' }).waitFor();
    for (;;) {
      const hearth = await page.evaluate(async () => {
        const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
        const answer = await fetch(`/api/groups/${session.groups[0]!.id}/hearth`);
        return (await answer.json()) as { waiting: number; stands: { id: string }[]; duties: unknown[] };
      });
      if (hearth.waiting > 0) {
        await page.waitForTimeout(500);
        continue;
      }
      return [...hearth.stands.sort((a, b) => a.id.localeCompare(b.id)), ...hearth.duties];
    }
  };

  it('is taken out by a keeper, put back on another server, and entered there by a link: the same stands, the same answers', async () => {
    const file = join(folder, 'ostrey.zip');
    let before: readonly unknown[] = [];
    await island.within({ as: 'Tavi' }, async (page) => {
      before = await answers(page);
      await page.goto(`${island.url}/group?tab=group`);
      const saving = page.waitForEvent('download');
      await page.getByRole('link', { name: 'Take everything out' }).click();
      const download = await saving;
      expect(download.suggestedFilename()).to.equal('emberfield-2026-05-15.zip');
      await download.saveAs(file);
      await page.goto(`${island.url}/group?tab=activity`);
      await page.getByText('took everything out as one file').waitFor();
    });
    expect(before.length).to.be.greaterThan(15);
    const elsewhere = await freshDatabase('emberfield_e2e_elsewhere');
    const done = restore(elsewhere, file);
    expect(done.status, done.stderr).to.equal(0);
    expect(done.stdout).to.match(/Restored the group ".+": \d{4,} rows/);
    expect(done.stdout.match(/\/reset\//g), 'one keeper, one link').to.have.lengthOf(1);
    const again = restore(elsewhere, file);
    expect([again.status, again.stderr]).to.satisfy(
      ([status, said]: [number, string]) => status === 1 && /Not restored: the group ".+" is here/.test(said),
    );
    const server = await startServer(elsewhere, { EMBERFIELD_PORT: '0' });
    const screen = await openScreen();
    try {
      expect(server.foundingCode).to.equal(null);
      await screen.page.goto(`${server.url}${/\/reset\/\S+/.exec(done.stdout)![0]}`);
      await screen.page.getByText('Tavi, choose another password').waitFor();
      await screen.page.getByLabel(/Password/).fill('hedge and hollow');
      await screen.page.getByRole('button', { name: 'Save it and sign in' }).click();
      expect(await answers(screen.page)).to.deep.equal(before);
      expect(screen.complaints).to.deep.equal([]);
    } finally {
      await screen.context.close();
      await server.stop();
    }
  });
});
