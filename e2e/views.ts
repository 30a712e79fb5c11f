import AxeBuilder from '@axe-core/playwright';
import { expect } from 'chai';
import type { Page } from 'playwright-core';

/** Every view there is, of a stand of the demo where it is of one. */
export async function everyView(page: Page, plant = 'elder'): Promise<readonly string[]> {
  const stand = await page.evaluate(async (key) => {
    const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
    const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
      stands: { id: string; plantKey: string; patchId: string }[];
    };
    return hearth.stands.find((s) => s.plantKey === key)!;
  }, plant);
  return [
    '/hearth',
    '/year',
    '/year?as=table&zoom=month',
    '/round',
    '/field',
    `/field/${stand.patchId}`,
    '/need',
    '/larder',
    '/season',
    '/ledger',
    '/practice',
    '/practice/year',
    '/wants',
    '/proof',
    `/stands/${stand.id}`,
    `/stands/${stand.id}?tab=taken`,
    `/stands/${stand.id}?tab=what`,
    `/stands/${stand.id}?tab=record`,
    `/stands/${stand.id}?tab=settings`,
    `/stands/${stand.id}/bench`,
    `/stands/${stand.id}/put-back`,
    `/stands/${stand.id}/take`,
    `/stands/${stand.id}/confirm?at=${stand.patchId}`,
    `/stands/${stand.id}/visit`,
    `/stands/${stand.id}/identify`,
    `/patches/${stand.patchId}`,
    `/patches/${stand.patchId}?panel=settings`,
    '/identify',
    '/put-back',
    '/walk',
    '/files',
    '/plants/autumn-crocus',
    '/ground',
    '/plants',
    '/plants/ramsons',
    '/weather',
    '/group',
    '/group?tab=rules',
    '/group?tab=account',
    '/patches/new',
    '/help',
  ];
}

/** Opens a view and waits until it has come to rest. */
export async function openView(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await page.waitForLoadState('networkidle');
  await page.locator('h1').first().waitFor({ state: 'attached' });
}

export const widerThanScreen = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

/** Nothing serious stands in the way of anybody, by all rules or by those that are named, and the view does not scroll sideways. */
export async function expectReach(page: Page, what: string, rules: readonly string[] = []): Promise<void> {
  const axe = new AxeBuilder({ page }).exclude('canvas').options({ resultTypes: ['violations'] });
  const { violations } = await (rules.length > 0 ? axe.withRules([...rules]) : axe).analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  const said = serious.map(
    (v) =>
      `${what} ${v.id}: ${v.nodes
        .slice(0, 3)
        .map((n) => `${n.target.join(' ')} ${n.any[0]?.message ?? ''}`)
        .join(' | ')}`,
  );
  expect(said.join('\n')).to.equal('');
  expect(await widerThanScreen(page), `${what} scrolls sideways`).to.be.at.most(0);
}
