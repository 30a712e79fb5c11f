import { expect } from 'chai';
import loadHighs from 'highs';
import { chanceOf } from '../random/index.ts';
import { furtherStand, heldBackBy } from './held-back.ts';
import { planSeason, type SeasonPlan, type Solver } from './plan.ts';
import { SPRING_SHARES, type SeasonSource, type SeasonTask, type SeasonWant } from './season.ts';

const highs = await loadHighs();
const solve: Solver = (text) => {
  const { Status, Columns } = highs.solve(text);
  if (Status !== 'Optimal') return null;
  return new Map(Object.entries(Columns).map(([name, c]) => [name, (c as { Primal: number }).Primal]));
};

const weeks = (first: number, last: number) => ({ first: 7 * first, last: 7 * last + 6 });
const source = (over: Partial<SeasonSource> = {}): SeasonSource => ({
  id: 'bank',
  what: 'ramsons:leaf',
  left: 60,
  unbarred: 60,
  whole: true,
  minutesPerUnit: 0,
  shares: [],
  windows: [[weeks(1, 3), weeks(1, 3), weeks(1, 3)]],
  peakShare: 0.5,
  ...over,
});
const want = (over: Partial<SeasonWant> = {}): SeasonWant => ({
  id: 'pesto',
  of: [{ what: 'ramsons:leaf', gives: 1 }],
  amount: 40,
  weekly: false,
  first: 0,
  last: 69,
  ...over,
});
const task = (over: Partial<SeasonTask> = {}): SeasonTask => ({
  from: 0,
  weeks: 10,
  minutesPerWeek: Infinity,
  wants: [want()],
  sources: [source()],
  shared: new Map(),
  ...over,
});
const planned = (t: SeasonTask): SeasonPlan => planSeason(t, solve)!;
const amounts = ({ portions }: SeasonPlan): readonly number[] => portions.map((p) => p.amount);

