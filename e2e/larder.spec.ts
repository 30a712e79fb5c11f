import { expect } from 'chai';
import type { RowDataPacket } from 'mysql2/promise';
import type { Page } from 'playwright-core';
import { onIsland } from './on-island.ts';
import { pick } from './pick.ts';
import { expectReach, widerThanScreen } from './views.ts';

describe('the larder', () => {
  const island = onIsland('emberfield_e2e_larder');
  const { within } = island;
  const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).first().click();
  async function counted(kind: string): Promise<number> {
    const [[row]] = await island.database.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM entry WHERE kind = ?', [
      kind,
    ]);
    return Number(row!['n']);
  }

  it('takes two takes from the table into one jar: sorted, dried by its weight, stored, labelled, used', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.keyboard.press('g');
      await page.keyboard.press('l');
      await page.getByRole('heading', { name: 'On the table' }).waitFor();
      await page
        .getByRole('listitem')
        .filter({ hasText: 'Norway spruce' })
        .first()
        .getByRole('link', { name: 'Sort' })
        .click();
      await page.getByRole('heading', { name: /^Sort Norway spruce/ }).waitFor();
      await page.getByRole('group', { name: 'Together with' }).getByRole('button').first().click();
      await page.getByRole('group', { name: 'woody, past' }).getByRole('button', { name: 'a tenth' }).click();
      await page.getByRole('textbox', { name: 'Weight, g' }).fill('300');
      await pick(page, 'How it is kept', 'dried');
      await page
        .getByRole('group', { name: 'How it hangs or lies' })
        .getByRole('button', { name: 'on a mesh' })
        .click();
      await page.getByRole('textbox', { name: 'Name, as on the jar' }).fill('Spruce of May');
      await page.reload();
      // What was said stands after a reload.
      expect(await page.getByRole('textbox', { name: 'Weight, g' }).inputValue()).to.equal('300');
      await press(page, 'Keep it');
      await page.getByRole('heading', { name: 'Spruce of May', level: 1 }).waitFor();
      await page.getByText('Nobody has weighed it again: this is what is usual.').waitFor();
      await page.getByText('10 % thrown out').waitFor();
      await page.getByRole('textbox', { name: 'Weight now, g' }).fill('290');
      await press(page, 'Keep the weight');
      await page.getByText('Nobody has weighed it again').waitFor({ state: 'detached' });
      await expectReach(page, 'a batch that dries');
      await page.getByRole('textbox', { name: 'So much, g' }).fill('60');
      await page.getByRole('textbox', { name: 'Where it is kept' }).fill('pantry');
      await press(page, 'Store it');
      await page.getByText(/60 g left · since 15 May · at pantry · use by 15 May 2027/).waitFor();
      await page.getByRole('textbox', { name: 'So much, g' }).fill('20');
      await press(page, 'Used');
      await page.getByText(/40 g left/).waitFor();
      // What was noted wrongly is taken back, by itself.
      await page.getByText('What was noted').click();
      const noted = page.locator('.noted').filter({ hasText: 'used' });
      await noted.getByRole('button', { name: 'Take back' }).click();
      await page.getByText(/60 g left/).waitFor();
      await page.getByRole('link', { name: 'Label' }).click();
      await page.getByRole('heading', { name: 'Labels of Spruce of May' }).waitFor();
      expect(await page.locator('article').count()).to.equal(3);
      await expectReach(page, 'labels');
      await page.goto(`${island.url}/larder`);
      const table = page.locator('section').filter({ has: page.getByRole('heading', { name: 'On the table' }) });
      expect(await table.getByText('Norway spruce').count()).to.equal(0);
      // Whoever opens a jar reads on it whom it may harm.
      await page.getByRole('link', { name: 'Birch leaves' }).click();
      await page.getByRole('link', { name: 'Label' }).click();
      await page.locator('article').first().getByText('With birch-pollen allergy').waitFor();
    });
  });
  it('is made to keep work by work: what each leaves is noted, learned, and taken back', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Nettle seed' }).click();
      const winnowed = page.getByRole('listitem').filter({ hasText: 'winnowed' });
      await winnowed.getByText('Leaves about 70 % (53–93). Of 84 g that is 59 g.').waitFor();
      await press(page, 'winnowed: Done');
      await page.getByRole('textbox', { name: 'What is left, g' }).fill('50');
      await press(page, 'Save');
      await winnowed.getByText('✓ 15 May: 50 g').waitFor();
      await winnowed.getByText(/^Leaves about 6\d % .*, by 1 weighing\.$/).waitFor();
      await page.getByText(/as seed · 50 g left/).waitFor();
      await expectReach(page, 'works of a batch');
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByText(/as seed · 84 g left/).waitFor();
    });
  });
  it('knows of each person what they ate of and do not bear, and tells others only what is shared', async () => {
    await within({ as: 'Tavi', phone: true }, async (page) => {
      await page.goto(`${island.url}/larder`);
      await page.getByText(/What came of it\?/).waitFor();
      await page.getByRole('link', { name: 'Stinging nettle · green seed' }).click();
      const eating = page.getByRole('region', { name: 'Eating of it' });
      await press(page, 'Something');
      await eating.getByRole('textbox', { name: 'What it was' }).fill('itching hands');
      await eating.getByRole('checkbox').check();
      await expectReach(page, 'what came of a first taste');
      await press(page, 'Save');
      await eating.getByText('You do not bear it: eaten of 13 May (itching hands).').waitFor();
    });
    await within({ as: 'Ode' }, async (page) => {
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Nettle seed' }).click();
      await page.getByText('Tavi does not bear it: eaten of 13 May (itching hands).').waitFor();
      await page.getByText('You have not noted that you ate of it before.').waitFor();
      await press(page, 'cooked');
      await page.getByText(/^First eaten of today\. Wait until tomorrow/).waitFor();
      await page.goto(`${island.url}/group?tab=account`);
      await pick(page, 'A plant or a family', 'nettle family (Urticaceae)');
      await press(page, 'Add');
      await page.getByText(/^nettle family .* is noted\.$/).waitFor();
      await page.getByRole('button', { name: 'Take off: nettle family (Urticaceae)' }).waitFor();
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Nettle seed' }).click();
      await page.getByText('You do not bear it: nettle family (Urticaceae).').waitFor();
    });
    await within({ as: 'Mirel' }, async (page) => {
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Nettle seed' }).click();
      await page.getByText('Tavi does not bear it').waitFor();
      expect(await page.getByText('Ode does not bear it').count()).to.equal(0);
    });
  });
  it('locks the stand where something deadly was among it, and asks for another look where nobody can name a piece', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      const [searches, identities] = [await counted('search'), await counted('identity')];
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Sort' }).first().click();
      const heading = await page.getByRole('heading', { name: /^Sort / }).innerText();
      await page.getByRole('group', { name: 'something else' }).getByRole('button', { name: 'a few' }).click();
      const keep = page.getByRole('button', { name: 'Keep it' });
      // What it was has to be said.
      expect(await keep.isDisabled()).to.equal(true);
      await page.getByRole('group', { name: 'What it was' }).getByRole('button').first().click();
      await page.getByRole('group', { name: 'nobody can name it' }).getByRole('button', { name: 'a few' }).click();
      await page.getByText('The stand counts as not confirmed until somebody looks at it again.').waitFor();
      expect(await widerThanScreen(page)).to.equal(0);
      await keep.click();
      await page.getByText(/is in the larder\./).waitFor();
      await page.getByText(/^Something else was among what this shares something with/).waitFor();
      expect(await counted('search')).to.equal(searches + 1);
      expect(await counted('identity')).to.equal(identities + 1);
      const [[stand]] = await island.database.query<RowDataPacket[]>(
        "SELECT JSON_VALUE(body, '$.status') AS status FROM entry WHERE kind = 'identity' ORDER BY stored_at DESC LIMIT 1",
      );
      expect(stand!['status'], heading).to.equal('unconfirmed');
      // All of it is taken back at once.
      await page.getByRole('button', { name: /^Undo/ }).click();
      await page.getByText('Undone.').waitFor();
      await page.goto(`${island.url}/larder`);
      await page.getByRole('link', { name: 'Sort' }).first().waitFor();
    });
  });
  it('parts one basket into jars, says what of it was another stand’s and what was woody, and undoes all of it at once', async () => {
    const standing = async (
      plant: string,
    ): Promise<readonly { readonly amount: number; readonly waste: number | null }[]> => {
      const [rows] = await island.database.query<RowDataPacket[]>(
        `SELECT e.taken AS amount, JSON_VALUE(e.body, '$.wasteShare') AS waste FROM entry e JOIN stand s ON s.id = e.stand_id
         JOIN patch p ON p.id = s.patch_id LEFT JOIN entry later ON later.replaces = e.id
         WHERE e.kind = 'take' AND e.day = '2026-05-15' AND later.id IS NULL AND p.name = 'Mill hedge' AND s.plant_key = ?`,
        [plant],
      );
      return rows.map((r) => ({ amount: Number(r['amount']), waste: r['waste'] === null ? null : Number(r['waste']) }));
    };
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/hearth`);
      await page
        .getByRole('button', { name: /Stinging nettle/ })
        .first()
        .tap();
      await page.getByRole('link', { name: /^Take/ }).first().tap();
      for (let n = 0; n < 4; n++) await page.getByRole('button', { name: 'one more', exact: true }).tap();
      await page.getByRole('button', { name: 'Save the take' }).tap();
      await page.getByText(/4 .* saved/).waitFor();
      expect(await standing('nettle')).to.deep.equal([{ amount: 4, waste: null }]);
      await page.goto(`${island.url}/larder`);
      const line = page.getByRole('listitem').filter({ hasText: 'Mill hedge' }).filter({ hasText: 'nettle' });
      await line.getByRole('link', { name: 'Sort' }).tap();
      await page.getByRole('group', { name: 'woody, past' }).getByRole('button', { name: 'a quarter' }).tap();
      const weight = page.getByRole('textbox', { name: 'Weight, g' });
      await weight.fill('4000');
      await page.getByText(/This is far from it/).waitFor();
      await weight.fill('40');
      await page.getByText(/By what one weighs it is usually about/).waitFor();
      await page.getByRole('button', { name: 'One more jar of it' }).tap();
      await pick(page, /^It is$/, 'Elder');
      await pick(page, 'What of it', 'flower');
      const keep = page.getByRole('button', { name: 'Keep it' });
      expect(await keep.isDisabled(), 'how many is not said').to.equal(true);
      await page.getByRole('textbox', { name: 'How many' }).fill('2');
      expect(await widerThanScreen(page)).to.equal(0);
      await keep.tap();
      await page.getByText(/is in the larder\./).waitFor();
      expect(await standing('nettle')).to.deep.equal([{ amount: 4, waste: 0.25 }]);
      expect(await standing('elder')).to.deep.equal([{ amount: 2, waste: null }]);
      const [batches] = await island.database.query<RowDataPacket[]>(
        "SELECT s.plant_key AS plant FROM entry e JOIN stand s ON s.id = e.stand_id WHERE e.kind = 'batch' AND e.day = '2026-05-15' AND s.patch_id = (SELECT id FROM patch WHERE name = 'Mill hedge') ORDER BY 1",
      );
      expect(batches.map((b) => String(b['plant']))).to.deep.equal(['elder', 'nettle']);
      await page.getByRole('button', { name: /^Undo/ }).tap();
      await page.getByText('Undone.').waitFor();
      expect(await standing('nettle')).to.deep.equal([{ amount: 4, waste: null }]);
      expect(await standing('elder')).to.deep.equal([]);
    });
  });
});

describe('something deadly on the table', () => {
  const island = onIsland('emberfield_e2e_alarm');
  const { within } = island;

  it('alarms whoever took there, until they have read it, and nobody else', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/larder`);
      await page
        .getByRole('listitem')
        .filter({ hasText: 'Norway spruce' })
        .first()
        .getByRole('link', { name: 'Sort' })
        .tap();
      await page.getByRole('group', { name: 'something else' }).getByRole('button', { name: 'a few' }).tap();
      await page.getByRole('group', { name: 'What it was' }).getByRole('button', { name: /Yew/ }).tap();
      await page.getByRole('button', { name: 'Keep it' }).tap();
      await page.getByText(/is in the larder\./).waitFor();
    });
    const alarm = (page: Page) => page.getByRole('alert').filter({ hasText: 'Hold back what you took' });
    await within({ as: 'Ode', phone: true }, async (page) => {
      await alarm(page).first().waitFor();
      expect(await alarm(page).innerText()).to.match(/Norway spruce · tips, Brackmoor planting\. Yew was found there/);
      expect(await widerThanScreen(page)).to.equal(0);
      await expectReach(page, 'an alarm');
      await alarm(page).getByRole('button', { name: 'Seen' }).tap();
      await alarm(page).waitFor({ state: 'detached' });
      await page.reload();
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      expect(await alarm(page).count()).to.equal(0);
    });
    await within({ as: 'Brannoc', phone: true }, async (page) => {
      await page.getByRole('heading', { name: 'Take now' }).waitFor();
      await page.waitForLoadState('domcontentloaded');
      expect(await alarm(page).count()).to.equal(0);
    });
  });
});
