import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { hasModel, lifeOf } from '../plants/index.ts';
import { lastingShare } from '../population/index.ts';
import { effectOf, futureOn, takenOfLate, takingPlan } from './future.ts';
import { bookOf, counted, on, profileOf, took } from './made-book.ts';
import type { RecordEntry } from './record.ts';

const TODAY = on('2026-05-15');
const root = profileOf('valerian').parts.find((p) => p.key === 'root')!;
const dug = (day: string, plants: number): RecordEntry => took(day, plants, { part: 'root', plants });
const FALLING = [
  counted('2021-05-02', 60),
  counted('2023-05-02', 45),
  counted('2025-05-02', 34),
  counted('2026-05-02', 29),
];
const valerian = (...entries: RecordEntry[]) => bookOf('valerian', { entries });
const known = (...entries: RecordEntry[]) => {
  const future = futureOn(valerian(...entries), TODAY);
  if ('none' in future) throw new Error(future.none);
  return future;
};

describe('what is known of a stand’s future', () => {
  it('needs a count, and a kind of life that can be counted', () => {
    const none = (key: string) => futureOn(bookOf(key), TODAY);
    expect([none('valerian'), none('cep'), none('birch'), none('dulse')]).to.deep.equal(
      ['noCount', 'fungus', 'tree', 'thallus'].map((reason) => ({ none: reason })),
    );
    expect(futureOn(valerian(counted('2026-06-01', 20)), TODAY), 'a count of later').to.deep.equal({ none: 'noCount' });
  });
  it('is told for every plant that is gathered: a kind of life, or why there is none', () => {
    for (const profile of CATALOGUE.filter((p) => p.parts.length > 0)) {
      const life = lifeOf(profile);
      const future = futureOn(bookOf(profile.key, { entries: [counted('2026-05-02', 40)] }), TODAY);
      expect('prospect' in future, profile.key).to.equal(hasModel(life));
      if (hasModel(life))
        for (const part of profile.parts)
          expect(takingPlan(life, profile, part).stages, `${profile.key} ${part.key}`).to.have.length.above(0);
    }
  });
  it('begins with the last count by the day, and grows as the counts say with the killed put back', () => {
    const told = known(...FALLING, dug('2022-10-01', 15), dug('2024-10-01', 12));
    expect(told.count.plants.value).to.equal(29);
    expect(Math.exp(told.counted!.meanLog)).to.be.closeTo((29 / 60) ** 0.2, 0.02);
    // 27 of about 42 in five years.
    expect(told.killedShare).to.be.closeTo(27 / 5 / 42, 0.005);
    const [taken, alone] = [known(...FALLING, dug('2022-10-01', 15)), known(...FALLING)];
    expect(taken.prospect.calibration.posterior.meanLog).to.be.above(alone.prospect.calibration.posterior.meanLog);
    expect(alone.prospect.calibration.disagrees).to.equal(true);
  });
});

describe('what was taken of late', () => {
  const lately = (...takes: RecordEntry[]) => {
    const entries = [...FALLING, ...takes];
    return takenOfLate(valerian(...entries), known(...entries), { part: root, day: TODAY });
  };
  it('is a share of the grown plants a year, from the first take of late on', () => {
    // Two in each of three years, of fewer than the 29 that were counted: young ones are not dug.
    const share = lately(dug('2024-10-01', 2), dug('2025-10-01', 2), dug('2026-04-01', 2))!.share;
    expect(share).to.be.within(2 / 29 + 0.005, 0.25);
    expect(lately(dug('2024-10-01', 2))!.share).to.be.closeTo(share / 3, 2e-3);
    expect(lately(dug('2026-04-01', 500))!.share).to.equal(1);
  });
  it('did to a plant what its ways do, weighed by the plants that each was taken from', () => {
    const side = took('2025-10-01', 1, { part: 'root', plants: 3, method: 'sideRoots' });
    const of = (...takes: RecordEntry[]) => lately(...takes)?.effect;
    expect(of(dug('2024-10-01', 2))).to.include({ kills: 1, setsBack: 0 });
    expect(of(dug('2024-10-01', 2), side)!.kills).to.be.closeTo((2 + 0.3) / 5, 1e-12);
  });
  it('is nothing to go by where nobody took, or not in five seasons', () => {
    expect([lately(), lately(dug('2015-10-01', 20))]).to.deep.equal([null, null]);
  });
});

describe('what taking a part does to a plant', () => {
  const effect = (key: string, part: string) =>
    effectOf(
      profileOf(key),
      profileOf(key).parts.find((p) => p.key === part)!,
    );
  it('kills by the root, costs the seed by the flower, and sets back by as much of the leaves as may be taken', () => {
    expect(effect('valerian', 'root')).to.deep.equal({ kills: 1 });
    expect(effect('elder', 'flower')).to.include({ seedLost: 1, weakens: 0 });
    // One leaf of two: half of what losing all of them costs.
    expect(effect('ramsons', 'leaf')).to.deep.equal({ weakens: 0.1, setsBack: 0.2, seedLost: 0.3 });
  });
  it('kills by chance where a part of the root is taken, and sets back those that do not bear again', () => {
    const by = effectOf(profileOf('valerian'), root, 'sideRoots');
    expect(by.kills).to.equal(0.1);
    expect(by.setsBack).to.be.closeTo(0.9 * 0.4, 1e-12);
    expect(by.weakens).to.be.above(0);
    const share = (method: 'usual' | 'sideRoots') => {
      // So many that the luck of single plants evens out.
      const many = FALLING.map((e) => counted(e.day, 10 * (e.body as { readonly plants: number }).plants));
      const { prospect, life } = known(...many);
      const plan = takingPlan(life, profileOf('valerian'), root, method);
      const lasting = { years: 10, floorShare: 0.2, confidence: 0.9 };
      return lastingShare(prospect, plan, lasting, 1000).share ?? 0;
    };
    expect(share('sideRoots'), 'more of them may be touched').to.be.above(share('usual'));
  });
});
