import { expect } from 'chai';
import type { ErrorBody, HearthView, PartOutlook, StandView, TideView } from '@emberfield/contract';
import { v7 as newId } from 'uuid';
import { AppError } from '../platform/errors.ts';
import { clockIn, dayIn, instantIn } from '@emberfield/core/measure';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, takeBody, TODAY } from '../testing/test-server.ts';
import { readTide } from './operations/read-tide.ts';

const harmonics = (over: object = {}): string =>
  JSON.stringify({ meanLevelM: 2, constituents: [{ name: 'S2', amplitudeM: 1, phaseDeg: 0 }], ...over });

describe('a file of the tide', () => {
  const why = (text: string, zone = 'UTC'): string => {
    try {
      readTide(text, zone);
      return 'read';
    } catch (error) {
      if (!(error instanceof AppError)) throw error;
      return `${error.field} ${error.reason}`;
    }
  };
  it('lists constituents with amplitude and phase about a mean level', () =>
    expect(readTide(harmonics(), 'UTC')).to.deep.equal({
      kind: 'harmonic',
      meanLevelM: 2,
      constituents: [{ name: 'S2', amplitudeM: 1, phaseDeg: 0 }],
    }));
  it('is taken whole or not at all, and says where it fails', () => {
    const of = (c: object) => harmonics({ constituents: [{ name: 'M2', amplitudeM: 1, phaseDeg: 0 }, c] });
    expect(why('{"meanLevelM": 2')).to.equal('file notJson');
    expect(why(harmonics({ meanLevelM: '2' }))).to.equal('meanLevelM noMeanLevel');
    expect(why(harmonics({ constituents: [] }))).to.equal('constituents noConstituents');
    expect(why(of({ name: 'XX9', amplitudeM: 1, phaseDeg: 0 }))).to.equal('constituents.2 unknownConstituent');
    expect(why(of({ name: 'M2', amplitudeM: 1, phaseDeg: 0 }))).to.equal('constituents.2 sameConstituentTwice');
    expect(why(of({ name: 'S2', amplitudeM: -1, phaseDeg: 0 }))).to.equal('constituents.2 noAmplitude');
    expect(why(of({ name: 'S2', amplitudeM: 1 }))).to.equal('constituents.2 noPhase');
  });
  it('is a table of high and low waters, with headings or without, by the group’s clock or an offset', () => {
    const lines = [
      'time,level,turn',
      '2026-05-15 05:10,"0,6",low',
      '2026-05-15T11:20+01:00,4.1,high',
      '2026-05-15 17:30,0.8,LW',
    ];
    const source = readTide(lines.join('\n'), 'Europe/Lisbon');
    expect(
      source.kind === 'table' && source.turns.map((t) => [new Date(t.at).toISOString(), t.levelM, t.high]),
    ).to.deep.equal([
      ['2026-05-15T04:10:00.000Z', 0.6, false],
      ['2026-05-15T10:20:00.000Z', 4.1, true],
      ['2026-05-15T16:30:00.000Z', 0.8, false],
    ]);
  });
  it('may leave out which is high: it shows, of single levels and of a course of the water', () => {
    const single = readTide('2026-05-15 05:00,0.6\n2026-05-15 11:00,4.1\n2026-05-15 17:20,0.8', 'UTC');
    expect(single.kind === 'table' && single.turns.map((t) => t.high)).to.deep.equal([false, true, false]);
    const course = Array.from({ length: 49 }, (_, i) => {
      const clock = `${String(Math.floor(i / 2)).padStart(2, '0')}:${i % 2 ? '30' : '00'}`;
      return `2026-05-${i < 48 ? '15' : '16'} ${i < 48 ? clock : '00:00'},${(2 + Math.cos((2 * Math.PI * i) / 25)).toFixed(3)}`;
    });
    const found = readTide(course.join('\n'), 'UTC');
    expect(found.kind === 'table' && found.turns.map((t) => t.high)).to.deep.equal([false, true, false]);
  });
  it('with a broken line says which', () => {
    const good = '2026-05-15 05:00,0.6,low';
    expect(why(`${good}\n2026-02-30 11:00,4.1,high`)).to.equal('line 2 noTime');
    expect(why(`${good}\n2026-05-15 11:00,,high`)).to.equal('line 2 noLevel');
    expect(why(`${good}\n2026-05-15 11:00,4.1,slack`)).to.equal('line 2 neitherHighNorLow');
    expect(why(`${good}\n${good}`)).to.equal('file sameTimeTwice');
    expect(why(`${good}\n2026-05-15 17:00,0.7,low`)).to.equal('file twoTurnsAlike');
    expect(why('hello')).to.equal('file noTurns');
  });
});

