import { expect } from 'chai';
import { ROUTES, acceptInvitationSchema, foundingSchema, groupSettingsSchema } from '../index.ts';

const account = { signInName: 'mirel', name: 'Mirel', password: 'ten letters or more' };
const fits = (schema: { isValidSync: (v: unknown, o: object) => boolean }, value: unknown): boolean =>
  schema.isValidSync(value, { strict: true });

describe('a new account', () => {
  it('has a sign-in name that can be typed anywhere', () => {
    for (const signInName of ['mirel', 'm2', 'mirel.of-the_hill'])
      expect(fits(acceptInvitationSchema, { ...account, signInName })).to.equal(true);
    for (const signInName of ['m', 'Mirel', 'mirel hill', '.mirel', 'mírel', 'x'.repeat(41), ''])
      expect(fits(acceptInvitationSchema, { ...account, signInName }), signInName).to.equal(false);
  });
  it('has a password of ten characters, of any kind, with a bound', () => {
    const withPassword = (password: unknown) => fits(acceptInvitationSchema, { ...account, password });
    expect(withPassword('a b c d e ')).to.equal(true);
    expect(withPassword('🌱'.repeat(5))).to.equal(true);
    for (const password of ['nine char', '', 'x'.repeat(201), 1234567890])
      expect(withPassword(password)).to.equal(false);
  });
  it('brings no role along: a guest cannot make themselves keeper', () => {
    expect(fits(acceptInvitationSchema, { ...account, role: 'keeper' })).to.equal(false);
  });
});

describe('a group', () => {
  const group = { name: 'Hill people', zone: 'Europe/Helsinki', units: 'metric', regions: ['northernEurope'] };
  it('lies in a zone that the calendar knows', () => {
    for (const zone of ['UTC', 'Pacific/Auckland'])
      expect(fits(groupSettingsSchema, { ...group, zone })).to.equal(true);
    for (const zone of ['Atlantis/Lost', '', 'local'])
      expect(fits(groupSettingsSchema, { ...group, zone })).to.equal(false);
  });
  it('has a name of one line: calendars and files end with the line', () => {
    for (const end of ['\n', '\r\n', '\u2028', '\u0085'])
      expect(
        fits(groupSettingsSchema, { ...group, name: `Hill${end}DESCRIPTION:people` }),
        JSON.stringify(end),
      ).to.equal(false);
    expect(fits(groupSettingsSchema, { ...group, name: 'Hill: people, and more' })).to.equal(true);
  });
  it('is founded with its keeper in one go', () => {
    const founding = {
      code: 'x',
      groupId: '01900000-0000-7000-8000-000000000001',
      groupName: 'Us',
      zone: 'UTC',
      units: 'metric',
      regions: [],
      keeper: account,
    };
    expect(fits(foundingSchema, founding)).to.equal(true);
    const { keeper: _, ...without } = founding;
    expect(fits(foundingSchema, without)).to.equal(false);
  });
});

describe('the table of routes', () => {
  const routes = Object.entries(ROUTES);
  it('names every method and path once', () => {
    const names = routes.map(([, r]) => `${r.method} ${r.path}`);
    expect(new Set(names).size).to.equal(names.length);
  });
  it('asks for a member wherever a group is named, and for nobody stronger to read than to change', () => {
    for (const [name, { path, who, method }] of routes) {
      if (path.includes(':groupId')) expect(['watcher', 'picker', 'keeper'], name).to.include(who);
      // A member's own calendar, what they eat, and going away oneself change nothing for the others.
      if (['makeCalendarFeed', 'endCalendarFeed', 'leaveGroup', 'saveTaste', 'removeTaste'].includes(name)) continue;
      if (path.includes(':groupId') && method !== 'get') expect(who, name).not.to.equal('watcher');
    }
  });
  it('takes no body where it only reads', () => {
    for (const [name, { method, body }] of routes) if (method === 'get') expect(body, name).to.equal(null);
  });
});
