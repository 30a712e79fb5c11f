import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { expect } from 'chai';
import { standOf } from './builders.ts';
import { engineOf } from './engine.ts';
import { fastRows } from './fast-rows.ts';
import type { StandPlan } from './plan.ts';
import { compileStand, emptyPlayed, playSlice, SLICE, type StandModel } from './simulate.ts';

const DIG: Partial<StandPlan> = { share: 0.2, stages: ['mature', 'flowering'], effect: { kills: 0.6, setsBack: 0.3 } };
const CASES: Readonly<Record<string, readonly [Partial<StandModel>, Partial<StandPlan>]>> = {
  'left alone': [{}, {}],
  'in a place that is soon full': [{ capacity: 110 }, {}],
  'in a place that carries nothing': [{ capacity: 0 }, {}],
  'that was none': [{ start: [0, 0, 0, 0, 0], capacity: 0 }, {}],
  'taken from every year': [{ capacity: 150 }, DIG],
  'taken from every third year': [{ capacity: 150 }, { ...DIG, everyYears: 3 }],
  'taken from where there is enough': [{ capacity: 150 }, { ...DIG, fromCount: 90 }],
  'planted, struck, and slower as it fills': [
    { capacity: 150, crowding: 'gradual', stroke: { chance: 0.2, share: 0.5 } },
    {
      ...DIG,
      setBack: { stage: 'juvenile', perTouched: 1.5 },
      planted: { stage: 'seedling', number: 12, years: 4 },
    },
  ],
};

describe('the loops in WebAssembly', () => {
  it('are what their source compiles to', function () {
    this.timeout(60_000);
    const script = fileURLToPath(new URL('../../../scripts/loops.mjs', import.meta.url));
    const { status, stderr } = spawnSync(process.execPath, [script, '--check'], { encoding: 'utf8' });
    expect(status, stderr).to.equal(0);
  });
  it('are to be had here', () => {
    expect(engineOf()).not.to.equal(null);
    // Two by two.
    expect(fastRows(3, 1, [0], [[[]]])).to.equal(null);
  });
  for (const [name, [over, plan]] of Object.entries(CASES))
    it(`play a stand ${name} to the last bit as the plain ones do`, () => {
      const model = standOf({ start: [200, 40, 30, 40, 30], ...over }, plan);
      const [runs, years] = [2 * SLICE + 30, 25];
      const [fast, plain] = [false, true].map((inPlain) => {
        const into = emptyPlayed(runs, years);
        for (let first = 0; first < runs; first += SLICE) playSlice(compileStand(model, inPlain), 9, { first }, into);
        return into;
      });
      expect(fast).to.deep.equal(plain);
      if (model.start[0]! > 0 && model.capacity > 0) expect(new Set(fast!.plants).size).to.be.above(1000);
    });
});
