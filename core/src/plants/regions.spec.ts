import { expect } from 'chai';
import { growsIn, regionsByStatus, statusIn } from './regions.ts';

const plant = {
  status: 'common',
  regions: { atlanticEurope: 'common', mediterranean: 'atRisk', easternAmerica: 'invasive' },
} as const;

describe('where a plant grows', () => {
  it('is where the group gathers if one of its regions is, and in doubt', () => {
    expect(growsIn(plant, ['prairie', 'mediterranean'])).to.equal(true);
    expect(growsIn(plant, ['prairie', 'westernAmerica'])).to.equal(false);
    expect(growsIn(plant, [])).to.equal(true);
    expect(growsIn({}, ['prairie'])).to.equal(true);
    // Regions that name none say nothing: a file could not hide what kills behind them.
    expect(growsIn({ regions: {} }, ['prairie'])).to.equal(true);
    expect(growsIn({ regions: { prairie: undefined } }, ['mediterranean'])).to.equal(true);
  });
  it('counts as it does where it does worst; an invader only where it is one everywhere', () => {
    expect(statusIn(plant, ['atlanticEurope', 'mediterranean'])).to.equal('atRisk');
    expect(statusIn(plant, ['easternAmerica'])).to.equal('invasive');
    expect(statusIn(plant, ['easternAmerica', 'atlanticEurope'])).to.equal('common');
    expect(statusIn({ status: 'slow' }, ['prairie'])).to.equal('slow');
    expect(statusIn({ ...plant, status: 'protected' }, [])).to.equal('protected');
  });
  it('is said by how it does there', () => {
    expect(regionsByStatus(plant)).to.deep.equal([
      ['common', ['atlanticEurope']],
      ['atRisk', ['mediterranean']],
      ['invasive', ['easternAmerica']],
    ]);
  });
});
