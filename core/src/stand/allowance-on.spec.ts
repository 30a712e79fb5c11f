import { expect } from 'chai';
import type { HouseRule } from '../allowance/index.ts';
import { allowanceOn, freedByCount, type Asked } from './allowance-on.ts';
import { viewAllowance } from './allowance-view.ts';
import { bookOf, counted, entry, on, profileOf, saidToBe, seasonsWith, took, windowFrom } from './made-book.ts';
import { inUnit } from './takes.ts';

type Made = Parameters<typeof bookOf>[1];
const partOf = (plant: string, key: string) => profileOf(plant).parts.find((p) => p.key === key)!;
const spring = windowFrom('2026-04-01', '2026-06-01');

function allowed(plant: string, part: string, made: Made = {}, asked: Partial<Asked> = {}, seasons = seasonsWith({})) {
  const book = bookOf(plant, made);
  return allowanceOn(book, seasons, partOf(plant, part), { window: spring, day: on('2026-05-15'), ...asked });
}
const barring = (...args: Parameters<typeof allowed>) =>
  allowed(...args).ceilings.flatMap((c) => (c.bars ? [c.rule.kind] : []));

describe('how much of a part may be taken on a day', () => {
  it('goes by the newest count by the day', () => {
    const entries = [counted('2026-04-01', 90), counted('2026-05-15', 30), counted('2026-05-16', 900)];
    const of = (day: string) => allowed('nettle', 'tip', { entries }, { day: on(day) }).plantsCounted;
    expect(['2026-05-14', '2026-05-15', '2026-05-16'].map(of)).to.deep.equal([90, 30, 900]);
    expect(of('2026-03-31')).to.equal(null);
  });
  it('counts what was taken of the part this season up to the day, or to the day that is asked for', () => {
    const take = (day: string, over: object = {}) => took(day, 5, { part: 'tip', plants: 2, ...over });
    const entries = [
      counted('2026-04-01', 100),
      take('2025-05-01'),
      take('2025-12-31'),
      take('2026-01-01'),
      take('2026-05-15'),
      take('2026-05-16'),
      take('2026-05-02', { part: 'fibre' }),
    ];
    expect(allowed('nettle', 'tip', { entries }).takenAmount).to.equal(10);
    expect(allowed('nettle', 'tip', { entries }, { takesUpTo: on('2026-05-16') }).takenAmount).to.equal(15);
  });
  it('counts the tail of a winter’s window with that winter, not with the next', () => {
    const winter = windowFrom('2026-10-01', '2027-02-10', { part: 'root', season: 2026 });
    const entries = [
      took('2026-01-20', 1, { part: 'root', plants: 1 }),
      took('2026-02-11', 2, { part: 'root', plants: 2 }),
      took('2026-11-01', 4, { part: 'root', plants: 4 }),
    ];
    const { takenAmount } = allowed('dandelion', 'root', { entries }, { window: winter, day: on('2026-12-01') });
    expect(takenAmount).to.equal(6);
    const endless = windowFrom('2026-10-01', null, { part: 'root', season: 2026 });
    expect(allowed('dandelion', 'root', { entries }, { window: endless, day: on('2026-12-01') }).takenAmount).to.equal(
      7,
    );
  });
  it('of measured trunks taps those that are thick enough, and takes of each the tips that are on it', () => {
    const trees = (...measured: readonly (readonly [girthCm: number | null, tips: number | null])[]) =>
      entry('census', '2026-02-01', {
        method: 'trees',
        trees: measured.map(([girthCm, tips]) => ({ name: '', girthCm, tips })),
      });
    const sap = windowFrom('2026-03-01', '2026-04-10');
    const made = { stand: { sinceYear: 1990 }, entries: [trees([95, null], [79, null], [null, null], [140, null])] };
    const tapped = allowed('birch', 'sap', made, { window: sap, day: on('2026-03-10') });
    expect(tapped.steps.map((s) => [s.kind, s.plants])).to.deep.equal([
      ['count', 4],
      ['girth', 2],
      ['perPlant', 2],
    ]);
    expect(tapped).to.include({ amount: 4, perPlant: 2 });
    const unmeasured = { ...made, entries: [counted('2026-02-01', 4)] };
    expect(allowed('birch', 'sap', unmeasured, { window: sap, day: on('2026-03-10') }).amount).to.equal(8);
    const spruce = { entries: [trees([null, 90], [null, 300])] };
    const each = profileOf('spruce').ceilings.find((c) => c.rule.kind === 'lightPruning')!.rule;
    const share = each.kind === 'lightPruning' ? each.share : 0;
    expect(allowed('spruce', 'tip', spruce).amount).to.be.closeTo(390 * share, 0.01);
    const years = { ...spruce, entries: [...spruce.entries, counted('2026-04-01', 1)] };
    expect(allowed('spruce', 'tip', years).amount, 'of fewer the smallest').to.be.closeTo(90 * share, 0.01);
  });
  it('spends a part by those that use it up: flower heads taken are berries lost', () => {
    const entries = [counted('2026-04-01', 3), took('2026-05-10', 20, { part: 'flower', plants: 1 })];
    expect(allowed('elder', 'fruit', { entries }).takenAmount).to.equal(20);
    expect(
      allowed('elder', 'flower', { entries: [...entries, took('2026-05-11', 7, { part: 'fruit' })] }).takenAmount,
    ).to.equal(20);
  });
  it('takes off what was lost this season by the day, one loss after the other', () => {
    const loss = (day: string, share: number) => entry('loss', day, { cause: 'grazed', share, note: '' });
    const standing = (...entries: Parameters<typeof loss>[]) =>
      allowed('nettle', 'tip', { entries: [counted('2026-01-02', 100), ...entries.map((e) => loss(...e))] })
        .plantsStanding;
    expect(standing()).to.equal(100);
    expect(standing(['2026-05-15', 0.5], ['2026-03-01', 0.2])).to.equal(40);
    expect(standing(['2026-05-16', 0.5])).to.equal(100);
    expect(standing(['2025-12-31', 0.5])).to.equal(100);
  });
  it('has one budget for bud, flower, fruit and seed: what one of them cost the others have no more', () => {
    const keep: HouseRule = { kind: 'keepFlowering', share: 0.5 };
    const plants = (key: string, part: string, ...takes: ReturnType<typeof took>[]) => {
      const entries = [counted('2026-04-01', 40, { flowering: 40 }), ...takes];
      const { steps } = allowed(key, part, { entries, rules: [{ rule: keep, since: '2026-01-01', until: null }] });
      const at = steps.findIndex((s) => s.kind === 'flowering');
      return [steps[at]!.plants, ...(steps[at + 1]!.kind === 'seedSpent' ? [steps[at + 1]!.plants] : [])];
    };
    const heads = took('2026-05-01', 6, { part: 'flower', plants: 6 });
    // Valerian’s own share, 60 of 100 to flower and seed, is the stricter.
    const seed = took('2026-05-01', 6, { part: 'seed', plants: 6 });
    expect(plants('valerian', 'flower')).to.deep.equal([16]);
    expect(plants('valerian', 'flower', seed)).to.deep.equal([16, 10]);
    expect(plants('valerian', 'flower', heads), 'its own takes are taken off once').to.deep.equal([16]);
    expect(plants('valerian', 'seed', heads), 'heads use up seed, and count as taken of it').to.deep.equal([16]);
    // A root dug is a plant killed, and off the count already.
    expect(plants('valerian', 'seed', took('2026-05-01', 1, { part: 'root', plants: 1 }))).to.deep.equal([15]);
    // Of a bush the rest is still there: half of one plant’s heads is half a plant.
    const elder = profileOf('elder').parts.find((p) => p.key === 'fruit')!;
    const berries = took('2026-05-01', elder.perPlant.value / 2, { part: 'fruit', plants: 5 });
    expect(plants('elder', 'flower')).to.have.length(1);
    const [before, after] = plants('elder', 'flower', berries);
    expect(before! - after!).to.equal(1);
  });
  it('takes off plants that were killed since the count, by whatever part they were taken for', () => {
    const standing = (...entries: Parameters<typeof bookOf>[1] extends infer _ ? ReturnType<typeof took>[] : never) =>
      allowed('dandelion', 'leaf', { entries: [counted('2026-05-01', 100), ...entries] }).plantsStanding;
    const root = (day: string, over: object = {}) => took(day, 6, { part: 'root', plants: 4, ...over });
    expect(standing(root('2026-05-02'))).to.equal(96);
    expect(standing(root('2026-05-02', { killed: 9 }))).to.equal(91);
    expect(standing(root('2026-05-02', { killed: 0 }))).to.equal(100);
    // Nobody said from how many plants: so many as the amount is of.
    expect(standing(root('2026-05-02', { plants: null }))).to.equal(94);
    // Before the count, or yet to come, they are in it.
    expect(standing(root('2026-05-01'), root('2026-05-16'))).to.equal(100);
    // A flower kills nothing unless somebody says so.
    expect(standing(took('2026-05-03', 30, { part: 'flower', plants: 9 }))).to.equal(100);
    expect(standing(took('2026-05-03', 30, { part: 'flower', plants: 9, killed: 2 }))).to.equal(98);
  });
  it('weighs by the mass of one unit, and says that it cannot where nobody knows it', () => {
    const tip = partOf('nettle', 'tip');
    expect(inUnit({ amount: 30, measure: 'gram' }, tip)).to.equal(10);
    expect(inUnit({ amount: 30, measure: 'unit' }, tip)).to.equal(30);
    expect(inUnit({ amount: 30, measure: 'gram' }, { ...tip, massG: null })).to.equal(null);
    expect(inUnit({ amount: 30, measure: 'gram' }, { ...tip, unit: 'gram', massG: null })).to.equal(30);
  });
  it('is of the plants in the year of life that the part is of, where the count tells them apart', () => {
    const of = (part: string, over: object = {}) =>
      allowed('burdock', part, { entries: [counted('2026-05-01', 20, over)], stand: { sinceYear: 2010 } });
    expect(of('stalk', { flowering: 7 }).plantsCounted).to.equal(7);
    // One in bloom may have been overlooked: at least twelve are of the first year.
    expect(of('root', { flowering: 7 }).plantsCounted).to.equal(12);
    expect(of('root', { flowering: 20 }).plantsCounted).to.equal(0);
    expect(of('root').plantsCounted).to.equal(20);
    const bars = (part: string, flowering: number, day = '2026-05-01') =>
      barring('burdock', part, { entries: [counted(day, 20, { flowering })], stand: { sinceYear: 2010 } });
    expect(bars('stalk', 0)).to.include('wrongYear');
    expect(bars('root', 20)).to.include('wrongYear');
    expect(bars('stalk', 1)).not.to.include('wrongYear');
    // Last year's count says nothing of this year's plants.
    expect(bars('stalk', 0, '2025-12-31')).not.to.include('wrongYear');
    expect(bars('stalk', 0, '2026-01-01')).to.include('wrongYear');
  });
  it('holds by the rules of the day, from the day they began to the day before they ended', () => {
    const rule = { rule: { kind: 'restYears', years: 2 } as HouseRule, since: '2026-05-01', until: '2026-05-20' };
    const bars = (day: string) =>
      barring('nettle', 'tip', { rules: [rule], entries: [took('2025-05-01', 4, { part: 'tip' })] }, { day: on(day) });
    expect(bars('2026-04-30')).not.to.include('rest');
    expect(bars('2026-05-01')).to.include('rest');
    expect(bars('2026-05-19')).to.include('rest');
    expect(bars('2026-05-20')).not.to.include('rest');
  });
  it('asks whether it was settled before the season, where look-alikes cannot be told apart yet', () => {
    const day = { p10: on('2026-05-15'), p50: on('2026-05-18'), p90: on('2026-05-20') };
    const apart = [{ stage: 'flowering', day }];
    const window = windowFrom('2026-04-10', '2026-05-25', { part: 'leaf', separableFrom: 'flowering', apart });
    const bars = (confirmed: string) =>
      barring(
        'ramsons',
        'leaf',
        { stand: { identity: 'unconfirmed' }, entries: [saidToBe('confirmed', confirmed)] },
        { window },
      );
    expect(bars('2026-01-01')).to.include('notConfirmedBefore');
    expect(bars('2025-12-31')).not.to.include('notConfirmedBefore');
  });
  it('is nothing of a root in frozen ground, unless somebody got it out; a flower does not mind', () => {
    const frozen = () => [{ from: on('2026-05-01'), to: on('2026-05-20') }];
    const bars = (part: string, asked: Partial<Asked> = {}) =>
      barring('dandelion', part, {}, asked, seasonsWith({}, { frozen }));
    expect(bars('root')).to.include('frozen');
    expect(bars('root', { tried: true })).not.to.include('frozen');
    expect(bars('flower')).not.to.include('frozen');
    expect(bars('root', { day: on('2026-05-21') })).not.to.include('frozen');
  });
  it('knows of the last season in which the part was taken, whatever other parts were', () => {
    const rules = [{ rule: { kind: 'restYears', years: 1 } as HouseRule, since: '2020-01-01', until: null }];
    const bars = (...entries: ReturnType<typeof took>[]) => barring('dandelion', 'leaf', { rules, entries });
    expect(bars(took('2025-05-01', 3, { part: 'leaf' }))).to.include('rest');
    expect(bars(took('2024-05-01', 3, { part: 'leaf' }))).not.to.include('rest');
    expect(bars(took('2025-05-01', 3, { part: 'flower' }))).not.to.include('rest');
    expect(bars(took('2026-05-01', 3, { part: 'leaf' }))).not.to.include('rest');
  });
  it('is the person’s own where somebody is asked about', () => {
    expect(barring('ramsons', 'leaf', {}, { clearance: 'closed' })).to.include('familyClosed');
    expect(barring('ramsons', 'leaf', {}, { clearance: 'cleared' })).not.to.include('familyClosed');
    expect(barring('ramsons', 'leaf')).not.to.include('familyClosed');
  });
});

