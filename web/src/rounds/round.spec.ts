import { expect } from 'chai';
import type { HearthView, PatchView } from '@emberfield/contract';
import { planRound, timesOf } from '@emberfield/core/rounds';
import { FIRST_WISH, moved, outingOf, placesToVisit, takenOf, type PlaceToVisit } from './round.ts';
import { clockOf, minutesOf } from '../platform/clock.ts';

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
    outingOf(places, home, FIRST_WISH, [], light).stops.map((s) => s.open);
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
    expect(outingOf([shore!], home, FIRST_WISH, [], late).stops[0]!.open).to.deep.equal([]);
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
