import { expect } from 'chai';
import type { CeilingView, Conditions, Duty, PartOutlook, PartWish } from '@emberfield/contract';
import { createWords } from './index.ts';

const words = createWords('en');
const DAY = '2026-05-15';
const range = (p10: string | null, p50: string | null, p90: string | null) => ({ p10, p50, p90 });
const opens = range('2026-05-18', '2026-05-21', '2026-05-25');
const closes = range('2026-06-01', '2026-06-05', '2026-06-11');

describe('a coal in words', () => {
  const said: readonly (readonly [PartOutlook['readiness'], string])[] = [
    [{ state: 'cold', daysToOpen: 90 }, 'cold: long away'],
    [{ state: 'kindling', daysToOpen: 6, fill: 0.7 }, 'kindling: opens in about 6 days'],
    [{ state: 'glowing', daysLeft: 9, quality: 0.6 }, 'glowing: open now'],
    [{ state: 'glowing', daysLeft: 9, quality: 0.95 }, 'glowing: at its best'],
    [{ state: 'fading', daysLeft: 1, quality: 0.5 }, 'fading: last call, about 1 day left'],
    [{ state: 'ash', daysSince: 12 }, 'ash: over for this season'],
    [{ state: 'banked', reason: 'resting' }, 'banked: resting'],
    [{ state: 'banked', reason: 'nothingLeft' }, 'banked: nothing left of the allowance'],
  ];
  for (const [readiness, text] of said) it(`says ${text}`, () => expect(words.coal(readiness, false)).to.equal(text));
  it('is told apart for every state, for whoever sees no picture', () => {
    expect(new Set(said.map(([r]) => words.coal(r, false))).size).to.equal(said.length);
  });
  it('adds the thorns to any of them', () => {
    for (const [readiness, text] of said)
      expect(words.coal(readiness, true)).to.equal(`${text} · identity not settled`);
  });
});

describe('what a window’s dates were learned from', () => {
  const learned = {
    here: 7,
    elsewhere: 31,
    moved: [
      { part: 'tip', use: 'greens', edge: 'closes', days: -2, said: 'tough', day: '2026-06-02' },
      { part: 'tip', use: 'greens', edge: 'opens', days: 1, said: 'young', day: '2026-05-02' },
      { part: 'root', use: 'tea', edge: 'opens', days: 4, said: 'young', day: '2026-05-02' },
    ],
  } as const;
  const lower = { patchName: 'Low meadow', belowM: 540, later: [{ part: 'tip', use: 'greens', days: 18 }] } as const;
  it('is said edge by edge, with the place below and how many looked', () => {
    expect(words.learnedReasons({ learned, lower }, { part: 'tip', use: 'greens' }, DAY)).to.deep.equal([
      'Closes 2 days earlier than its stages say: tough on 2 June.',
      'Opens 1 day later than its stages say: still young on 2 May.',
      '18 days later than at Low meadow: 540 m higher.',
      'Stages seen to come that it was learned from: 7 here, 31 of this plant elsewhere.',
    ]);
  });
  it('is said with what its seasons went by, where that is not the profile alone', () => {
    const clocks = [
      { form: 'warmAboveMinus5', share: 0.64 },
      { form: 'profile', share: 0.36 },
    ] as const;
    const window = { part: 'fruit', use: 'raw' } as const;
    expect(words.learnedReasons({ learned: { ...learned, clocks }, lower: null }, window, DAY)).to.deep.equal([
      'Stages seen to come that it was learned from: 7 here, 31 of this plant elsewhere.',
      'What foretold its past seasons best: nearly every day counts 64\u00a0%, the way that its profile has 36\u00a0%.',
    ]);
  });
  it('is said with what was looked for in vain', () => {
    const inVain = [{ stageName: { en: 'nuts ripe' }, inVain: 3, came: 2 }];
    const window = { part: 'fruit', use: 'raw' } as const;
    expect(words.learnedReasons({ learned: { ...learned, inVain }, lower: null }, window, DAY)[0]).to.equal(
      'Nuts ripe: looked for in vain in 3 of 5 seasons here, so it may not come.',
    );
  });
  it('is said of the window that is asked about, and that nobody told anything where nobody did', () => {
    const nobody = { ...learned, here: 0, elsewhere: 0 };
    expect(words.learnedReasons({ learned: nobody, lower }, { part: 'fruit', use: 'raw' }, DAY)).to.deep.equal([
      'Nobody’s sightings have told anything yet: these are the plant’s usual ways.',
    ]);
  });
});

