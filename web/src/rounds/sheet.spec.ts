import { expect } from 'chai';
import { roundGpx, type PlaceOnRound } from './round-gpx.ts';
import { boxesFor } from './sheet-boxes.ts';
import { sheetMap } from './sheet-map.ts';

const place = (name: string, over: Partial<PlaceOnRound['patch']> = {}): PlaceOnRound => ({
  patch: {
    name,
    geometry: { type: 'Point', coordinates: [-30.5, 46.25] },
    heightM: 40,
    secret: false,
    blurred: false,
    ...over,
  },
  begins: 8 * 60 + 5,
  what: 'Nettle, 20 tips',
});

describe('a round as a file', () => {
  it('has its places in order as points and as a route, with what is wanted there', () => {
    const { text, left } = roundGpx('Round', [place('Mill hedge'), place('Combe spring')]);
    expect(left).to.equal(0);
    expect([...text.matchAll(/<(wpt|rtept) lat="46.250000" lon="-30.500000">/g)].map((m) => m[1])).to.deep.equal([
      'wpt',
      'wpt',
      'rtept',
      'rtept',
    ]);
    expect([...text.matchAll(/<rtept[^>]*><ele>40<\/ele><name>([^<]*)/g)].map((m) => m[1])).to.deep.equal([
      'Mill hedge',
      'Combe spring',
    ]);
    expect(text).to.include('<desc>08:05 Nettle, 20 tips</desc>');
  });
  it('leaves secret places at home and says how many', () => {
    const { text, left } = roundGpx('Round', [
      place('Here'),
      place('Hidden', { secret: true }),
      place('B', { blurred: true }),
    ]);
    expect(left).to.equal(2);
    expect(text).not.to.match(/Hidden|>B</);
  });
  it('is well formed whatever a place is called', () => {
    const { text } = roundGpx('A & "B"', [place('<b>\u0007&</b>\uD800 🌿')]);
    expect(text).to.include('<name>&#60;b&#62;&#38;&#60;/b&#62; 🌿</name>').and.include('A &#38; &#34;B&#34;');
    expect(text).not.to.match(/[\u0000-\u0008]/);
  });
});

describe('the small map of a round', () => {
  const size = { width: 300, height: 200, margin: 20 };
  const at = (latitudeDeg: number, longitudeDeg: number) => ({ latitudeDeg, longitudeDeg });
  it('keeps directions and proportions, and fits', () => {
    const { points } = sheetMap([at(0, 0), at(0.01, 0), at(0, 0.02)], size);
    expect(points[1]!.y).to.be.below(points[0]!.y);
    expect(points[2]!.x).to.be.above(points[0]!.x);
    expect((points[2]!.x - points[0]!.x) / (points[0]!.y - points[1]!.y)).to.be.closeTo(2, 1e-6);
    for (const { x, y } of points) {
      expect(x).to.be.within(20, 280);
      expect(y).to.be.within(20, 180);
    }
  });
  it('has a scale of a round length that is drawn as long as it is', () => {
    // 0.01 degree of latitude are 1,113 m over 160 units.
    const { scaleM, scaleLength } = sheetMap([at(0, 0), at(0.01, 0)], size);
    expect(scaleM).to.equal(500);
    expect(scaleLength).to.be.closeTo((500 * 160) / 1113.2, 0.1);
  });
  it('draws places on one spot, and such as lie across the date line, near each other', () => {
    expect(sheetMap([at(46, 8), at(46, 8)], size).points[1]).to.deep.equal({ x: 20, y: 20 });
    const { points } = sheetMap([at(0, 179.99), at(0, -179.99)], size);
    expect(points[1]!.x - points[0]!.x).to.be.closeTo(260, 1e-6);
    expect(() => sheetMap([], size)).to.throw(RangeError);
  });
});

describe('boxes to tick', () => {
  it('are one for each of few, and for ten or a hundred of many; never more than somebody ticks', () => {
    expect(boxesFor(12)).to.deep.equal({ n: 12, each: 1 });
    expect(boxesFor(40)).to.deep.equal({ n: 40, each: 1 });
    expect(boxesFor(41)).to.deep.equal({ n: 5, each: 10 });
    expect(boxesFor(1250)).to.deep.equal({ n: 13, each: 100 });
    expect(boxesFor(2.5)).to.deep.equal({ n: 3, each: 1 });
  });
  it('are none where nothing is left, and some where nobody counted', () => {
    expect(boxesFor(0).n).to.equal(0);
    expect(boxesFor(-3).n).to.equal(0);
    expect(boxesFor(null)).to.deep.equal({ n: 10, each: 1 });
  });
});
