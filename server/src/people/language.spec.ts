import { expect } from 'chai';
import request from 'supertest';
import type { HearthView, NewCalendarFeed, PatchView, SessionView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { as, type Person } from '../testing/test-server.ts';

describe('the language of a person', () => {
  const group = openedGroup();
  const sessionOf = async (who: Person): Promise<SessionView> =>
    (await as(group.server, who, 'get', '/api/session')).body as SessionView;
  const choose = (who: Person, language: unknown) => as(group.server, who, 'put', '/api/language').send({ language });

  it('is nobody’s until they choose one, follows them, and can be given back to the device', async () => {
    expect((await sessionOf(group.keeper)).account!.language).to.equal(null);
    await choose(group.keeper, 'de').expect(204);
    expect((await sessionOf(group.keeper)).account!.language).to.equal('de');
    await choose(group.keeper, null).expect(204);
    expect((await sessionOf(group.keeper)).account!.language).to.equal(null);
  });
  it('is one of those there are, or the request is refused and nothing changes', async () => {
    for (const language of ['fr', 'DE', '', 7, ['de']]) await choose(group.keeper, language).expect(400);
    await as(group.server, group.keeper, 'put', '/api/language').send({}).expect(400);
    expect((await sessionOf(group.keeper)).account!.language).to.equal(null);
  });
  it('is spoken by refusals as the request asks, in English where it asks for none that is known', async () => {
    const said = async (header: string | null): Promise<string> => {
      const asked = request(group.server.url).get('/api/sessions');
      return (await (header === null ? asked : asked.set('accept-language', header))).body.error.message as string;
    };
    expect(await said('de')).to.equal('Bitte melde dich erst an.');
    expect(await said('de-AT,de;q=0.9,en;q=0.5')).to.equal('Bitte melde dich erst an.');
    expect(await said('fi, en;q=0.1')).to.equal('Please sign in first.');
    expect(await said(null)).to.equal('Please sign in first.');
    expect(await said('*;;;q=%%')).to.equal('Please sign in first.');
  });
  it('is what a secret place is called in, for each who reads of it, and never its name', async () => {
    const { patchId } = await group.stand('elder', { patch: { name: 'Hidden dell', secret: true } });
    const picker = await group.join('picker');
    const hearthIn = async (language: string) =>
      ((await group.ask('get', 'hearth', picker).set('accept-language', language).expect(200)).body as HearthView)
        .stands[0]!.patchName;
    // One after the other, from what is kept: neither is given what was written for the other.
    expect(await hearthIn('en')).to.equal('a place kept secret');
    expect(await hearthIn('de')).to.equal('ein geheim gehaltener Ort');
    expect(await hearthIn('en')).to.equal('a place kept secret');
    const [seen] = (await group.ask('get', 'patches', picker).set('accept-language', 'de'))
      .body as readonly PatchView[];
    expect([seen!.id, seen!.name]).to.deep.equal([patchId, 'ein geheim gehaltener Ort']);
  });
  it('is the one of their calendar, which no browser reads', async () => {
    await group.stand('elder');
    await choose(group.keeper, 'de').expect(204);
    const { path } = (await group.ask('post', 'calendar').send({ kinds: ['opens'] })).body as NewCalendarFeed;
    const text = (await request(group.server.url).get(path).expect(200)).text.replace(/\r\n /g, '');
    expect(text).to.include('Schwarzer Holunder\\, Mill hedge: Blütenköpfe offen');
    expect(text).to.match(/Öffnet in 8 von 10 Fällen zwischen .* und .*es bestimmt nicht/);
  });
});