describe('an allowance as it travels', () => {
  const tip = partOf('nettle', 'tip');
  it('carries its rules by name and figures, days as text, and which of them binds', () => {
    const allowance = allowed('nettle', 'tip', {
      entries: [counted('2026-05-01', 40)],
      stand: { restUntil: '2026-12-31' },
    });
    const view = viewAllowance(allowance, tip);
    const rest = view.ceilings.find((c) => c.kind === 'rest')!;
    expect(rest).to.deep.include({ source: 'stand', bars: true, values: { until: '2026-12-31' } });
    expect(view.ceilings.filter((c) => c.binding)).to.have.length(1);
    expect(view.unit).to.equal('tip');
    expect(view).not.to.have.property('binding');
    for (const c of view.ceilings) expect(c.values).not.to.have.any.keys('kind', 'kills');
  });
  it('carries the steps of its sum, the last of them the headline, and amounts to a thousandth', () => {
    const entries = [counted('2026-05-01', 40), took('2026-05-02', 1 / 3, { part: 'tip', plants: 1 })];
    const view = viewAllowance(allowed('nettle', 'tip', { entries }), tip);
    expect(view.takenAmount).to.equal(0.333);
    expect(view.steps.length).to.be.above(1);
    expect(view.steps.at(-1)!.amount).to.equal(view.amount);
    expect(view.steps[0]!.rule).to.equal(null);
  });
});

