import { expect } from 'chai';
import {
  entrySchema,
  type BatchView,
  type Entry,
  type LarderView,
  type OpenTake,
  type PlantProfile,
} from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import type { Draft } from '../entries/use-entries.ts';
import { batchName, sayBatch } from './say-batch.ts';
import { dryingNow, shelves, withoutSorted } from './shelf.ts';
import { batchBody, blankLot, blankSort, lotFits, thrown, toldOfStand, type SortDraft } from './sort-draft.ts';
import { asBefore, tableEntries } from './table-entries.ts';

const MADE = '2026-05-15T08:00:00.000Z';
const hoursOn = (hours: number): number => Date.parse(MADE) + hours * 3_600_000;
const batch = (over: Partial<BatchView> = {}, body: Partial<BatchView['body']> = {}): BatchView =>
  ({
    ...{
      id: 'b',
      day: '2026-05-15',
      madeAt: MADE,
      beganAt: MADE,
      state: 'drying',
      leftG: 200,
      storedOn: null,
      where: '',
      spoilt: false,
    },
    ...{ weighings: [{ hours: 0, massG: 200 }], bestBefore: '2027-05-15' },
    ...{ plantName: { en: 'Stinging nettle' }, partName: { en: 'tops' } },
    body: {
      ...{ name: '', part: 'leaf', way: 'dry', form: 'mesh', acrossCm: null, humidityPct: null, out: [], parents: [] },
      ...body,
    },
    ...over,
  }) as unknown as BatchView;

describe('the shelves', () => {
  it('have what should be used first on top, and what nobody knows of last', () => {
    const kept = (id: string, bestBefore: string | null) => batch({ id, state: 'kept', bestBefore });
    const on = shelves([kept('late', '2027-01-01'), kept('never', null), kept('soon', '2026-06-01'), batch()]);
    expect(on.kept.map((b) => b.id)).to.deep.equal(['soon', 'late', 'never']);
    expect([on.drying.length, on.gone.length]).to.deep.equal([1, 0]);
  });
  it('have no take on the table that was sorted on this device and still waits to be sent', () => {
    const larder = { batches: [], table: [{ id: 'a' }, { id: 'b' }] } as unknown as LarderView;
    const waiting = [
      { kind: 'batch', body: { parents: ['b'] } },
      { kind: 'note', body: {} },
    ] as unknown as Entry[];
    expect(withoutSorted(larder, waiting).table.map((t) => t.id)).to.deep.equal(['a']);
    const right = [
      { kind: 'take', id: 'a-now', replaces: 'a', body: {} },
      { kind: 'batch', body: { parents: ['a-now'] } },
    ] as unknown as Entry[];
    expect(withoutSorted(larder, right).table.map((t) => t.id)).to.deep.equal(['b']);
    expect(withoutSorted(larder, [])).to.equal(larder);
  });
  it('say how a batch stands, and that it is past its day without saying that it is good or bad', () => {
    const words = createWords('en');
    const stored = batch({ state: 'kept', leftG: 30, storedOn: '2026-05-20', where: 'cellar' });
    expect(batchName(stored, words)).to.equal('Stinging nettle · tops');
    expect(batchName(batch({}, { name: 'Spring' }), words)).to.equal('Spring');
    expect(sayBatch(stored, words, '2026-06-01')).to.equal(
      'dried · 30 g left · since 20 May · at cellar · use by 15 May 2027: an estimate',
    );
    expect(sayBatch(stored, words, '2028-01-01')).to.include('if in doubt throw it away');
    expect(sayBatch(batch({ state: 'gone', spoilt: true }), words, '2026-06-01')).to.equal('spoilt');
  });
});

describe('a batch that dries', () => {
  it('is foretold by its weighings, and may be dry once it weighs no more than it may in the end', () => {
    const fresh = dryingNow(batch(), hoursOn(5))!;
    expect(fresh).to.deep.include({ isWeighed: false, maybeDry: false, hoursNow: 5 });
    const weighings = [200, 110, 70, 48, 43].map((massG, i) => ({ hours: 12 * i, massG }));
    const later = dryingNow(batch({ weighings }), hoursOn(50))!;
    expect(later).to.deep.include({ isWeighed: true, maybeDry: true });
    expect(later.fit.dryHours.p50).to.be.within(30, 60);
  });
  it('is likely to mould in a thick bundle in damp air; and nothing is said of what is not dried or was not weighed', () => {
    const damp = batch({}, { form: 'bundle', acrossCm: 6, humidityPct: 70 });
    expect(dryingNow(damp, hoursOn(5))!.mould.level).to.equal('high');
    const slow = batch({
      weighings: [
        { hours: 0, massG: 200 },
        { hours: 80, massG: 170 },
      ],
    });
    expect(dryingNow(slow, hoursOn(80))!.mould.signs).to.include('slow');
    expect(dryingNow(batch({}, { way: 'freeze', form: null }), hoursOn(1))).to.equal(null);
    expect(dryingNow(batch({ weighings: [] }), hoursOn(1))).to.equal(null);
  });
});

