import { expect } from 'chai';
import fc from 'fast-check';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { AppError } from '../platform/errors.ts';
import { decodeFile } from './operations/decode-file.ts';
import { guessReading } from './operations/guess-reading.ts';
import { parseDay, parseNumber, readWeather } from './operations/read-csv.ts';

const read = (text: string) => readWeather(text, guessReading(text));
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
    for (const nothing of ['', '-9999', '-999.9', 'NA', '--', 'null', '99.9'])
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