describe('a window in words', () => {
  const window = (readiness: PartOutlook['readiness'], over: Partial<PartOutlook> = {}) =>
    words.window({ readiness, opens, closes, ...over }, DAY);
  it('says from when to when while the stand rests', () => {
    expect(window({ state: 'banked', reason: 'resting' })).to.equal('about 21 May to 5 June');
  });
  it('says since when it is over', () => {
    expect(words.window({ readiness: { state: 'ash', daysSince: 3 }, opens, closes }, '2026-06-08')).to.equal(
      'over since about 5 June',
    );
  });
  it('says when it opens again, with its year', () => {
    const over = { readiness: { state: 'ash', daysSince: 163 }, opens, closes } as const;
    const opensAgain = range('2027-05-16', '2027-05-20', '2027-05-26');
    expect(words.window({ ...over, opensAgain }, '2026-11-25')).to.equal(
      'over since about 5 June · opens again about 20 May 2027',
    );
    expect(words.window({ ...over, opensAgain: range(null, null, null) }, '2026-11-25')).to.equal(
      'over since about 5 June',
    );
  });
  it('says last call with its range, which never goes below nothing', () => {
    const fading = { state: 'fading', daysLeft: 2, quality: 0.6 } as const;
    expect(words.window({ readiness: fading, opens, closes }, '2026-06-03')).to.equal(
      'last call: about 2 days left (0–8)',
    );
  });
  it('says so where no end is in sight, and a question mark where a bound is not known', () => {
    const open = { state: 'glowing', daysLeft: Infinity, quality: 1 } as const;
    expect(window(open, { closes: range(null, null, null) })).to.equal('open, no end in sight');
    const soon = { state: 'kindling', daysToOpen: 6, fill: 0.5 } as const;
    expect(window(soon, { opens: range('2026-05-18', '2026-05-21', null) })).to.equal('opens in about 6 days (3–?)');
  });
});

describe('a window under a heading that says whether it opens or closes', () => {
  const short = (readiness: PartOutlook['readiness'], day = DAY) =>
    words.windowShort({ readiness, opens, closes }, day);
  it('is the days and their range, which is never torn at its dash', () => {
    expect(short({ state: 'kindling', daysToOpen: 6, fill: 0.5 })).to.equal('in 6 days (3\u2060–\u206010)');
    expect(short({ state: 'fading', daysLeft: 2, quality: 0.6 }, '2026-06-03')).to.equal(
      '2 days left (0\u2060–\u20608)',
    );
  });
  it('has words of its own for every state', () => {
    const states: PartOutlook['readiness'][] = [
      { state: 'cold', daysToOpen: 90 },
      { state: 'cold', daysToOpen: null },
      { state: 'glowing', daysLeft: 0, quality: 1 },
      { state: 'ash', daysSince: 3 },
      { state: 'banked', reason: 'resting' },
    ];
    expect(states.map((s) => short(s))).to.deep.equal([
      'about 21 May',
      'perhaps not this season',
      'ends about today',
      'since 5 June',
      '21 May to 5 June',
    ]);
  });
});

describe('the notes of a window', () => {
  const notes = (over: Partial<PartOutlook>) => words.windowNotes({ opens, closes, ...over } as PartOutlook, DAY);
  it('say when it is long enough and too long, where lengths were measured', () =>
    expect(notes({ bySize: true })[0]).to.match(/^Long enough about .+ to .+, too long about 5 June: /));
  it('say when the tide leaves it free, and to go back before it turns', () =>
    expect(
      notes({
        tide: {
          name: 'Quay',
          spans: [
            { from: '08:10', to: '10:40' },
            { from: '19:00', to: '21:05' },
          ],
        },
      })[0],
    ).to.equal(
      'The tide at Quay leaves it free by daylight 08:10 to 10:40 and 19:00 to 21:05. Go back before it turns; wind and swell come on top.',
    ));
  it('say of what length it is wanted, and when it has that, how sure and by what', () => {
    const days = (p50: string | null) => ({ p10: '2026-05-12', p50, p90: '2026-05-20' });
    const wished = { fromCm: 2.5, toCm: 5, reaches: days('2026-05-15'), passes: days('2026-05-19'), measured: false };
    const said = (over: Partial<PartWish>) => notes({ wished: { ...wished, ...over } });
    expect(said({})).to.deep.equal([
      'Wanted 2.5 cm to 5 cm: reaches 2.5 cm about 15 May (12 May to 20 May) and passes 5 cm about 19 May (12 May to 20 May), by the plant’s usual growth: measuring some makes it surer.',
    ]);
    expect(said({ toCm: null, measured: true })[0]).to.match(
      /^Wanted from 2\.5 cm on: .*, by the lengths measured here\.$/,
    );
    expect(said({ passes: days(null) })[0]).to.include('5 cm is not reached this season');
    expect(said({ reaches: null, passes: null })[0]).to.include('no days without weather');
    expect(words.wish({ fromCm: null, toCm: null })).to.equal('as the plant’s profile has it');
  });
  it('say that it comes again, and until when it may be taken here', () => {
    expect(notes({ again: true })).to.deep.equal(['Comes again after the cut.']);
    expect(notes({ leaveEnds: '2026-09-30' })).to.deep.equal(['Open for taking here until 30 September.']);
    expect(notes({ tide: { name: 'Quay', spans: [] } })).to.deep.equal([]);
  });
});

