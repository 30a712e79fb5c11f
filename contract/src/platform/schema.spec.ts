import { expect } from 'chai';
import { ValidationError, type Schema } from 'yup';
import {
  exactly,
  figure,
  finite,
  flag,
  freeText,
  isoDay,
  line,
  listOf,
  monthDay,
  oneOf,
  orNull,
  share,
  text,
  uuid,
  whole,
} from './schema.ts';

/** Codes of all faults; none for what fits. */
const faults = (schema: Schema<unknown>, value: unknown): readonly string[] => {
  try {
    schema.validateSync(value, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    if (error instanceof ValidationError) return error.errors;
    throw error;
  }
};
const fits = (schema: Schema<unknown>, value: unknown): boolean => faults(schema, value).length === 0;

describe('the pieces of the schemas', () => {
  it('line: from one character that shows, up to so many', () => {
    expect(fits(line(5), 'Beech')).to.equal(true);
    expect(faults(line(5), '   ')).to.deep.equal(['missing']);
    expect(faults(line(5), 'Beeches')).to.deep.equal(['tooLong']);
    for (const value of [5, null, undefined, ['a'], {}]) expect(fits(line(5), value)).to.equal(false);
  });
  it('free text: may be empty, not absent', () => {
    expect(fits(freeText(5), '')).to.equal(true);
    for (const value of [undefined, null, 'longer']) expect(fits(freeText(5), value)).to.equal(false);
  });
  it('numbers: within bounds, never NaN or endless, never a text', () => {
    expect([0, 2.5, 5].every((v) => fits(finite(0, 5), v))).to.equal(true);
    expect(faults(finite(0, 5), -0.1)).to.deep.equal(['tooSmall']);
    expect(faults(finite(0, 5), 5.1)).to.deep.equal(['tooLarge']);
    for (const value of [NaN, Infinity, '3', null, undefined, true, [3]])
      expect(fits(finite(0, 5), value)).to.equal(false);
    expect(faults(whole(0, 5), 2.5)).to.deep.equal(['notWhole']);
    expect([0, 0.5, 1].map((v) => fits(share(), v))).to.deep.equal([true, true, true]);
    expect([-0.01, 1.01, 50].map((v) => fits(share(), v))).to.deep.equal([false, false, false]);
  });
  it('keys: UUIDs in small letters and no other', () => {
    expect(fits(uuid(), '01900000-0000-7000-8000-000000000001')).to.equal(true);
    for (const value of ['01900000-0000-7000-8000-00000000000', '01900000-0000-7000-8000-00000000000A', 'x', '', 7])
      expect(fits(uuid(), value)).to.equal(false);
  });
  it('days: real ones of the calendar', () => {
    expect(fits(isoDay(), '2028-02-29')).to.equal(true);
    for (const value of ['2026-02-29', '2026-13-01', '26-01-01', '2026-1-1', '2026-05-15T00:00:00Z', ''])
      expect(fits(isoDay(), value)).to.equal(false);
  });
  it('days of any year: month and day', () => {
    expect(['01-01', '12-31', '02-29'].every((v) => fits(monthDay(), v))).to.equal(true);
    for (const value of ['13-01', '00-10', '1-1', '05-32', '2026-05-15'])
      expect(fits(monthDay(), value)).to.equal(false);
  });
  it('figures: a value between its low and high, with its source', () => {
    const right = { value: 5, low: 4, high: 7, source: 'estimate' };
    expect(fits(figure(), right)).to.equal(true);
    expect(faults(figure(), { ...right, value: 8 })).to.deep.equal(['figureOrder']);
    expect(fits(figure(), { ...right, source: '' })).to.equal(false);
    expect(faults(figure(), { ...right, unit: 'g' })).to.deep.equal(['unknownField']);
  });
  it('texts: English always, other languages beside it', () => {
    expect(fits(text(), { en: 'Ash', de: 'Esche' })).to.equal(true);
    for (const value of [{ de: 'Esche' }, { en: '' }, { en: 'Ash', german: 'Esche' }, { en: 5 }, 'Ash', null])
      expect(fits(text(), value)).to.equal(false);
  });
  it('what may be null has to be said, not left out', () => {
    const schema = exactly({ day: orNull(isoDay()) });
    expect(fits(schema, { day: null })).to.equal(true);
    expect(fits(schema, { day: '2026-05-15' })).to.equal(true);
    expect(fits(schema, {})).to.equal(false);
  });
  it('lists: refused when too long, rather than cut off', () => {
    expect(fits(listOf(flag(), 2), [true, false])).to.equal(true);
    expect(faults(listOf(flag(), 2), [true, false, true])).to.deep.equal(['tooMany']);
    expect(fits(listOf(flag(), 2), [true, 'false'])).to.equal(false);
  });
  it('objects: these fields and no other, whatever they are called', () => {
    const schema = exactly({ kind: oneOf(['a', 'b']) });
    expect(fits(schema, { kind: 'a' })).to.equal(true);
    for (const extra of ['more', 'constructor', 'toString'])
      expect(faults(schema, { kind: 'a', [extra]: 1 }), extra).to.deep.equal(['unknownField']);
    expect(faults(schema, { kind: 'c' })).to.deep.equal(['notOneOf']);
  });
});
