import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf, SIGNS } from '@emberfield/contract';
import { DEADLY_PAIRS, MILDER_PAIRS } from './pairs.ts';
import { FIELD_TABLES, readFieldTable } from './specimens.ts';
import { casesOf, LOOKS, separable, tried, type Case } from './trial.ts';

const PAIRS = [...DEADLY_PAIRS, ...MILDER_PAIRS];
const byName = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));

describe('the field tables', () => {
  it('know every taxon of a pair in two phases at least, by signs and states that there are', () => {
    const states = new Map(SIGNS.map((s) => [s.key, s.states]));
    for (const key of new Set(PAIRS.flat())) {
      const table = FIELD_TABLES.get(key)!;
      expect(table.size, key).to.be.at.least(2);
      for (const [phase, rows] of table)
        for (const [sign, row] of rows)
          for (const [state] of row) expect(states.get(sign), `${key} ${phase} ${sign}`).to.include(state);
    }
  });
  it('hold every deadly look-alike that the profiles of those taxa name', () => {
    const wanted = new Set(PAIRS.map(([w]) => w));
    for (const p of CATALOGUE.filter((x) => wanted.has(x.key)))
      for (const l of p.lookAlikes.filter((x) => x.severity === 'deadly')) {
        const twin = byName.get(binomialOf(l.scientific));
        if (twin) expect(DEADLY_PAIRS, `${p.key} and ${twin.key}`).to.deep.include([p.key, twin.key]);
      }
  });
  it('are refused where more is shown than there is', () => {
    expect(() => readFieldTable('leaf: growth bush 60 tree 50')).to.throw('growth');
  });
});

// A small part of `npm run proof -- identity`, of the pairs that once went worst; always the same specimens.
describe('somebody in a hurry who takes what kills for what is gathered', function () {
  this.timeout(300_000);
  const SPECIMENS = 40;
  const WORST: readonly (readonly [string, string])[] = [
    ['ramsons', 'autumn-crocus'],
    ['ramsons', 'lily-of-the-valley'],
    ['yellow-gentian', 'white-hellebore'],
    ['wild-carrot', 'hemlock'],
    ['valerian', 'cowbane'],
    ['comfrey', 'foxglove'],
    ['parasol', 'deadly-dapperling'],
    ['velvet-shank', 'funeral-bell'],
    ['morel', 'false-morel'],
    ['spruce', 'yew'],
  ];
  it('is offered "confirmed" hardly ever, and at the first look never', () => {
    const cases = WORST.flatMap(([w, t]) => casesOf(w, t));
    const told = cases.map((c) => tried(c, SPECIMENS));
    expect(told.map((t) => t.confirmed[0])).to.deep.equal(cases.map(() => 0));
    const offered = told.reduce((sum, t) => sum + t.confirmed[LOOKS.length - 1]!, 0);
    expect(offered / (SPECIMENS * cases.length)).to.be.below(0.005);
  });
  it('and who stands before what they look for is, mostly, and hardly ever told that it is something else', () => {
    const of = (wanted: string, phase: Case['phase']): Case => ({ wanted, standing: wanted, phase });
    const told = [
      of('ramsons', 'flower'),
      of('velvet-shank', 'fruit'),
      of('spruce', 'rest'),
      of('morel', 'flower'),
    ].map((c) => tried(c, SPECIMENS));
    const share = (what: 'confirmed' | 'ruledOut'): number =>
      told.reduce((sum, t) => sum + t[what][LOOKS.length - 1]!, 0) / (SPECIMENS * told.length);
    expect(share('confirmed')).to.be.above(0.6);
    expect(share('ruledOut')).to.be.below(0.05);
  });
  it('by the field tables themselves ramsons can be told in flower, and a cowslip’s rosette not', () => {
    const twins = (key: string): readonly string[] => PAIRS.flatMap(([w, t]) => (w === key ? [t] : []));
    expect(separable('ramsons', twins('ramsons'), 'flower')).to.equal(true);
    expect(separable('cowslip', twins('cowslip'), 'leaf')).to.equal(false);
  });
});
