import { expect } from 'chai';
import type { PatchGeometry } from '@emberfield/contract';
import { historyFrom, stepBack, stepTo } from './shape-history.ts';

const at = (lon: number): PatchGeometry => ({ type: 'Point', coordinates: [lon, 46] });

describe('the history of a shape', () => {
  it('goes back step by step to where it began, and no further', () => {
    const drawn = stepTo(stepTo(historyFrom(null), at(1)), at(2));
    expect(stepBack(drawn).now).to.deep.equal(at(1));
    expect(stepBack(stepBack(drawn)).now).to.equal(null);
    expect(stepBack(stepBack(stepBack(drawn))).now).to.equal(null);
  });
  it('counts no step that changes nothing', () => {
    expect(stepTo(historyFrom(at(1)), at(1)).past).to.deep.equal([]);
  });
  it('forgets a branch once something else is drawn, and very old steps', () => {
    const other = stepTo(stepBack(stepTo(historyFrom(at(1)), at(2))), at(3));
    expect(stepBack(other).now).to.deep.equal(at(1));
    const long = Array.from({ length: 300 }, (_, i) => i).reduce((h, i) => stepTo(h, at(i)), historyFrom(null));
    expect(long.past).to.have.length(100);
  });
});
