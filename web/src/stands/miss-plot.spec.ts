import { expect } from 'chai';
import type { ProofTrial } from '@emberfield/contract';
import { missPlot } from './miss-plot.ts';

const trial = (stage: string, miss: number | null, lastYearMiss: number | null = null): ProofTrial => ({
  stage,
  stageName: { en: stage },
  season: 2025,
  issued: '2025-04-20',
  after: '2025-05-01',
  by: '2025-05-04',
  forecast: { p10: null, p50: null, p90: null },
  lastYear: null,
  miss,
  lastYearMiss,
});

describe('the picture of misses', () => {
  it('has a row for each stage that was foreseen, in the order they come', () => {
    const plot = missPlot({
      trials: [trial('leaf', 1), trial('flower', 2, -3), trial('leaf', 0), trial('seed', null)],
    });
    expect(plot.rows.map((r) => [r.stage, r.marks.length])).to.deep.equal([
      ['leaf', 2],
      ['flower', 2],
    ]);
  });
  it('reaches as far as the widest miss, too early to the left', () => {
    const { reach, rows } = missPlot({ trials: [trial('leaf', -5, 10)] });
    expect(reach).to.equal(10);
    expect(rows[0]!.marks.map((m) => [m.by, m.at])).to.deep.equal([
      ['lastYear', 1],
      ['forecast', -0.5],
    ]);
  });
  it('keeps a wild miss at the edge and says so', () => {
    const { reach, rows } = missPlot({ trials: [trial('leaf', 1, -90)] });
    expect(reach).to.equal(28);
    expect(rows[0]!.marks.map((m) => [m.at, m.beyond])).to.deep.equal([
      [-1, true],
      [1 / 28, false],
    ]);
  });
  it('is a week wide for a stand that was never off', () =>
    expect(missPlot({ trials: [trial('leaf', 0, 0)] }).reach).to.equal(7));
});
