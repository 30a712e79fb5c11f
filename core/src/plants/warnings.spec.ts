import { expect } from 'chai';
import { NEVER } from './profile.ts';
import { countMissing, isMilder, missingWarnings, twinsWithoutApart, withWarningsOf } from './warnings.ts';

const twin = (scientific: string, over: object = {}) => ({
  name: { en: scientific },
  scientific,
  severity: 'deadly' as const,
  separatedBy: { en: 'smell' },
  ...over,
});
const window = (over: object = {}) => ({
  part: 'leaf' as const,
  use: 'fresh',
  opens: { stage: 'leaf', offsetDays: 0 },
  closes: { stage: 'flower', offsetDays: 0 },
  peakShare: 0.4,
  sizeLimit: null,
  ...over,
});
const base = {
  cautions: [{ class: 'skin' as const, text: { en: 'It burns.' } }],
  lookAlikes: [twin('Conium maculatum L.', { apartFrom: NEVER })],
  ceilings: [{ parts: null, rule: { kind: 'protected' as const } }],
  windows: [window({ separableFrom: 'flower' })],
};

type Lockable = { readonly separableFrom?: string };
describe('the warnings of a copy', () => {
  const thinned: readonly (readonly [string, Partial<typeof base>])[] = [
    ['a caution left out', { cautions: [] }],
    ['a look-alike left out', { lookAlikes: [] }],
    [
      'a look-alike made milder',
      { lookAlikes: [twin('Conium maculatum', { apartFrom: NEVER, severity: 'nuisance' })] },
    ],
    [
      'a look-alike that can be told apart at once',
      { lookAlikes: [twin('Conium maculatum', { apartFrom: 'always' })] },
    ],
    [
      'a look-alike that is told on every piece',
      { lookAlikes: [twin('Conium maculatum', { apartFrom: NEVER, pieceByPiece: true })] },
    ],
    ['the protection left out', { ceilings: [] }],
    ['a lock taken off its window', { windows: [window()] }],
  ];
  for (const [what, over] of thinned)
    it(`are missed and put back: ${what}`, () => {
      const copy = { ...base, ...over };
      expect(countMissing(missingWarnings(base, copy))).to.equal(1);
      const mended = withWarningsOf(base, copy);
      expect(countMissing(missingWarnings(base, mended))).to.equal(0);
      // Each once: what was thinned out does not stand beside what it was thinned from.
      expect(mended.lookAlikes).to.have.length(1);
    });
  it('are not escaped by another word for the same part', () => {
    const copy = { ...base, windows: [window({ use: 'salad' }), window({ part: 'root' as const })] };
    expect(missingWarnings(base, copy).loosened.map((w) => w.use)).to.deep.equal(['salad']);
    expect(withWarningsOf(base, copy).windows.map((w) => (w as Lockable).separableFrom)).to.deep.equal([
      'flower',
      undefined,
    ]);
  });
  it('may be made stricter, and stay so', () => {
    const mild = { ...base, lookAlikes: [twin('Conium maculatum', { apartFrom: 'flower', pieceByPiece: true })] };
    const strict = {
      ...mild,
      lookAlikes: [twin('Conium maculatum', { apartFrom: NEVER })],
      windows: [window({ separableFrom: NEVER })],
    };
    expect(withWarningsOf(mild, strict)).to.deep.equal(strict);
  });
  it('may be added to, and written as another author of the species has it', () => {
    const more = {
      ...base,
      lookAlikes: [twin('Conium maculatum auct.', { apartFrom: NEVER }), twin('Aethusa cynapium')],
      cautions: [...base.cautions, { class: 'ground' as const, text: { en: 'Steep.' } }],
    };
    expect(countMissing(missingWarnings(base, more))).to.equal(0);
    expect(withWarningsOf(base, more)).to.deep.equal(more);
  });
  it('of a harmful look-alike of its own say from when on it can be told apart', () => {
    const own = [twin('Aethusa cynapium'), twin('Anthriscus sylvestris', { severity: 'nuisance' })];
    expect(twinsWithoutApart(base, { lookAlikes: own }).map((l) => l.scientific)).to.deep.equal(['Aethusa cynapium']);
    // What its model says stands as it is.
    expect(twinsWithoutApart({ ...base, lookAlikes: own }, { lookAlikes: own })).to.deep.equal([]);
  });
  it('are milder the less they do', () => {
    const order = ['deadly', 'poisonous', 'harmful', 'nuisance', 'none'] as const;
    order.forEach((a, i) => order.forEach((b, j) => expect(isMilder(a, b), `${a} ${b}`).to.equal(i > j)));
  });
});
