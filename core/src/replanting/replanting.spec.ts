import { expect } from 'chai';
import fc from 'fast-check';
import jStat from 'jstat';
import { chanceOf } from '../random/index.ts';
import { calibrate, LIFE_FORMS, LIVES, ratesOf, type LifeHistory } from '../population/index.ts';
import {
  chanceToFlower,
  livesOf,
  PLANTING_WAYS,
  plantingWaysOf,
  priorOf,
  putBackPerKilled,
  putInToReach,
  shareOf,
  stageAfterPlanting,
  survivalSeen,
  WAY_GUIDES,
  yearsToFlower,
  yearsUntilBack,
} from './index.ts';

const sure = (value: number) => ({ value, low: value, high: value, source: 'constructed' });
/** Of young plants half live and half of these are grown a year on; grown ones live on at 0.9 and have a young one in four years. */
const PLAIN: LifeHistory = {
  stages: ['juvenile', 'mature'],
  survival: { juvenile: sure(0.5), mature: sure(0.9) },
  moves: [{ from: 'juvenile', to: 'mature', share: sure(0.5) }],
  births: [{ from: 'mature', to: 'juvenile', kind: 'offset', number: sure(0.25) }],
  years: { survival: 0, births: 0, correlation: 0 },
};
/** As good as certain. */
const always = (share: number) => ({ alive: share * 1e7, dead: (1 - share) * 1e7 });
const plain = livesOf(calibrate(PLAIN, null), 1);

describe('what of the plants put back lives', () => {
  it('begins as wide as the estimate', () => {
    for (const way of PLANTING_WAYS) {
      const { survival } = WAY_GUIDES[way];
      const prior = priorOf(survival);
      expect(prior.alive / (prior.alive + prior.dead), way).to.be.closeTo(survival.value, 1e-9);
      const width = jStat.beta.inv(0.9, prior.alive, prior.dead) - jStat.beta.inv(0.1, prior.alive, prior.dead);
      expect(width, way).to.be.closeTo(survival.high - survival.low, 1e-6);
    }
    expect(() => priorOf({ value: 0.5, low: 0.5, high: 0.9, source: 'x' })).to.throw(RangeError);
    expect(() => priorOf({ value: 0.5, low: 0.2, high: 1, source: 'x' })).to.throw(RangeError);
  });
  it('is moved by what was seen, plant by plant where each stands for itself', () => {
    expect(survivalSeen({ alive: 3, dead: 2 }, [{ planted: 1, alive: 1 }])).to.deep.equal({ alive: 4, dead: 2 });
    const ones = Array.from({ length: 5 }, (_, i) => ({ planted: 1, alive: i === 0 ? 0 : 1 }));
    expect(survivalSeen({ alive: 1, dead: 1 }, ones)).to.deep.equal({ alive: 5, dead: 2 });
  });
  it('takes a hundred of one day for some twenty: 100 / (1 + 99 · 0.05) = 16.8', () => {
    const { alive, dead } = survivalSeen({ alive: 1, dead: 1 }, [{ planted: 100, alive: 50 }]);
    expect(alive + dead - 2).to.be.closeTo(100 / 5.95, 1e-9);
    const many = survivalSeen({ alive: 1, dead: 1 }, [{ planted: 1e6, alive: 0 }]);
    expect(many.dead).to.be.below(21.1);
  });
  it('says the more the surer, and refuses more living than planted', () => {
    const width = (n: number): number => {
      const { low, high } = shareOf(
        survivalSeen(
          priorOf(WAY_GUIDES.offset.survival),
          Array.from({ length: n }, () => ({ planted: 10, alive: 6 })),
        ),
      );
      return high - low;
    };
    expect(width(8)).to.be.below(width(2));
    expect(width(2)).to.be.below(width(0));
    expect(() => survivalSeen({ alive: 1, dead: 1 }, [{ planted: 3, alive: 4 }])).to.throw(RangeError);
    expect(survivalSeen({ alive: 1, dead: 1 }, [{ planted: 0, alive: 0 }])).to.deep.equal({ alive: 1, dead: 1 });
  });
});

