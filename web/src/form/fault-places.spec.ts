import { expect } from 'chai';
import { isAt, pathOfField } from './fault-places.ts';

describe('where a fault is said', () => {
  it('is the field whose part it is, or lies in', () => {
    expect(isAt(['facts.heightM'], 'facts.heightM')).to.equal(true);
    expect(isAt(['geometry'], 'geometry.coordinates[0]')).to.equal(true);
    expect(isAt(['days'], 'days[0].minC')).to.equal(true);
    expect(isAt(['plants'], 'plantsSeen')).to.equal(false);
  });
  it('is the one for the whole only where the whole is at fault', () => {
    expect(isAt(['days[0]$'], 'days[0]')).to.equal(true);
    expect(isAt(['days[0]$'], 'days[0].maxC')).to.equal(false);
  });
  it('is known of the server’s bodies and of nothing else it names', () => {
    expect(pathOfField('body.keeper.name')).to.equal('keeper.name');
    for (const other of ['query.day', 'body', null]) expect(pathOfField(other)).to.equal(null);
  });
});
