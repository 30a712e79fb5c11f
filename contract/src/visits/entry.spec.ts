import { expect } from 'chai';
import { ValidationError } from 'yup';
import { entrySchema } from './entry.ts';
import { geometrySchema } from '../patches/patch.ts';
import { houseRuleSchema } from '../people/rules.ts';

const id = '01900000-0000-7000-8000-000000000001';
const envelope = {
  id,
  schemaVersion: 1,
  patchId: id,
  standId: id,
  visitId: null,
  day: '2026-05-15',
  zone: 'UTC',
  madeAt: '2026-05-15T10:00:00Z',
  device: 'x',
  replaces: null,
};
const take = {
  part: 'leaf',
  amount: 3,
  measure: 'unit',
  plants: null,
  killed: null,
  quality: null,
  eatenOnTheSpot: false,
  overReason: '',
};
const faults = (schema: { validateSync: (v: unknown, o: object) => unknown }, value: unknown): readonly string[] => {
  try {
    schema.validateSync(value, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    return (error as ValidationError).errors;
  }
};

describe('the contract', () => {
  it('takes a whole entry, and refuses one with a field too many or too few', () => {
    expect(faults(entrySchema, { ...envelope, kind: 'take', body: take })).to.deep.equal([]);
    expect(faults(entrySchema, { ...envelope, kind: 'take', body: { ...take, colour: 'red' } })).to.deep.equal([
      'unknownField',
    ]);
    const { amount: _, ...without } = take;
    expect(faults(entrySchema, { ...envelope, kind: 'take', body: without })).to.include('missing');
  });
  it('coerces nothing: a text is no number, an emptied field is not 0', () => {
    for (const amount of ['3', '', null, Infinity])
      expect(
        faults(entrySchema, { ...envelope, kind: 'take', body: { ...take, amount } }),
        String(amount),
      ).not.to.deep.equal([]);
  });
  it('wants a stand where an entry is of one, and something to withdraw', () => {
    expect(faults(entrySchema, { ...envelope, standId: null, kind: 'take', body: take })).to.deep.equal([
      'standMissing',
    ]);
    expect(faults(entrySchema, { ...envelope, standId: null, kind: 'note', body: { text: 'x' } })).to.deep.equal([]);
    expect(faults(entrySchema, { ...envelope, kind: 'withdrawal', body: { reason: '' } })).to.deep.equal([
      'nothingToWithdraw',
    ]);
  });
  it('keeps counts possible', () => {
    const census = (body: object) => faults(entrySchema, { ...envelope, kind: 'census', body });
    expect(census({ method: 'complete', plants: 5, mature: 6, flowering: null })).to.deep.equal(['classesExceedCount']);
    expect(census({ method: 'quadrats', counts: [1, 2, 3], quadratAreaM2: 4, standAreaM2: 10 })).to.deep.equal([
      'quadratsDoNotFit',
    ]);
    expect(census({ method: 'eye', eye: 'lots' })).to.deep.equal(['notOneOf']);
    const squares = { method: 'quadrats', counts: [1, 2], quadratAreaM2: 1, standAreaM2: 10 };
    expect(census({ ...squares, mature: [1, 2], flowering: [0, 2] })).to.deep.equal([]);
    expect(census({ ...squares, mature: [2, 2] })).to.deep.equal(['classesExceedCount']);
    expect(census({ ...squares, flowering: [1] })).to.deep.equal(['classesExceedCount']);
    const belts = { method: 'belts', widthM: 2, standAreaM2: 100 };
    expect(census({ ...belts, belts: [1, 2].map((plants) => ({ plants, lengthM: 20 })) })).to.deep.equal([]);
    expect(census({ ...belts, belts: [1, 2].map((plants) => ({ plants, lengthM: 30 })) })).to.deep.equal([
      'beltsDoNotFit',
    ]);
    const tree = { name: '', girthCm: 95, tips: null };
    expect(census({ method: 'trees', trees: [tree, { ...tree, girthCm: null }] })).to.deep.equal([]);
    expect(census({ method: 'trees', trees: [] })).to.deep.equal(['missing']);
    expect(census({ method: 'trees', trees: [{ ...tree, girthCm: 0 }] })).to.deep.equal(['tooSmall']);
    expect(census({ method: 'clumps', clumps: 2, shoots: [3, 4, 5] })).to.deep.equal(['moreClumpsThanThere']);
    // Whatever stands where a list should be is refused, not stumbled over.
    for (const odd of ['abc', 7, null, {}, [null], [['x']], ['1', 2]]) {
      expect(census({ ...squares, mature: odd }), JSON.stringify(odd)).not.to.deep.equal([]);
      expect(census({ ...belts, belts: odd }), JSON.stringify(odd)).not.to.deep.equal([]);
      expect(census({ method: 'clumps', clumps: 3, shoots: odd }), JSON.stringify(odd)).not.to.deep.equal([]);
    }
  });
  it('knows a ring from a line, and a share from a percentage', () => {
    const ring = (coordinates: number[][]) => faults(geometrySchema, { type: 'Polygon', coordinates: [coordinates] });
    expect(
      ring([
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 0],
      ]),
    ).to.deep.equal([]);
    expect(
      ring([
        [0, 0],
        [1, 0],
        [0, 0],
      ]),
    ).to.deep.equal(['ringTooShort']);
    expect(faults(houseRuleSchema, { kind: 'fixedShare', share: 10 })).to.deep.equal(['tooLarge']);
    expect(faults(houseRuleSchema, { kind: 'fixedShare', share: 0 })).to.deep.equal(['tooSmall']);
  });
});
