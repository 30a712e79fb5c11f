import { expect } from 'chai';
import { binomialOf, SIGNS, VOCABULARY } from '@emberfield/contract';
import { isDangerous, isExcluding, kingdomOf, weigh, type Phase, type SeenSign } from '@emberfield/core/identity';
import { CATALOGUE } from './index.ts';

const byKey = new Map(CATALOGUE.map((p) => [p.key, p]));
const byName = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));
const dangerous = CATALOGUE.filter((p) => isDangerous(p.severity));
const gathered = CATALOGUE.filter((p) => p.parts.length > 0);
const presses = (present: boolean) =>
  SIGNS.flatMap(({ key, states }) => states.map((state): SeenSign => ({ sign: key, state, present })));
/** Said in one word: `sign.state`, or `!sign.state` for what was looked for and not there. */
const saw = (...said: string[]): readonly SeenSign[] =>
  said.map((one) => {
    const [sign, state] = one.replace('!', '').split('.') as [string, string];
    expect(VOCABULARY.get(sign)?.states, one).to.include(state);
    return { sign, state, present: !one.startsWith('!') };
  });
const excluded = (wanted: string, twin: string, seen: readonly SeenSign[], phase: Phase | null = null): boolean => {
  const [mine, theirs] = [byKey.get(wanted)!, byKey.get(twin)!];
  return weigh([mine, theirs], VOCABULARY, seen, { phase, wanted: mine }).excluded;
};
/** One look that decides by itself: over night, or a fungus or seaweed that is no plant. */
const decides = ({ sign }: SeenSign, a: string, b: string): boolean =>
  VOCABULARY.get(sign)!.price === 'overnight' || kingdomOf(byKey.get(a)!.habit) !== kingdomOf(byKey.get(b)!.habit);

describe('of everything in the catalogue that does harm', function () {
  // Every press against every pair: long, and longer beside other work.
  this.timeout(180_000);
  it('there is enough to try it on', () => expect(dangerous.length).to.be.at.least(30));
  it('nothing is ruled out by one press save by a look that decides, or, if it does not kill, by what it never shows', () => {
    const by: string[] = [];
    for (const one of presses(true))
      for (const mine of gathered)
        for (const theirs of dangerous)
          if (mine !== theirs && !decides(one, mine.key, theirs.key) && excluded(mine.key, theirs.key, [one]))
            if (theirs.severity === 'deadly' || !isExcluding([mine, theirs], VOCABULARY.get(one.sign)!, one.state))
              by.push(`${mine.key} and ${theirs.key}: ${one.sign} ${one.state}`);
    expect(by).to.deep.equal([]);
  });
  it('nothing that kills is ruled out by one sign either that was looked at twice, save by one that the pair names or that its kind never shows', () => {
    const by: string[] = [];
    for (const one of presses(true))
      for (const mine of gathered)
        for (const theirs of dangerous.filter((d) => d.severity === 'deadly')) {
          const known = theirs.shows.some((s) => s.sign === one.sign);
          if (!known || mine === theirs || decides(one, mine.key, theirs.key)) continue;
          if (isExcluding([mine, theirs], VOCABULARY.get(one.sign)!, one.state)) continue;
          if (excluded(mine.key, theirs.key, [{ ...one, again: true }]))
            by.push(`${mine.key} and ${theirs.key}: ${one.sign} ${one.state}`);
        }
    expect(by).to.deep.equal([]);
  });
  it('nothing is ruled out by what was not found, all of it together, nor with every smell besides', () => {
    const smells = presses(true).filter((s) => s.sign === 'smell');
    for (const mine of gathered)
      for (const theirs of dangerous)
        for (const seen of [presses(false), [...presses(false), ...smells]])
          expect(excluded(mine.key, theirs.key, seen), `${mine.key} ${theirs.key}`).to.equal(false);
  });
  it('nothing is confirmed by one press, nor by one with everything else not found', () => {
    // What is built alike stays open first of all: then the others need not be asked.
    const alikeFirst = (key: string) =>
      dangerous
        .filter((d) => d.severity !== 'harmful' && d.key !== key)
        .sort((a, b) => Number(b.habit === byKey.get(key)!.habit) - Number(a.habit === byKey.get(key)!.habit));
    const orders = new Map(gathered.map((g) => [g.key, alikeFirst(g.key)]));
    const allOut = (key: string, seen: readonly SeenSign[]): boolean =>
      orders.get(key)!.every((d) => excluded(key, d.key, seen));
    // No seaweed is poisonous: that it is one leaves nothing open, and signs of two organs are asked for all the same.
    const kingdoms = new Set(dangerous.map((d) => kingdomOf(d.habit)));
    for (const { key } of gathered.filter((g) => kingdoms.has(kingdomOf(g.habit))))
      for (const one of presses(true))
        for (const seen of [[one], [one, ...presses(false)]])
          expect(allOut(key, seen), `${key} ${one.sign} ${one.state}`).to.equal(false);
  });
  it('taste is no sign at all', () => {
    expect(SIGNS.some((s) => /taste/i.test(`${s.key} ${s.organ}`))).to.equal(false);
  });
});

