import { expect } from 'chai';
import { number, object, string } from 'yup';
import { AppError } from './errors.ts';
import { parse } from './parse.ts';

const schema = object({
  name: string().required('missing').max(5, 'tooLong'),
  place: object({ heightM: number().required('missing').min(0, 'tooSmall') }).required('missing'),
})
  .required('missing')
  .noUnknown('unknownField');

const fault = (input: unknown, root?: string): [string | null, string | null] => {
  try {
    parse(schema, input, root);
    return [null, null];
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    expect(error.code).to.equal('badInput');
    return [error.field, error.reason];
  }
};

describe('unknown input', () => {
  it('that fits comes out as it went in', () => {
    const input = { name: 'Ash', place: { heightM: 3 } };
    expect(parse(schema, input)).to.deep.equal(input);
  });
  it('is faulted by the path of the field and a code', () => {
    expect(fault({ name: 'Ash', place: { heightM: -1 } })).to.deep.equal(['body.place.heightM', 'tooSmall']);
    expect(fault({ name: 'Ashtree', place: { heightM: 1 } })).to.deep.equal(['body.name', 'tooLong']);
  });
  it('is not bent into shape: a text is no number, and null is missing', () => {
    expect(fault({ name: 'Ash', place: { heightM: '3' } })).to.deep.equal(['body.place.heightM', 'wrongType']);
    expect(fault({ name: null, place: { heightM: 3 } })[0]).to.equal('body.name');
    expect(fault(null)[0]).to.equal('body');
    expect(fault([])[0]).to.equal('body');
  });
  it('may stand under another root, as an entry of a batch does', () => {
    expect(fault({ name: 'Ash', place: {} }, '')[0]).to.equal('.place.heightM');
  });
  it('never tells a code that is not one of ours', () => {
    for (const input of [5, 'x', { name: {}, place: 4 }, { name: [], place: null }, undefined])
      expect(fault(input)[1]).to.match(/^[a-zA-Z]+$/);
  });
});
