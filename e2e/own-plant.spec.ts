import { readFile } from 'node:fs/promises';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { freshDatabase, openScreen, startServer, type RunningServer, type Screen } from './application.ts';
import { pick } from './pick.ts';

/** A group of the new world, which finds nothing of its own woods on the list: it writes the plant itself, and takes of it. */
describe('a plant of one’s own, from nothing to a take', () => {
  let server: RunningServer;
  let screen: Screen;
  before(async () => {
    server = await startServer(await freshDatabase('emberfield_e2e_own_plant'), {
      EMBERFIELD_PORT: '0',
      EMBERFIELD_TODAY: '2026-10-05',
    });
    screen = await openScreen();
  });
  after(async () => {
    await screen.context.close();
    await server.stop();
  });
  const press = (name: string | RegExp) =>
    screen.page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .first()
      .click();
  const day = async (page: Page, label: string, typed: string): Promise<void> => {
    const field = page.getByLabel(label, { exact: true }).first();
    await field.click();
    await field.fill(typed);
    await field.press('Enter');
  };
  const save = () => press('Save the plant');

  it('is offered where it is not found, and refuses a species that is there', async () => {
    const { page } = screen;
    await page.goto(server.url);
    await page.getByLabel('One-time code').fill(server.foundingCode!);
    await page.getByLabel('Name of the group').fill('Creek people');
    await press('Eastern North America');
    await page.getByLabel('Your name').fill('Wren');
    await page.getByLabel('Name to sign in with').fill('wren');
    await page.getByLabel(/Password/).fill('nine salt ferns');
    await press('Found the group');
    await page.getByRole('heading', { name: 'Nothing stands here yet' }).waitFor();
    await page.goto(`${server.url}/plants`);
    // What grows there stands first, and nothing else is left out.
    await page.getByRole('link', { name: /^Wild leek/ }).waitFor();
    const names = await page.locator('.rows b').allTextContents();
    expect(names.indexOf('Wild leek')).to.be.below(names.indexOf('Ramsons'));
    await page.getByRole('heading', { name: /^Not known from your regions/ }).waitFor();
    await page.getByPlaceholder('Name, family').fill('Mockernut hickory');
    await page.getByRole('link', { name: 'Not on the list: add “Mockernut hickory”' }).click();
    await page.getByRole('heading', { name: 'A plant of your own' }).waitFor();
    expect(await page.getByLabel('Name', { exact: true }).inputValue()).to.equal('Mockernut hickory');
    await page.getByLabel('Latin name, genus and species').fill('Urtica dioica');
    await page.getByRole('link', { name: /copy it instead/ }).waitFor();
    await save();
    await page.getByText('This species is in the list already').waitFor();
  });
  it('is written in dates, drawings and words, and says what is missing beside the field', async () => {
    const { page } = screen;
    await page.getByLabel('Latin name, genus and species').fill('Carya tomentosa');
    await page.getByLabel('Family').fill('Juglandaceae');
    await pick(page, 'Kind', 'tree');
    await page.getByLabel(/^Region/).fill('eastern woods');
    await pick(page, 'Add a part', 'fruit');
    await day(page, 'fruit, from', '15 Sep');
    await day(page, 'fruit, to', '31 Oct');
    await page.getByLabel(/^A plant carries about/).fill('200');
    await page.getByLabel(/^At most a plant/).fill('30');
    await save();
    // What the form still wants it says at its field, and goes there.
    await page.getByText('This is missing.').first().waitFor();
    await page.getByLabel('What for, in a word or two').fill('shelled');
    await day(page, 'leaves come out', '5 May');
    await press(/^One that is not on the list/);
    await page.getByLabel('Its name').fill('Buckeye');
    await page.getByLabel('Latin name, genus and species').nth(1).fill('Aesculus flava');
    await page.getByLabel('Told apart by').fill('one large pale scar, no shell within');
    await page
      .getByRole('group', { name: 'Buckeye, It is' })
      .getByRole('button', { name: 'poisonous', exact: true })
      .click();
    await page.getByText('until somebody enters it with its signs').waitFor();
    for (const [kind, states] of [
      [/The whole plant/, ['a tree']],
      [/^(collapsed )?Leaves/, ['feathered once', 'fine teeth', 'short and soft']],
      [/Stem$/, ['one by one']],
      [/Fruit and seeds/, ['a nut']],
    ] as const) {
      await press(kind);
      for (const state of states) await press(state);
    }
    // What was typed is still there after the page was closed.
    await page.reload();
    expect(await page.getByLabel('Its name').inputValue()).to.equal('Buckeye');
    await save();
    await page.getByText('Plant saved.').waitFor();
    await page.getByRole('heading', { name: 'Mockernut hickory' }).waitFor();
    expect(screen.complaints).to.deep.equal([]);
  });
  it('stays shut until its dangerous twin is on the list too, is then known by its signs, and taken', async () => {
    const { page } = screen;
    await page.getByRole('link', { name: 'Grows at a place I know' }).click();
    await page.getByLabel('Name of the place').fill('Creek terrace');
    await page.getByLabel('Latitude').fill('40.2');
    await page.getByLabel('Longitude').fill('-80.5');
    await press('Save patch and plant');
    await page.getByRole('heading', { name: 'Mockernut hickory · Creek terrace' }).waitFor();
    const stand = page.url();
    const settle = async (): Promise<void> => {
      await page.goto(stand);
      await page.getByRole('link', { name: 'Settle what it is' }).click();
    };
    await settle();
    for (const sign of ['a tree', 'feathered once', 'a nut']) await press(sign);
    await page.getByText('until somebody enters it with its signs').waitFor();
    expect(await page.getByRole('button', { name: 'confirmed', exact: true }).count()).to.equal(0);
    await page.goto(`${server.url}/own-plants/new?name=Buckeye`);
    await page.getByLabel('Latin name, genus and species').fill('Aesculus flava');
    await page.getByLabel('Family').fill('Sapindaceae');
    await pick(page, 'Kind', 'tree');
    await press('poisonous');
    await press(/The whole plant/);
    await press('a tree');
    await save();
    await page.getByText(/signs of two organs at least/).waitFor();
    for (const [kind, state] of [
      [/^(collapsed )?Leaves/, 'hand, lobed'],
      [/Fruit and seeds/, 'a dry capsule'],
    ] as const) {
      await press(kind);
      await press(state);
    }
    await save();
    await page.getByText('Plant saved.').waitFor();
    // What was seen before is still noted; the list knows a twin that nobody thought of, and says what would settle it.
    await settle();
    await page
      .getByText(/Horse chestnut .*not ruled out|Horse chestnut and/)
      .first()
      .waitFor();
    for (const sign of ['one by one', 'short and soft']) await press(sign);
    await press('confirmed');
    await press('Save what was seen');
    // Nobody has said from when on buckeyes can be told apart: who is not cleared takes none.
    await page
      .getByText(/one by one only, by somebody cleared/)
      .first()
      .waitFor();
    await page.goto(`${server.url}/plants/mockernut-hickory`);
    await page.getByRole('link', { name: 'Change' }).click();
    await pick(page, 'Can be told apart', 'at any time');
    await save();
    await page.getByText('Plant saved.').waitFor();
    await page.goto(stand);
    await page
      .getByText(/30 fruit a plant/)
      .first()
      .waitFor();
    await page.keyboard.press('k');
    await press('one more');
    await press('Save the take');
    await page.getByText('1 fruit saved.').waitFor();
  });
  it('goes out as a file, and comes in again as what it was', async () => {
    const { page } = screen;
    await page.goto(`${server.url}/plants/mockernut-hickory`);
    const [file] = await Promise.all([page.waitForEvent('download'), press('Save as a file')]);
    const text = await readFile(await file.path(), 'utf8');
    expect(file.suggestedFilename()).to.equal('mockernut-hickory.json');
    await page.goto(`${server.url}/own-plants/file`);
    const choose = (content: string) =>
      page
        .locator('input[type=file]')
        .setInputFiles({ name: 'plant.json', mimeType: 'application/json', buffer: Buffer.from(content) });
    await choose('{"format":"something"}');
    await page.getByText('This is no plant file').waitFor();
    await choose(text.replace('"tree"', '"cloud"'));
    await page.getByText('profile.habit').waitFor();
    await choose(text);
    await page.getByText('It comes in as a new version of your own Mockernut hickory.').waitFor();
    await page.getByText('one large pale scar').waitFor();
    await press('Take it into the list');
    await page.getByText('Plant saved.').waitFor();
    expect(screen.complaints).to.deep.equal([]);
  });
  it('cannot go off the list while a stand is of it; what nobody needs can, and back', async () => {
    const { page } = screen;
    await press('Take off the list');
    await page.getByText('it stays').waitFor();
    await page.goto(`${server.url}/plants/ramsons/edit`);
    await page.getByText('of Ramsons').first().waitFor();
    await page.getByLabel('Its name').fill('Ramsons of the creek');
    await day(page, 'late', '1 May');
    await press('Add a caution');
    await page.getByLabel('Cautions').last().fill('Slippery bank.');
    await save();
    await page.getByRole('heading', { name: 'Ramsons of the creek' }).waitFor();
    await page.getByText('Slippery bank.').waitFor();
    await press('Take off the list');
    await page.getByText('Ramsons of the creek is off the list.').waitFor();
    await page.keyboard.press('u');
    await page.getByRole('heading', { name: 'Ramsons of the creek' }).waitFor();
    await page.getByText('Slippery bank.').waitFor();
    expect(screen.complaints).to.deep.equal([]);
  });
});