describe('the reasons of a window', () => {
  const outlook = (over: Partial<PartOutlook> = {}) =>
    ({
      basis: 'weather',
      yearCount: 12,
      opens,
      closes,
      separable: null,
      stageSeen: null,
      openProbability: 0.35,
      ...over,
    }) as PartOutlook;
  it('name the station and its years, the spread, and the chance of this day', () => {
    expect(words.windowReasons(outlook(), DAY, 'Low Hill')).to.deep.equal([
      'Based on Low Hill and its last 12 years.',
      'In 8 years of 10 it opens between 18 May and 25 May.',
      'Chance that it is open on this day: 35 %.',
    ]);
  });
  it('say so where there is no weather to reckon from', () => {
    expect(words.windowReasons(outlook({ basis: 'calendar' }), DAY, null)[0]).to.match(/usual dates.*no weather/);
    expect(words.windowNotes(outlook(), DAY)).to.deep.equal([]);
    expect(words.windowReasons(outlook(), DAY, null)[0]).to.match(/usual dates/);
  });
  it('name what was seen and from when look-alikes can be told apart', () => {
    const stageSeen = { stage: 'leaf', stageName: { en: 'leaves unfold' }, day: '2026-05-02' };
    const said = words.windowReasons(
      outlook({ stageSeen, separable: range(null, '2026-06-20', null) }),
      DAY,
      'Low Hill',
    );
    expect(said).to.include('Leaves unfold seen on 2 May.');
    expect(said).to.include('Look-alikes can be told apart from about 20 June.');
  });
});

describe('a ceiling in words', () => {
  const ceiling = (kind: string, values: CeilingView['values'] = {}) => words.ceiling({ kind, values }, 'leaf');
  const said: readonly (readonly [string, string])[] = [
    [ceiling('perPlantCap', { perPlant: 1 }), '1 leaf a plant'],
    [ceiling('perPlantCap', { perPlant: 2 }), '2 leaves a plant'],
    [ceiling('fixedShare', { share: 0.1 }), 'one plant in 10'],
    [ceiling('fixedShare', { share: 0.3 }), '3 of 10 plants'],
    [ceiling('fixedShare', { share: 2 / 3 }), '2 of 3 plants'],
    [ceiling('fixedShare', { share: 0.37 }), '37 % of the plants'],
    [ceiling('spread', { everyNth: 2 }), 'one plant in 2, spread over the stand'],
    [ceiling('leaveForOthers', { share: 0.25 }), 'leave 25 % for others'],
    [ceiling('keepFlowering', { share: 0.6 }), 'leave 60 % to flower and seed'],
    [
      ceiling('quota', { amount: 12, name: 'Low wood', total: 60, measure: 'unit', until: '2026-09-30' }),
      '“Low wood”: 60 leaves in all at its stands, until 30 September 2026',
    ],
    [
      ceiling('quota', { amount: 12, name: '', total: 1500, measure: 'gram', until: '2026-09-30' }),
      'a permit: 1.5 kg in all at its stands, until 30 September 2026',
    ],
    [
      ceiling('permitShut', { name: 'Low wood', from: null, until: '2025-09-30' }),
      'the permit “Low wood” ended on 30 September 2025',
    ],
    [ceiling('permitShut', { name: '', from: '2026-06-01', until: null }), 'the permit begins on 1 June 2026'],
    [ceiling('age', { minYears: 3, ageYears: 1 }), 'too young: 1 of 3 years'],
    [
      ceiling('age', { minYears: 3, ageYears: null }),
      'only plants of 3 years or more, and nobody knows how old they are',
    ],
    [ceiling('rest', { until: '2028-09-30' }), 'resting until 30 September 2028'],
    [ceiling('rest', { until: null }), 'resting'],
    [ceiling('ownerLeave', { leave: 'refused', until: null }), 'the owner refuses'],
    [ceiling('ownerLeave', { leave: 'notAsked', until: null }), 'digging needs the owner’s leave'],
    [ceiling('ownerLeave', { leave: 'ended', until: '2026-03-31' }), 'the owner’s leave ended on 31 March 2026'],
    [ceiling('identity', { status: 'provisional' }), 'look-alikes not ruled out'],
    [ceiling('lookAlikeSeen', { name: 'Autumn crocus' }), 'Autumn crocus seen in this stand'],
  ];
  for (const [is, text] of said) it(`says ${text}`, () => expect(is).to.equal(text));
});