describe('a part taken in one of several ways', () => {
  const entries = [counted('2026-04-01', 40)];
  const old = { sinceYear: 2010 };
  const of = (method: Asked['method'], made: Made = { entries }) =>
    allowed('valerian', 'root', { stand: old, ...made }, { method });
  it('gives as many plants, and less of each', () => {
    const [whole, side] = [of('usual'), of('sideRoots')];
    expect(side.perPlant).to.be.closeTo(0.35 * whole.perPlant!, 1e-9);
    expect(side.plants).to.be.at.least(whole.plants!);
  });
  it('is asked about as the usual one where nobody says which', () => expect(of(undefined)).to.deep.equal(of('usual')));
  it('still needs leave to dig, and age where nobody knows it where it kills', () => {
    const made: Made = { entries, facts: { leave: 'notAsked' } };
    expect(barring('valerian', 'root', made, { method: 'sideRoots' })).to.include('ownerLeave');
  });
  it('takes off as many as such a take kills, whole ones, and none that snapped', () => {
    const standing = (over: object) =>
      allowed('valerian', 'seed', {
        entries: [...entries, took('2026-05-01', 3, { part: 'root', plants: 10, ...over })],
      }).plantsStanding;
    expect(standing({})).to.equal(30);
    expect(standing({ snapped: 4 })).to.equal(34);
    expect(standing({ snapped: 12 })).to.equal(40);
    expect(standing({ method: 'sideRoots' })).to.equal(39);
    expect(standing({ method: 'partOfCrown' })).to.equal(38);
    expect(standing({ method: 'sideRoots', killed: 6 })).to.equal(34);
    // Three roots’ worth of side roots is of nine plants.
    expect(standing({ method: 'sideRoots', plants: null })).to.equal(39);
  });
  it('spends plants that were only pulled at', () => {
    const half: HouseRule = { kind: 'fixedShare', share: 0.5 };
    const left = (tried: number) =>
      allowed('valerian', 'root', {
        entries: [counted('2026-04-01', 900), took('2026-05-01', 2, { part: 'root', plants: 2, killed: 0, tried })],
        rules: [{ rule: half, since: '2026-01-01', until: null }],
        stand: old,
      }).plantsLeft;
    expect(left(0)! - left(3)!).to.equal(3);
  });
  it('goes by the plan that was chosen for the stand, and bars what the plan was not played with', () => {
    const plan: HouseRule = { kind: 'plan', part: 'root', share: 0.5, everyYears: 1, method: 'sideRoots' };
    const made: Made = {
      entries,
      rules: [{ rule: plan, since: '2026-01-01', until: null }],
    };
    expect(of(undefined, made)).to.deep.equal(of('sideRoots', made));
    expect([of('sideRoots', made).kind, of('usual', made).kind]).to.deep.equal(['counted', 'none']);
    const barred = of('usual', made).ceilings.find((c) => c.rule.kind === 'otherMethod')!;
    expect(barred.rule).to.deep.equal({ kind: 'otherMethod', method: 'sideRoots' });
    // Chosen with the usual way it holds for gentler ones as well.
    const { method: _, ...ofAll } = plan;
    expect(of('sideRoots', { ...made, rules: [{ rule: ofAll, since: '2026-01-01', until: null }] }).kind).to.equal(
      'counted',
    );
  });
});

