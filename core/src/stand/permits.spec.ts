import { expect } from 'chai';
import fc from 'fast-check';
import { isoDay } from '../measure/index.ts';
import { allowanceOn, type Asked } from './allowance-on.ts';
import { bookOf, counted, on, seasonsWith, took, windowFrom } from './made-book.ts';
import { withDrawn, type DrawnTake, type SharedPermit } from './permits.ts';
import type { RecordEntry } from './record.ts';

const permit = (over: Partial<SharedPermit> = {}): SharedPermit => ({
  id: 'p',
  name: 'Low wood',
  kind: 'permit',
  part: 'tip',
  measure: 'unit',
  amount: 40,
  from: '2026-04-01',
  until: '2026-05-31',
  elsewhere: [],
  asideElsewhere: [],
  ...over,
});
const WINDOW = windowFrom('2026-04-10', '2026-06-20');

function allowed(
  permits: readonly SharedPermit[],
  {
    day = '2026-05-15',
    entries = [],
    ...asked
  }: Partial<Omit<Asked, 'day'>> & {
    readonly day?: string;
    readonly entries?: readonly RecordEntry[];
  } = {},
) {
  const book = bookOf('spruce', { entries: [counted('2026-04-02', 60), ...entries], book: { permits } });
  const tip = book.profile.parts.find((p) => p.key === 'tip')!;
  return allowanceOn(book, seasonsWith({ 2026: [WINDOW] }), tip, { window: WINDOW, day: on(day), ...asked });
}
const kinds = (a: ReturnType<typeof allowed>) => a.ceilings.filter((c) => c.bars).map((c) => c.rule.kind);

describe('a permit', () => {
  it('leaves what nobody has taken of it, here or at its other stands, and no more', () => {
    const elsewhere = [
      { day: on('2026-03-31'), amount: 100 },
      { day: on('2026-04-20'), amount: 12 },
      { day: on('2026-05-16'), amount: 3 },
    ];
    expect(
      allowed([permit({ elsewhere })]).amountLeft,
      'what is after the day, or before it began, is none of it',
    ).to.equal(28);
    const here = allowed([permit({ elsewhere })], { entries: [took('2026-05-02', 5, { part: 'tip' })] });
    expect(here.amountLeft).to.equal(23);
    expect(here.binding?.rule).to.deep.include({ kind: 'quota', name: 'Low wood', total: 40 });
    expect(allowed([permit({ elsewhere, amount: 10 })]).amountLeft, 'overdrawn').to.equal(0);
    expect(allowed([permit({ elsewhere: [{ day: on('2026-05-01'), amount: null }] })]).amountLeft).to.equal(0);
  });
  it('counts takes at other stands that a book has not got yet, by the part and the permit that they draw on', () => {
    const { parts } = bookOf('spruce').profile;
    const take = { day: on('2026-05-01'), part: 'tip', amount: 7, measure: 'unit', permits: ['p'] } as const;
    const left = (...takes: readonly DrawnTake[]) => allowed(withDrawn([permit()], parts, takes)).amountLeft;
    expect([left(), left(take), left(take, take)]).to.deep.equal([40, 33, 26]);
    expect(left({ ...take, permits: ['another'] })).to.equal(40);
    expect(left({ ...take, part: 'root' })).to.equal(40);
    const grams = parts.find((p) => p.key === 'tip')!.massG!.value;
    expect(left({ ...take, amount: 7 * grams, measure: 'gram' })).to.be.closeTo(33, 1e-6);
  });
  it('is weighed where it is given by weight', () => {
    const grams = bookOf('spruce').profile.parts.find((p) => p.key === 'tip')!.massG!.value;
    expect(allowed([permit({ measure: 'gram', amount: 20 * grams })]).amountLeft).to.be.closeTo(20, 1e-3);
  });
  it('bars before it begins and after it ended, and says which; a limit of one’s own just ends', () => {
    const named = (day: string, ...permits: readonly SharedPermit[]) => {
      const { ceilings } = allowed(permits, { day });
      const rule = ceilings.find((c) => c.rule.kind === 'permitShut')?.rule;
      return rule?.kind === 'permitShut'
        ? [rule.name, rule.from && isoDay(rule.from), rule.until && isoDay(rule.until)]
        : null;
    };
    const [old, coming] = [
      permit({ name: 'last year', from: '2025-04-01', until: '2025-05-31' }),
      permit({ name: 'June', from: '2026-06-01', until: '2026-06-10' }),
    ];
    expect(named('2026-05-15', old)).to.deep.equal(['last year', null, '2025-05-31']);
    expect(named('2026-05-15', old, coming)).to.deep.equal(['June', '2026-06-01', null]);
    expect(named('2026-05-31', permit(), coming)).to.equal(null);
    expect(kinds(allowed([permit({ until: '2026-05-14' })]))).to.deep.equal(['permitShut']);
    expect(kinds(allowed([permit({ kind: 'own', until: '2026-05-14' })]))).to.deep.equal([]);
    expect(allowed([permit({ kind: 'own' })]).ceilings.find((c) => c.rule.kind === 'quota')?.source).to.equal(
      'houseRule',
    );
  });
  it('is one of several: the one with least left binds', () => {
    expect(allowed([permit(), permit({ name: 'ours', kind: 'own', amount: 9 })]).amountLeft).to.equal(9);
  });
  it('keeps what others have set aside at its other stands, and gives it to whom it is', () => {
    const asideElsewhere = [{ day: on('2026-05-15'), byId: 'tavi', amount: 15 }];
    expect(allowed([permit({ asideElsewhere })]).amountLeft).to.equal(25);
    expect(allowed([permit({ asideElsewhere })], { who: 'tavi' }).amountLeft).to.equal(40);
  });
  it('never gives more for more that was taken elsewhere, and never more in all than it says', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.nat(80), fc.nat(40), (amount, there, more) => {
        const left = (n: number) =>
          allowed([permit({ amount, elsewhere: [{ day: on('2026-05-01'), amount: n }] })]).amountLeft!;
        expect(left(there + more)).to.be.at.most(left(there));
        expect(left(there)).to.be.at.most(Math.max(0, amount - there));
      }),
    );
  });
});
