import { expect } from 'chai';
import type { HearthView } from '@emberfield/contract';
import { answerWants, choices, partsAtStands } from './wants.ts';

const stand = (id: string, plantKey = 'nettle') => ({
  id,
  plantKey,
  plantName: { en: plantKey },
  patchName: id,
  where: '',
});
const outlook = (standId: string, over: object = {}, allowance: object = {}) => ({
  ...{ standId, part: 'leaf', partName: { en: 'leaves' }, readiness: { state: 'glowing', daysLeft: 5, quality: 1 } },
  allowance: { kind: 'counted', unit: 'leaf', perPlant: 3, amountLeft: 30, plantsLeft: 10, ceilings: [], ...allowance },
  ...over,
});
const hearth = (stands: object[], outlooks: object[]) => ({ stands, outlooks }) as unknown as HearthView;
const cold = { readiness: { state: 'cold', daysToOpen: 40 } };

describe('what is wanted', () => {
  const all = partsAtStands(
    hearth(
      [stand('a'), stand('b'), stand('later'), stand('barred'), stand('new'), stand('elder', 'elder')],
      [
        outlook('a'),
        outlook('b', {}, { amountLeft: 9, plantsLeft: 3 }),
        outlook('later', cold),
        outlook('barred', {}, { kind: 'none', amountLeft: 0 }),
        outlook('new', {}, { kind: 'relative', amountLeft: null, plantsLeft: null }),
        outlook('elder', { part: 'flower', partName: { en: 'heads' } }, { unit: 'head' }),
      ],
    ),
  );
  it('can be any part of a plant that the group has a stand of, each once', () => {
    expect(choices(all).map((c) => [c.what, c.unit])).to.deep.equal([
      ['nettle:leaf', 'leaf'],
      ['elder:flower', 'head'],
    ]);
  });
  it('is answered by stands that are open, with what is left there; all others are named', () => {
    const [answer] = answerWants([{ what: 'nettle:leaf', amount: 36 }], all);
    expect(answer!.portions.map((p) => [p.stand.id, p.amount, p.plants])).to.deep.equal([
      ['a', 30, 10],
      ['b', 6, 2],
    ]);
    expect(answer!.missing).to.equal(0);
    expect(answer!.uncounted.map((a) => a.stand.id)).to.deep.equal(['new']);
    expect(answer!.shut.map((a) => a.stand.id)).to.deep.equal(['later', 'barred']);
  });
  it('takes nothing twice: what one want has, the next has not', () => {
    const answers = answerWants(
      [
        { what: 'nettle:leaf', amount: 30 },
        { what: null, amount: 5 },
        { what: 'nettle:leaf', amount: 12 },
      ],
      all,
    );
    expect(answers[1]).to.equal(null);
    expect(answers[2]!.portions.map((p) => [p.stand.id, p.amount])).to.deep.equal([['b', 9]]);
    expect(answers[2]!.missing).to.equal(3);
  });
  it('is no more in all than a permit gives that stands share, one want after the other', () => {
    const quota = { kind: 'quota', values: { permit: 'p', left: 25 } };
    const under = (id: string, amountLeft = 20) => outlook(id, {}, { amountLeft, ceilings: [quota] });
    const uncounted = outlook('new', {}, { kind: 'relative', amount: 25, amountLeft: 25, ceilings: [quota] });
    const shared = partsAtStands(
      hearth([stand('a'), stand('b'), stand('new')], [under('a'), under('b', 18), uncounted]),
    );
    const want = { what: 'nettle:leaf', amount: 22 };
    const answers = answerWants([want, want], shared);
    expect(answers.map((a) => a!.portions.map((p) => [p.stand.id, p.amount]))).to.deep.equal([
      [
        ['a', 20],
        ['b', 2],
      ],
      [['b', 3]],
    ]);
    expect(answers[1]!.missing).to.equal(19);
    expect(answers[0]!.uncounted.map((a) => a.stand.id)).to.deep.equal(['new']);
  });
  it('is asked of the window of a part that is open', () => {
    const twice = partsAtStands(hearth([stand('a')], [outlook('a', cold), outlook('a', { use: 'again' })]));
    expect(twice).to.have.length(1);
    expect(twice[0]!.outlook.readiness.state).to.equal('glowing');
  });
});
