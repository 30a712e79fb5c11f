import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf } from '@emberfield/contract';
import { passes } from './operations/practice.ts';

const profile = (key: string) => CATALOGUE.find((p) => p.key === key)!;
const byName = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));
const saw = (...states: string[]) =>
  states.map((s) => ({ sign: s.split('.')[0]!, state: s.split('.')[1]!, present: true }));
const pass = (key: string, ...states: string[]): boolean => passes(profile(key), saw(...states), byName);

describe('passing the signs of a plant in practice', () => {
  it('takes signs that rule out every dangerous look-alike', () => {
    expect(pass('ramsons', 'smell.garlic', 'flowerSet.umbel')).to.equal(true);
    expect(pass('ramsons', 'leafVeins.parallel')).to.equal(false);
  });
  it('does not take signs that rule out the plant itself', () => {
    expect(pass('ramsons', 'smell.garlic', 'flowerForm.bell')).to.equal(false);
  });
  it('does not take nothing, nor a plant without dangerous look-alikes: there is nothing to pass', () => {
    expect(pass('ramsons')).to.equal(false);
    expect(pass('birch', 'bark.peeling')).to.equal(false);
  });
  it('of an umbellifer asks for more than its smell and its flowers: for ripe fruit and a stem without blotches', () => {
    expect(pass('angelica', 'smell.carrot', 'flowerSet.twiceUmbel')).to.equal(false);
    expect(pass('angelica', 'smell.carrot', 'stemSkin.plain')).to.equal(false);
    expect(pass('angelica', 'seedShape.flatWinged')).to.equal(false);
    expect(pass('angelica', 'seedShape.flatWinged', 'stemSkin.plain')).to.equal(true);
  });
});