describe('the clocks of a zone', () => {
  it('are ahead of Greenwich or behind, and change twice a year', () => {
    expect(new Date(instantIn('America/St_Johns', '2026-01-10', '12:00')).toISOString()).to.equal(
      '2026-01-10T15:30:00.000Z',
    );
    expect(new Date(instantIn('Europe/Lisbon', '2026-07-10', '12:00')).toISOString()).to.equal(
      '2026-07-10T11:00:00.000Z',
    );
    expect(clockIn('Europe/Lisbon', Date.parse('2026-07-10T11:00Z'))).to.equal('12:00');
    const hours = (day: string): number => {
      const { from, to } = dayIn('Europe/Lisbon', Math.round(Date.parse(day) / 86_400_000));
      return (to - from) / 3_600_000;
    };
    expect([hours('2026-03-29'), hours('2026-06-01'), hours('2026-10-25')]).to.deep.equal([23, 24, 25]);
  });
});

describe('the tide of a shore', () => {
  const group = openedGroup();
  const bring = (file: string, over: object = {}) =>
    group.ask('post', 'tides').send({ id: newId(), name: 'Quay', latitudeDeg: 46, longitudeDeg: -30, file, ...over });
  const leaf = async (standId: string, day = TODAY): Promise<PartOutlook> =>
    (await group.get<StandView>(`stands/${standId}?day=${day}`)).outlooks.find((o) => o.part === 'leaf')!;
  const covered = ({ allowance }: PartOutlook) => allowance.ceilings.find((c) => c.kind === 'tide') ?? null;
  const shore = (tideLevelM: number | null) => group.stand('sea-beet', { patch: { hazards: ['tide'], tideLevelM } });

  it('is shown with its high and low waters of today, and among the day’s conditions', async () => {
    const { standId } = await shore(1.5);
    await bring(harmonics()).expect(200);
    const [tide] = await group.get<readonly TideView[]>('tides');
    expect(tide).to.include({ name: 'Quay', kind: 'harmonic', count: 1, firstDay: null });
    expect(tide!.turns!.filter((t) => !t.high).map((t) => t.clock)).to.deep.equal(['06:00', '18:00']);
    const { conditions } = await group.get<HearthView>('hearth');
    expect(conditions.tide).to.include({ name: 'Quay' });
    // Sunrise is well before eight there, sunset after seven in the evening.
    expect((await leaf(standId)).tide!.spans.at(-1)).to.deep.equal({ from: '16:00', to: '20:00' });
  });
  it('bars a place on a day that it keeps covered, until one on which it does not', async () => {
    // A half-monthly tide alone: the lowest of a fortnight decides.
    const file = JSON.stringify({ meanLevelM: 2, constituents: [{ name: 'Mf', amplitudeM: 1, phaseDeg: 0 }] });
    const { standId } = await shore(1.2);
    await bring(file).expect(200);
    const days = await Promise.all(
      Array.from({ length: 15 }, async (_, i) => {
        const day = new Date(Date.parse(`${TODAY}T00:00Z`) + i * 86_400_000).toISOString().slice(0, 10);
        return { day, bar: covered(await leaf(standId, day)) };
      }),
    );
    const first = days.find((d) => d.bar)!;
    expect(days.filter((d) => !d.bar)).to.have.length.within(2, 8);
    expect(first.bar).to.include({ bars: true, source: 'stand' });
    const open = days.find((d) => d.day > first.day && !d.bar);
    if (open) expect(first.bar!.values).to.include({ until: open.day });
  });
  it('says nothing where no level is known, where no tide is near, or where the table ends', async () => {
    const [unknown, far] = [await shore(null), await shore(-5)];
    expect(await leaf(far.standId)).to.include({ tide: null });
    await bring(harmonics(), { latitudeDeg: 40 }).expect(200);
    expect(covered(await leaf(far.standId))).to.equal(null);
    await bring('2026-06-01 05:00,0.6,low\n2026-06-01 11:00,4.1,high').expect(200);
    expect(covered(await leaf(far.standId))).to.equal(null);
    expect(covered(await leaf(unknown.standId))).to.equal(null);
  });
  it('does not hold a take against whoever was there', async () => {
    const place = await shore(-5);
    await bring(harmonics()).expect(200);
    expect(covered(await leaf(place.standId))).to.not.equal(null);
    await group.tell(entryOf(place, 'census', { method: 'complete', plants: 40, mature: 40, flowering: null }));
    const [result] = await group.tell(entryOf(place, 'take', takeBody(2, { part: 'leaf', plants: 1 })));
    expect(result).to.have.nested.property('take.verdict', 'within');
  });
  it('sent twice is stored once; a bad file stores nothing and says what to do; removed, it is gone', async () => {
    const id = newId();
    await bring(harmonics(), { id }).expect(200);
    await bring(harmonics(), { id }).expect(200);
    await bring(harmonics({ meanLevelM: 3 }), { id }).expect(409);
    const refused = (await bring('{"meanLevelM": 2}').expect(400)).body as ErrorBody;
    expect(refused.error.message).to.contain('constituents');
    expect(await group.get<readonly TideView[]>('tides')).to.have.length(1);
    await group.ask('delete', `tides/${id}`, await group.join('picker')).expect(403);
    await group.ask('delete', `tides/${id}`).expect(204);
    await group.ask('delete', `tides/${id}`).expect(404);
    expect(await group.get<readonly TideView[]>('tides')).to.deep.equal([]);
  });
});
