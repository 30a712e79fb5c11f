import { expect } from 'chai';
import { isStill, readScaleLine } from './scale-line.ts';

describe('a line of a scale', () => {
  it('is a weight in grams, whatever the scale calls it, and whether it is at rest', () => {
    expect(readScaleLine('125.0 g')).to.deep.equal({ massG: 125, still: null });
    expect(readScaleLine('ST,GS,+  0.125kg')).to.deep.equal({ massG: 125, still: true });
    expect(readScaleLine('US,NT,-12.5 g')).to.deep.equal({ massG: -12.5, still: false });
    expect(readScaleLine('st, 2lb ')!.massG).to.be.closeTo(907.185, 1e-3);
    expect(readScaleLine('+1 OZ')!.massG).to.be.closeTo(28.35, 1e-2);
  });
  it('is none where it is half a line, an error or an overload', () => {
    for (const line of ['', '5.0', 'g', 'OL,GS, --- kg', 'ERR 2 g', '12.5 gg', '1e9 kg', '12,5 g', '99999999 g'])
      expect(readScaleLine(line), line).to.equal(null);
  });
});

describe('a scale', () => {
  const at = (massG: number, still: boolean | null = null) => ({ massG, still });
  it('is at rest when it says so, or when its last few readings are alike', () => {
    expect(isStill([])).to.equal(false);
    expect(isStill([at(80), at(90, true)])).to.equal(true);
    expect(isStill([at(90), at(90), at(90), at(90, false)])).to.equal(false);
    expect(isStill([at(10), at(90), at(90.5), at(90), at(90.4)])).to.equal(true);
    expect(isStill([at(90), at(90), at(90)])).to.equal(false);
    expect(isStill([at(90), at(92), at(90), at(90)])).to.equal(false);
  });
});