describe('the season’s plan', () => {
  it('takes what is wanted where it is open, in the week in which it is best', () => {
    const plan = planned(task());
    expect(amounts(plan)).to.deep.equal([40]);
    expect(plan.portions[0]!.springs[1]).to.deep.equal([{ week: 2, amount: 40 }]);
    expect(plan.wants[0]!.expectedMissing).to.equal(0);
  });

  it('never gives more than is left, nor more than stands share', () => {
    const sources = ['a', 'b'].map((id) => source({ id, left: 30, shares: ['permit'] }));
    expect(planned(task({ sources })).wants[0]!.missing).to.deep.equal([0, 0, 0]);
    const plan = planned(task({ sources, shared: new Map([['permit', 25]]) }));
    expect(amounts(plan).reduce((a, b) => a + b, 0)).to.equal(25);
    expect(plan.wants[0]!.missing.map(Math.round)).to.deep.equal([15, 15, 15]);
  });

  it('in a late spring a want that ends before anything opens is missed, and that is said of that spring alone', () => {
    const late = source({ windows: [[weeks(0, 2), weeks(1, 3), weeks(4, 6)]] });
    const { wants, portions } = planned(task({ sources: [late], wants: [want({ last: 27 })] }));
    expect(wants[0]!.missing.map(Math.round)).to.deep.equal([0, 0, 40]);
    expect(wants[0]!.expectedMissing).to.be.closeTo(0.3 * 40, 1e-6);
    expect(portions[0]!.springs[2]).to.deep.equal([]);
  });

  it('what is wanted each week is taken each week, and is missing in the weeks in which nothing is open', () => {
    const weekly = want({ weekly: true, amount: 10, last: 34 });
    const plan = planned(task({ wants: [weekly] }));
    expect(plan.portions[0]!.springs[1]!.map((w) => [w.week, Math.round(w.amount)])).to.deep.equal([
      [1, 10],
      [2, 10],
      [3, 10],
    ]);
    expect(plan.wants[0]).to.deep.include({ wanted: 50 });
    expect(Math.round(plan.wants[0]!.expectedMissing)).to.equal(20);
  });

  it('a want of several plants is made up of any of them, each by what it gives', () => {
    const sources = [source({ left: 10 }), source({ id: 'nettles', what: 'nettle:shoot', left: 100 })];
    const both = want({
      of: [
        { what: 'ramsons:leaf', gives: 2 },
        { what: 'nettle:shoot', gives: 1 },
      ],
    });
    const { portions, wants } = planned(task({ sources, wants: [both] }));
    expect(portions.reduce((sum, p) => sum + p.amount * both.of[p.source]!.gives, 0)).to.equal(40);
    expect(wants[0]!.expectedMissing).to.equal(0);
  });

  it('what stands further up is met first where not both can be', () => {
    const wants = [want({ id: 'first' }), want({ id: 'second' })];
    expect(planned(task({ wants })).wants.map((w) => Math.round(w.expectedMissing))).to.deep.equal([0, 20]);
  });

  it('there is no more time in a week than there is', () => {
    const slow = task({ sources: [source({ minutesPerUnit: 3 })], minutesPerWeek: 30 });
    expect(Math.round(planned(slow).wants[0]!.expectedMissing)).to.equal(10);
  });

  it('refuses what cannot be meant', () => {
    expect(() => planned(task({ wants: [want({ amount: 0 })] }))).to.throw(RangeError, 'above 0');
    expect(() => planned(task({ sources: [source({ left: -1 })] }))).to.throw(RangeError, 'below 0');
    expect(() => planned(task({ weeks: 0 }))).to.throw(RangeError, 'whole weeks');
  });

  it('says that all of a want is missing that lies outside of what is planned', () => {
    expect(planned(task({ wants: [want({ first: 100, last: 120 })] })).wants[0]!.expectedMissing).to.equal(40);
  });

  it('misses no less than the best of all ways to share it out in whole pieces, in 60 small seasons', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const t = smallSeason(seed);
      const { wants } = planned(t);
      const weighed = wants.reduce((sum, w, i) => sum + weight(t, i) * w.expectedMissing, 0);
      expect(weighed, `season ${seed}`).to.be.closeTo(leastMissing(t), 1e-4);
    }
  });

  it('keeps every limit after rounding, and loses less than a piece a stand by it, in 40 seasons', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const t = brokenSeason(seed);
      const plan = planned(t);
      for (const [i, s] of t.sources.entries()) {
        expect(total(plan, (p) => p.source === i)).to.be.at.most(s.left + 1e-6);
        for (const p of plan.portions.filter((x) => x.source === i)) expect(p.amount % 1).to.equal(0);
      }
      expect(total(plan, (p) => t.sources[p.source]!.shares.length > 0)).to.be.at.most(t.shared.get('permit')! + 1e-6);
      for (const [i, w] of plan.wants.entries()) {
        const of = plan.portions.filter((p) => p.want === i);
        const got = of.reduce((sum, p) => sum + p.amount * givesIn(t, p), 0);
        const most = t.sources.length * Math.max(...t.wants[i]!.of.map((o) => o.gives));
        expect(got).to.be.above(w.wanted - Math.max(...w.missing) - most);
      }
    }
  });
});

describe('what holds a want back', () => {
  const short = task({ sources: [source({ left: 25 }), source({ id: 'resting', left: 0, unbarred: 12 })] });

  it('is each limit that, lifted by itself, leaves less missing: what frees most is told by its gain', () => {
    const lifted = [...heldBackBy(short, planned(short), 0, solve)];
    expect(lifted.map((l) => [l.limit.kind, Math.round(l.gain)])).to.deep.equal([
      ['left', 15],
      ['barred', 12],
    ]);
  });

  it('is a permit, or the time there is', () => {
    const shared = task({ sources: [source({ shares: ['permit'] })], shared: new Map([['permit', 10]]) });
    expect([...heldBackBy(shared, planned(shared), 0, solve)].map((l) => l.limit.kind)).to.deep.equal(['shared']);
    const hurried = task({ sources: [source({ minutesPerUnit: 2 })], minutesPerWeek: 10 });
    expect([...heldBackBy(hurried, planned(hurried), 0, solve)].map((l) => l.limit.kind)).to.deep.equal(['time']);
  });

  it('is nothing where the want is met', () => {
    expect([...heldBackBy(task(), planned(task()), 0, solve)]).to.deep.equal([]);
  });

  it('says how many plants a further stand would need, by the best of those that were counted', () => {
    const two = task({ sources: [source({ left: 20, unbarred: 20 }), source({ id: 'b', left: 5, unbarred: 10 })] });
    const further = (t: SeasonTask, standing: readonly (number | null)[]) =>
      furtherStand(t, planned(t), { want: 0, standing }, solve);
    // 15 are missing; a plant of the first gives ⅕, of the second ½.
    expect(further(two, [100, 20])).to.deep.equal({ plants: 30, missing: 0 });
    expect(further(two, [null, null])).to.equal(null);
    expect(further(task(), [100])).to.equal(null);
  });

  it('and nothing of a further stand where the permit that they share is what holds it back', () => {
    const shared = task({ sources: [source({ shares: ['permit'] })], shared: new Map([['permit', 10]]) });
    expect(furtherStand(shared, planned(shared), { want: 0, standing: [50] }, solve)).to.equal(null);
  });
});

