import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { METHOD_KEYS } from './kinds.ts';
import { methodsOf, partBy, takenBy } from './methods.ts';

const partOf = (plant: string, key: string) =>
  CATALOGUE.find((p) => p.key === plant)!.parts.find((p) => p.key === key)!;
const root = partOf('valerian', 'root');
const tips = partOf('nettle', 'tip');

describe('ways of taking a part', () => {
  it('are the usual one first, and those that the profile names', () => {
    expect(methodsOf(root)).to.deep.equal(['usual', 'sideRoots', 'partOfCrown']);
    expect(methodsOf(tips)).to.deep.equal(['usual']);
  });
  it('cost a life, or not: by the usual way as the part does, by another as the profile says', () => {
    expect(takenBy(root, 'usual')).to.deep.equal({ kills: 1, growsAgain: null, yield: 1 });
    expect(takenBy(tips, 'usual').kills).to.equal(0);
    expect(takenBy(root, 'sideRoots')).to.deep.equal({ kills: 0.1, growsAgain: 0.6, yield: 0.35 });
  });
  it('that the profile no more has count as the usual one, so that nothing is thought alive that may be dead', () => {
    expect(takenBy(root, 'lowerLeft')).to.deep.equal(takenBy(root, 'usual'));
    expect(partBy(root, 'lowerLeft')).to.equal(root);
  });
  it('make of the part one that gives less and leaves the plant its seed', () => {
    const side = partBy(root, 'sideRoots');
    expect(side.perPlant.value).to.be.closeTo(0.35 * root.perPlant.value, 1e-12);
    expect(side.perPlant.low).to.be.at.most(side.perPlant.value);
    expect([side.kills, side.costsSeed, root.costsSeed]).to.deep.equal([false, false, true]);
    const fruit = partOf('elder', 'fruit');
    expect(partBy(fruit, 'eachBranch').costsSeed, 'fruit is seed in whatever way').to.equal(true);
  });
  it('of the catalogue cost less than the whole plant and give no more than the usual way', () => {
    const all = CATALOGUE.flatMap((p) => p.parts.flatMap((part) => (part.methods ?? []).map((m) => ({ part, m }))));
    expect(all).to.have.length.above(14);
    for (const { part, m } of all) {
      expect(METHOD_KEYS, m.key).to.include(m.key);
      expect(m.kills.value, `${part.key} ${m.key}`).to.be.below(part.kills ? 0.5 : 0.1);
      for (const { low, value, high } of [m.kills, m.growsAgain, m.yield])
        expect([0 <= low, low <= value, value <= high, high <= 1], m.key).to.deep.equal([true, true, true, true]);
    }
  });
});
