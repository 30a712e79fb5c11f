import { expect } from 'chai';
import { newPatchSchema, newStandSchema } from '@emberfield/contract';
import { blankForm, heightFromM, heightToM, patchFrom, standFrom, typedNumber, typedPosition } from './new-patch.ts';

describe('the new patch form', () => {
  it('makes what the contract wants', () => {
    const form = {
      ...blankForm(),
      plantKey: 'nettle',
      geometry: { type: 'Point' as const, coordinates: [-30, 46] as const },
      height: '120',
      since: '2015',
    };
    form.facts = { ...form.facts, name: 'Mill hedge ' };
    expect(newPatchSchema.validateSync(patchFrom(form, false), { strict: true })).to.include({
      name: 'Mill hedge',
      heightM: 120,
    });
    expect(newStandSchema.validateSync(standFrom(form, '2026-05-15'), { strict: true })).to.include({
      since: 2015,
      patchId: form.patchId,
    });
  });
  it('reads numbers with point or comma and nothing else', () => {
    expect(typedNumber('12,5')).to.equal(12.5);
    expect(typedNumber(' -3.25 ')).to.equal(-3.25);
    for (const bad of ['', 'abc', '1,2,3', '12m', 'NaN', '1e9']) expect(typedNumber(bad), bad).to.equal(null);
  });
  it('reads a position as people paste it', () => {
    expect(typedPosition('46.01, -30.02')).to.deep.equal({ latitudeDeg: 46.01, longitudeDeg: -30.02 });
    expect(typedPosition('46.01° N 30.02° W')).to.deep.equal({ latitudeDeg: 46.01, longitudeDeg: -30.02 });
    expect(typedPosition('33.5 S, 151.2 E')).to.deep.equal({ latitudeDeg: -33.5, longitudeDeg: 151.2 });
    for (const bad of ['', '46', '96, 10', '46.0, 190', 'somewhere']) expect(typedPosition(bad), bad).to.equal(null);
  });
  it('keeps heights in metres whatever is typed', () => {
    expect(heightToM('400', true)).to.equal(121.9);
    expect(heightToM('400', false)).to.equal(400);
    expect(heightFromM(121.92, true)).to.equal('400');
  });
});
