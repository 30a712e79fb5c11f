import { expect } from 'chai';
import { bookOf, counted, entry, on, profileOf, saidToBe, seasonsWith, took, windowFrom } from './made-book.ts';
import { outlooksFor, standDay, windowOfPart, windowOn } from './outlook.ts';
import type { SharedPermit } from './permits.ts';
import type { StandSeason } from './season.ts';

const book = bookOf('spruce');
const spring = (year: number) => windowFrom(`${year}-05-10`, `${year}-06-01`);

describe('the window that matters on a day', () => {
  const at = (day: string, windows: Parameters<typeof seasonsWith>[0], over: Parameters<typeof seasonsWith>[1] = {}) =>
    windowOn(book, seasonsWith(windows, over), 0, on(day));
  const years = { 2025: [spring(2025)], 2026: [spring(2026)], 2027: [spring(2027)] };

  it('is this season’s, before it and after it, until the next is near', () => {
    for (const day of ['2026-01-01', '2026-05-20', '2026-06-02', '2026-12-01'])
      expect(at(day, years).season, day).to.equal(2026);
  });
  it('is the next one once that kindles: within three weeks of its opening, over the turn of the season', () => {
    const early = { ...years, 2027: [windowFrom('2027-01-10', '2027-02-01')] };
    expect(at('2026-12-19', early).season).to.equal(2026);
    expect(at('2026-12-20', early).season).to.equal(2027);
    // While this one is not over it stays.
    const long = { ...early, 2026: [windowFrom('2026-11-01', '2026-12-25')] };
    expect(at('2026-12-22', long).season).to.equal(2026);
    expect(at('2026-12-26', long).season).to.equal(2027);
    expect(at('2026-12-26', { ...long, 2027: [windowFrom(null, null)] }).season).to.equal(2026);
  });
  it('is last season’s while that is still open, and its last day with it', () => {
    const winter = {
      2025: [windowFrom('2025-11-01', '2026-01-20', { season: 2025 })],
      2026: [windowFrom('2026-11-01', '2027-01-20', { season: 2026 })],
    };
    expect(at('2026-01-20', winter).season).to.equal(2025);
    expect(at('2026-01-21', winter).season).to.equal(2026);
    // One without an end in sight is open.
    expect(at('2026-02-01', { ...winter, 2025: [windowFrom('2025-11-01', null)] }).season).to.equal(2025);
    expect(at('2026-02-01', { ...winter, 2025: [windowFrom(null, null)] }).season).to.equal(2026);
  });
  it('does not reckon a season that closed long ago: four months before the day, by this one a year back', () => {
    const autumn = { 2025: [windowFrom('2025-09-01', '2025-10-01')], 2026: [windowFrom('2026-09-01', '2026-10-01')] };
    const asked = (day: string, windows = autumn) => {
      const seasons = seasonsWith(windows);
      windowOn(book, seasons, 0, on(day));
      return new Set(seasons.asked);
    };
    expect(asked('2026-01-29')).to.include(2025);
    expect(asked('2026-01-30')).not.to.include(2025);
    // Of one without an end nobody knows.
    expect(asked('2026-08-30', { ...autumn, 2026: [windowFrom('2026-09-01', null)] })).to.include(2025);
  });
  it('is what comes again after a cut, from the day of the cut, while anything does', () => {
    const again = windowFrom('2026-06-20', '2026-07-20', { again: true });
    const cut = on('2026-05-20');
    const regrown = (window: StandSeason['windows'][number]) => ({ regrown: [{ cut, window }] });
    expect(at('2026-05-19', years, regrown(again)).again).to.equal(false);
    expect(at('2026-05-20', years, regrown(again)).again).to.equal(true);
    expect(at('2026-05-20', years, regrown(windowFrom(null, null, { again: true }))).again).to.equal(false);
  });
});

describe('the window under which a take counts', () => {
  const nettle = bookOf('dandelion');
  const leaf = windowFrom('2026-03-01', '2026-04-20', { part: 'leaf' });
  const flower = windowFrom('2026-04-25', '2026-05-20', { part: 'flower' });
  const root = windowFrom('2026-09-01', '2026-11-20', { part: 'root' });
  const of = (part: string, day: string, windows = [leaf, flower, root]) =>
    windowOfPart(nettle, seasonsWith({ 2025: windows, 2026: windows }), part, on(day));
  it('is one of the part, open or not, else the first of the plant', () => {
    expect(of('flower', '2026-05-01')).to.equal(flower);
    expect(of('flower', '2026-07-01')).to.equal(flower);
    expect(of('bark', '2026-05-01')).to.equal(leaf);
  });
});

