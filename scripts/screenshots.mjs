// Takes the pictures of docs/screenshots from a demo that is running: npm run demo, then npm run screenshots in another terminal.
//   node scripts/screenshots.mjs               all of them
//   node scripts/screenshots.mjs labels year   only these
import { createRequire } from 'node:module';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { ensurePackages, ensureProgram } from './install.mjs';
import { ROOT, say, settingsFor } from './settings.mjs';

ensurePackages();
const executablePath = ensureProgram('chromium', 'chromium');
const { chromium } = createRequire(join(ROOT, 'e2e', 'package.json'))('playwright-core');
const url = process.env.EMBERFIELD_URL ?? `http://127.0.0.1:${settingsFor('demo').webPort}`;
const only = new Set(process.argv.slice(2));
const folder = join(ROOT, 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-dev-shm-usage'] });

const row = (name) => async (page) => {
  await page.getByRole('button', { name }).first().click();
};
const openStand = (name) => async (page) => {
  await row(name)(page);
  const link = page.getByRole('link', { name: 'Open', exact: true });
  if (await link.isVisible()) await link.click();
  await page.getByRole('tablist').waitFor();
};
await shot('hearth', { do: row(/Norway spruce · tips/) });
await shot('hearth-phone', { phone: true });
await shot('stand', { do: openStand(/Elder · flower heads Old railway/) });
await shot('take-phone', {
  phone: true,
  who: 'Mirel',
  do: async (page) => {
    await openStand(/Norway spruce · tips/)(page);
    await page.getByRole('link', { name: /^Take/ }).click();
    for (let i = 0; i < 7; i++) await page.getByRole('button', { name: 'one more', exact: true }).click();
    await page.getByRole('button', { name: 'good' }).click();
  },
});
await shot('limit-phone', {
  phone: true,
  who: 'Ode',
  do: async (page) => {
    await openStand(/Norway spruce · tips/)(page);
    await page.getByRole('link', { name: /^Take/ }).click();
    for (let i = 0; i < 13; i++) await page.getByRole('button', { name: 'one more', exact: true }).click();
  },
});
await shot('practice-phone', {
  phone: true,
  path: '/practice',
  do: async (page) => {
    await page.getByRole('button', { name: 'Begin' }).click();
    await page.getByText('Question 1 of 5').waitFor();
  },
});
await shot('identify-phone', {
  path: '/ground',
  do: async (page) => {
    await page.getByRole('button', { name: /Withen Wood/ }).click();
    await page.getByRole('link', { name: /Velvet shank/ }).click();
    await page.getByRole('tab', { name: 'What it is' }).click();
    await page.getByRole('link', { name: 'Settle what it is' }).first().click();
    for (const state of ['a fungus', 'domed', 'many grown together', 'dead broad-leaved wood'])
      await page.getByRole('button', { name: state, exact: true }).first().click();
    // The way there leads over the map beside the list; what is looked at is the phone's.
    await page.setViewportSize({ width: 390, height: 844 });
    await page.evaluate(() => scrollTo(0, 0));
  },
});
await shot('ground', {
  path: '/ground',
  do: async (page) => {
    await page.getByRole('button', { name: /Old railway hedge/ }).click();
    await page.waitForTimeout(900);
  },
});
await shot('year', { path: '/year' });
const planned = async (page) => {
  await page.getByRole('combobox', { name: 'From and back to' }).focus();
  await page.keyboard.type('Brackmoor planting');
  await page.keyboard.press('Enter');
  await page.getByText(/back at \d\d:\d\d/).waitFor();
  await page.getByRole('button', { name: 'Take it along' }).waitFor();
};
const takenAlong = async (page) => {
  await planned(page);
  await page.getByRole('button', { name: 'Take it along' }).click();
  await page.getByRole('heading', { name: 'Out on a round' }).waitFor();
};
await shot('round', { path: '/round', do: planned });
await shot('season', {
  path: '/season',
  do: async (page) => {
    await page.getByText(/Without it, [\d.]+ kg more/).waitFor();
    await page.waitForTimeout(900);
  },
});
await shot('ledger', {
  path: '/ledger',
  do: async (page) => {
    await page.getByRole('heading', { name: 'Taken of what was allowed' }).waitFor();
    await page.waitForTimeout(900);
  },
});
await shot('field-phone', {
  phone: true,
  path: '/round',
  do: async (page) => {
    await takenAlong(page);
    await page.getByRole('button', { name: 'Walk the round' }).click();
    await page.getByText(/ to the (north|east|south|west)/).waitFor();
    await page.evaluate(() => scrollTo(0, 0));
  },
});
await shot('confirm-phone', {
  phone: true,
  path: '/round',
  do: async (page) => {
    await takenAlong(page);
    await page.getByRole('listitem').filter({ hasText: 'Moor Farm garden' }).getByRole('link').click();
    await page.getByRole('link', { name: /Ground elder/ }).click();
    await page.getByRole('heading', { name: 'Tick each only by its own sign' }).waitFor();
    await page.getByRole('checkbox').first().check();
  },
});
await shot('table-phone', {
  phone: true,
  who: 'Mirel',
  path: '/larder',
  do: async (page) => {
    await page
      .getByRole('listitem')
      .filter({ hasText: 'Norway spruce' })
      .first()
      .getByRole('link', { name: 'Sort' })
      .click();
    await page.getByRole('group', { name: 'woody, past' }).getByRole('button', { name: 'a tenth' }).click();
    await page.getByRole('textbox', { name: 'Weight, g' }).fill('95');
    await page.getByText(/By what one weighs/).waitFor();
    await page.getByRole('group', { name: 'woody, past' }).evaluate((e) => e.scrollIntoView());
  },
});
await shot('bench', {
  do: async (page) => {
    await openStand(/Valerian/)(page);
    await page.getByRole('tab', { name: 'Taken and counted' }).click();
    await page.getByRole('link', { name: 'Try plans on this stand' }).click();
    await page.getByText('10,000 futures so far').waitFor();
  },
});
await shot('plant', { path: '/plants/ramsons' });
await shot('larder', {
  path: '/larder',
  do: async (page) => {
    await page.getByRole('link', { name: 'Birch leaves' }).click();
    await page.getByRole('heading', { name: 'What it weighed, and will' }).waitFor();
    await page.getByRole('img', { name: 'Weight in the course of drying' }).waitFor();
  },
});
await shot('labels', {
  path: '/larder',
  do: async (page) => {
    await page.getByRole('link', { name: 'Birch leaves' }).click();
    await page.getByRole('link', { name: 'Label' }).click();
    await page.locator('article').first().waitFor();
  },
});
await browser.close();

async function shot(name, { phone = false, night = false, who = 'Tavi', path = null, do: act = null }) {
  if (only.size > 0 && !only.has(name)) return;
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: night ? 'dark' : 'light',
    locale: 'en-GB',
    timezoneId: 'UTC',
  });
  const page = await context.newPage();
  await page.goto(`${url}/hearth`);
  await page.getByRole('button', { name: new RegExp(`^${who}`) }).click();
  await page.getByRole('heading', { name: 'Take now' }).waitFor();
  if (path) await page.goto(`${url}${path}`);
  if (act) await act(page);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(700);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await context.close();
  say(name);
}
