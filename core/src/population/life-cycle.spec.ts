import { expect } from 'chai';
import { generationsOf } from './analysis.ts';
import { lifeCycleOf } from './life-cycle.ts';
import { LIFE_FORMS, LIVES } from './life-forms.ts';
import { projectionMatrix, ratesOf, type Rates } from './life-history.ts';

/** Two stages: a tenth of the young grows up, eight in ten of the grown live on, each has three young. Constructed. */
const TWO: Rates = {
  stages: ['juvenile', 'flowering'],
  survival: [0.5, 0.8],
  moves: [{ from: 0, to: 1, share: 0.2 }],
  births: [{ from: 1, to: 0, kind: 'seed', number: 3 }],
};

describe('a life as a graph', () => {
  it('has an arc for every way from stage to stage, and what stays', () => {
    const { stages, arcs } = lifeCycleOf(TWO);
    expect(stages.map((s) => [s.stage, s.stays])).to.deep.equal([
      ['juvenile', 0.4],
      ['flowering', 0.8],
    ]);
    expect(arcs).to.deep.equal([
      { from: 'juvenile', to: 'flowering', kind: 'lives', number: 0.1 },
      { from: 'flowering', to: 'juvenile', kind: 'seed', number: 3 },
    ]);
  });
  it('says what the matrix says, by hand', () => {
    const { lambda, dampingRatio, netReproduction, generation, stages } = lifeCycleOf(TWO);
    // λ² − 1.2 λ + 0.32 − 0.3 = 0.
    const root = Math.sqrt(0.36 - 0.02);
    expect(lambda).to.be.closeTo(0.6 + root, 1e-12);
    expect(dampingRatio).to.be.closeTo((0.6 + root) / Math.abs(0.6 - root), 1e-9);
    // A young one lives to flower with 0.1 / (1 − 0.4), flowers for 1 / (1 − 0.8) years, and has three young in each.
    expect(netReproduction).to.be.closeTo((0.1 / 0.6) * (1 / 0.2) * 3, 1e-12);
    expect(generation).to.be.closeTo(Math.log(2.5) / Math.log(lambda), 1e-9);
    expect(stages[0]!.standing + stages[1]!.standing).to.be.closeTo(1, 1e-12);
    expect(stages[0]!.worth).to.equal(1);
  });
  it('of every kind of life puts together again what it took apart, and has a generation of years', () => {
    for (const form of LIFE_FORMS) {
      const rates = ratesOf(LIVES[form]);
      const cycle = lifeCycleOf(rates);
      const at = (stage: string) => rates.stages.indexOf(stage as never);
      const again = rates.stages.map((_, i) => rates.stages.map((_s, j) => (i === j ? cycle.stages[i]!.stays : 0)));
      for (const { from, to, number } of cycle.arcs) again[at(to)]![at(from)]! += number;
      for (const [i, row] of projectionMatrix(rates).entries())
        for (const [j, x] of row.entries()) expect(again[i]![j], `${form} ${i} ${j}`).to.be.closeTo(x, 1e-12);
      if (cycle.generation !== null) expect(cycle.generation, form).to.be.within(0.5, 60);
      // It grows just where each leaves more than one behind (Caswell 2001, section 5.3.4).
      expect(Math.sign(Math.log(cycle.lambda)), form).to.equal(Math.sign(Math.log(cycle.netReproduction)));
    }
  });
  it('asks parts of one stand', () => expect(() => generationsOf([[0.5]], [])).to.throw(RangeError));
});