describe('what a new count would free', () => {
  const freed = (entries: ReturnType<typeof entry>[], over: Partial<Made> = {}, plant = 'nettle', part = 'tip') =>
    freedByCount(bookOf(plant, { entries, ...over }), seasonsWith({}), partOf(plant, part), {
      window: spring,
      day: on('2026-05-15'),
    });
  const squares = (counts: number[]) =>
    entry('census', '2026-05-01', { method: 'quadrats', counts, quadratAreaM2: 1, standAreaM2: 40 });
  it('is what its range holds back, and nothing where every plant was counted', () => {
    const rough = [squares([2, 9, 4, 1])];
    const more = freed(rough);
    expect(more).to.be.above(0);
    const { plants } = bookOf('nettle', { entries: rough }).record.counts[0]!;
    // Thirty of a hundred stay for others; a tip a plant.
    const all = (n: number) => Math.floor(0.7 * Math.floor(n + 1e-9) + 1e-9);
    expect(more).to.equal(all(plants.value) - all(plants.low));
    expect(freed([counted('2026-05-01', 40)])).to.equal(0);
  });
  it('is nothing where the range is narrow, nobody counted, or something forbids the take', () => {
    expect(freed([squares([5, 5, 5, 5, 5, 5, 5, 6])])).to.equal(0);
    expect(freed([])).to.equal(0);
    expect(freed([squares([2, 9, 4, 1])], { facts: { leave: 'refused' } })).to.equal(0);
  });
});