describe('what a day says of a stand', () => {
  const seasons = (over: Parameters<typeof seasonsWith>[1] = {}, window = spring(2026)) =>
    seasonsWith({ 2025: [spring(2025)], 2026: [window], 2027: [spring(2027)] }, over);
  const say = (day: string, made: Parameters<typeof bookOf>[1] = {}, s = seasons()) =>
    standDay(bookOf('spruce', made), on(day), s);

  it('is one line a window, with its dates, its chance and what may be taken', () => {
    const { outlooks, identity } = say('2026-05-20', { entries: [counted('2026-05-01', 50)] });
    expect(outlooks).to.have.length(profileOf('spruce').windows.length);
    expect(outlooks[0]).to.deep.include({
      standId: 's',
      part: 'tip',
      season: 2026,
      openProbability: 1,
      opens: { p10: '2026-05-06', p50: '2026-05-10', p90: '2026-05-14' },
      basis: 'weather',
      yearCount: 12,
      bySize: false,
      again: false,
      opensAgain: null,
      leaveEnds: null,
      frozenFrom: null,
      tide: null,
      inseparable: false,
      thorns: false,
    });
    // The coal shows what is to be expected over all that may come: 0.8 here.
    expect(outlooks[0]!.readiness).to.deep.include({ state: 'glowing', daysLeft: 12, quality: 0.8 });
    expect(outlooks[0]!.allowance.kind).not.to.equal('none');
    expect(identity.status).to.equal('confirmed');
  });
  it('says that a stand was counted since its plan was chosen, of the part that it is for', () => {
    const since = '2026-03-01';
    const rules = [{ rule: { kind: 'plan', part: 'tip', share: 0.1, everyYears: 1 } as const, since, until: null }];
    const countedOn = (...days: readonly string[]) =>
      say('2026-05-20', { rules, entries: days.map((d) => counted(d, 50)) }).outlooks[0]!.countedSincePlan;
    expect(countedOn('2025-05-01', since)).to.equal(undefined);
    expect(countedOn('2025-05-01', '2026-04-02', '2026-05-09')).to.equal('2026-05-09');
    // What is counted later than the day nobody knew then.
    expect(countedOn('2025-05-01', '2026-06-02')).to.equal(undefined);
  });
  it('names the stage that was seen last by the day', () => {
    const stages = profileOf('spruce').stages.map((s, i) => ({
      key: s.key,
      seen: { after: null, by: i < 2 ? on(`2026-05-0${i + 3}`) : null },
    }));
    const forecast = { stages, basis: 'weather', yearCount: 3 } as unknown as StandSeason['forecast'];
    const seen = (day: string) => say(day, {}, seasons({ forecast })).outlooks[0]!.stageSeen;
    expect(seen('2026-05-02')).to.equal(null);
    expect(seen('2026-05-03')).to.deep.include({ stage: 'swelling', day: '2026-05-03' });
    expect(seen('2026-05-20')).to.deep.include({ stage: 'capsOff', day: '2026-05-04' });
  });
  it('says of a window that is over when the next season’s opens', () => {
    expect(say('2026-06-01').outlooks[0]!.opensAgain).to.equal(null);
    expect(say('2026-06-02').outlooks[0]!.opensAgain).to.deep.include({ p50: '2027-05-10' });
  });
  it('covers the coal while the stand rests, and when nothing is left', () => {
    const resting = say('2026-05-20', { stand: { restUntil: '2026-12-31' } }).outlooks[0]!;
    expect(resting.readiness).to.deep.equal({ state: 'banked', reason: 'resting' });
    const left = (amount: number, permits: readonly SharedPermit[] = []) =>
      say('2026-05-20', {
        entries: [counted('2026-05-01', 1), took('2026-05-12', amount, { part: 'tip', plants: 1 })],
        book: { permits },
      }).outlooks[0]!.readiness.state;
    expect([left(1), left(100_000)]).to.deep.equal(['glowing', 'banked']);
    const drawn = (elsewhere: number): SharedPermit => ({
      ...{ id: 'p', name: 'Low wood', kind: 'permit', part: 'tip', measure: 'unit', amount: 10 },
      ...{ from: '2026-01-01', until: '2026-12-31', asideElsewhere: [] },
      elsewhere: [{ day: on('2026-05-10'), amount: elsewhere }],
    });
    expect([left(1, [drawn(8)]), left(0, [drawn(10)])], 'and when others took all that it shares').to.deep.equal([
      'glowing',
      'banked',
    ]);
  });
  it('has thorns while it is not settled what it is, and when a deadly look-alike was found', () => {
    const thorns = (made: Parameters<typeof bookOf>[1]) => say('2026-05-20', made).outlooks[0]!.thorns;
    expect(thorns({})).to.equal(false);
    expect(thorns({ stand: { identity: 'provisional' } })).to.equal(true);
    const found = entry('search', '2026-05-01', {
      lookedFor: 'Yew',
      plantKey: null,
      found: true,
      stage: '',
      deadly: true,
    });
    expect(thorns({ entries: [found] })).to.equal(true);
  });
  it('says while look-alikes cannot be told apart, whose leaves must be looked at one by one, and to whom', () => {
    const ramsons = bookOf('ramsons', { entries: [saidToBe('confirmed', '2025-05-01')] });
    const part = {
      part: 'leaf',
      use: 'eaten fresh',
      separableFrom: 'flowering',
      apart: [
        { stage: 'buds', day: { p10: on('2026-05-01'), p50: on('2026-05-04'), p90: on('2026-05-06') } },
        { stage: 'flowering', day: { p10: on('2026-05-15'), p50: on('2026-05-18'), p90: on('2026-05-20') } },
      ],
    };
    const early = windowFrom('2026-04-10', '2026-05-25', part);
    const windows = [
      early,
      windowFrom('2026-05-01', '2026-05-20', { part: 'bud', apart: part.apart }),
      windowFrom('2026-06-01', '2026-06-20', { part: 'seed', apart: part.apart }),
    ];
    const s = seasonsWith({ 2025: windows, 2026: windows });
    const told = (day: string) => standDay(ramsons, on(day), s);
    expect(told('2026-05-17').outlooks[0]).to.include({ inseparable: true, thorns: true });
    const mixedOn = (day: string) => told(day).outlooks[0]!.leafByLeaf.map((l) => l.name['en']);
    // Arrowheads are told sooner than tongues; what is deadly and has its sign on every leaf stays until the flowers.
    expect(mixedOn('2026-05-03')).to.deep.equal([
      'Autumn crocus',
      'Lily of the valley',
      'White hellebore',
      'Lords-and-ladies',
    ]);
    expect(mixedOn('2026-05-17')).to.deep.equal(['Autumn crocus', 'Lily of the valley', 'White hellebore']);
    expect(told('2026-05-18').outlooks[0]).to.deep.include({ inseparable: false, leafByLeaf: [] });
    const kinds = (clearance: 'none' | 'cleared' | 'closed', w = 0, day = '2026-05-17') =>
      outlooksFor(ramsons, s, told(day), { day: on(day), clearance })[w]!.allowance.ceilings.map((c) => c.kind);
    expect(kinds('none')).to.include('leafByLeaf');
    expect(kinds('cleared')).not.to.include('leafByLeaf');
    expect(kinds('closed')).to.include('familyClosed');
    expect(kinds('none', 2)).not.to.include('familyClosed');
    expect(told('2026-05-17').outlooks[0]).to.deep.include({ neverApart: false });
    expect(told('2026-05-17').outlooks[0]!.separable!.p50).to.equal('2026-05-18');
    // Nothing is reckoned anew where the answer is the same for everybody.
    const { outlooks } = told('2026-05-17');
    expect(outlooksFor(ramsons, s, { outlooks }, { day: on('2026-05-17'), clearance: 'cleared' })[0]).to.equal(
      outlooks[0],
    );
    expect(outlooksFor(ramsons, s, { outlooks }, { day: on('2026-05-17'), clearance: 'none' })[2]).to.equal(
      outlooks[2],
    );
  });
  it('says until when a place with days of its own is open, and of what is dug when the ground freezes', () => {
    const days = { facts: { leaveDays: { from: '05-01', to: '05-31' } } };
    expect(say('2026-05-20', days).outlooks[0]!.leaveEnds).to.equal('2026-05-31');
    expect(say('2026-06-01', days).outlooks[0]!.leaveEnds).to.equal(null);
    const frozen = () => [{ from: on('2026-12-10'), to: on('2027-02-20') }];
    const root = windowFrom('2026-10-01', '2027-01-20', { part: 'root' });
    const burdock = bookOf('burdock');
    const s = seasonsWith({ 2025: [root, root], 2026: [root, root] }, { frozen });
    expect(standDay(burdock, on('2026-11-01'), s).outlooks[0]!.frozenFrom).to.equal('2026-12-10');
    expect(say('2026-11-01', {}, seasons({ frozen })).outlooks[0]!.frozenFrom).to.equal(null);
  });
});
