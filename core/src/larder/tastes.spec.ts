import { expect } from 'chai';
import { isToAsk, tasteOf, type Taste } from './tastes.ts';

describe('what somebody has eaten of', () => {
  const taste = (over: Partial<Taste> = {}): Taste => ({
    ...{ plantKey: 'elder', family: null, part: 'flower', day: '2026-05-10', cooked: true, outcome: 'nothing' },
    ...over,
  });
  const elder = { plantKey: 'elder', family: 'Adoxaceae', part: 'flower', cooked: true } as const;
  const standing = (tastes: readonly Taste[], of: Partial<typeof elder> | { readonly cooked: boolean } = {}) =>
    tasteOf(tastes, { ...elder, ...of }).standing;

  it('is that part of that plant: another part is new, and raw is new to whoever ate it cooked', () => {
    expect(standing([])).to.equal('new');
    expect(standing([taste()])).to.equal('eaten');
    expect(standing([taste({ part: 'fruit' })])).to.equal('new');
    expect(standing([taste()], { cooked: false })).to.equal('new');
    expect(standing([taste({ cooked: false })], { cooked: false })).to.equal('eaten');
    expect(standing([taste({ cooked: false })])).to.equal('eaten');
  });
  it('waits until it is said what came of it, and is asked from the next day on', () => {
    const first = taste({ outcome: 'waiting', day: '2026-05-15' });
    expect(standing([taste(), first])).to.equal('waiting');
    expect(isToAsk(first, '2026-05-15')).to.equal(false);
    expect(isToAsk(first, '2026-05-16')).to.equal(true);
    expect(isToAsk(taste(), '2026-05-16')).to.equal(false);
  });
  it('is outweighed by what harmed: any part of the plant, and any plant of a family that is not borne', () => {
    const bad = taste({ outcome: 'something', part: 'fruit', day: '2020-01-01' });
    expect(tasteOf([bad, taste()], elder)).to.deep.equal({ standing: 'reacts', by: bad });
    expect(standing([taste({ plantKey: null, part: null, family: 'adoxaceae', outcome: 'known' })])).to.equal('reacts');
    expect(standing([taste({ plantKey: null, part: null, family: 'Asteraceae', outcome: 'known' })])).to.equal('new');
    expect(standing([taste({ plantKey: 'mugwort', outcome: 'known' })])).to.equal('new');
    // Of a plant of no known family nobody is warned for another of none.
    expect(tasteOf([taste({ plantKey: 'mugwort', outcome: 'known' })], { ...elder, family: '' }).standing).to.equal(
      'new',
    );
  });
});
