import { expect } from 'chai';
import fc from 'fast-check';
import { saw, sign, taxon } from './builders.ts';
import { ruleOut } from './rule-out.ts';
import type { IdentityTaxon } from './sign.ts';

const SIGNS = new Map(
  [
    sign('edge', 'leaf', 'smooth toothed lobed'),
    sign('hairs', 'leaf', 'bare soft felt'),
    sign('smell', 'smell', 'garlic mouse none'),
    sign('stem', 'stem', 'hollow solid'),
    sign('host', 'ground', 'beech pine', { ofPlace: true }),
  ].map((s) => [s.key, s]),
);
const out = (shows: Parameters<typeof taxon>[2], ...seen: string[]) =>
  ruleOut(taxon('x', 'deadly', shows), SIGNS, seen.map(saw));

describe('ruling out', () => {
  it('by one sign that the taxon never shows, and names it', () => {
    const { ruledOut, by } = out({ smell: { mouse: 0.9, none: 0.1 } }, 'smell.garlic');
    expect([ruledOut, by]).to.deep.equal([true, [saw('smell.garlic')]]);
  });
  it('not by one that it rarely shows; by two of different organs', () => {
    const shows = { smell: { mouse: 0.92, none: 0.08 }, stem: { hollow: 0.9, solid: 0.1 } };
    expect(out(shows, 'smell.none')).to.deep.equal({ ruledOut: false, by: [], against: [saw('smell.none')] });
    expect(out(shows, 'smell.none', 'stem.solid')).to.include({ ruledOut: true });
  });
  it('not by two rare ones of the same organ, which go together', () => {
    expect(
      out({ edge: { smooth: 0.95, toothed: 0.05 }, hairs: { bare: 0.95, soft: 0.05 } }, 'edge.toothed', 'hairs.soft'),
    ).to.include({ ruledOut: false });
  });
  it('not by what is a little above rare', () => {
    expect(out({ smell: { none: 0.11 }, stem: { solid: 0.11 } }, 'smell.none', 'stem.solid').ruledOut).to.equal(false);
  });
  it('never by the place', () => {
    expect(out({ host: { beech: 1 } }, 'host.pine').ruledOut).to.equal(false);
  });
  it('not by a sign its table says nothing about, nor by one that nobody knows', () => {
    expect(out({ smell: { mouse: 1 } }, 'edge.smooth', 'taste.sweet', 'smell.blue').ruledOut).to.equal(false);
  });
  it('by the lack of what it always shows; not by the lack of what it shows mostly', () => {
    expect(out({ smell: { mouse: 1 } }, '!smell.mouse').ruledOut).to.equal(true);
    expect(out({ smell: { mouse: 0.9 } }, '!smell.mouse').ruledOut).to.equal(false);
  });
  it('holds the most it shows in any phase against it: young leaves without blotches do not clear hemlock', () => {
    const stages: IdentityTaxon = {
      ...taxon('x', 'deadly', {}),
      shows: [
        { sign: 'hairs', states: { bare: 1 }, when: ['leaf'] },
        { sign: 'hairs', states: { soft: 1 }, when: ['flower'] },
      ],
    };
    for (const state of ['hairs.bare', 'hairs.soft', '!hairs.bare', '!hairs.soft'])
      expect(ruleOut(stages, SIGNS, [saw(state)]).ruledOut, state).to.equal(false);
    expect(ruleOut(stages, SIGNS, [saw('hairs.felt')]).ruledOut).to.equal(true);
  });
  it('is never taken back by seeing more', () => {
    const all = [
      'edge.smooth',
      'edge.toothed',
      '!edge.lobed',
      'hairs.felt',
      'smell.garlic',
      '!smell.mouse',
      'stem.solid',
      'host.pine',
    ];
    const frequency = fc.constantFrom(0, 0.05, 0.1, 0.5, 1);
    const shows = fc.record({
      edge: fc.record({ smooth: frequency, toothed: frequency, lobed: frequency }),
      smell: fc.record({ garlic: frequency, mouse: frequency }),
      stem: fc.record({ hollow: frequency, solid: frequency }),
    });
    fc.assert(
      fc.property(shows, fc.subarray(all), fc.subarray(all), (table, first, more) => {
        const few = out(table, ...first).ruledOut;
        return !few || out(table, ...first, ...more).ruledOut;
      }),
    );
  });
});