describe('the sorting table', () => {
  const id = '01990000-0000-7000-8000-00000000000a';
  const at = { patchId: id, standId: id, day: '2026-05-15' };
  const envelope = { schemaVersion: 1, visitId: null, zone: 'UTC', madeAt: MADE, device: 'x', replaces: null };
  const lookAlikes = [
    { scientific: 'Conium maculatum', severity: 'deadly' },
    { scientific: 'Anthriscus sylvestris', severity: 'none' },
  ] as unknown as PlantProfile['lookAlikes'];
  const told = (draft: Partial<ReturnType<typeof blankSort>>) =>
    toldOfStand({ ...blankSort(), ...draft }, at, { lookAlikes, unknownNote: 'nobody knows' });

  it('makes a batch that the contract takes, dried or not', () => {
    for (const way of ['fresh', 'dry'] as const) {
      const draft = { ...blankSort(), out: thrown({}, 'woody', 'quarter') };
      const lot = { ...blankLot(), way, acrossCm: 3, massG: 180 };
      const body = batchBody(draft, lot, { parents: [id], part: 'leaf', isFirst: true });
      // What was thrown out is told once.
      expect(batchBody(draft, lot, { parents: [id], part: 'leaf', isFirst: false }).out).to.deep.equal([]);
      expect(body.out).to.deep.equal([{ reason: 'woody', share: 0.25 }]);
      expect([body.form, body.acrossCm]).to.deep.equal(way === 'dry' ? ['mesh', 3] : [null, null]);
      const entry = { id, kind: 'batch', ...at, ...envelope, body };
      expect(() => entrySchema.validateSync(entry, { strict: true })).not.to.throw();
    }
  });
  it('takes a reason back', () => {
    expect(thrown(thrown({}, 'woody', 'half'), 'woody', null)).to.deep.equal({});
  });
  it('tells the stand of what else was among it, and that a piece nobody could name asks for another look', () => {
    const found = ['Conium maculatum'];
    expect(told({ found })).to.deep.equal([]);
    const [search] = told({ found, out: { lookAlike: 'some' } });
    expect(search).to.deep.include({ kind: 'search', standId: id });
    expect(search!.body).to.deep.include({ lookedFor: 'Conium maculatum', found: true, deadly: true });
    const [identity] = told({ out: { unknown: 'some' } });
    expect(identity!.body).to.deep.include({ status: 'unconfirmed', note: 'nobody knows' });
    for (const entry of [search, identity])
      expect(() => entrySchema.validateSync({ id, ...envelope, ...entry }, { strict: true })).not.to.throw();
  });
});

