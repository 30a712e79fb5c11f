import { expect } from 'chai';
import { createWords } from '@emberfield/words';
import type { EffortView, HearthView, PatchView } from '@emberfield/contract';
import { pathNet, planRound, timesOf, whyNot } from '@emberfield/core/rounds';
import { placesToVisit, type PlaceToVisit } from './places.ts';
import { metresBetween, FIRST_WISH, moved, outingOf, takenOf, type Wish } from './round.ts';
import { clockOf, minutesOf } from '../platform/clock.ts';
import { linesNear, pathLines } from './base-paths.ts';
import { sayCost } from './say-cost.ts';
import { costOf, costsOf } from './stop-cost.ts';

/** A hundredth of a degree of latitude is 1,113 m, and some 17 minutes on foot. */
const patch = (id: string, hundredths: number, heightM = 50): PatchView =>
  ({ id, name: id, heightM, geometry: { type: 'Point', coordinates: [-30, 46 + hundredths / 100] } }) as never;
const stand = (id: string, patchId: string, plantKey = 'nettle') => ({
  id,
  patchId,
  plantKey,
  plantName: { en: plantKey },
  deadlyLookAlikes: [] as object[],
});
const outlook = (standId: string, over: object = {}) => ({
  ...{ standId, part: 'leaf', use: '', openProbability: 1, tide: null, leafByLeaf: [] },
  readiness: { state: 'glowing', daysLeft: 40, quality: 1 },
  allowance: { kind: 'counted', amountLeft: 30 },
  ...over,
});
const hearth = {
  stands: [
    stand('a', 'near'),
    stand('b', 'near', 'elder'),
    stand('c', 'far'),
    stand('d', 'shore'),
    stand('e', 'barred'),
  ],
  outlooks: [
    outlook('a'),
    outlook('b', { readiness: { state: 'fading', daysLeft: 0, quality: 0.5 } }),
    outlook('c', { readiness: { state: 'cold', daysToOpen: 30 } }),
    outlook('d', { tide: { name: 'Quay', spans: [{ from: '10:15', to: '11:40' }] } }),
    outlook('e', { allowance: { kind: 'none', amountLeft: 0 } }),
  ],
} as unknown as HearthView;
const home = patch('home', 0);
const patches = [home, patch('near', 1), patch('far', 2), patch('shore', 1.5), patch('barred', 1)];

describe('a round of places', () => {
  const places = placesToVisit(hearth, patches, []);
  it('is of those where something is open that may be taken', () => {
    expect(places.map((p) => [p.patch.id, p.lines.map((l) => l.stand.id)])).to.deep.equal([
      ['near', ['a', 'b']],
      ['shore', ['d']],
    ]);
    expect(placesToVisit(hearth, patches, ['elder']).map((p) => p.patch.id)).to.deep.equal(['near']);
    expect(placesToVisit(hearth, patches, ['ramsons'])).to.deep.equal([]);
  });
  it('has the ways between them on foot, what they are worth, and when the tide leaves them', () => {
    const { stops, legs } = outingOf(places, home, FIRST_WISH, []);
    expect(stops[0]).to.deep.include({ minutes: 29, open: [{ from: 0, until: 1440 }], locked: false });
    // One of the best, and half of one that closes today.
    expect(stops[0]!.prize).to.be.closeTo(1 + 1 / 2 ** 10 + 0.5 * 2, 1e-9);
    expect(stops[1]!.open).to.deep.equal([{ from: 615, until: 700 }]);
    // 1,113 m, a third longer, at 5.04 km an hour.
    expect(legs[2]![0]).to.be.closeTo((1.1132 * 1.3 * 60) / (6 * Math.exp(-0.175)), 0.01);
    expect(legs[0]![3]).to.equal(legs[2]![0]);
    const slow = outingOf(places, home, { ...FIRST_WISH, pace: 'child' }, []).legs;
    expect(slow[2]![0]).to.be.closeTo(2 * legs[2]![0]!, 1e-9);
    const up = outingOf([{ ...places[0]!, patch: patch('near', 1, 350) }], home, FIRST_WISH, []).legs;
    expect(up[1]![0]).to.be.above(up[0]![2]!);
  });
  it('keeps what has to be on it', () => {
    // Half an hour is there, and the shore alone takes longer.
    const short = { ...FIRST_WISH, leavesAt: 610, backBy: 690 };
    expect(planRound(outingOf(places, home, short, []))!.order).to.deep.equal([0]);
    expect(planRound(outingOf(places, home, short, ['shore']))!.order).to.deep.equal([1]);
    expect(planRound(outingOf(places, home, FIRST_WISH, []))!.order).to.have.members([0, 1]);
  });
  it('is put in order by hand, and says so where that does not hold', () => {
    const outing = outingOf(places, home, { ...FIRST_WISH, leavesAt: 620 }, []);
    expect(moved([0, 1, 2], 1, -1)).to.deep.equal([1, 0, 2]);
    expect(moved([0, 1, 2], 2, 1)).to.deep.equal([0, 1, 2]);
    expect(moved([0, 1, 2], 0, -1)).to.deep.equal([0, 1, 2]);
    expect(timesOf(outing, [1, 0]).holds).to.equal(true);
    expect(timesOf(outing, moved([1, 0], 0, -1)).visits[1]).to.deep.include({ stop: 1, shut: false });
    expect(timesOf({ ...outing, leavesAt: 660 }, [0, 1]).visits[1]).to.deep.include({ stop: 1, shut: true });
  });
  it('reads and says times of the day', () => {
    expect(['00:00', '08:05', '23:59'].map((c) => clockOf(minutesOf(c)))).to.deep.equal(['00:00', '08:05', '23:59']);
    expect(clockOf(599.6)).to.equal('10:00');
  });
});