// Each of these once ruled out what kills. What was pressed, of what is wanted, and what it must leave open.
const ONCE: readonly (readonly [wanted: string, twin: string, ...pressed: string[]])[] = [
  ['ramsons', 'autumn-crocus', 'smell.garlic'],
  ['ramsons', 'lily-of-the-valley', 'smell.garlic'],
  ['ramsons', 'lords-and-ladies', 'smell.garlic'],
  ['ramsons', 'autumn-crocus', 'root.bulb'],
  ['ramsons', 'autumn-crocus', '!leafBase.wedge', '!leafSet.alternate', '!growth.leafyStem', 'smell.garlic'],
  ['ramsons', 'lords-and-ladies', 'smell.garlic', 'leafShape.lance'],
  ['silver-fir', 'yew', 'smell.resin'],
  ['spruce', 'yew', '!cone.redCup'],
  ['spruce', 'yew', 'needles.pegs', 'bark.smoothBark'],
  ['sweet-cicely', 'hemlock', 'smell.aniseed'],
  ['valerian', 'cowbane', 'smell.none'],
  ['angelica', 'water-dropwort', 'smell.aniseed', 'root.taproot'],
  ['chanterelle', 'jack-o-lantern', 'smell.apricot'],
  ['wild-carrot', 'hemlock', '!stemSkin.blotched', '!smell.mouse'],
  ['sweet-cicely', 'hemlock', 'growth.fromGround', 'smell.aniseed'],
  ['wild-carrot', 'hemlock', 'stemSection.solid', 'growth.rosette'],
  ['wild-carrot', 'water-dropwort', 'root.taproot'],
  ['valerian', 'water-dropwort', 'root.fibres'],
  ['valerian', 'water-dropwort', '!fruit.pairedSeeds', 'root.fibres'],
  ['angelica', 'cowbane', 'growth.rosette', 'root.taproot'],
  ['angelica', 'cowbane', '!growth.leafyStem'],
  ['cow-parsley', 'hemlock', '!fruit.pairedSeeds'],
  ['wild-carrot', 'fools-parsley', 'growth.rosette'],
  ['velvet-shank', 'funeral-bell', '!stipe.ring', '!smell.cucumber', '!capSize.coin'],
  ['field-mushroom', 'death-cap', '!stipe.ringAndBag'],
  ['parasol', 'death-cap', '!cap.domed', 'cap.flat'],
  ['morel', 'false-morel', '!cap.domed', 'cap.honeycomb'],
  ['comfrey', 'foxglove', 'growth.fromGround'],
  ['plantain', 'foxglove', '!growth.rosette', 'smell.none'],
  ['mullein', 'foxglove', 'growth.rosette', 'hairs.felt'],
  ['chanterelle', 'jack-o-lantern', 'underCap.ridges'],
  ['field-mushroom', 'yellow-stainer', 'stipe.bareStem'],
];

describe('a look-alike that once was ruled out too soon', () => {
  for (const [wanted, twin, ...pressed] of ONCE)
    it(`stays: ${twin} beside ${wanted}, by ${pressed.join(', ')}`, () => {
      for (const phase of ['leaf', 'flower', null] as const)
        expect(excluded(wanted, twin, saw(...pressed), phase)).to.equal(false);
    });
});

describe('what is gathered', () => {
  const looked = (key: string, phase: Phase): readonly SeenSign[] =>
    SIGNS.filter((s) => s.when.includes(phase) && !s.ofPlace).flatMap((s) => {
      const states = byKey
        .get(key)!
        .shows.filter((x) => x.sign === s.key && (x.when ?? s.when).includes(phase))
        .flatMap((x) => Object.entries(x.states))
        .sort((a, b) => b[1] - a[1]);
      return states[0] ? [{ sign: s.key, state: states[0][0], present: true }] : [];
    });
  it('can be told, in some phase, from everything that kills and that it is taken for, but for one', () => {
    const never: string[] = [];
    for (const p of gathered)
      for (const l of p.lookAlikes.filter((x) => x.severity === 'deadly')) {
        const twin = byName.get(binomialOf(l.scientific));
        if (
          twin &&
          !(['rest', 'leaf', 'flower', 'fruit'] as const).some((x) => excluded(p.key, twin.key, looked(p.key, x), x))
        )
          never.push(`${p.key} and ${twin.key}`);
      }
    // No two organs part them: such stands stay unsettled, and what a twin that kills closes stays closed.
    expect(never).to.deep.equal(['juniper and savin']);
  });
});
