import { expect } from 'chai';
import { newPatchSchema, newStandSchema } from '@emberfield/contract';
import {
  blankForm,
  heightFromM,
  heightToM,
  isComplete,
  patchFrom,
  pointFrom,
  positionText,
  standFrom,
  typedNumber,
  typedPoint,
  typedPosition,
} from './new-patch.ts';

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

describe('the position of a new patch', () => {
  it('is what both fields say, or what was pasted into the first', () => {
    expect(typedPoint('46,5', '-30.25')).to.deep.equal(pointFrom(46.5, -30.25));
    expect(typedPoint('46.5, -30.25', '')).to.deep.equal(pointFrom(46.5, -30.25));
    expect(typedPoint('46.5 N, 30.25 W', 'old rubbish')).to.deep.equal(pointFrom(46.5, -30.25));
  });
  it('is none while a field is empty, no number, or beyond the poles', () => {
    for (const [latitude, longitude] of [
      ['46', ''],
      ['', '-30'],
      ['north', '-30'],
      ['91', '0'],
      ['0', '181'],
    ] as const)
      expect(typedPoint(latitude, longitude), `${latitude} ${longitude}`).to.equal(null);
  });
  it('puts longitude first, as GeoJSON does, and drops what is finer than a tenth of a metre', () => {
    expect(pointFrom(46.12345678, -30.98765432)).to.deep.equal({ type: 'Point', coordinates: [-30.987654, 46.123457] });
  });
  it('is shown of a drawn area as its middle', () => {
    const ring = [
      [-30, 46],
      [-29.9, 46],
      [-29.9, 46.1],
      [-30, 46.1],
      [-30, 46],
    ] as const;
    expect(positionText({ type: 'Polygon', coordinates: [ring] })).to.deep.equal({
      latitude: '46.05',
      longitude: '-29.95',
    });
  });
  it('goes to the field and back without moving', () => {
    const { latitude, longitude } = positionText(pointFrom(46.01234, -30.00567));
    expect(typedPoint(latitude, longitude)).to.deep.equal(pointFrom(46.01234, -30.00567));
  });
  it('in height goes from feet to metres and back', () => {
    expect(heightFromM(100, true)).to.equal('328');
    expect(heightFromM(99.6, false)).to.equal('100');
  });
});

describe('a new patch can be kept', () => {
  const named = { ...blankForm(), plantKey: 'nettle', geometry: pointFrom(46, -30) };
  it('once there is a plant, a name and a position', () => {
    expect(isComplete({ ...named, facts: { ...named.facts, name: 'Mill' } })).to.equal(true);
    expect(isComplete(named)).to.equal(false);
    expect(isComplete({ ...named, facts: { ...named.facts, name: '  ' } })).to.equal(false);
    expect(isComplete({ ...named, facts: { ...named.facts, name: 'Mill' }, geometry: null })).to.equal(false);
  });
  it('at a place that is known with the plant alone', () => {
    expect(isComplete({ ...blankForm(), plantKey: 'nettle', existingPatchId: 'x' })).to.equal(true);
    expect(isComplete({ ...blankForm(), existingPatchId: 'x' })).to.equal(false);
  });
});
