import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { yearBars } from './plant-year.ts';

describe('a plant’s year', () => {
  const of = (key: string) => yearBars(CATALOGUE.find((p) => p.key === key)!);
  it('lays each window on the calendar', () => {
    const flower = of('elder').find((b) => b.part === 'flower')!;
    expect(flower.from).to.be.within(0.38, 0.43);
    expect(flower.to).to.be.above(flower.from);
  });
  it('breaks a winter window at New Year', () => {
    const root = of('burdock').filter((b) => b.part === 'root');
    expect(root).to.have.length(2);
    expect(root[0]!.to).to.equal(1);
    expect(root[1]!.from).to.equal(0);
  });
  it('keeps every bar within the year', () => {
    for (const p of CATALOGUE)
      for (const b of yearBars(p)) expect(b.from >= 0 && b.to <= 1 && b.from <= b.to, p.key).to.equal(true);
  });
});