describe('light on a round', () => {
  const light = { rises: 5 * 60, sets: 21 * 60 };
  const spansOf = (places: readonly PlaceToVisit[]) =>
    outingOf(places, home, FIRST_WISH, [], { light }).stops.map((s) => s.open);
  it('opens places while it lasts, and shuts them an hour earlier where something dangerous has to be told', () => {
    const [near, shore] = placesToVisit(hearth, patches, []);
    const lines = near!.lines.map((l) => ({ ...l, stand: { ...l.stand, deadlyLookAlikes: [{ en: 'Yew' }] } }));
    expect(spansOf([near!, { ...near!, lines }, shore!])).to.deep.equal([
      [{ from: 300, until: 1260 }],
      [{ from: 300, until: 1200 }],
      [{ from: 615, until: 700 }],
    ]);
  });
  it('leaves nothing open of a place that the tide frees only in the dark', () => {
    const [, shore] = placesToVisit(hearth, patches, []);
    const late = { ...light, sets: 600 };
    expect(outingOf([shore!], home, FIRST_WISH, [], { light: late }).stops[0]!.open).to.deep.equal([]);
  });
});

describe('what a place costs', () => {
  const [near, shore] = placesToVisit(hearth, patches, []);
  const effort = (over: Partial<EffortView> = {}): EffortView => ({
    ...{ plantKey: 'nettle', part: 'leaf', unit: 'leaf', massG: 2, minutes: 20, timed: 4, amount: 60, stands: [] },
    ...over,
  });
  const stopOf = (efforts: readonly EffortView[], wish: Partial<Wish> = {}, place = near!) =>
    outingOf([place], home, { ...FIRST_WISH, ...wish }, [], { costs: costsOf([place], efforts) }).stops[0]!;
  it('is learned from takes, less where less is left than is usually brought home, and weighs what it then is', () => {
    // 30 leaves are left of the usual 60: half the time; the elder beside them nobody has timed.
    expect(stopOf([effort()])).to.deep.include({ minutes: 5 + 10 + 12, loadG: 60 });
    expect(stopOf([effort({ amount: 15 })])).to.deep.include({ minutes: 5 + 20 + 12, loadG: 30 });
    expect(stopOf([effort({ massG: null })]).loadG).to.equal(0);
    const own = { standId: 'a', minutes: 40, timed: 2, amount: 30 };
    expect(stopOf([effort({ stands: [own] })]).minutes).to.equal(5 + 40 + 12);
  });
  it('of roots takes longer in hard ground, unless it was timed right there', () => {
    const roots = { ...near!, lines: [{ ...near!.lines[0]!, outlook: { ...near!.lines[0]!.outlook, part: 'root' } }] };
    const at = (substrate: string) => ({ ...roots, patch: { ...roots.patch, substrate } }) as PlaceToVisit;
    const root = effort({ part: 'root', unit: 'root', massG: 50, minutes: 30, amount: 30 });
    const minutes = (place: PlaceToVisit, e = root) => stopOf([e], {}, place).minutes - 5;
    expect([minutes(at('loam')), minutes(at('gravel')), minutes(at('sand'))]).to.deep.equal([30, 54, 18]);
    const own = { standId: 'a', minutes: 30, timed: 1, amount: 30 };
    expect(minutes(at('gravel'), { ...root, stands: [own] })).to.equal(30);
    const { roots: balance } = costOf(at('loam').lines[0]!, at('loam').patch, [root]);
    expect(balance).to.deep.include({ verdict: 'gain', gives: { low: 1500, high: 5250 } });
    expect(sayCost(createWords('en'), costOf(at('loam').lines[0]!, at('loam').patch, [root]))).to.equal(
      'about 30 min, from 4 timed takes · usually 1.5 kg · digging costs about 590 kJ, and there are 1,500–5,300 in them',
    );
  });
  it('is worth more where it is wanted first, and is shut while its gate is', () => {
    const wanted = { plants: ['nettle'], how: 'first' as const };
    const [one, three] = [stopOf([]).prize, stopOf([], wanted).prize];
    // The leaves count three times, the elder that closes today once.
    expect(three - one).to.be.closeTo(2 * (1 + 1 / 2 ** 10), 1e-9);
    const gate = { ...near!, patch: { ...near!.patch, openHours: { from: '09:30', to: '17:00' } } };
    expect(stopOf([], {}, gate).open).to.deep.equal([{ from: 570, until: 1020 }]);
    const tide = { ...shore!, patch: { ...shore!.patch, openHours: { from: '11:00', to: '17:00' } } };
    expect(stopOf([], {}, tide).open).to.deep.equal([{ from: 660, until: 700 }]);
  });
  it('is left out where it would be too much to carry', () => {
    const all = outingOf([near!, shore!], home, { ...FIRST_WISH, carriesKg: 0.1 }, [], {
      costs: costsOf([near!, shore!], [effort()]),
    });
    expect(all.carriesG).to.equal(100);
    // Sixty grams at each.
    const { order } = planRound(all)!;
    expect(order).to.deep.equal([0]);
    expect(whyNot(all, order, 1)).to.deep.equal({ kind: 'heavy', overG: 20 });
  });
});