describe('a duty in words', () => {
  const duty = (d: Duty) => words.duty(d, DAY);
  it('says what to do and why', () => {
    expect(duty({ kind: 'countStand', standId: 'x', lastCount: null })).to.deep.equal({
      what: 'count it: never counted',
      why: '',
    });
    expect(duty({ kind: 'countStand', standId: 'x', lastCount: '2024-04-30' }).what).to.equal(
      'count it: last on 30 April 2024',
    );
    expect(duty({ kind: 'leaveEnds', standId: 'x', until: '2026-06-30' })).to.deep.equal({
      what: 'the owner’s leave ends on 30 June',
      why: 'ask again before you take',
    });
  });
  it('of an open identity still says something where no telling stage lies ahead', () => {
    const open: Duty = {
      kind: 'settleIdentity',
      standId: 'x',
      lookAgain: null,
      lookAgainStage: null,
      notRuledOut: [{ en: 'Hemlock' }],
    };
    expect(duty(open)).to.deep.equal({ what: 'look again when it flowers', why: 'not ruled out: Hemlock' });
  });
});

describe('the conditions in words', () => {
  it('say how the year runs', () => {
    expect(words.yearLead(0)).to.equal('The year runs as usual');
    expect(words.yearLead(1)).to.equal('The year runs 1 day early');
    expect(words.yearLead(-6)).to.equal('The year runs 6 days late');
  });
  it('say what that is reckoned from', () => {
    const lead = { daysAhead: 6, sum: 412.4, usualSum: 350, baseC: 5, since: '2026-01-01', until: '2026-05-14' };
    expect(words.leadReasons(lead, 'Brackmoor', '2026-05-15')).to.deep.equal([
      'Warmth above 5 °C from 1 January to 14 May at Brackmoor: 412 degree days, usually 350',
      'A usual year has as many 6 days later',
    ]);
    expect(words.leadReasons({ ...lead, daysAhead: 0 }, null, '2026-05-15')).to.have.length(1);
  });
  it('say temperatures, or that there are none', () => {
    const conditions = (minC: number | null, maxC: number | null) => ({ minC, maxC }) as Conditions;
    expect(words.temperatures(conditions(-1.4, 8.6))).to.equal('-1 to 9 °C');
    expect(words.temperatures(conditions(null, 8))).to.equal('no weather yet');
    expect(createWords('en', 'imperial').temperatures(conditions(0, 10))).to.equal('32 to 50 °F');
  });
});

describe('what counts and losses are made of', () => {
  it('names how it was counted, and the end that is reckoned from', () => {
    const count = { value: 41, low: 41, high: 44, day: '2026-05-03', method: 'complete', by: 'Ode' } as const;
    expect(words.countReasons(count)).to.deep.equal([
      'Every plant that was counted is there; up to 5 % are overlooked (an estimate)',
      'What may be taken is reckoned from the low end, 41',
    ]);
  });
  it('names every loss with its day and cause, and how they add up', () => {
    const loss = { day: '2026-05-03', cause: 'grazed', share: 0.2 } as const;
    expect(words.lossReasons([loss], '2026-05-15')).to.deep.equal([
      '20 % grazed, 3 May',
      'Losses come off before anybody’s share',
    ]);
    expect(words.lossReasons([loss, loss], '2026-05-15')).to.include('Each is of what the one before left');
  });
});
