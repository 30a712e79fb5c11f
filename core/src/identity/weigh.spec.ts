import { expect } from 'chai';
import fc from 'fast-check';
import { saw, sign, taxon } from './builders.ts';
import type { IdentityTaxon, Phase, Severity } from './sign.ts';
import { weigh, type Weighing } from './weigh.ts';

const SIGNS = new Map(
  [
    sign('edge', 'leaf', 'smooth toothed lobed'),
    sign('base', 'leaf', 'round pointed'),
    sign('smell', 'smell', 'garlic mouse none'),
    sign('stem', 'stem', 'hollow solid'),
    sign('root', 'root', 'bulb taproot'),
    sign('print', 'sporePrint', 'white rust', { price: 'overnight' }),
    sign('host', 'ground', 'beech pine', { ofPlace: true }),
  ].map((s) => [s.key, s]),
);
type Shows = Parameters<typeof taxon>[2];
const between = (mine: IdentityTaxon, theirs: IdentityTaxon, seen: readonly string[], phase: Phase | null = null) =>
  weigh([mine, theirs], SIGNS, seen.map(saw), { phase, wanted: mine });
const held = (mine: Shows, theirs: Shows, ...seen: string[]): Weighing =>
  between(taxon('mine', 'none', mine), taxon('theirs', 'deadly', theirs), seen);
/** A glance misreads 3 in 100; what a table leaves out is shown by 3 in 100: 0.03 + 0.03 · 0.94, and what is always shown 0.03 + 0.97 · 0.94. */
const [SELDOM, ALWAYS] = [0.0582, 0.9418];

