import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { MESSAGES, type Messages } from '@emberfield/words';
import { comeInAs, openScreen } from './application.ts';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { everyView, openView, widerThanScreen } from './views.ts';

const flat = (m: Messages, path = ''): (readonly [string, string])[] =>
  Object.entries(m).flatMap(([k, v]) =>
    typeof v === 'string' ? [[`${path}${k}`, v] as const] : flat(v, `${path}${k}.`),
  );
const german = new Map(flat(MESSAGES.de));
/** What English says with these very words, and German with others. */
const onlyEnglish = new Set(
  flat(MESSAGES.en)
    .filter(([key, text]) => !text.includes('{') && german.get(key) !== text && text.length > 2)
    .flatMap(([, text]) => text.split(' | ')),
);
const alsoGerman = new Set([...german.values()].flatMap((text) => text.split(' | ')));

/** What is read or heard on the page, piece by piece, but for what says that it is in English. */
const said = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const out: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode())
      if (!node.parentElement?.closest('script, style, [lang="en"], [aria-hidden="true"]'))
        out.push(node.textContent?.trim() ?? '');
    for (const e of document.querySelectorAll('[aria-label], [title], [placeholder]'))
      if (!e.closest('[aria-hidden="true"]'))
        for (const name of ['aria-label', 'title', 'placeholder']) out.push(e.getAttribute(name)?.trim() ?? '');
    return out.filter(Boolean);
  });

describe('the interface in German', () => {
  const island = onIsland('emberfield_e2e_german');
  const { within } = island;

  it('comes by itself where the browser speaks it, on every view, with no English left and nothing cut off at 390 px', async () => {
    await within({ as: 'Tavi', phone: true, locale: 'de-AT' }, async (page) => {
      const left: string[] = [];
      for (const path of await everyView(page)) {
        await openView(page, `${island.url}${path}`);
        expect(await page.locator('html').getAttribute('lang')).to.equal('de');
        const texts = await said(page);
        expect(texts.length, path).to.be.above(5);
        for (const text of texts) {
          if (onlyEnglish.has(text) && !alsoGerman.has(text)) left.push(`${path}: ${text}`);
          // A message that is missing shows its key.
          if (/^[a-z][A-Za-z]+(\.[a-z][A-Za-z0-9]*)+$/.test(text)) left.push(`${path}: ${text}`);
        }
        expect(await widerThanScreen(page), `${path} scrolls sideways`).to.be.at.most(0);
        // What ships is German throughout; only what people wrote themselves may be in another language.
        expect(await page.locator('main [lang=en]').allInnerTexts(), path).to.deep.equal([]);
      }
      if (left.length > 0) throw new Error(`English is left:\n${[...new Set(left)].join('\n')}`);
    });
  });

  it('is chosen by a person, holds on another device of theirs, and refusals speak it too', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      // What the server does not learn does not hold: it would be another language at the next start.
      await page.route('**/api/language', (route) => route.fulfill({ status: 429, body: '{}' }));
      await page.getByRole('button', { name: /^Mirel/ }).click();
      await page.getByRole('menuitem', { name: 'Deutsch' }).click();
      await page.getByText('The language could not be changed.').waitFor();
      await page.getByRole('link', { name: 'Ground' }).first().waitFor();
      expect(await page.locator('html').getAttribute('lang')).to.equal('en');
      await page.unroute('**/api/language');
      await page.getByRole('button', { name: /^Mirel/ }).click();
      await page.getByRole('menuitem', { name: 'Deutsch' }).click();
      await page.getByRole('link', { name: 'Gelände' }).first().waitFor();
      await page
        .getByRole('button', { name: /Fichte · Spitzen/ })
        .first()
        .click();
      // The list is asked for anew in the other language: a press on what is just then drawn again would be lost.
      const stand = await page.getByRole('link', { name: 'Öffnen', exact: true }).getAttribute('href');
      await page.goto(`${island.url}${stand}`);
      await page.getByRole('heading', { name: 'Fichte · Brackmoor planting' }).waitFor();
      await page.getByText('12 Spitzen übrig von 160').waitFor();
      await page.getByRole('link', { name: /^Entnahme/ }).click();
      await page.getByRole('button', { name: 'eines mehr', exact: true }).click();
      await page.getByRole('button', { name: 'Entnahme speichern' }).click();
      await page.getByText('11 Spitzen übrig von 160').waitFor();
      await page.getByRole('button', { name: 'Rückgängig' }).click();
      await page.getByText('12 Spitzen übrig von 160').waitFor();
      // What the server says is said in the language of the screen.
      const refused = await page.evaluate(async () => {
        const answer = await fetch('/api/nowhere', { headers: { 'accept-language': document.documentElement.lang } });
        return ((await answer.json()) as { error: { message: string } }).error.message;
      });
      expect(refused).to.equal('Unter dieser Adresse ist nichts.');
    });
    // Another device, whose browser speaks English: what was chosen for oneself holds.
    const other = await openScreen({ phone: true });
    await comeInAs(other, island.url, 'Mirel');
    await other.page.getByRole('link', { name: 'Herd', exact: true }).waitFor();
    await other.page.getByRole('button', { name: 'Mehr' }).tap();
    await pick(other.page, 'Sprache', 'English');
    await other.page.getByRole('link', { name: 'Hearth', exact: true }).waitFor();
    expect(other.complaints).to.deep.equal([]);
    await other.context.close();
  });
});
