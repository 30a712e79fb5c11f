import { expect } from 'chai';
import { Rating } from 'ts-fsrs';
import type { Phase, ShownSign, SignSpec } from '../identity/index.ts';
import type { PlantProfile } from '../plants/index.ts';
import { chanceOf } from '../random/index.ts';
import { AMOUNT_RULES, amountCard, pairCards, photoCards, signCards, stageCards, type PracticeCard } from './cards.ts';
import { answered, gradeOf, isDeadly, nextCards, type CardState } from './schedule.ts';

const en = (text: string) => ({ en: text });
const likeness = (name: string, severity = 'poisonous') => ({
  ...{ name: en(name), scientific: name, severity, separatedBy: en(`sign of ${name}`) },
});
const plant = (key: string, lookAlikes: object[]): PlantProfile =>
  ({
    ...{ key, names: en(key), lookAlikes },
    stages: ['bud', 'flower', 'seed'].map((k) => ({ key: k, name: en(k) })),
    parts: [{ key: 'leaf', name: en('leaves') }],
    windows: [
      { part: 'leaf', opens: { stage: 'bud' }, closes: { stage: 'flower', offsetDays: 0 } },
      { part: 'leaf', opens: { stage: 'seed' }, closes: { stage: 'seed', offsetDays: 30 } },
    ],
  }) as unknown as PlantProfile;
const ramsons = plant('ramsons', [likeness('lily'), likeness('crocus', 'deadly'), likeness('arum', 'harmless')]);
const mint = plant('mint', [likeness('dead-nettle', 'harmless')]);

describe('cards of photos', () => {
  const cards = (stage: string | null, plantKey = 'ramsons') =>
    photoCards([{ id: 'p1', plantKey, stage }], [ramsons, mint], chanceOf(3));
  it('ask which plant it is among what is taken for it, and how far it is only where somebody said so', () => {
    const [plantCard, ...more] = cards(null);
    expect(more).to.deep.equal([]);
    expect(plantCard).to.deep.include({ key: 'photo:p1:plant', asks: 'plant', deadly: true });
    const names = plantCard!.options.map((o) => o['en']);
    expect(names[plantCard!.right]).to.equal('ramsons');
    expect([...names].sort()).to.deep.equal(['arum', 'crocus', 'lily', 'ramsons']);
    const stage = cards('flower')[1]!;
    expect([stage.asks, stage.options[stage.right]!['en'], stage.deadly]).to.deep.equal(['stage', 'flower', false]);
    expect(cards('no-such-stage')).to.have.length(1);
  });
  it('know what may kill: there a guess counts for nothing', () => {
    expect(isDeadly(cards(null)[0]!)).to.equal(true);
    expect(isDeadly(cards(null, 'mint')[0]!)).to.equal(false);
    expect(isDeadly(amountCard('everyNth', chanceOf(1)))).to.equal(false);
    expect(cards(null, 'gone')).to.deep.equal([]);
  });
});

describe('cards of drawings', () => {
  const sign = (key: string, when: readonly Phase[], ofPlace = false): SignSpec => ({
    ...{ key, organ: 'stem', price: 'glance', states: ['a', 'b', 'c', 'd', 'e'], ofPlace, when },
  });
  const signs = [sign('dead', ['rest']), sign('stem', ['leaf', 'rest']), sign('host', ['leaf'], true)];
  const cardsOf = (...shows: readonly ShownSign[]) => signCards([{ ...ramsons, shows }], signs, chanceOf(1));
  const shown = (key: string, states: Record<string, number>, when: ShownSign['when'] = null) => ({
    sign: key,
    states,
    when,
  });

  it('ask for what a plant nearly always shows, among what it never does; in winter for what is left of it', () => {
    const cards = cardsOf(shown('dead', { b: 0.95, a: 0.2 }), shown('stem', { c: 1 }));
    expect(cards.map((c) => [c.key, c.inWinter, c.options[c.right]])).to.deep.equal([
      ['sign:ramsons:dead', true, 'b'],
      ['sign:ramsons:stem', false, 'c'],
    ]);
    // What it shows now and then is neither right nor wrong.
    expect([...cards[0]!.options].sort()).to.deep.equal(['b', 'c', 'd', 'e']);
    expect(cards[1]!.options).to.have.length(4);
  });
  it('ask for nothing that is not the plant’s own, changes with the year, or is not nearly always so', () => {
    expect(cardsOf(shown('host', { a: 1 }), shown('unknown', { a: 1 }), shown('dead', { a: 0.8 }))).to.deep.equal([]);
    expect(cardsOf(shown('stem', { a: 1 }, ['leaf']), shown('stem', { b: 1 }, ['rest']))).to.deep.equal([]);
    expect(cardsOf(shown('dead', { a: 1, b: 0.95 }))).to.deep.equal([]);
    expect(cardsOf(shown('dead', { a: 1, b: 0.1, c: 0.1, d: 0.1 }))).to.deep.equal([]);
  });
});

