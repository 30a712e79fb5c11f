import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { plantProfileSchema } from '@emberfield/contract';
import { formOf, keyFrom, profileFrom } from './own-plant.ts';

const ramsons = CATALOGUE.find((p) => p.key === 'ramsons')!;

describe('an own plant', () => {
  it('is the plant it was copied from until something is changed', () => {
    const copy = profileFrom(ramsons, formOf(ramsons, 'en'), 'en');
    expect(copy).to.deep.equal({ ...ramsons, ceilings: copy.ceilings });
    expect(copy.ceilings.map((c) => c.rule.kind).sort()).to.deep.equal(ramsons.ceilings.map((c) => c.rule.kind).sort());
  });
  it('marks changed figures as estimates, keeps the warnings, and still fits the schema', () => {
    const form = formOf(ramsons, 'en');
    form.key = 'ramsons-north';
    form.name = 'Ramsons, north side';
    form.stages[1]!.usual = 88;
    form.caps = { leaf: 3 };
    form.caution = 'Slippery bank.';
    const own = profileFrom(ramsons, form, 'en');
    expect(() => plantProfileSchema.validateSync(own, { strict: true })).not.to.throw();
    expect(own.stages[1]!.calendar.source).to.equal('estimate');
    expect(own.lookAlikes).to.equal(ramsons.lookAlikes);
    expect(own.cautions).to.have.length(ramsons.cautions.length + 1);
    expect(own.ceilings.find((c) => c.rule.kind === 'perPlantCap')!.rule).to.include({ perPlant: 3 });
  });
  it('gets a key from its name', () => {
    expect(keyFrom('Bärlauch, north!')).to.equal('barlauch-north');
    expect(keyFrom('3 elders')).to.equal('elders');
  });
});
