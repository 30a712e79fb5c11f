import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf } from '@emberfield/contract';
import { passes } from './operations/practised.ts';

const profile = (key: string) => CATALOGUE.find((p) => p.key === key)!;
const byName = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));
const saw = (...states: string[]) =>
  states.map((s) => ({ sign: s.split('.')[0]!, state: s.split('.')[1]!, present: true }));
const pass = (key: string, ...states: string[]): boolean =>
  passes(profile(key), { seen: saw(...states), phase: 'flower' }, byName);

describe('passing the signs of a plant in practice', () => {
  it('takes signs that rule out every dangerous look-alike', () => {
    expect(pass('ramsons', 'leafBase.wedge', 'flowerForm.star6', 'flowerSet.umbel', 'root.bulb')).to.equal(true);
    expect(pass('ramsons', 'leafVeins.parallel')).to.equal(false);
    expect(pass('ramsons', 'smell.garlic', 'flowerSet.umbel')).to.equal(false);
  });
  it('does not take signs that rule out the plant itself', () => {
    expect(pass('ramsons', 'leafBase.sheath', 'flowerForm.bell', 'flowerSet.oneSided', 'root.creeping')).to.equal(
      false,
    );
  });
  it('does not take nothing, nor a plant without dangerous look-alikes: there is nothing to pass', () => {
    expect(pass('ramsons')).to.equal(false);
    expect(pass('birch', 'bark.peeling')).to.equal(false);
  });
  it('of an umbellifer asks for more than its smell and its flowers: for what stands under the umbel, hairs and seed', () => {
    expect(pass('wild-carrot', 'smell.carrot', 'flowerSet.twiceUmbel')).to.equal(false);
    expect(pass('wild-carrot', 'smell.carrot', 'stemSkin.hairy')).to.equal(false);
    expect(pass('wild-carrot', 'seedShape.bristly')).to.equal(false);
    // Rough chervil is hairy as well: its seed tells it, and the feathers under the umbel, which it never has.
    const inPhase = (phase: 'flower' | 'fruit', ...states: string[]) =>
      passes(profile('wild-carrot'), { seen: saw('stemSkin.hairy', ...states), phase }, byName);
    expect([inPhase('flower'), inPhase('flower', 'bracts.featherBracts')]).to.deep.equal([false, true]);
    expect([inPhase('flower', 'seedShape.bristly'), inPhase('fruit', 'seedShape.bristly')]).to.deep.equal([
      false,
      true,
    ]);
  });
});