describe('cards to practise with', () => {
  it('ask of each pair for what is said of the other, among what is said of others that are taken for the same', () => {
    const cards = pairCards([ramsons, mint], chanceOf(1));
    expect(cards.map((c) => [c.key, c.deadly])).to.deep.equal([
      ['pair:ramsons:lily', true],
      ['pair:ramsons:crocus', true],
      ['pair:ramsons:arum', false],
      ['pair:mint:dead-nettle', false],
    ]);
    for (const c of cards) {
      expect(c.options[c.right]!['en']).to.equal(`sign of ${c.otherScientific}`);
      expect(new Set(c.options.map((o) => o['en'])).size)
        .to.equal(c.options.length)
        .and.at.least(2);
    }
    const lily = cards[0]!.options.map((o) => o['en']);
    expect(lily).to.include.members(['sign of crocus', 'sign of arum']);
  });
  it('put the right one anywhere, and ask nothing where there is nothing to choose', () => {
    const places = Array.from({ length: 30 }, (_, seed) => pairCards([ramsons], chanceOf(seed + 1))[0]!.right);
    expect(new Set(places).size).to.be.at.least(3);
    expect(pairCards([mint], chanceOf(1))).to.deep.equal([]);
  });
  it('ask with which stage a part is past', () => {
    const [card, other] = stageCards([ramsons], chanceOf(2));
    expect(other, 'it ends a month after the stage').to.equal(undefined);
    expect(card!.options[card!.right]).to.deep.equal(en('flower'));
    expect(card!.options).to.have.length(3);
  });
  it('reckon amounts as an allowance does: by hand, sixty plants, every third, two leaves each', () => {
    const by = { everyNth: 0, leaveShare: 0, firstAndLast: 0 };
    for (const rule of AMOUNT_RULES)
      for (let seed = 1; seed <= 40; seed++) {
        const { plants, perPlant, figure, right } = amountCard(rule, chanceOf(seed));
        const among = rule === 'firstAndLast' ? plants - 2 : plants;
        const touched =
          rule === 'leaveShare' ? Math.floor((plants * (100 - figure)) / 100 + 1e-9) : Math.floor(among / figure);
        expect(right, `${rule} ${seed}`).to.equal(touched * perPlant);
        by[rule]++;
      }
    expect(by).to.deep.equal({ everyNth: 40, leaveShare: 40, firstAndLast: 40 });
  });
});

describe('when a card comes again', () => {
  const now = new Date('2026-05-15T08:00:00Z');
  const sure = { right: true, sure: true };
  const days = ({ due }: CardState, from: Date): number => (Date.parse(due) - from.getTime()) / 86_400_000;

  it('of a pair that may kill no guess is rewarded, and one right answer is not yet known', () => {
    const deadly = (answer: { right: boolean; sure: boolean }, streak: number) =>
      gradeOf(answer, { deadly: true, streak });
    expect(deadly({ right: true, sure: false }, 5)).to.equal(Rating.Again);
    expect(deadly(sure, 0)).to.equal(Rating.Hard);
    expect(deadly(sure, 1)).to.equal(Rating.Good);
    expect(gradeOf({ right: true, sure: false }, { deadly: false, streak: 0 })).to.equal(Rating.Hard);
    expect(gradeOf({ right: false, sure: true }, { deadly: false, streak: 9 })).to.equal(Rating.Again);
  });
  it('later with each sure answer, and soon after a wrong one; a reload between changes nothing', () => {
    let [state, at] = [answered(null, sure, false, now), now];
    const spans: number[] = [];
    for (let i = 0; i < 4; i++) {
      at = new Date(state.due);
      state = answered(JSON.parse(JSON.stringify(state)) as CardState, sure, false, at);
      spans.push(days(state, at));
    }
    for (let i = 1; i < spans.length; i++) expect(spans[i]).to.be.above(spans[i - 1]!);
    expect(spans.at(-1)).to.be.above(10);
    const wrong = answered(state, { right: false, sure: true }, false, new Date(state.due));
    expect(days(wrong, new Date(state.due))).to.be.below(1);
    expect(wrong.streak).to.equal(0);
  });
  it('what is due comes first, then what is new: deadly pairs first, and kinds in turn', () => {
    const cards: PracticeCard[] = [
      ...pairCards([ramsons, mint], chanceOf(1)),
      ...stageCards([ramsons], chanceOf(1)),
      amountCard('everyNth', chanceOf(1)),
    ];
    const keys = (states: Record<string, CardState>) => nextCards(cards, states, { now, most: 4 }).map((c) => c.key);
    expect(keys({})).to.deep.equal(['pair:ramsons:lily', 'stage:ramsons:0', 'amount:everyNth', 'pair:ramsons:crocus']);
    const due = answered(null, { right: false, sure: false }, false, new Date('2026-05-10T08:00:00Z'));
    const later = answered(null, sure, false, now);
    const states = { 'pair:mint:dead-nettle': due, 'stage:ramsons:0': { ...later, due: '2026-06-01T00:00:00.000Z' } };
    expect(keys(states)).to.deep.equal([
      'pair:mint:dead-nettle',
      'pair:ramsons:lily',
      'amount:everyNth',
      'pair:ramsons:crocus',
    ]);
  });
});
