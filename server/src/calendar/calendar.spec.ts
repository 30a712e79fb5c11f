import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import request from 'supertest';
import type { CalendarKind, NewCalendarFeed, Notice } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import {
  emptyGroup,
  entryOf,
  identityBody,
  person,
  searchBody,
  send,
  signsOf,
  standOf,
  takeBody,
} from '../testing/test-server.ts';
import { moved } from './operations/announce.ts';

const ALL: readonly CalendarKind[] = ['opens', 'lastCall', 'duty', 'leave'];

describe('a calendar to read along', () => {
  const group = openedGroup();
  const make = async (kinds = ALL, who = group.keeper): Promise<string> =>
    ((await group.ask('post', 'calendar', who).send({ kinds }).expect(200)).body as NewCalendarFeed).path;
  const read = async (path: string): Promise<string> => {
    const answer = await request(group.server.url)
      .get(path)
      .expect(200)
      .expect('content-type', /text\/calendar/);
    // Long lines are folded; what they say is not.
    return answer.text.replace(/\r\n /g, '');
  };
  const eventsOf = (text: string): readonly Record<string, string>[] =>
    text
      .split('BEGIN:VEVENT')
      .slice(1)
      .map((event) =>
        Object.fromEntries(
          event
            .split('\r\n')
            .filter((l) => l.includes(':'))
            .map((l) => [l.slice(0, l.search(/[:;]/)), l.slice(l.indexOf(':') + 1)]),
        ),
      );
  const opening = (text: string) => eventsOf(text).find((e) => /flower heads open/.test(e['SUMMARY']!))!;
  const late = (place: Awaited<ReturnType<typeof standOf>>) =>
    group.tellAll(
      [2023, 2024, 2025].flatMap((year) =>
        ['05-24', '05-27'].map((day, k) =>
          entryOf(
            place,
            'stageSighting',
            { stage: 'firstFlowers', reached: k === 1, share: null },
            { day: `${year}-${day}` },
          ),
        ),
      ),
    );

  it('holds whole days with how sure they are, and keeps its caution', async () => {
    await group.stand('elder');
    const event = opening(await read(await make()));
    expect(event['SUMMARY']).to.equal('Elder\\, Mill hedge: flower heads open');
    expect(event['DTSTART']).to.match(/^2026\d{4}$/);
    expect(event['DESCRIPTION']).to.match(/Opens in 8 of 10 between .*Likely until .*does not identify/);
    expect(event['SEQUENCE'] ?? '0').to.equal('0');
  });
  it('moves an entry instead of doubling it when the day moves', async () => {
    const place = await group.stand('elder');
    const path = await make();
    const before = opening(await read(path));
    await late(place);
    const text = await read(path);
    const after = opening(text);
    expect(after['UID']).to.equal(before['UID']);
    expect(after['DTSTART']! > before['DTSTART']!).to.equal(true);
    expect(after['SEQUENCE']).to.equal('1');
    const uids = eventsOf(text).map((e) => e['UID']);
    expect(new Set(uids).size).to.equal(uids.length);
    expect(opening(await read(path))['SEQUENCE']).to.equal('1');
  });
  it('is read by an independent calendar program, which moves the entry too', async () => {
    const place = await group.stand('elder');
    const path = await make(['opens']);
    const khal = new Khal();
    try {
      khal.take(await read(path));
      const [first] = khal.list().filter((l) => l.includes('flower heads open'));
      expect(first).to.match(/^2026-0[456]-\d\d Elder, Mill hedge: flower heads open$/);
      await late(place);
      khal.take(await read(path));
      const again = khal.list().filter((l) => l.includes('flower heads open'));
      expect(again).to.have.length(1);
      expect(again[0]! > first!).to.equal(true);
    } finally {
      khal.remove();
    }
  }).timeout(60_000);
  it('holds only the kinds that were asked for', async () => {
    const patch = { leave: 'given' as const, leaveUntil: '2026-06-20' };
    await group.stand('elder', { patch });
    const leave = eventsOf(await read(await make(['leave'])));
    expect(leave.map((e) => [e['DTSTART'], e['SUMMARY']])).to.deep.equal([
      ['20260620', 'Elder\\, Mill hedge: the owner’s leave ends on 20 June'],
    ]);
    await group.ask('post', 'calendar').send({ kinds: [] }).expect(400);
    await group
      .ask('post', 'calendar')
      .send({ kinds: ['all'] })
      .expect(400);
  });
  it('says where nothing is settled, and is silent on what is protected', async () => {
    await group.stand('elder', { identity: 'unconfirmed' });
    await group.stand('arnica');
    const text = await read(await make());
    expect(opening(text)['DESCRIPTION']).to.include('not settled yet');
    expect(
      eventsOf(text).filter((e) => /Arnica/.test(e['SUMMARY']!) && /open|last call/.test(e['SUMMARY']!)),
    ).to.deep.equal([]);
  });
  it('names no secret place and no position', async () => {
    await group.stand('elder', {
      patch: { name: 'Hidden dell', secret: true, geometry: { type: 'Point', coordinates: [-30.123, 46.456] } },
    });
    const text = await read(await make());
    expect(text).to.include('a place kept secret');
    for (const part of ['Hidden dell', '46.4', '30.1', 'GEO', 'LOCATION']) expect(text).not.to.include(part);
  });
  it('ends when it is renewed, taken away, or its person leaves the group', async () => {
    await group.stand('elder');
    const first = await make();
    const second = await make();
    await request(group.server.url).get(first).expect(404);
    await read(second);
    await group.ask('delete', 'calendar').expect(204);
    await request(group.server.url).get(second).expect(404);
    const other = await group.join('watcher');
    const theirs = await make(ALL, other);
    await read(theirs);
    await group.ask('delete', `members/${other.accountId}`).expect(204);
    await request(group.server.url).get(theirs).expect(404);
  });
  it('tells its owner when it was made and read, and never its address again', async () => {
    const feed = async () =>
      (await group.ask('get', 'calendar').expect(200)).body as {
        feed: Record<string, unknown> | null;
      };
    expect(await feed()).to.deep.equal({ feed: null });
    const path = await make(['duty']);
    expect((await feed()).feed).to.include({ lastReadAt: null });
    await read(path);
    const { feed: after } = await feed();
    expect(after!['lastReadAt']).to.be.a('string');
    expect(after).to.have.all.keys('kinds', 'madeAt', 'lastReadAt');
  });

  describe('notices', () => {
    const notices = async (who = group.keeper): Promise<readonly Notice[]> =>
      (await group.ask('get', 'notices', who).expect(200)).body as readonly Notice[];
    const seen = (place: Awaited<ReturnType<typeof standOf>>, reached: boolean, day: string) =>
      group.tellAll([entryOf(place, 'stageSighting', { stage: 'firstFlowers', reached, share: null }, { day })]);

    it('say that a window moved far from what was said before, once it has', async () => {
      const place = await group.stand('elder');
      const before = await notices();
      expect(before.filter((n) => n.kind === 'moved')).to.deep.equal([]);
      await late(place);
      const [moved] = (await notices()).filter((n) => n.kind === 'moved' && n.partName['en'] === 'flower heads');
      expect(moved!.day > moved!.before!).to.equal(true);
      expect(moved).to.include({ standId: place.standId, patchName: 'Mill hedge' });
    });
    it('say what opens within three days', async () => {
      const place = await group.stand('elder');
      await seen(place, true, '2026-05-15');
      const all = await notices();
      expect(
        all.filter((n) => n.kind === 'opensSoon').every((n) => n.day > '2026-05-15' && n.day <= '2026-05-18'),
      ).to.equal(true);
    });
    it('say the last call with the day on which it likely ends', async () => {
      const place = await group.stand('birch');
      const saw = (stage: string, reached: boolean, day: string) =>
        entryOf(place, 'stageSighting', { stage, reached, share: null }, { day });
      await group.tellAll([
        saw('youngLeaf', true, '2026-04-20'),
        saw('fullLeaf', false, '2026-05-11'),
        saw('fullLeaf', true, '2026-05-13'),
      ]);
      const [last] = (await notices()).filter((n) => n.kind === 'lastCall');
      expect(last).to.include({ standId: place.standId, before: null });
      // Five days after full leaf, which came on the 12th or 13th.
      expect(last!.day).to.be.oneOf(['2026-05-17', '2026-05-18']);
    });
    it('are for everyone of the group, and nobody else', async () => {
      const watcher = await group.join('watcher');
      expect(await notices(watcher)).to.deep.equal([]);
      const stranger = await person(group.server, [[await emptyGroup(group.server), 'keeper']]);
      await group.ask('get', 'notices', stranger).expect(404);
    });
    it('raise an alarm with those who took there before something deadly was found, and with nobody else', async () => {
      const place = await group.stand('nettle', { patch: { name: 'Mill hedge' } });
      const [picker, other] = [await group.join('picker'), await group.join('picker')];
      const took = (who: typeof picker, day: string) =>
        send(group.server, who, group.groupId, [entryOf(place, 'take', takeBody(3), { day })]);
      await took(picker, '2026-05-10');
      await took(group.keeper, '2026-03-01');
      const deadly = (over: object) =>
        entryOf(place, 'search', searchBody('Conium maculatum', true, { deadly: true }), {
          day: '2026-05-13',
          ...over,
        });
      const alarms = async (who: typeof picker) => (await notices(who)).filter((n) => n.kind === 'alarm');
      await group.tellAll([entryOf(place, 'search', searchBody('Lamium album', true), { day: '2026-05-13' })]);
      expect(await alarms(picker)).to.deep.equal([]);
      const found = deadly({});
      await group.tellAll([found]);
      const [alarm] = await alarms(picker);
      expect(alarm).to.deep.include({ standId: place.standId, found: { en: 'Conium maculatum' }, day: '2026-05-13' });
      expect(alarm).to.deep.include({ patchName: 'Mill hedge' });
      // Taken too long ago, taken after it was known, or not at all.
      await took(other, '2026-05-15');
      for (const who of [group.keeper, other]) expect(await alarms(who)).to.deep.equal([]);
      await group.tellAll([
        entryOf(place, 'withdrawal', { reason: 'was not' }, { replaces: found.id }),
        deadly({ day: '2026-04-20' }),
      ]);
      expect(await alarms(picker), 'long ago').to.deep.equal([]);
    });
    it('keep silent about what rests', async () => {
      const place = await group.stand('elder', { restUntil: '2028-01-01' });
      await group.tellAll([entryOf(place, 'identity', identityBody('confirmed', { seen: signsOf('elder') }))]);
      expect(await notices()).to.deep.equal([]);
    });
  });

  describe('what was announced', () => {
    const row = {
      groupId: '',
      keyDigest: Buffer.alloc(32),
      day: '2026-05-20',
      sequence: 3,
      plannedDay: '2026-05-20',
      movedFrom: null,
      movedOn: null,
    };
    it('stays as it is while its day does', () => expect(moved(row, '2026-05-20', '2026-05-15')).to.equal(row));
    it('counts a small move and does not tell it', () =>
      expect(moved(row, '2026-05-24', '2026-05-15')).to.include({ sequence: 4, day: '2026-05-24', movedOn: null }));
    it('tells small moves once they add up to a great one', () => {
      const small = moved(row, '2026-05-23', '2026-05-15');
      expect(moved(small, '2026-05-25', '2026-05-16')).to.include({
        movedFrom: '2026-05-20',
        movedOn: '2026-05-16',
        plannedDay: '2026-05-25',
        sequence: 5,
      });
    });
  });
});