describe('a basket at the table', () => {
  const ids = [1, 2, 3].map((n) => `01990000-0000-7000-8000-00000000000${n}`);
  const [patchId, here, there] = ids as [string, string, string];
  const takeBody = {
    ...{ part: 'leaf', amount: 60, measure: 'unit', plants: 30, killed: null, quality: 'good' },
    ...{ eatenOnTheSpot: false, overReason: '', countedBy: { vessel: 'bag', count: 1, holds: 60 } },
  } as const;
  const take = {
    ...{ id: '01990000-0000-7000-8000-0000000000aa', patchId, standId: here, part: 'leaf', unit: 'leaf', amount: 60 },
    ...{ day: '2026-05-14', said: { visitId: null, body: takeBody } },
  } as unknown as OpenTake;
  const make = (<K extends Entry['kind']>(draft: Draft<K>, key = { id: 'new', madeAt: MADE }) => ({
    ...{ visitId: null, replaces: null, schemaVersion: 1, zone: 'UTC', device: 'x' },
    ...draft,
    ...key,
  })) as unknown as Parameters<typeof tableEntries>[1]['make'];
  const around = {
    ...{ take, takes: [take], today: '2026-05-15', make, unitOf: () => 'leaf' as const, lookAlikes: [] },
    ...{ unknownNote: 'nobody knows', foundNote: 'found at the table' },
  };
  const entries = (draft: Partial<SortDraft>, over: Partial<typeof around> = {}) =>
    tableEntries({ ...blankSort(), ...draft }, { ...around, ...over });
  const dried = { ...blankLot(), massG: 80 };

  it('goes into as many jars as one says, each of the same take, and again by the same keys', () => {
    const draft = { ...blankSort(), lots: [dried, { ...dried, way: 'freeze' as const }] };
    const { batches, putRight, ofOthers } = tableEntries(draft, around);
    expect(batches.map((b) => [b.kind, b.standId, (b.body as { way: string }).way])).to.deep.equal([
      ['batch', here, 'fresh'],
      ['batch', here, 'freeze'],
    ]);
    expect([putRight, ofOthers]).to.deep.equal([[], []]);
    expect(new Set(batches.map((b) => b.id)).size).to.equal(2);
    expect(tableEntries(draft, around).batches.map((b) => b.id)).to.deep.equal(batches.map((b) => b.id));
    for (const b of batches) expect(() => entrySchema.validateSync(b, { strict: true })).not.to.throw();
  });
  it('with something of another stand in it is a take of that stand, and that much less of this', () => {
    const other = { ...dried, of: { standId: there, part: 'leaf' as const }, amount: 12 };
    const made = entries({ lots: [dried, other], out: { woody: 'tenth' } });
    const [theirs] = made.ofOthers;
    expect(theirs).to.deep.include({ kind: 'take', standId: there, day: '2026-05-14', replaces: null });
    expect(theirs!.body).to.deep.include({ amount: 12, overReason: 'found at the table' });
    const [right] = made.putRight;
    expect(right).to.deep.include({ kind: 'take', standId: here, replaces: take.id });
    expect(right!.body).to.deep.include({ amount: 48, wasteShare: 0.1, quality: 'good', plants: 30 });
    expect(right!.body).not.to.have.property('countedBy');
    const parents = made.batches.map((b) => (b.body as { parents: readonly string[] }).parents);
    expect(parents).to.deep.equal([[right!.id], [theirs!.id, right!.id]]);
    expect(made.batches[1]!.standId).to.equal(there);
    for (const e of [...made.ofOthers, ...made.putRight, ...made.batches])
      expect(() => entrySchema.validateSync(e, { strict: true })).not.to.throw();
    // Undone, it is what it was.
    const [again] = asBefore(made, around);
    expect(again).to.deep.include({ kind: 'take', replaces: right!.id, body: takeBody });
    // Counted in another unit nothing can be taken off.
    const apart = entries({ lots: [dried, other] }, { unitOf: (() => 'gram') as unknown as typeof around.unitOf });
    expect([apart.putRight.length, apart.ofOthers.length]).to.deep.equal([0, 1]);
    // Weighed in the wood, and counted at the table.
    const said = { visitId: null, body: { ...takeBody, measure: 'gram' as const } };
    const byScale = { ...take, said } as OpenTake;
    expect(entries({ lots: [dried, other] }, { take: byScale, takes: [byScale] }).putRight).to.deep.equal([]);
  });
  it('leaves a take as it was where nothing was woody, somebody said so before, or it is not one’s own to put right', () => {
    const woody = { out: { woody: 'half' as const } };
    expect(entries({}).putRight).to.deep.equal([]);
    const said = { visitId: null, body: { ...takeBody, wasteShare: 0.2 } };
    for (const t of [
      { ...take, said },
      { ...take, said: null },
    ] as OpenTake[])
      expect(entries(woody, { take: t, takes: [t] }).putRight).to.deep.equal([]);
    const [right] = entries(woody).putRight;
    expect(right!.body).to.deep.include({ amount: 60, wasteShare: 0.5, countedBy: takeBody.countedBy });
  });
  it('wants numbers that are numbers, and of another stand how many', () => {
    expect(lotFits(blankLot())).to.equal(true);
    for (const over of [{ massG: NaN }, { massG: 0 }, { acrossCm: -1 }, { humidityPct: 101 }])
      expect(lotFits({ ...blankLot(), ...over }), JSON.stringify(over)).to.equal(false);
    const of = { standId: there, part: 'leaf' as const };
    expect([null, 3].map((amount) => lotFits({ ...blankLot(), of, amount }))).to.deep.equal([false, true]);
  });
});
