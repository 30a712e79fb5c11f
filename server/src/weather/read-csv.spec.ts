import { expect } from 'chai';
import fc from 'fast-check';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { AppError } from '../platform/errors.ts';
import { decodeFile } from './operations/decode-file.ts';
import { guessReading } from './operations/guess-reading.ts';
import { parseDay, parseNumber, readWeather } from './operations/read-csv.ts';

const TODAY = dayNumber('2026-05-15');
const read = (text: string) => readWeather(text, guessReading(text), TODAY);
const days = (n: number, line: (iso: string, i: number) => string) =>
  Array.from({ length: n }, (_, i) => line(isoDay(dayNumber('2024-01-28') + i), i)).join('\n');
const dmy = (iso: string) => iso.split('-').reverse().join('.');

describe('weather files', () => {
  it('with semicolons, decimal commas, day-first dates and °C', () => {
    const text = `Station 104;Ostrey\nDatum;Tmin (°C);Tmax (°C);Regen\n${days(40, (d, i) => `${dmy(d)};-${i % 7},5;${i % 9},25;0,0`)}\n`;
    const reading = guessReading(text);
    expect(reading).to.deep.include({
      delimiter: ';',
      decimal: ',',
      dateOrder: 'dmy',
      temperature: 'C',
      columns: ['day', 'min', 'max', 'rain'],
    });
    const r = read(text);
    expect(r.days).to.have.length(40);
    expect(r.days[0]).to.deep.equal({ day: dayNumber('2024-01-28'), minC: -0.5, maxC: 0.3, rainMm: 0 });
  });
  it('with commas, ISO dates, °F and inches', () => {
    const text = `date,tmax_f,tmin_f,precip (in)\n${days(30, (d) => `${d},50,32,0.10`)}`;
    const r = read(text);
    expect(guessReading(text)).to.include({ temperature: 'F', rain: 'inch', decimal: '.' });
    expect(r.days[0]).to.include({ minC: 0, maxC: 10, rainMm: 2.5 });
  });
  it('with tabs, a byte-order mark, Windows line ends and compact dates', () => {
    const text = `\uFEFFDAY\tTN\tTX\r\n${days(10, (d) => `${d.replaceAll('-', '')}\t1.0\t9.9`).replaceAll('\n', '\r\n')}\r\n`;
    expect(read(decodeFile(Buffer.from(text)))).to.deep.include({ problem: null, leftOut: [] });
    expect(read(decodeFile(Buffer.from(text, 'utf16le'))).days).to.have.length(10);
  });
  it('without headings: the lower of two columns is the minimum', () => {
    expect(guessReading(days(20, (d) => `${d},12.5,3.5`)).columns).to.deep.equal(['day', 'max', 'min']);
  });
  it('in °F without a word about it: told by the whole file, and where that leaves it open by the group’s units', () => {
    const file = (warmest: number, coolest: number) =>
      `date,max,min\n${days(300, (d, i) => `${d},${i < 30 ? warmest : coolest},${coolest - 12}`)}`;
    const said = (text: string, imperial = false) => guessReading(text, imperial).temperature;
    // A hot month is enough, wherever in the year the file begins.
    expect(said(file(88, 60))).to.equal('F');
    expect(said(file(33, 24))).to.equal('C');
    // A winter in °F and a hot country in °C look alike: nobody is told apart by the figures alone.
    expect([said(file(48, 40)), said(file(48, 40), true)]).to.deep.equal(['C', 'F']);
    expect(said(file(48, 40).replace('date,max,min', 'date,max (°C),min (°C)'), true)).to.equal('C');
    expect(said(file(30, 20), true)).to.equal('C');
  });
  it('with 99.9: a warm day in °F and a wet one in mm, and no mark for nothing', () => {
    const text = `date,max (°F),min (°F),rain (mm)\n${days(20, (d) => `${d},99.9,70,99.9`)}`;
    expect(read(text).days[0]).to.include({ maxC: 37.7, rainMm: 99.9 });
  });
  it('with a column of comments take no rain from it', () => {
    const text = `date,min,max,Comments\n${days(20, (d) => `${d},1,9,12`)}`;
    expect(guessReading(text).columns).to.deep.equal(['day', 'min', 'max', 'ignore']);
    expect(guessReading(text.replace('Comments', 'sum mm')).columns[3]).to.equal('rain');
  });
  it('with decimal commas in quotation marks between commas', () => {
    const text = `date,min,max\n${days(20, (d) => `${d},"1,5","9,25"`)}`;
    expect(guessReading(text)).to.include({ delimiter: ',', decimal: ',' });
    expect(read(text).days[0]).to.include({ minC: 1.5, maxC: 9.3 });
  });
  it('of days to come are not of weather that was: tomorrow may be today elsewhere, no more', () => {
    const text = `date,min,max\n2026-05-15,1,9\n2026-05-16,1,9\n2026-05-17,1,9\n9999-01-01,1,9`;
    const r = read(text);
    expect(r.days.map((d) => isoDay(d.day))).to.deep.equal(['2026-05-15', '2026-05-16']);
    expect(r.leftOut.map((l) => [l.line, l.reason])).to.deep.equal([
      [4, 'futureDay'],
      [5, 'futureDay'],
    ]);
  });
  it('tell day-first from month-first by what follows what', () => {
    expect(guessReading(days(20, (d) => `${dmy(d).replaceAll('.', '/')},1,9`)).dateOrder).to.equal('dmy');
    expect(guessReading(days(20, (d) => `${d.slice(5, 7)}/${d.slice(8)}/${d.slice(0, 4)},1,9`)).dateOrder).to.equal(
      'mdy',
    );
  });
  it('leave out what cannot be used, each line with its reason, and keep the rest', () => {
    const text = [
      'date,min,max',
      '2024-01-01,1,5',
      '2024-01-02,-9999,5',
      '2024-01-03,,5',
      '2024-01-04,9,2',
      '2024-01-05,x1,5',
      '2024-01-01,2,6',
      'total,1,2',
      '2024-01-07,2,99',
      '',
      '2024-01-08,2,6',
    ].join('\n');
    const r = read(text);
    expect(r.days.map((d) => isoDay(d.day))).to.deep.equal(['2024-01-01', '2024-01-08']);
    expect(r.leftOut.map((l) => [l.line, l.reason])).to.deep.equal([
      [3, 'noTemperature'],
      [4, 'noTemperature'],
      [5, 'minAboveMax'],
      [6, 'notANumber'],
      [7, 'sameDayTwice'],
      [8, 'noDate'],
      [9, 'impossibleTemperature'],
    ]);
  });
  it('that are no tables, or no text, or empty, are said to be so', () => {
    expect(read('just some words\nand more words\n').problem).to.not.equal(null);
    const refused = (content: Buffer) => {
      try {
        decodeFile(content);
        return 'read';
      } catch (error) {
        return (error as AppError).reason;
      }
    };
    expect(refused(Buffer.alloc(0))).to.equal('emptyFile');
    expect(refused(Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0]))).to.equal('notText');
  });
  it('in the Windows code page are read with their letters', () => {
    expect(decodeFile(Buffer.from([0x4d, 0xe4, 0x72, 0x7a]))).to.equal('März');
  });
  it('read numbers as the decimal sign says, and sentinels as nothing', () => {
    expect(parseNumber('-3,5', ',')).to.equal(-3.5);
    expect(parseNumber('+3.5 °C', '.')).to.equal(3.5);
    for (const nothing of ['', '-9999', '-999.9', 'NA', '--', 'null'])
      expect(parseNumber(nothing, '.'), nothing).to.equal(null);
    for (const bad of ['3,5', '1.2.3', 'abc', '1e3', '٣']) expect(parseNumber(bad, '.'), bad).to.equal('bad');
  });
  it('read real days only', () => {
    expect(parseDay('29.02.2023', 'dmy')).to.equal(null);
    expect(parseDay('31/12/99', 'dmy')).to.equal(dayNumber('1999-12-31'));
    expect(parseDay('2024-03-01T00:00', 'ymd')).to.equal(dayNumber('2024-03-01'));
    expect(parseDay('2024-3-1 12:00', 'ymd')).to.equal(dayNumber('2024-03-01'));
  });
  it('never break the reader, whatever is in them', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const r = read(text);
        return r.problem !== null || r.days.length > 0;
      }),
      { numRuns: 300 },
    );
  });
});
