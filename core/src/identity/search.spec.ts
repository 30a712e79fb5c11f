import { expect } from 'chai';
import fc from 'fast-check';
import { searchState } from './search.ts';

const look = (day: number, found: boolean, itShows = true) => ({ day, found, itShows });

describe('a search for a look-alike', () => {
  it('is none while nobody looked: silence is not absence', () => {
    expect(searchState([], 100, 3)).to.deep.equal({ state: 'neverLooked' });
  });
  it('counts as absence for so many seasons and then expires', () => {
    const searches = [look(100, false)];
    expect(searchState(searches, 100, 3)).to.deep.equal({ state: 'absent', since: 100, until: 1195 });
    expect(searchState(searches, 1195, 3).state).to.equal('absent');
    expect(searchState(searches, 1196, 3).state).to.equal('expired');
  });
  it('counts for nothing at a time when the look-alike does not show', () => {
    expect(searchState([look(100, false, false)], 110, 3).state).to.equal('neverLooked');
    expect(searchState([look(90, true), look(100, false, false)], 110, 3).state).to.equal('found');
  });
  it('found is found, whenever, until a later search that counts finds none', () => {
    expect(searchState([look(100, false), look(120, true, false)], 130, 3)).to.deep.equal({
      state: 'found',
      since: 120,
    });
    expect(searchState([look(120, true), look(140, false)], 150, 3).state).to.equal('absent');
  });
  it('of a later day is not known yet', () => {
    expect(searchState([look(100, false), look(120, true)], 110, 3).state).to.equal('absent');
  });
  it('refuses to stand for less than a season', () => {
    expect(() => searchState([], 1, 0)).to.throw(RangeError);
  });
  it('never answers "absent" right after a sighting, whatever came before', () => {
    const any = fc.array(
      fc.record({ day: fc.integer({ min: 0, max: 999 }), found: fc.boolean(), itShows: fc.boolean() }),
    );
    fc.assert(
      fc.property(any, (before) => {
        const searches = [...before.sort((a, b) => a.day - b.day), look(1000, true)];
        return searchState(searches, 1000, 3).state === 'found';
      }),
    );
  });
});
