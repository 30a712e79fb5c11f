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
    const { ruledOut, by } = out({ edge: { toothed: 0.9, lobed: 0.1 } }, 'edge.smooth');
    expect([ruledOut, by]).to.deep.equal([true, [saw('edge.smooth')]]);
  });
  it('not by one that it rarely shows; by two of different organs', () => {
    const shows = { edge: { toothed: 0.92, smooth: 0.08 }, stem: { hollow: 0.9, solid: 0.1 } };
    expect(out(shows, 'edge.smooth')).to.deep.equal({ ruledOut: false, by: [], against: [saw('edge.smooth')] });
    expect(out(shows, 'edge.smooth', 'stem.solid')).to.include({ ruledOut: true });
  });
  it('not by two rare ones of the same organ, which go together', () => {
    expect(
      out({ edge: { smooth: 0.95, toothed: 0.05 }, hairs: { bare: 0.95, soft: 0.05 } }, 'edge.toothed', 'hairs.soft'),
    ).to.include({ ruledOut: false });
  });
  it('not by what is a little above rare', () => {
    expect(out({ edge: { smooth: 0.11 }, stem: { solid: 0.11 } }, 'edge.smooth', 'stem.solid').ruledOut).to.equal(
      false,
    );
  });
  it('never by the place', () => {
    expect(out({ host: { beech: 1 } }, 'host.pine').ruledOut).to.equal(false);
  });
  it('not by a sign its table says nothing about, nor by one that nobody knows', () => {
    expect(out({ smell: { mouse: 1 } }, 'edge.smooth', 'taste.sweet', 'smell.blue').ruledOut).to.equal(false);
  });
  it('by the lack of what it always shows; not by the lack of what it shows mostly', () => {
    const mild = (shows: Parameters<typeof taxon>[2]) =>
      ruleOut(taxon('x', 'none', shows), SIGNS, [saw('!smell.mouse')]).ruledOut;
    expect(mild({ smell: { mouse: 1 } })).to.equal(true);
    expect(mild({ smell: { mouse: 0.9 } })).to.equal(false);
  });
  it('of what does harm never by a smell, nor by what was not found', () => {
    for (const severity of ['deadly', 'poisonous', 'harmful'] as const) {
      const by = (shows: Parameters<typeof taxon>[2], ...seen: string[]) =>
        ruleOut(taxon('x', severity, shows), SIGNS, seen.map(saw)).ruledOut;
      expect(by({ smell: { mouse: 1 } }, 'smell.garlic'), severity).to.equal(false);
      expect(by({ edge: { toothed: 1 } }, '!edge.toothed'), severity).to.equal(false);
      expect(by({ smell: { mouse: 0.05 }, edge: { toothed: 1 } }, 'smell.mouse', '!edge.toothed')).to.equal(false);
      expect(by({ edge: { toothed: 1 } }, 'edge.smooth'), severity).to.equal(true);
    }
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
