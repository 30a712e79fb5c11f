import { expect } from 'chai';
import fc from 'fast-check';
import { dayIn, dayOrderOf, numberIn, positionIn } from './cells.ts';

describe('cells of a table', () => {
  it('hold numbers with point or comma', () => {
    expect(['46.5', '46,5', '-3', '1.2.3', '', 'x'].map(numberIn)).to.deep.equal([46.5, 46.5, -3, null, null, null]);
  });
  it('hold days as people write them, years of two digits too', () => {
    const read: Record<string, string | null> = {
      '2026-05-15': '2026-05-15',
      '2026-05-15T10:00': '2026-05-15',
      '15.05.2026': '2026-05-15',
      '5/6/2026': '2026-06-05',
      '5-6-26': '2026-06-05',
      '01.01.69': '2069-01-01',
      '01.01.70': '1970-01-01',
      '31.02.2026': null,
      '5/6-2026': null,
      '5.6.026': null,
      May: null,
    };
    for (const [text, day] of Object.entries(read)) expect(dayIn(text), text).to.equal(day);
  });
  it('are read month first where one of the column can only be meant so, and none the other way about', () => {
    expect(dayOrderOf(['5/6/2026', '5/15/2026', undefined, 'x'])).to.equal('monthFirst');
    expect(dayOrderOf(['5/6/2026'])).to.equal('dayFirst');
    expect(dayOrderOf(['5/12/2026', '12/5/2026'])).to.equal('dayFirst');
    expect(dayOrderOf(['5/13/2026', '13/5/2026'])).to.equal('dayFirst');
    expect(dayIn('5/6/2026', 'monthFirst')).to.equal('2026-05-06');
    expect(dayIn('15/6/2026', 'monthFirst')).to.equal(null);
  });
});

describe('a position in one cell', () => {
  it('is read with point or comma, in degrees, minutes and seconds, and by its letters', () => {
    const read: Record<string, readonly [number, number] | null> = {
      '46.01, -30.02': [-30.02, 46.01],
      '46.01 -30.02': [-30.02, 46.01],
      '46,01; -30,02': [-30.02, 46.01],
      '(46.01,-30.02)': [-30.02, 46.01],
      'N46.01 W30.02': [-30.02, 46.01],
      '30.02W, 46.01N': [-30.02, 46.01],
      '30.02, 46.01N': [30.02, 46.01],
      '46°30\'36"N 30°15′W': [-30.25, 46.51],
      '-46.50, 170.5': [170.5, -46.5],
      '46,01': null,
      '3, 4': null,
      '46.01N 30.02N': null,
      '46°60′N 30°W': null,
      'N46.01S 30': null,
      'behind the mill': null,
      '': null,
    };
    for (const [text, position] of Object.entries(read)) expect(positionIn(text), text).to.deep.equal(position);
  });
  it('comes back as it was written, whatever it is', () => {
    const degrees = (most: number) => fc.integer({ min: -most * 1000, max: most * 1000 }).map((n) => n / 1000);
    fc.assert(
      fc.property(degrees(90), degrees(180), (lat, lon) => {
        expect(positionIn(`${lat.toFixed(3)}, ${lon.toFixed(3)}`)).to.deep.equal([lon, lat]);
      }),
    );
  });
  it('is not looked for in a text that is long: nobody waits for it', () => {
    expect(positionIn(`1.00 ${' '.repeat(200_000)} 2.00`)).to.equal(null);
    expect(positionIn(`1.00 ${' '.repeat(60)} x`)).to.equal(null);
  });
});
