import { expect } from 'chai';
import { binomialOf, VOCABULARY } from '@emberfield/contract';
import { isDangerous, shownFrequency, weigh } from '@emberfield/core/identity';
import { PLANTS_WITH_DECISIVE } from './decisive.ts';
import { CATALOGUE } from './index.ts';

const byKey = new Map(CATALOGUE.map((p) => [p.key, p]));
const pairs = CATALOGUE.flatMap((mine) =>
  Object.entries(mine.decides ?? {}).flatMap(([other, signs]) =>
    signs.map((sign) => ({ mine, theirs: byKey.get(other)!, sign, name: `${mine.key} – ${other}: ${sign}` })),
  ),
);
/** The state that somebody mostly sees of the first and that the table of the other leaves out, and how often. */
function telling({ mine, theirs, sign }: (typeof pairs)[number]): { readonly state: string; readonly shown: number } {
  const spec = VOCABULARY.get(sign)!;
  return spec.states
    .filter((state) => (shownFrequency(theirs, spec, state) ?? 0) === 0)
    .map((state) => ({ state, shown: shownFrequency(mine, spec, state) ?? 0 }))
    .sort((a, b) => b.shown - a.shown)[0]!;
}

describe('signs that decide a pair by themselves', () => {
  it('are of plants that are on the list, of look-alikes that they name, and of the plant itself', () => {
    for (const key of PLANTS_WITH_DECISIVE) expect(byKey.get(key)?.parts, key).to.have.length.above(0);
    for (const { mine, theirs, sign, name } of pairs) {
      expect(theirs, name).not.to.equal(undefined);
      expect(
        mine.lookAlikes.map((l) => binomialOf(l.scientific)),
        name,
      ).to.include(binomialOf(theirs.scientific));
      expect(isDangerous(theirs.severity), name).to.equal(true);
      const { organ, ofPlace } = VOCABULARY.get(sign)!;
      expect(ofPlace || organ === 'smell', name).to.equal(false);
    }
  });
  it('are known of both, and what the one mostly shows the other never does', () => {
    for (const pair of pairs) {
      expect(
        pair.theirs.shows.some((s) => s.sign === pair.sign),
        pair.name,
      ).to.equal(true);
      expect(telling(pair).shown, pair.name).to.be.at.least(0.3);
    }
  });
  it('rule out what kills when looked at twice, and by no single look', () => {
    for (const pair of pairs.filter((p) => p.theirs.severity === 'deadly')) {
      const { state } = telling(pair);
      const excluded = (again: boolean): boolean =>
        weigh([pair.mine, pair.theirs], VOCABULARY, [{ sign: pair.sign, state, present: true, again }], {
          phase: null,
          wanted: pair.mine,
        }).excluded;
      expect(excluded(false), `${pair.name} once`).to.equal(false);
      expect(excluded(true), `${pair.name} twice`).to.equal(true);
    }
  });
});
