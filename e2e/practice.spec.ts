import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { noisyPicture } from './noisy-picture.ts';
import { onIsland } from './on-island.ts';
import { expectReach } from './views.ts';

describe('practice', () => {
  const island = onIsland('emberfield_e2e_practice');
  const { within } = island;
  /** Answers one question by what the page itself says is right, or says that one does not know. */
  async function answer(page: Page, how: 'firstGuess' | 'noIdea'): Promise<string> {
    const question = await page.getByRole('heading', { level: 2 }).innerText();
    if (how === 'noIdea') await page.getByRole('button', { name: 'I do not know' }).click();
    else {
      const leaves = page.getByRole('textbox', { name: 'Leaves' });
      if (await leaves.count()) await leaves.fill('0');
      else await page.getByRole('group').getByRole('button').first().click();
      await page.getByRole('button', { name: 'I guess' }).click();
    }
    await page.getByText(/^It comes again (today|on )/).waitFor();
    return question;
  }

  it('asks five, says what is right and when it comes again, and remembers over a reload what nobody else sees', async () => {
    await within({ as: 'Mirel' }, async (page) => {
      await page.goto(`${island.url}/plants`);
      await page.getByRole('link', { name: 'Practice' }).click();
      await page.getByText('Nothing is due.').waitFor();
      await page.getByRole('button', { name: 'Begin' }).click();
      const asked: string[] = [];
      for (let i = 1; i <= 5; i++) {
        await page.getByText(`Question ${i} of 5`).waitFor();
        asked.push(await answer(page, i % 2 ? 'noIdea' : 'firstGuess'));
        await page.keyboard.press('Enter');
      }
      await page.getByText('0 of 5 right and sure.').waitFor();
      expect(new Set(asked).size).to.equal(5);
      expect(asked.some((q) => q.startsWith('You think:'))).to.equal(true);
      expect(asked.some((q) => q.includes('How many leaves?'))).to.equal(true);
      const kept = await page.evaluate(
        () => JSON.stringify({ ...localStorage }).match(/(?:pair|stage|amount|sign|photo):/g)?.length,
      );
      await page.reload();
      await page.getByRole('button', { name: 'Begin' }).waitFor();
      expect(kept).to.be.at.least(5);
    });
    await within({ as: 'Ode' }, async (page) => {
      await page.goto(`${island.url}/practice`);
      await page.getByText('Nothing is due.').waitFor();
    });
  });
  it('is done in the hand', async () => {
    await within({ as: 'Ode', phone: true }, async (page) => {
      await page.goto(`${island.url}/practice`);
      await page.getByRole('button', { name: 'Begin' }).click();
      await page.getByText('Question 1 of 5').waitFor();
      await expectReach(page, 'practice');
    });
  });
  it('asks what the group’s own photos show', async () => {
    await within({ as: 'Ode', phone: true }, async (page) => {
      await page.goto(`${island.url}/hearth`);
      const id = await page.evaluate(async () => {
        const session = (await (await fetch('/api/session')).json()) as { groups: { id: string }[] };
        const hearth = (await (await fetch(`/api/groups/${session.groups[0]!.id}/hearth`)).json()) as {
          stands: { id: string; plantKey: string; identity: string }[];
        };
        return hearth.stands.find((s) => s.plantKey === 'ramsons' && s.identity === 'confirmed')!.id;
      });
      await page.goto(`${island.url}/stands/${id}?tab=record`);
      await page.locator('input[type=file]').setInputFiles({
        ...{ name: 'a.png', mimeType: 'image/png' },
        buffer: await noisyPicture(page, 300, 200),
      });
      await page.getByText(/^Photo saved/).waitFor();
      await page.goto(`${island.url}/practice`);
      await page.getByRole('button', { name: 'Begin' }).click();
      const question = page.getByRole('heading', { name: 'Which plant is this?' });
      for (let i = 0; i < 4 && !(await question.isVisible()); i++) {
        await answer(page, 'noIdea');
        await page.getByRole('button', { name: 'Next' }).click();
      }
      const picture = page.getByRole('img', { name: 'A photo that the group took' });
      await picture.waitFor();
      await expectReach(page, 'a photo that is asked for');
      await answer(page, 'noIdea');
      await page.getByText('It is: Ramsons').waitFor();
    });
  });
  it('lets a year be played by own rules, and tells when it is over what was true', async () => {
    await within({ as: 'Mirel', phone: true }, async (page) => {
      await page.goto(`${island.url}/practice`);
      await page.getByRole('link', { name: 'A made-up year' }).click();
      const ramsons = page.getByRole('region', { name: /^Ramsons/ });
      await ramsons.getByText('Nobody has been there this year.').waitFor();
      await ramsons.getByRole('button', { name: /^Go there/ }).click();
      await ramsons.getByText(/by eye, 1 March/).waitFor();
      await ramsons.getByRole('button', { name: /^Count all/ }).click();
      await page.getByText('Year 1, 1 March. 4 hours are left of this fortnight.').waitFor();
      await ramsons.getByRole('textbox', { name: /Plants to take from/ }).fill('130');
      await ramsons.getByText('That is more than your rule.').waitFor();
      await ramsons.getByRole('textbox', { name: /Plants to take from/ }).fill('1000');
      await ramsons.getByText('There is no time left for that this fortnight.').waitFor();
      expect(await ramsons.getByRole('button', { name: /^Take/ }).isDisabled()).to.equal(true);
      await ramsons.getByRole('textbox', { name: /Plants to take from/ }).fill('40');
      await ramsons.getByRole('button', { name: /^Take/ }).click();
      await expectReach(page, 'a made-up year');
      // What was done outlives a reload, and what is true is told only when the year is over.
      await page.reload();
      await ramsons.getByText('Taken from 40 plants this year.').waitFor();
      expect(await page.getByText('There were').count()).to.equal(0);
      await page.getByRole('button', { name: 'On to the end of the year' }).click();
      await ramsons.getByText(/^There were \d+ plants. You thought \d+/).waitFor();
      await ramsons.getByText(/^You took from 40: /).waitFor();
      await ramsons.getByText(/^By your counts Emberfield would have said \d+ a year/).waitFor();
      const burdock = page.getByRole('region', { name: /^Greater burdock/ });
      await burdock.getByText('Without a count Emberfield would have said nothing.').waitFor();
      await expectReach(page, 'what was true of it');
      await page.getByRole('button', { name: 'One more year' }).click();
      await page.getByText(/^Year 2, 1 March/).waitFor();
      await page.getByRole('button', { name: 'Another island' }).click();
      await page.getByRole('tooltip').getByRole('button', { name: 'Another island' }).click();
      await page.getByText(/^Year 1, 1 March. 8 hours/).waitFor();
    });
  });
});
