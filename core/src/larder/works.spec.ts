import { expect } from 'chai';
import { batchesOf, BATCH_STEPS, type BatchBody, type BatchNoted } from './batch.ts';
import { KEEPING_WAYS } from './keeping.ts';
import { WORKS, WORKS_OF } from './works.ts';
import { learnYield, yieldsOf } from './yields.ts';

const at = (hours: number) => new Date(Date.UTC(2026, 4, 15, 9 + hours)).toISOString();
const body: BatchBody = {
  ...{ name: '', parents: ['t1'], part: 'root', massG: 1000, out: [], washed: true, way: 'starch', form: null },
  ...{ acrossCm: null, humidityPct: null, note: '' },
};
const made = (over: Partial<BatchBody> = {}): BatchNoted => ({
  ...{ kind: 'batch', id: 'a', day: '2026-05-15', madeAt: at(0), body: { ...body, ...over } },
});
const did = (step: (typeof BATCH_STEPS)[number], massG: number | null, hours: number): BatchNoted => ({
  ...{ kind: 'batchStep', id: `${step}${hours}`, day: '2026-05-15', madeAt: at(hours) },
  body: { batchId: 'a', step, massG, where: '' },
});
const one = (...noted: readonly BatchNoted[]) => batchesOf([made(), ...noted])[0]!;

describe('works of a way of keeping', () => {
  it('are there for every way but drying, which has its weighings, and none says that more is left than there was', () => {
    for (const way of KEEPING_WAYS) {
      const works = WORKS_OF[way];
      expect(works.length > 0, way).to.equal(way !== 'dry');
      expect(new Set(works.map((w) => w.work)).size, way).to.equal(works.length);
      for (const { work, leaves } of works)
        if (leaves)
          expect(
            0 < leaves.low && leaves.low < leaves.value && leaves.value < leaves.high && leaves.high < 1,
            work,
          ).to.equal(true);
    }
    expect(WORKS.filter((w) => !KEEPING_WAYS.some((way) => WORKS_OF[way].some((g) => g.work === w)))).to.deep.equal([]);
    // What people disagree on, but for bundle and mesh, which are forms of drying.
    expect(KEEPING_WAYS.filter((way) => WORKS_OF[way].some((g) => g.either))).to.deep.equal([
      'freeze',
      'pickle',
      'waters',
      'starch',
    ]);
  });
  it('leave what was weighed after the last of them, and what is used is off that', () => {
    const batch = one(did('peeled', 780, 1), did('pounded', null, 2), did('settled', 120, 9));
    expect(batch.works.map((w) => [w.work, w.massG])).to.deep.equal([
      ['peeled', 780],
      ['pounded', null],
      ['settled', 120],
    ]);
    expect([batch.state, batch.leftG]).to.deep.equal(['kept', 120]);
    expect(one(did('settled', 120, 1), did('used', 50, 2)).leftG).to.equal(70);
    expect(one(did('settled', 120, 1), did('stored', 110, 2)).leftG).to.equal(110);
    // It is no weighing of something that dries.
    expect(batch.weighings).to.deep.equal([{ hours: 0, massG: 1000 }]);
  });
});

describe('what a work leaves', () => {
  it('is told where before and after were weighed; past something that was not, nothing is', () => {
    const of = (...noted: readonly BatchNoted[]) => yieldsOf(one(...noted));
    expect(of(did('peeled', 800, 1), did('settled', 120, 9))).to.deep.equal([
      { work: 'peeled', share: 0.8 },
      { work: 'settled', share: 0.15 },
    ]);
    expect(of(did('peeled', null, 1), did('settled', 120, 9))).to.deep.equal([]);
    // What lies in salt water loses nothing by it.
    expect(of(did('inSaltWater', null, 1), did('settled', 100, 9))).to.deep.equal([{ work: 'settled', share: 0.1 }]);
    expect(yieldsOf(batchesOf([made({ massG: null }), did('peeled', 800, 1)])[0]!)).to.deep.equal([]);
  });
  it('is what is usual, drawn towards what was weighed the more of it there is, and narrower', () => {
    const usual = WORKS_OF.starch.find((g) => g.work === 'settled')!.leaves!;
    const [none, first, many] = [[], [0.08], Array<number>(12).fill(0.08)].map((s) => learnYield(usual, s)!);
    expect(none!.value).to.be.closeTo(usual.value, 0.005);
    expect(first!.value).to.be.within(0.08, usual.value);
    expect(many!.value).to.be.within(0.08, first!.value);
    const width = ({ low, high }: NonNullable<typeof none>) => high / low;
    expect(width(many!)).to.be.below(width(first!));
    expect(width(first!)).to.be.below(width(none!));
    expect(learnYield(null, [])).to.equal(null);
    expect(learnYield(null, [0.5])!.value).to.be.closeTo(0.5, 0.02);
  });
});