describe('the chance to come to flower', () => {
  it('is worked by hand: half live, half of these move on, the rest tries again: ¼ / (1 − ¼)', () => {
    expect(chanceToFlower(ratesOf(PLAIN))[0]).to.be.closeTo(1 / 3, 1e-9);
    expect(chanceToFlower(ratesOf(PLAIN))[1]).to.equal(1);
    // Of 1/3 half are grown after the first year: 1/4.
    expect(yearsToFlower(ratesOf(PLAIN), 'juvenile')).to.equal(1);
    expect(yearsToFlower(ratesOf(PLAIN), 'mature')).to.equal(0);
  });
  it('is what becomes of ten thousand plants played one by one', () => {
    const rates = ratesOf(LIVES.slowRoot);
    const { uniform } = chanceOf(5);
    const end = rates.stages.indexOf('flowering');
    let flowered = 0;
    for (let run = 0; run < 10_000; run++) {
      let at: number | null = rates.stages.indexOf('juvenile');
      while (at !== null && at !== end) {
        if (uniform() >= rates.survival[at]!) at = null;
        else {
          let u = uniform();
          for (const m of rates.moves.filter((x) => x.from === at)) {
            if (u < m.share) {
              at = m.to;
              break;
            }
            u -= m.share;
          }
        }
      }
      if (at === end) flowered++;
    }
    const said = chanceToFlower(rates)[rates.stages.indexOf('juvenile')]!;
    expect(flowered / 10_000).to.be.closeTo(said, 3 * Math.sqrt((said * (1 - said)) / 10_000));
  });
  it('rises along every life, and a slow root takes years', () => {
    for (const form of LIFE_FORMS) {
      const rates = ratesOf(LIVES[form]);
      const young = rates.stages.filter((s) => s !== 'flowering' && s !== 'old');
      const chances = young.map((s) => chanceToFlower(rates)[rates.stages.indexOf(s)]!);
      expect(chances, form).to.deep.equal([...chances].sort((a, b) => a - b));
    }
    expect(yearsToFlower(ratesOf(LIVES.slowRoot), 'seedling')).to.be.within(5, 20);
    const barren = { ...ratesOf(PLAIN), moves: [] };
    expect(yearsToFlower(barren, 'juvenile')).to.equal(null);
  });
});

describe('how many make up for those that were killed', () => {
  it('is what a killed plant is worth over what one put back is', () => {
    // λ of [[0.25, 0.25], [0.25, 0.9]]: (1.15 + √(0.65² + 0.25)) / 2; v(mature) / v(juvenile) = (λ − 0.25) / 0.25.
    const lambda = (1.15 + Math.sqrt(0.65 ** 2 + 0.25)) / 2;
    const { value, low, high } = putBackPerKilled(plain, {
      killed: ['mature'],
      into: 'juvenile',
      survival: always(0.5),
    });
    expect(value).to.be.closeTo((lambda * ((lambda - 0.25) / 0.25)) / 0.5, 0.01);
    expect(high - low).to.be.below(0.01);
  });
  it('keeps the stand to come as large as it would have been', () => {
    const [life] = plain;
    const grown = (start: readonly number[], years: number): number => {
      let now = [...start];
      for (let y = 0; y < years; y++) now = life!.matrix.map((row) => row.reduce((s, a, j) => s + a * now[j]!, 0));
      return now[1]!;
    };
    const { value } = putBackPerKilled(plain, { killed: ['mature'], into: 'juvenile', survival: always(0.8) });
    // A grown plant now, or 0.8 of each put in as a young one a year on: the same in the long run.
    expect(grown([value * 0.8, 0], 40) / grown([0, 1], 41)).to.be.closeTo(1, 1e-3);
  });
  it('is more the fewer live, more by seed than by young plants, and widens with what is not known', () => {
    const herb = livesOf(calibrate(LIVES.herb, null), 2);
    const of = (way: 'seed' | 'division' | 'youngPlant', survival = priorOf(WAY_GUIDES[way].survival)) =>
      putBackPerKilled(herb, {
        killed: ['mature', 'flowering'],
        into: stageAfterPlanting(way, LIVES.herb.stages),
        survival,
      });
    expect(of('seed').value).to.be.above(20 * of('division').value);
    expect(of('division', always(0.4)).value).to.be.above(of('division', always(0.8)).value);
    expect(of('division').high - of('division').low).to.be.above(
      of('division', always(0.75)).high - of('division', always(0.75)).low,
    );
    expect(of('division').low).to.be.above(1);
  });
  it('is the same for the same stand however often it is asked', () => {
    const ask = () =>
      putBackPerKilled(livesOf(calibrate(LIVES.slowBulb, null), 7), {
        killed: ['mature'],
        into: 'juvenile',
        survival: always(0.6),
      });
    expect(ask()).to.deep.equal(ask());
  });
});

