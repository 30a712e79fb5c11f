import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { plantProfileSchema } from '@emberfield/contract';
import { countMissing, missingWarnings } from '@emberfield/core/plants';
import { keyFrom } from './key-from.ts';
import { formOf, profileFrom } from './own-plant.ts';
import { blankTwin } from './plain-form.ts';

const ramsons = CATALOGUE.find((p) => p.key === 'ramsons')!;
const fresh = () => formOf(ramsons, ramsons, 'en');

describe('a copy of a plant', () => {
  it('is the plant it was copied from until something is changed', () => {
    const copy = profileFrom(ramsons, ramsons, fresh(), 'en');
    expect(copy).to.deep.equal({ ...ramsons, ceilings: copy.ceilings });
    expect(copy.ceilings.map((c) => c.rule.kind).sort()).to.deep.equal(ramsons.ceilings.map((c) => c.rule.kind).sort());
  });
  it('marks changed figures as estimates, keeps the warnings, and still fits the schema', () => {
    const form = fresh();
    form.key = 'ramsons-north';
    form.name = 'Ramsons, north side';
    form.stages[1]!.usual = 88;
    form.caps = { leaf: 3 };
    form.cautions = [{ class: 'ground', text: 'Slippery bank.' }];
    const own = profileFrom(ramsons, ramsons, form, 'en');
    expect(() => plantProfileSchema.validateSync(own, { strict: true })).not.to.throw();
    expect(own.stages[1]!.calendar.source).to.equal('estimate');
    expect(own.lookAlikes).to.deep.equal(ramsons.lookAlikes);
    expect(own.cautions.at(-1)).to.deep.equal({ class: 'ground', text: { en: 'Slippery bank.' } });
    expect(countMissing(missingWarnings(ramsons, own))).to.equal(0);
    expect(own.ceilings.find((c) => c.rule.kind === 'perPlantCap')!.rule).to.include({ perPlant: 3 });
  });
  it('has look-alikes of its own beside those that it inherits, and gives back only its own to be changed', () => {
    const form = fresh();
    const twin = { ...blankTwin(), name: 'Squill', scientific: 'Scilla sp.', separatedBy: 'no smell of garlic' };
    form.twins = [twin, { ...blankTwin(), name: 'half typed' }];
    const own = profileFrom(ramsons, ramsons, form, 'de');
    expect(own.lookAlikes).to.have.length(ramsons.lookAlikes.length + 1);
    expect(own.lookAlikes.at(-1)).to.deep.include({ severity: 'deadly', apartFrom: 'never' });
    expect(own.lookAlikes.at(-1)!.name).to.deep.equal({ en: 'Squill', de: 'Squill' });
    expect(formOf(own, ramsons, 'de').twins).to.deep.equal([twin]);
  });
  it('may go by the calendar alone, stage by stage, from a season of its own, and back to what it was copied from', () => {
    const form = fresh();
    form.stages[1]!.alone = true;
    form.start = 274;
    const own = profileFrom(ramsons, ramsons, form, 'en');
    expect(() => plantProfileSchema.validateSync(own, { strict: true })).not.to.throw();
    expect(own.seasonStart).to.equal('10-01');
    expect(own.stages[1]!.model).to.deep.equal({ kind: 'calendar', direction: 'none', alone: true });
    const again = formOf(own, ramsons, 'en');
    expect([again.start, again.stages.map((s) => s.alone).indexOf(true)]).to.deep.equal([274, 1]);
    again.stages[1]!.alone = false;
    expect(profileFrom(own, ramsons, again, 'en').stages[1]!.model).to.deep.equal(ramsons.stages[1]!.model);
  });
  it('gets a key from its name', () => {
    expect(keyFrom('Bärlauch, north!')).to.equal('barlauch-north');
    expect(keyFrom('3 elders')).to.equal('elders');
  });
});