type Piece = SeasonPlan['portions'][number];
const total = ({ portions }: SeasonPlan, holds: (p: Piece) => boolean): number =>
  portions.filter(holds).reduce((sum, p) => sum + p.amount, 0);
const givesIn = (t: SeasonTask, p: Piece): number =>
  t.wants[p.want]!.of.find((o) => o.what === t.sources[p.source]!.what)!.gives;
const weight = ({ wants }: SeasonTask, i: number): number => (1 + (wants.length - i) / wants.length) / wants[i]!.amount;

/** Two or three stands of two plants, two wants, four weeks: few enough to try everything. */
function smallSeason(seed: number): SeasonTask {
  const chance = chanceOf(seed);
  const upTo = (n: number): number => Math.floor(chance.uniform() * (n + 1));
  const span = () => {
    const first = upTo(3);
    return weeks(first, Math.min(3, first + upTo(2)));
  };
  return task({
    weeks: 4,
    sources: Array.from({ length: 2 + upTo(1) }, (_, i) =>
      source({
        id: `s${i}`,
        what: upTo(1) ? 'a' : 'b',
        left: 1 + upTo(4),
        windows: [[span(), span(), span()]],
        shares: upTo(1) ? ['permit'] : [],
      }),
    ),
    wants: [0, 1].map((i) =>
      want({
        id: `w${i}`,
        amount: 1 + upTo(5),
        of: upTo(1) ? [{ what: 'a', gives: 1 }] : ['a', 'b'].map((what) => ({ what, gives: 1 })),
        ...weeks(upTo(1), 2 + upTo(1)),
      }),
    ),
    shared: new Map([['permit', upTo(6)]]),
  });
}

/** The least that can be missing, over every whole amount of every stand for each want. */
function leastMissing(t: SeasonTask): number {
  const cells = t.sources.flatMap((s, source) =>
    t.wants.flatMap((w, i) => (w.of.some((o) => o.what === s.what) ? [{ source, want: i }] : [])),
  );
  const opens = (cell: (typeof cells)[number], spring: number): boolean => {
    const open = t.sources[cell.source]!.windows[0]![spring]!;
    const w = t.wants[cell.want]!;
    return Math.max(open.first, w.first) <= Math.min(open.last, w.last);
  };
  let least = Infinity;
  const set = (at: number, chosen: readonly number[]): void => {
    if (at === cells.length) {
      const of = (holds: (c: (typeof cells)[number]) => boolean): number =>
        cells.reduce((sum, c, k) => sum + (holds(c) ? chosen[k]! : 0), 0);
      if (of((c) => t.sources[c.source]!.shares.length > 0) > t.shared.get('permit')!) return;
      if (t.sources.some((s, i) => of((c) => c.source === i) > s.left)) return;
      const missing = t.wants.reduce((sum, w, i) => {
        const bySpring = SPRING_SHARES.map(
          (p, spring) => p * Math.max(0, w.amount - of((c) => c.want === i && opens(c, spring))),
        );
        return sum + weight(t, i) * bySpring.reduce((a, b) => a + b, 0);
      }, 0);
      least = Math.min(least, missing);
      return;
    }
    for (let n = 0; n <= t.sources[cells[at]!.source]!.left; n++) set(at + 1, [...chosen, n]);
  };
  set(0, []);
  return least;
}

/** Amounts that come to no whole pieces. */
function brokenSeason(seed: number): SeasonTask {
  const chance = chanceOf(seed * 7919);
  return task({
    sources: Array.from({ length: 4 }, (_, i) =>
      source({ id: `s${i}`, left: 20 * chance.uniform(), shares: i < 2 ? ['permit'] : [] }),
    ),
    wants: [0, 1].map((i) =>
      want({
        id: `w${i}`,
        of: [{ what: 'ramsons:leaf', gives: 0.3 + chance.uniform() }],
        amount: 5 + 20 * chance.uniform(),
      }),
    ),
    shared: new Map([['permit', 15 * chance.uniform()]]),
  });
}
