import { expect } from 'chai';
import { reasonOf } from './reason-of.ts';
import { guessPlaceReading, linesOf, placesOf, tableOf } from './read-table.ts';
import { writeCsv } from './write.ts';

describe('tables', () => {
  it('are matched by their heads, whatever parts them', () => {
    const table = tableOf('\uFEFFPlace;Lat;Lon;Species\nMill;46,01;-30,02;Elder\n;46;-30;Elder\nRim;146;-30;\n');
    const reading = guessPlaceReading(table);
    expect(reading.kind).to.equal('places');
    const { features, leftOut } = placesOf(linesOf(table, reading).lines);
    expect(features.map((f) => [f.name, f.geometry.coordinates, f.plant])).to.deep.equal([
      ['Mill', [-30.02, 46.01], 'Elder'],
    ]);
    expect(leftOut).to.deep.equal([
      { at: 3, reason: 'noName' },
      { at: 4, reason: 'swapped' },
    ]);
  });
  it('of takes and visits are known by what they need', () => {
    const kindOf = (heads: string) => guessPlaceReading(tableOf(`${heads}\n1,2,3,4,5`)).kind;
    expect(kindOf('day,name,plant,part,amount')).to.equal('takes');
    expect(kindOf('date,place,note,x')).to.equal('visits');
    expect(linesOf(tableOf('a,b\n1,2'), guessPlaceReading(tableOf('a,b\n1,2'))).missing).to.equal('name');
  });
  it('have a position in one column too, whatever its head says, and not where it holds something else', () => {
    const read = (text: string) => {
      const table = tableOf(text);
      return placesOf(linesOf(table, guessPlaceReading(table)).lines);
    };
    const { features, leftOut } = read(
      'name;where it lies;plant\nMill;46.01, -30.02;Elder\nRim;;Hazel\nFen;46°N 30°30′W;\n',
    );
    expect(features.map((f) => [f.name, f.geometry.coordinates, f.plant])).to.deep.equal([
      ['Mill', [-30.02, 46.01], 'Elder'],
      ['Fen', [-30.5, 46], null],
    ]);
    expect(leftOut).to.deep.equal([{ at: 3, reason: 'noPosition' }]);
    expect(tableOf('name;sizes\nMill;3, 4\nRim;2, 5\n').headers).to.deep.equal(['name', 'sizes']);
  });
  it('leave out lines with more cells than heads, empty ones at the end apart: their cells have moved', () => {
    const table = tableOf('name,lat,lon,note\nMill,46,-30,nettles, by the wall\nRim,46,-30,steep,,\n');
    const { lines, leftOut } = linesOf(table, guessPlaceReading(table));
    expect(lines.map((l) => l.values.name)).to.deep.equal(['Rim']);
    expect(leftOut).to.deep.equal([{ at: 2, reason: 'moreCells' }]);
  });
  it('say what a position that cannot be most likely is', () => {
    const rows = ['0;0', '-120;46', '500000;5100000', '91;181'];
    const table = tableOf(`name;lat;lon\n${rows.map((r) => `Mill;${r}`).join('\n')}\n`);
    expect(placesOf(linesOf(table, guessPlaceReading(table)).lines).leftOut.map((l) => l.reason)).to.deep.equal([
      'nullIsland',
      'swapped',
      'projected',
      'outsideTheWorld',
    ]);
  });
  it('tell visits from places by what they say: a day and a name alone are neither', () => {
    const kindOf = (heads: string) => guessPlaceReading(tableOf(`${heads}\n1,2,3,4`)).kind;
    expect(kindOf('date,place,plant,stage')).to.equal('visits');
    expect(kindOf('date,place,plant,count')).to.equal('visits');
    expect(kindOf('date,place,x,y')).to.equal('places');
    const counted = tableOf('date,place,plant,part,count\n1,2,3,4,5');
    expect(guessPlaceReading(counted)).to.deep.include({ kind: 'takes' });
    expect(guessPlaceReading(counted).columns.amount).to.equal(4);
  });
  it('are refused where a quotation mark stays open, or with one column', async () => {
    expect(await reasonOf(() => tableOf('a,b\n"1,2'))).to.equal('brokenQuotes');
    expect(await reasonOf(() => tableOf('just words'))).to.equal('notATable');
  });
  it('are written so that no cell is a formula', () => {
    const [, line] = writeCsv(['a', 'b'], [['=HYPERLINK("x")', -5]]).split('\r\n');
    expect(line).to.equal(`"'=HYPERLINK(""x"")",-5`);
  });
});