/** A calendar program of somebody else's making, with a calendar of its own in a folder that is thrown away. */
class Khal {
  private readonly folder = mkdtempSync(join(tmpdir(), 'emberfield-khal-'));

  constructor() {
    mkdirSync(join(this.folder, 'calendar'));
    writeFileSync(
      join(this.folder, 'config'),
      [
        '[calendars]',
        '[[wild]]',
        `path = ${join(this.folder, 'calendar')}`,
        '[sqlite]',
        `path = ${join(this.folder, 'khal.db')}`,
        '[locale]',
        'timeformat = %H:%M',
        'dateformat = %Y-%m-%d',
        'longdateformat = %Y-%m-%d',
        'datetimeformat = %Y-%m-%d %H:%M',
        'longdatetimeformat = %Y-%m-%d %H:%M',
        'default_timezone = UTC',
        'local_timezone = UTC',
        '[default]',
        'default_calendar = wild',
        '',
      ].join('\n'),
    );
  }
  take(ics: string): void {
    const file = join(this.folder, 'in.ics');
    writeFileSync(file, ics);
    this.run('import', '--batch', '-a', 'wild', file);
  }
  list(): readonly string[] {
    return this.run('list', '--day-format', '', '--format', '{start-date} {title}', '2026-04-01', '400d')
      .split('\n')
      .filter((l) => l.trim() !== '');
  }
  remove(): void {
    rmSync(this.folder, { recursive: true, force: true });
  }
  private run(...args: readonly string[]): string {
    return execFileSync('khal', ['-c', join(this.folder, 'config'), ...args], {
      encoding: 'utf8',
      env: { ...process.env, LC_ALL: 'C.UTF-8' },
    });
  }
}
