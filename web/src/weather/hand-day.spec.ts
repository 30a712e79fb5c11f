import { expect } from 'chai';
import { faultsOf, handDaysSchema } from '@emberfield/contract';
import { handDay, type TypedDay } from './hand-day.ts';

const typed = { day: '2026-05-14', min: '41', max: '59', rain: '0,5' };

describe('a thermometer read by hand', () => {
  it('is kept as it was read, or turned from °F and inches', () => {
    expect(handDay({ ...typed, min: '4.5', max: '15' }, false)).to.deep.equal({
      day: '2026-05-14',
      minC: 4.5,
      maxC: 15,
      rainMm: 0.5,
    });
    expect(handDay(typed, true)).to.deep.equal({ day: '2026-05-14', minC: 5, maxC: 15, rainMm: 12.7 });
  });
  it('needs no rain, but both temperatures and a day, each of them a number, the lower below', () => {
    const faults = (over: Partial<TypedDay>): readonly string[] =>
      faultsOf(handDaysSchema, { days: [handDay({ ...typed, min: '4', max: '15', ...over }, false)] }).map(
        ({ path, reason }) => `${path} ${reason}`,
      );
    expect(faults({ rain: '' })).to.deep.equal([]);
    expect(faults({ min: '' })).to.deep.equal(['days[0].minC missing']);
    expect(faults({ max: '15c' })).to.deep.equal(['days[0].maxC notANumber']);
    expect(faults({ rain: 'much' })).to.deep.equal(['days[0].rainMm notANumber']);
    expect(faults({ day: '' })).to.include('days[0].day missing');
    expect(faults({ min: '16' })).to.deep.equal(['days[0] minAboveMax']);
  });
});
