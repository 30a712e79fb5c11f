import { expect } from 'chai';
import { faultsOf, newPatchSchema, newStandSchema } from '@emberfield/contract';
import {
  blankForm,
  heightFromM,
  heightToM,
  newPatchFormSchema,
  geometryFrom,
  patchFrom,
  pointFrom,
  positionText,
  standFrom,
  typedPoint,
} from './new-patch.ts';
import { typedPosition } from './typed-position.ts';

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
    expect(newStandSchema.validateSync(standFrom(form), { strict: true })).to.include({
      since: 2015,
      patchId: form.patchId,
    });
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
    expect([heightToM(' ', true, 90), heightToM('12o m', false, 90)]).to.deep.equal([90, NaN]);
    expect(heightFromM(NaN, false)).to.equal('');
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

describe('what was typed into a new patch', () => {
  const named = { ...blankForm(), plantKey: 'nettle', geometry: pointFrom(46, -30) };
  named.facts = { ...named.facts, name: 'Mill' };
  const faults = (form: typeof named): readonly string[] =>
    faultsOf(newPatchFormSchema, { place: patchFrom(form, false), stand: standFrom(form) }).map(
      ({ path, reason }) => `${path} ${reason}`,
    );
  it('can be kept with a plant, a name and a position', () => expect(faults(named)).to.deep.equal([]));
  it('is told by its field where it is no number, and never taken for another', () => {
    expect(faults({ ...named, height: '12o m' })).to.deep.equal(['place.heightM notANumber']);
    expect(faults({ ...named, since: 'nineteen' })).to.deep.equal(['stand.since notANumber']);
    expect(faults({ ...named, since: '2190' })).to.deep.equal(['stand.since yearAhead']);
    expect(faults({ ...named, latitude: '460.1', longitude: '-30' })).to.include(
      'place.geometry.coordinates notAPosition',
    );
  });
  it('is missed where there is none', () => {
    expect(faults({ ...named, plantKey: null as never })).to.include('stand.plantKey missing');
    expect(faults({ ...named, facts: { ...named.facts, name: '  ' } })).to.include('place.name missing');
    expect(faults({ ...named, geometry: null as never }).join()).to.match(/place\.geometry\S* missing/);
  });
  it('leaves a drawn area as it is while its middle stands in the fields', () => {
    const ring = [
      [-30, 46],
      [-29.9, 46],
      [-29.9, 46.1],
      [-30, 46],
    ] as const;
    const drawn = { type: 'Polygon' as const, coordinates: [ring] };
    const form = { ...blankForm(), geometry: drawn, ...positionText(drawn) };
    expect(geometryFrom(form)).to.equal(drawn);
    expect(geometryFrom({ ...form, latitude: '46.02' })).to.deep.equal({
      type: 'Point',
      coordinates: [Number(form.longitude), 46.02],
    });
  });
});