describe('when a stand is back', () => {
  const back = (killed: number, putIn: Parameters<typeof yearsUntilBack>[1]['putIn'] = []) =>
    yearsUntilBack(plain, { grown: 100, killed, from: ['mature'], putIn });
  it('is at once where nothing was killed, and later the more were', () => {
    expect(back(0)).to.deep.equal({ value: 0, low: 0, high: 0 });
    // λ = 0.985: by itself this stand never comes back.
    expect(back(10).value).to.equal(null);
    const growing = livesOf(calibrate(LIVES.herb, { meanLog: 0.1, sdLog: 0.001 }), 3);
    const ask = (killed: number) =>
      yearsUntilBack(growing, { grown: 100, killed, from: ['mature', 'flowering'], putIn: [] }).value!;
    expect(ask(10)).to.be.below(ask(40));
    // The stages stand no longer as in the long run at first: not sooner than by growth alone less a few years.
    expect(ask(40)).to.be.within(2, 8);
  });
  it('is sooner with what is put in, and never later for putting in more', () => {
    const growing = livesOf(calibrate(LIVES.slowRoot, { meanLog: 0.03, sdLog: 0.001 }), 3);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 0, max: 80 }), (a, b) => {
        const ask = (number: number) =>
          yearsUntilBack(growing, {
            grown: 100,
            killed: 30,
            from: ['mature', 'flowering'],
            putIn: [{ number, into: 'juvenile', survival: always(0.6) }],
          }).value ?? Infinity;
        return ask(Math.max(a, b)) <= ask(Math.min(a, b));
      }),
      { seed: 3, numRuns: 20 },
    );
  });
  it('says how many bring it to a number by a year: put in, so many stand then', () => {
    const ask = (target: number, years = 6) =>
      putInToReach(plain, { grown: 100, target, years, from: ['mature'], into: 'juvenile', survival: always(0.5) })
        .value;
    expect(ask(50)).to.equal(0);
    const number = ask(120);
    const [life] = plain;
    let now = life!.stableStages.map((x) => (x * 100) / life!.stableStages[1]!);
    for (let y = 0; y < 6; y++) {
      now = life!.matrix.map((row) => row.reduce((s, a, j) => s + a * now[j]!, 0));
      if (y === 0) now[0]! += number * 0.5;
    }
    expect(now[1]).to.be.closeTo(120, 0.05);
    expect(ask(150)).to.be.above(number);
    expect(() => ask(150, 0)).to.throw(RangeError);
  });
});

describe('ways of putting back', () => {
  it('are there for every kind of life but invaders, of which nothing is', () => {
    for (const form of LIFE_FORMS) {
      const ways = plantingWaysOf(form);
      if (form.includes('nvader')) expect(ways, form).to.deep.equal([]);
      else expect(ways, form).not.to.deep.equal([]);
      for (const way of ways)
        expect(LIVES[form].stages, `${form} ${way}`).to.include(stageAfterPlanting(way, LIVES[form].stages));
    }
  });
});