describe('weighing what was seen between two taxa', () => {
  it('is the likelihood ratio with misreadings inside, organ by organ', () => {
    const one = held({ edge: { toothed: 1 } }, { edge: { smooth: 1 } }, 'edge.toothed');
    expect(one.factor).to.be.closeTo(ALWAYS / SELDOM, 1e-9);
    const two = held(
      { edge: { toothed: 1 }, stem: { solid: 0.6 } },
      { edge: { smooth: 1 }, stem: { hollow: 0.9, solid: 0.1 } },
      'edge.toothed',
      'stem.solid',
    );
    expect(two.factor).to.be.closeTo(((ALWAYS / SELDOM) * (0.03 + 0.6 * 0.94)) / (0.03 + 0.1 * 0.94), 1e-9);
  });
  it('rules out by two organs that each speak, never by one alone however loud', () => {
    const [mine, theirs] = [
      { edge: { toothed: 1 }, root: { bulb: 1 } },
      { edge: { smooth: 1 }, root: { taproot: 1 } },
    ];
    expect(held(mine, theirs, 'edge.toothed').excluded).to.equal(false);
    expect(held(mine, theirs, 'edge.toothed', 'root.bulb').excluded).to.equal(true);
    // The second organ whispers: 0.9418 / 0.594 is no two and a half times.
    const whisper = { edge: { smooth: 1 }, root: { taproot: 0.9, bulb: 0.6 } };
    expect(held(mine, whisper, 'edge.toothed', 'root.bulb').excluded).to.equal(false);
  });
  it('takes one sign that the pair names as decisive, looked at twice: once it may be misread', () => {
    const mine = { ...taxon('mine', 'none', { edge: { toothed: 1 } }), decides: { theirs: ['edge'] } };
    const theirs = taxon('theirs', 'deadly', { edge: { smooth: 1 } });
    const looked = (one: IdentityTaxon, again: boolean, state = 'toothed') =>
      weigh([one, theirs], SIGNS, [{ sign: 'edge', state, present: true, again }], { phase: null, wanted: one });
    // Never shown, misread 3 in 100: 0.9418 / 0.03, and twice 9 in 10,000.
    expect(looked(mine, false)).to.deep.include({ factor: ALWAYS / 0.03, excluded: false });
    expect(looked(mine, true)).to.deep.include({ factor: 100, excluded: true });
    expect(looked({ ...mine, decides: { another: ['edge'] } }, true).excluded).to.equal(false);
    // What its table does know of the sign is weighed as ever.
    expect(looked(mine, true, 'smooth').factor).to.be.below(1);
    const lobed = { ...theirs, shows: taxon('', 'none', { edge: { smooth: 0.9, toothed: 0.1 } }).shows };
    const weighed = weigh([mine, lobed], SIGNS, [{ ...saw('edge.toothed'), again: true }], {
      phase: null,
      wanted: mine,
    });
    expect(weighed.excluded).to.equal(false);
  });
  it('counts signs of one organ once, the strongest against and the strongest for the other', () => {
    const mine = { edge: { toothed: 1 }, base: { round: 1 } };
    const theirs = { edge: { smooth: 1 }, base: { pointed: 1 } };
    const [first, both] = [held(mine, theirs, 'edge.toothed'), held(mine, theirs, 'edge.toothed', 'base.round')];
    expect(both.factor).to.be.closeTo(first.factor, 1e-9);
    const torn = held(mine, theirs, 'edge.toothed', 'base.pointed');
    expect(torn.factor).to.be.closeTo(1, 1e-9);
  });
  it('asks more before it lets go what kills than what harms', () => {
    const [mine, theirs] = [
      { edge: { toothed: 0.9, smooth: 0.1 }, root: { bulb: 0.9, taproot: 0.1 } },
      { edge: { smooth: 0.8, toothed: 0.2 }, root: { taproot: 0.8, bulb: 0.2 } },
    ];
    const out = (severity: Severity) =>
      between(taxon('mine', 'none', mine), taxon('theirs', severity, theirs), ['edge.toothed', 'root.bulb']);
    expect(out('deadly').factor).to.be.within(10, 50);
    expect([out('deadly'), out('poisonous'), out('harmful')].map((w) => w.excluded)).to.deep.equal([false, true, true]);
  });
  it('asks less of what is not known to grow there: one organ, a twentieth of the weight, and never nothing', () => {
    const [mine, theirs] = [{ edge: { toothed: 1 } }, { edge: { smooth: 1, toothed: 0.3 } }];
    const elsewhere = (severity: Severity, shows: Shows, seen: string): boolean =>
      between(taxon('mine', 'none', mine), { ...taxon('theirs', severity, shows), elsewhere: true }, [seen]).excluded;
    // 0.9418 / 0.312: three to one, and fifty twentieths are asked for.
    expect(elsewhere('deadly', theirs, 'edge.toothed')).to.equal(true);
    expect(elsewhere('deadly', { edge: { toothed: 0.4 } }, 'edge.toothed')).to.equal(false);
    // What harms less is not let go for less than an organ that speaks.
    expect(elsewhere('nuisance', { edge: { toothed: 0.4 } }, 'edge.toothed')).to.equal(false);
    expect(elsewhere('deadly', theirs, 'edge.smooth')).to.equal(false);
  });
  it('never by smell or place, which speak for a taxon all the same', () => {
    const against = held(
      { smell: { none: 1 }, host: { beech: 1 } },
      { smell: { mouse: 1 }, host: { pine: 1 } },
      'smell.none',
      'host.beech',
    );
    expect([against.factor, against.excluded]).to.deep.equal([1, false]);
    const inFavour = held({ smell: { none: 1 } }, { smell: { mouse: 1 } }, 'smell.mouse');
    expect(inFavour.factor).to.be.below(0.2);
  });
  it('lets "not so" say two to one at most, all of it together, and rule nothing out', () => {
    const mine = { edge: { smooth: 1 }, stem: { solid: 1 }, root: { bulb: 1 } };
    const theirs = { edge: { toothed: 1 }, stem: { hollow: 1 }, root: { taproot: 1 } };
    const absent = held(mine, theirs, '!edge.toothed', '!stem.hollow', '!root.taproot', '!smell.mouse');
    expect([absent.factor, absent.excluded]).to.deep.equal([2, false]);
    expect(held(mine, theirs, '!edge.smooth').factor).to.equal(0.5);
    // However much was not found that speaks against it, what speaks for it is not lost in that.
    expect(held(mine, theirs, '!edge.toothed', '!stem.hollow', '!root.taproot', '!edge.smooth').factor).to.equal(1);
  });
  it('takes a print over night for enough, and a fungus for no plant', () => {
    expect(held({ print: { white: 1 } }, { print: { rust: 1 } }, 'print.white').excluded).to.equal(true);
    const herb: IdentityTaxon = { ...taxon('herb', 'none', { edge: { toothed: 1 } }), habit: 'herb' };
    const cap: IdentityTaxon = { ...taxon('cap', 'deadly', { print: { white: 1 } }), habit: 'fungus' };
    expect(between(herb, cap, ['edge.toothed']).excluded).to.equal(true);
    expect(between(cap, { ...herb, severity: 'deadly' }, ['print.white']).excluded).to.equal(true);
  });
  it('says no more of an organ than a hundred to one', () => {
    const herb: IdentityTaxon = { ...taxon('herb', 'none', { edge: { toothed: 1 } }), habit: 'herb' };
    const cap: IdentityTaxon = { ...taxon('cap', 'deadly', {}), habit: 'fungus' };
    expect(between(herb, cap, ['edge.toothed']).factor).to.equal(100);
  });
  it('says nothing of a sign that a table or the vocabulary does not know, and nothing of a taxon against itself', () => {
    const nothing = held({ edge: { toothed: 1 } }, { stem: { hollow: 1 } }, 'edge.toothed', 'stem.solid', 'horn.long');
    expect(nothing).to.deep.equal({ factor: 1, organs: [], notFound: 1, excluded: false });
    const mine = taxon('mine', 'deadly', { edge: { toothed: 0.5, smooth: 0.5 }, stem: { solid: 1 } });
    expect(between(mine, mine, ['edge.toothed', 'stem.solid']).excluded).to.equal(false);
  });
  it('holds the most that the other shows in any phase against it, and of the first what it shows in its own', () => {
    const stages: IdentityTaxon = {
      ...taxon('x', 'deadly', {}),
      shows: [
        { sign: 'edge', states: { smooth: 1 }, when: ['leaf'] },
        { sign: 'edge', states: { toothed: 1 }, when: ['flower'] },
      ],
    };
    const plain = taxon('plain', 'none', { edge: { toothed: 1 } });
    expect(between(plain, stages, ['edge.toothed'], 'leaf').factor).to.equal(1);
    expect(between(stages, plain, ['edge.toothed'], 'leaf').factor).to.be.closeTo(SELDOM / ALWAYS, 1e-9);
    expect(between(stages, plain, ['edge.toothed'], 'flower').factor).to.equal(1);
  });
  it('never rules the other out by more that speaks for it', () => {
    const frequency = fc.constantFrom(0, 0.1, 0.3, 0.6, 1);
    const shows = fc.record({
      edge: fc.record({ smooth: frequency, toothed: frequency, lobed: frequency }),
      base: fc.record({ round: frequency, pointed: frequency }),
      smell: fc.record({ garlic: frequency, mouse: frequency }),
      stem: fc.record({ hollow: frequency, solid: frequency }),
      root: fc.record({ bulb: frequency, taproot: frequency }),
    });
    const all = [
      'edge.smooth',
      'edge.toothed',
      '!edge.lobed',
      'base.round',
      'smell.mouse',
      '!smell.garlic',
      'stem.solid',
      'root.bulb',
    ];
    fc.assert(
      fc.property(shows, shows, fc.subarray(all), fc.constantFrom(...all), (mine, theirs, seen, more) => {
        const speaksForIt = held(mine, theirs, more).factor <= 1;
        const before = held(mine, theirs, ...seen);
        const after = held(mine, theirs, ...seen.filter((s) => s !== more), more);
        return before.excluded || !speaksForIt || seen.includes(more) || !after.excluded;
      }),
      { numRuns: 1000 },
    );
  });
});