describe('paths of a base map', () => {
  const line = (kind: string, type: string, coordinates: unknown) => ({
    type: 'Feature',
    properties: { kind },
    geometry: { type, coordinates },
  });
  it('are its lines to walk on, and nothing of what is none', () => {
    const a = [
      [-30, 46],
      [-30, 46.01],
    ];
    const map = {
      features: [
        line('road', 'LineString', a),
        line('path', 'MultiLineString', [a, [[-30, 'x'], ...a]]),
        line('stream', 'LineString', a),
        line('path', 'Point', a[0]),
        { properties: null },
        null,
      ],
    };
    expect(pathLines(map).map((l) => l.length)).to.deep.equal([2, 2, 2]);
    expect(pathLines(map)[0]![1]).to.deep.equal({ longitudeDeg: -30, latitudeDeg: 46.01 });
    for (const none of [undefined, null, 'x', {}, { features: 3 }]) expect(pathLines(none)).to.deep.equal([]);
  });
  it('are those about the places', () => {
    const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });
    const [here, far, through] = [
      [at(46, -30), at(46.02, -30)],
      [at(47, -30), at(47.1, -30)],
      [at(46.3, -30), at(46.01, -30.03)],
    ];
    expect(linesNear([here, far, through], [at(46, -30), at(46.01, -30.01)])).to.deep.equal([here, through]);
    expect(linesNear([here], [])).to.deep.equal([]);
  });
  it('shorten a way that would wind', () => {
    const [near, shore] = placesToVisit(hearth, patches, []);
    const road = pathNet([
      [
        { latitudeDeg: 46, longitudeDeg: -30 },
        { latitudeDeg: 46.015, longitudeDeg: -30 },
      ],
    ]);
    const plain = outingOf([near!, shore!], home, FIRST_WISH, []).legs;
    const { legs } = outingOf([near!, shore!], home, FIRST_WISH, [], {
      metres: metresBetween([near!, shore!], home, road),
    });
    expect(legs[2]![1]).to.be.closeTo(plain[2]![1]! / 1.3, 0.05);
  });
});

describe('a round as it is taken along', () => {
  it('has its places in their order with all that grows there, and nothing that is gone', () => {
    const there = {
      ...patch('near', 1),
      stands: [
        { id: 'a', plantKey: 'nettle', retired: false },
        { id: 'old', retired: true },
      ],
    } as never;
    const places = placesToVisit(hearth, [there, patches[3]!], []).map((p) => ({
      ...p,
      patch: { ...p.patch, stands: p.patch.stands ?? [] },
    }));
    const timed = timesOf(outingOf(places, home, FIRST_WISH, []), [1, 0]);
    const taken = takenOf({ places, home, timed, wish: { backBy: 780, pace: 'slow' }, day: '2026-05-15' });
    expect(taken.stops.map((s) => [s.patchId, s.stands])).to.deep.equal([
      ['shore', []],
      ['near', [{ id: 'a', plantKey: 'nettle' }]],
    ]);
    expect(taken.stops.map((s) => s.begins)).to.deep.equal(timed.visits.map((v) => v.begins));
    expect(taken).to.deep.include({ backBy: 780, pace: { share: 0.7, detour: 1.3 } });
    expect(taken.home).to.deep.include({ name: 'home', latitudeDeg: 46, heightM: 50 });
  });
});
