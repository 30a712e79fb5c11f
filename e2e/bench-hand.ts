// How near the screens are to the hand: where the first useful line stands, what can be hit, how large the writing is. Called by bench.ts.
import type { Page } from 'playwright-core';
import type { Put } from './bench-know.ts';
import { comeInAs, openScreen, type RunningServer } from './application.ts';

interface Goal {
  readonly what: string;
  readonly path: (stand: string) => string;
  /** What one comes for. */
  readonly line: string;
  readonly desk: number;
  readonly thumb: number;
}
const GOALS: readonly Goal[] = [
  { what: 'Hearth, first line', path: () => '/hearth', line: '.hearth .line', desk: 230, thumb: 260 },
  { what: 'stand, what is left', path: (s) => s, line: '.headline', desk: 200, thumb: 240 },
  { what: 'stand, ladder', path: (s) => s, line: '.ladder', desk: 400, thumb: 620 },
  { what: 'year, first line', path: () => '/year', line: '.lines .place', desk: 220, thumb: 260 },
  { what: 'ground, first place', path: () => '/ground', line: '.side .rows li', desk: 400, thumb: 480 },
  {
    what: 'plants, first plant',
    path: () => '/plants',
    line: 'main .rows li, main a[href^="/plants/"]',
    desk: 220,
    thumb: 200,
  },
  { what: 'weather, chart', path: () => '/weather', line: 'main .house-chart', desk: 400, thumb: 400 },
];
const LEAST_TARGET_PX = 44;
const LEAST_TYPE_PX = 13;

/** What can be pressed and is smaller than a finger; a link within a sentence is as tall as its line. */
const smallTargets = (page: Page): Promise<number> =>
  page.evaluate((least) => {
    const seen = [
      ...document.querySelectorAll<HTMLElement>('button, a[href], input, [role=button], [role=tab], [role=switch]'),
    ];
    return seen.filter((e) => {
      const { width, height } = e.getBoundingClientRect();
      if (width === 0 || height === 0 || getComputedStyle(e).visibility === 'hidden') return false;
      if (e.tagName === 'A' && getComputedStyle(e).display === 'inline') return false;
      // A field is pressed by its frame, a box by its words.
      const whole = e.closest('.ant-picker, .ant-input-affix-wrapper, .ant-select, label') ?? e.parentElement;
      return Math.max(height, whole?.getBoundingClientRect().height ?? 0) < least;
    }).length;
  }, LEAST_TARGET_PX);

const controlHeights = (page: Page): Promise<readonly number[]> =>
  page.evaluate(() => [
    ...new Set(
      // Words that say why are as tall as their lines, what is written in many lines as tall as it is long.
      [
        ...document.querySelectorAll<HTMLElement>(
          '.ant-btn:not(.why), .ant-select-selector, input.ant-input:not(.ant-input-affix-wrapper *), .ant-input-affix-wrapper, .ant-picker',
        ),
      ]
        .map((e) => Math.round(e.getBoundingClientRect().height))
        .filter((h) => h > 0),
    ),
  ]);

const smallestType = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const sizes: number[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const parent = node.parentElement;
      if (!parent || !node.textContent?.trim() || parent.getClientRects().length === 0) continue;
      if (parent.closest('kbd, .hidden-visually, [aria-hidden=true]')) continue;
      // A name that gives way on a narrow scale has no size.
      const size = parseFloat(getComputedStyle(parent).fontSize);
      if (size > 0) sizes.push(size);
    }
    return Math.min(...sizes);
  });

export async function handBench(put: Put, server: RunningServer): Promise<void> {
  for (const phone of [false, true]) {
    const screen = await openScreen({ phone });
    const { page } = screen;
    await comeInAs(screen, server.url, 'Tavi');
    const stand = await firstStand(page);
    const where = phone ? '390 × 844' : '1280 × 800';
    const heights = new Set<number>();
    let small = 0;
    let type = Infinity;
    for (const { what, path, line, desk, thumb } of GOALS) {
      await page.goto(`${server.url}${path(stand)}`, { waitUntil: 'networkidle' });
      const first = page.locator(line).first();
      await first.waitFor();
      const top = (await first.boundingBox())!.y;
      put(`${what}, ${where}`, `${Math.round(top)} px`, `≤ ${phone ? thumb : desk} px`);
      small += await smallTargets(page);
      for (const h of await controlHeights(page)) heights.add(h);
      type = Math.min(type, await smallestType(page));
    }
    if (phone) put('targets under 44 px on these screens', String(small), '0');
    put(`heights of controls, ${where}`, [...heights].sort((a, b) => a - b).join(', '), 'at most 4');
    put(`smallest type, ${where}`, `${type} px`, `≥ ${LEAST_TYPE_PX} px`);
    await screen.context.close();
  }
}

/** The page of a stand that everybody may see. */
export async function firstStand(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
    const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
      stands: { id: string; plantKey: string }[];
    };
    return `/stands/${hearth.stands.find((s) => s.plantKey === 'elder')!.id}`;
  });
}
