import {
  type StepView,
  CONTAMINATING,
  ERROR_CODES,
  HAZARDS,
  HOUSE_RULE_KINDS,
  SIGNS,
  UNIT_KEYS,
  type AllowanceView,
  type CeilingView,
  type Duty,
} from '@emberfield/contract';
import { expect } from 'chai';
import { PHASES } from '@emberfield/core/identity';
import { createWords, MESSAGES, type Messages } from './index.ts';

const words = createWords('en');
const range = (p10: string | null, p50: string | null, p90: string | null) => ({ p10, p50, p90 });
const window = {
  opens: range('2026-05-18', '2026-05-21', '2026-05-25'),
  closes: range('2026-06-01', '2026-06-05', '2026-06-11'),
};
const ceiling = (over: Partial<CeilingView>): CeilingView => ({
  source: 'houseRule',
  kind: 'fixedShare',
  values: { share: 0.1 },
  bars: false,
  perPlant: null,
  shareOfPlants: null,
  binding: true,
  ...over,
});
const allowance = (over: Partial<AllowanceView>): AllowanceView => ({
  kind: 'counted',
  unit: 'leaf',
  plants: 5,
  perPlant: 2,
  amount: 10,
  amountLeft: 10,
  plantsLeft: 5,
  takenAmount: 0,
  fraction: null,
  plantsCounted: 50,
  plantsStanding: 50,
  steps: [],
  ceilings: [ceiling({})],
  ...over,
});
const flat = (m: Messages): string[] => Object.values(m).flatMap((v) => (typeof v === 'string' ? [v] : flat(v)));

