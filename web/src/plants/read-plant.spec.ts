import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import {
  plantFileOf,
  readPlantFile,
  type PlantFile,
  type PlantListItem,
  type PlantProfile,
} from '@emberfield/contract';
import { incoming, modelOf } from './read-plant.ts';

const ramsons = CATALOGUE.find((p) => p.key === 'ramsons')!;
const shipped = CATALOGUE.map((p) => ({ ...p, own: false, copiedFrom: null })) as unknown as PlantListItem[];
const listed = (over: Partial<PlantListItem>): PlantListItem => ({ ...shipped[0]!, own: true, ...over });
const view = (profile: PlantProfile, revision = 0) => ({ profile, revision, copiedFrom: null, sources: {} });
const file = (over: Partial<PlantProfile> = {}, copiedFrom: string | null = null): PlantFile => ({
  ...plantFileOf(view({ ...ramsons, ...over }, 1)),
  copiedFrom,
});

describe('a plant file', () => {
  it('is read as it was written, whatever plant it holds', () => {
    for (const profile of CATALOGUE) {
      const written = plantFileOf(view(profile));
      expect(readPlantFile(JSON.stringify(written)), profile.key).to.deep.equal({ kind: 'read', file: written });
    }
  });
  it('is refused where it is none, damaged or of a later version, and says what does not fit', () => {
    const written = plantFileOf(view(ramsons));
    expect(readPlantFile('{')).to.deep.equal({ kind: 'refused', reason: 'notJson' });
    for (const none of ['null', '[]', '7', '{}'])
      expect(readPlantFile(none)).to.deep.equal({ kind: 'refused', reason: 'notAPlant' });
    expect(readPlantFile(JSON.stringify({ ...written, version: 2 }))).to.deep.equal({
      kind: 'refused',
      reason: 'newerVersion',
    });
    const faulty = readPlantFile(JSON.stringify({ ...written, profile: { ...ramsons, habit: 'cloud', extra: 1 } }));
    expect(faulty.kind === 'faulty' && faulty.faults.map((f) => f.path)).to.include('profile.habit');
  });
  it('of a shipped plant arrives as a copy of it, under a key of its own', () => {
    const model = modelOf(plantFileOf(view(ramsons)), shipped);
    expect(model).to.equal('ramsons');
    const next = incoming(plantFileOf(view(ramsons)), shipped, ramsons, null);
    expect(next).to.include({ copiedFrom: 'ramsons', again: false, baseRevision: 0, putBack: 0 });
    expect(next.profile.key).to.equal('ramsons-2');
  });
  it('gets back the warnings that somebody took out of it, by its model or by its species', () => {
    const stripped = file({ key: 'wood-garlic', lookAlikes: ramsons.lookAlikes.slice(1), cautions: [] });
    expect(modelOf(stripped, shipped)).to.equal('ramsons');
    const next = incoming(stripped, shipped, ramsons, null);
    expect(next.putBack).to.equal(1 + ramsons.cautions.length);
    expect(next.profile.lookAlikes).to.have.deep.members([...ramsons.lookAlikes]);
    expect(next.profile.cautions).to.have.deep.members([...ramsons.cautions]);
  });
  it('of an own plant that is there becomes its next version, and keeps the warnings that it kept', () => {
    const plants = [...shipped, listed({ key: 'wood-garlic', copiedFrom: 'nettle' })];
    const again = file({ key: 'wood-garlic' }, 'ramsons');
    expect(modelOf(again, plants)).to.equal('nettle');
    expect(incoming(again, plants, null, { revision: 4 })).to.include({ again: true, baseRevision: 4 });
  });
  it('keeps no warnings of an own plant that only has the key which it names', () => {
    const plants = [...shipped, listed({ key: 'hill-plant', scientific: 'Rumex acetosa L.' })];
    expect(modelOf(file({ scientific: 'Ligusticum scoticum' }, 'hill-plant'), plants)).to.equal(null);
    expect(modelOf(file({ scientific: 'Rumex acetosa' }, 'hill-plant'), plants)).to.equal('hill-plant');
  });
  it('of a species that nobody has stands for itself', () => {
    expect(modelOf(file({ scientific: 'Ligusticum scoticum', key: 'scots-lovage' }), shipped)).to.equal(null);
  });
});
