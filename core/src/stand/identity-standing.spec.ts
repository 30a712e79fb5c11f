import { expect } from 'chai';
import type { HouseRule } from '../allowance/index.ts';
import { identityOn } from './identity-standing.ts';
import { bookOf, on, saidToBe } from './made-book.ts';
import type { RecordEntry } from './record.ts';

const TWO: readonly HouseRule[] = [{ kind: 'searchHolds', years: 2 }, { kind: 'secondPerson' }];
const standing = (
  entries: readonly RecordEntry[],
  rules: readonly HouseRule[] = [],
  { day = '2026-05-15', entered = 'unconfirmed' }: { day?: string; entered?: 'unconfirmed' | 'confirmed' } = {},
) => {
  const { status, secondNeeded } = identityOn(
    bookOf('nettle', { entries, stand: { identity: entered } }),
    on(day),
    rules,
  );
  return `${status}${secondNeeded ? ', second needed' : ''}`;
};

describe('how settled the identity of a stand is', () => {
  it('is the last word by the day, and before any what was said when it was entered', () => {
    const words = [saidToBe('provisional', '2026-05-01'), saidToBe('confirmed', '2026-05-10')];
    expect(standing([])).to.equal('unconfirmed');
    expect(standing(words, [], { day: '2026-04-30' })).to.equal('unconfirmed');
    expect(standing(words, [], { day: '2026-05-01' })).to.equal('provisional');
    expect(standing(words, [], { day: '2026-05-10' })).to.equal('confirmed');
    expect(standing([...words, saidToBe('unconfirmed', '2026-05-12')])).to.equal('unconfirmed');
  });
  it('waits for a second person where the house asks for one', () => {
    const [ode, again, mirel] = [
      saidToBe('confirmed', '2026-05-01', 'ode'),
      saidToBe('confirmed', '2026-05-02', 'ode'),
      saidToBe('confirmed', '2026-05-03', 'mirel'),
    ];
    expect(standing([ode], TWO)).to.equal('provisional, second needed');
    expect(standing([ode])).to.equal('confirmed');
    expect(standing([ode, again], TWO)).to.equal('provisional, second needed');
    expect(standing([ode, mirel], TWO)).to.equal('confirmed');
    expect(standing([saidToBe('provisional', '2026-05-01')], TWO)).to.equal('provisional');
  });
  it('begins anew after a doubt: the words before it count no more', () => {
    const ode = saidToBe('confirmed', '2026-05-01', 'ode');
    const doubt = saidToBe('provisional', '2026-05-04', 'tavi');
    const mirel = saidToBe('confirmed', '2026-05-05', 'mirel');
    expect(standing([ode, doubt, mirel], TWO)).to.equal('provisional, second needed');
    expect(standing([ode, doubt, mirel, saidToBe('confirmed', '2026-05-06', 'ode')], TWO)).to.equal('confirmed');
  });
  it('counts whoever entered it as confirmed, until anybody doubts', () => {
    const mirel = saidToBe('confirmed', '2026-05-05', 'mirel');
    const entered = { entered: 'confirmed' } as const;
    expect(standing([], TWO, entered)).to.equal('provisional, second needed');
    expect(standing([mirel], TWO, entered)).to.equal('confirmed');
    expect(standing([mirel], TWO)).to.equal('provisional, second needed');
    expect(standing([saidToBe('unconfirmed', '2026-05-04'), mirel], TWO, entered)).to.equal(
      'provisional, second needed',
    );
  });
});