describe('words', () => {
  it('say when a window opens and how sure that is', () => {
    expect(
      words.window({ ...window, readiness: { state: 'kindling', daysToOpen: 6, fill: 0.5 } }, '2026-05-15'),
    ).to.equal('opens in about 6 days (3–10)');
    expect(
      words.window({ ...window, readiness: { state: 'kindling', daysToOpen: 1, fill: 0.9 } }, '2026-05-20'),
    ).to.equal('opens in about 1 day (0–5)');
    expect(
      words.window({ ...window, readiness: { state: 'glowing', daysLeft: 11, quality: 1 } }, '2026-05-25'),
    ).to.equal('about 11 days left (7–17)');
    expect(
      words.window({ ...window, readiness: { state: 'fading', daysLeft: 0, quality: 0.5 } }, '2026-06-05'),
    ).to.equal('closes about today');
    expect(words.window({ ...window, readiness: { state: 'cold', daysToOpen: 130 } }, '2025-12-30')).to.equal(
      'opens about 21 May 2026',
    );
    expect(
      words.window(
        { ...window, opens: range(null, null, null), readiness: { state: 'cold', daysToOpen: null } },
        '2026-05-15',
      ),
    ).to.equal('may not come this season');
  });
  it('say how much and what holds back', () => {
    expect(words.allowance(allowance({}))).to.equal('10 leaves from 5 plants');
    expect(words.allowance(allowance({ takenAmount: 4, amountLeft: 6 }))).to.equal('6 leaves left of 10');
    expect(
      words.allowance(
        allowance({ kind: 'relative', amount: null, amountLeft: null, fraction: { take: 1, of: 10 }, perPlant: 2 }),
      ),
    ).to.equal('2 leaves a plant, from one plant in 10');
    expect(words.allowance(allowance({ kind: 'none' }))).to.equal('none');
    expect(words.heldBy(allowance({}))).to.equal('one plant in 10');
    expect(
      words.heldBy(allowance({ ceilings: [ceiling({ kind: 'rest', values: { until: '2028-09-30' } })] })),
    ).to.equal('resting until 30 September 2028');
  });
  it('say the sum so that it adds up, step by step to the headline', () => {
    const step = (
      kind: StepView['kind'],
      plants: number,
      rule: StepView['rule'] = null,
      over: Partial<StepView> = {},
    ) => ({ kind, rule, plants, perPlant: null, amount: null, ...over }) satisfies StepView;
    const steps = [
      step('count', 11),
      step('flowering', 8, { kind: 'keepFlowering', values: { share: 0.25 } }),
      step('perPlant', 8, { kind: 'lightPruning', values: { share: 1 / 3 } }, { perPlant: 20, amount: 160 }),
    ];
    expect(words.sum(allowance({ unit: 'head', steps }))).to.equal(
      'at least 11 plants → leave 25 % to flower and seed: 8 plants → × 20 heads each (at most one in 3 on each plant): 160 heads',
    );
    expect(words.sum(allowance({}))).to.equal('');
    expect(words.allowance(allowance({ kind: 'relative', amount: null, fraction: { take: 2, of: 3 } }))).to.equal(
      '2 leaves a plant, from 2 of 3 plants',
    );
  });
  it('have a sentence for every ceiling, with nothing left open in it', () => {
    const NO_CEILINGS = ['restYears', 'secondPerson', 'searchHolds'];
    const kinds = [
      ...HOUSE_RULE_KINDS.filter((k) => !NO_CEILINGS.includes(k)),
      'plan',
      'lightPruning',
      'quota',
      'permitShut',
      'sapTaps',
      'age',
      'rest',
      'protected',
      'ownerLeave',
      'identity',
      'lookAlikeSeen',
      'lookAlikeUnsearched',
      'notConfirmedBefore',
      'leafByLeaf',
      'familyClosed',
      'contaminated',
      'frozen',
      'closedDays',
      'tide',
      'wrongYear',
      'takeAll',
    ];
    for (const kind of kinds) {
      const said = words.ceiling(
        ceiling({
          kind,
          values: {
            share: 0.3,
            perPlant: 2,
            everyNth: 7,
            amount: 5,
            minYears: 3,
            ageYears: 1,
            status: 'unconfirmed',
            leave: 'ended',
            until: '2026-06-30',
            name: 'Yew',
            family: 'Taxaceae',
            search: 'expired',
            yearOfLife: 1,
          },
        }),
        'tip',
      );
      expect(said, kind).not.to.match(/\{|\}|ceiling\.|undefined|NaN/);
    }
  });
  it('have a sentence for every error, that says what to do', () => {
    for (const code of ERROR_CODES)
      expect(words.error(code, { reason: 'missing', field: 'body.x' }), code)
        .to.match(/^[A-Z].*[.]$/s)
        .and.not.match(/\{|undefined/);
    expect(words.error('badInput', { field: 'body.day', reason: 'notADay' })).to.equal(
      'This does not fit: body.day. Write a day of the calendar as 2026-05-15.',
    );
  });
  it('count in every unit, one and many', () => {
    for (const unit of UNIT_KEYS) {
      expect(words.amount(1, unit), unit).to.match(/^1\s/);
      expect(words.amount(1400, unit), unit).to.match(/^(1,400|1\.4)\s/);
    }
    expect(words.amount(1, 'leaf')).to.equal('1 leaf');
    expect(words.amount(2.4, 'litre')).to.equal('2.4 litres');
  });
  it('say duties', () => {
    const duty: Duty = {
      kind: 'settleIdentity',
      standId: 'x',
      lookAgainStage: { en: 'in flower' },
      lookAgain: range('2026-06-01', '2026-06-08', '2026-06-15'),
      notRuledOut: [{ en: 'Hemlock' }, { en: 'Cowbane' }],
    };
    expect(words.duty(duty, '2026-05-15')).to.deep.equal({
      what: 'look again: in flower, about 8 June',
      why: 'not ruled out: Hemlock and Cowbane',
    });
  });
  it('speak metric and imperial', () => {
    const imperial = createWords('en', 'imperial').format;
    expect([words.format.temperature(21), imperial.temperature(21)]).to.deep.equal(['21 °C', '70 °F']);
    expect([words.format.height(122), imperial.height(122)]).to.deep.equal(['122 m', '400 ft']);
    expect([words.format.mass(1500), imperial.mass(1500)]).to.deep.equal(['1.5 kg', '53 oz']);
    expect([words.format.area(25_000), imperial.area(100)]).to.deep.equal(['2.5 ha', '1,076 ft²']);
  });
  it('have advice for every hazard, and forbid taking where the ground is poisoned', () => {
    for (const hazard of HAZARDS) {
      expect(words.t(`patch.hazard.${hazard}`), hazard).not.to.include('patch.');
      const advice = words.t(`patch.hazardAdvice.${hazard}`);
      expect(advice, hazard)
        .to.match(/[a-z].*\.$/)
        .and.not.include('patch.');
      if (CONTAMINATING.includes(hazard)) expect(advice.toLowerCase(), hazard).to.include('nothing is taken here');
    }
  });
  it('never promise safety, never congratulate', () => {
    for (const message of flat(MESSAGES['en'])) expect(message).not.to.match(/\bsafe(ly)?\b|successful|!$|edible/i);
  });
  it('never promise safety, in any language, whatever is said', () => {
    const texts = (of: Messages | string): readonly string[] =>
      typeof of === 'string' ? [of] : Object.values(of).flatMap(texts);
    const promising = /\b(is|are|be|it's) (safe|harmless|edible)\b|\bsafely\b|\bsafe to\b|edible for sure|guarantee/i;
    for (const [language, messages] of Object.entries(MESSAGES)) {
      const said = texts(messages);
      expect(said.length, language).to.be.above(500);
      for (const text of said) expect(text, language).not.to.match(promising);
    }
    expect(words.t('identify.nothingLeft')).to.equal(
      'Nothing on the list is left to rule out. Not on the list does not mean absent.',
    );
  });
  it('name every sign, every state of it and every phase', () => {
    for (const { key, states } of SIGNS) {
      expect(words.t(`sign.${key}`), key).not.to.match(/^sign\./);
      for (const state of states) expect(words.t(`state.${key}.${state}`), state).not.to.match(/^state\./);
    }
    for (const phase of PHASES) expect(words.t(`phase.${phase}`)).not.to.match(/^phase\./);
  });
  it('have a sentence for every duty', () => {
    const on = '2026-05-15';
    const name = { en: 'Yew' };
    const duties: readonly Duty[] = [
      { kind: 'searchLookAlike', standId: 's', name, last: null, showsNow: true, showsNext: null },
      { kind: 'searchLookAlike', standId: 's', name, last: '2020-05-01', showsNow: false, showsNext: '2026-06-01' },
      { kind: 'searchLookAlike', standId: 's', name, last: null, showsNow: false, showsNext: null },
      { kind: 'awaited', standId: 's', sign: 'sporePrint', due: '2026-05-14' },
      { kind: 'awaited', standId: 's', sign: 'sporePrint', due: '2026-05-16' },
      { kind: 'secondPerson', standId: 's' },
      { kind: 'permitEnds', standId: 's', permitId: 'p', name: 'Low wood', until: '2026-06-30' },
      { kind: 'permitEnds', standId: 's', permitId: 'p', name: '', until: '2026-06-30' },
      {
        kind: 'settleFind',
        standId: null,
        patchId: 'p',
        patchName: 'Rim',
        day: '2026-05-01',
        mayBe: [name],
        plantKeys: ['yew'],
      },
      {
        kind: 'settleFind',
        standId: null,
        patchId: 'p',
        patchName: 'Rim',
        day: '2026-05-01',
        mayBe: [],
        plantKeys: [],
      },
    ];
    const said = duties.map((d) => Object.values(words.duty(d, on)).join(' | '));
    expect(new Set(said).size).to.equal(duties.length);
    for (const text of said) expect(text).not.to.match(/\{|undefined|duty\./);
    expect(said[1]).to.equal('look for Yew from about 1 June | last looked for on 1 May 2020');
  });
});
