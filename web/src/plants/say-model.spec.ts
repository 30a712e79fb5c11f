import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { createWords } from '@emberfield/words';
import { sayCeiling, sayModel } from './say-model.ts';

const metric = createWords('en');
const imperial = createWords('en', 'imperial');

describe('how a stage is reached, in words', () => {
  it('is said for every stage of every plant, with its figures and nothing left open', () => {
    for (const profile of CATALOGUE)
      for (const stage of profile.stages) {
        const said = sayModel(stage, profile, metric);
        expect(said, `${profile.key}: ${stage.key}`)
          .to.match(/\S/)
          .and.not.match(/\{|\}|undefined|NaN|plants\./);
        if ('sum' in stage.model) expect(said).to.include(metric.format.number(stage.model.sum.value));
      }
  });
  it('names the stage that another hangs on by its name, not its key', () => {
    const elder = CATALOGUE.find((p) => p.key === 'elder')!;
    const after = elder.stages.find((s) => s.model.kind === 'afterWarmth' || s.model.kind === 'after')!;
    const { stage } = after.model as { readonly stage: string };
    const name = elder.stages.find((s) => s.key === stage)!.name['en']!;
    expect(sayModel(after, elder, metric)).to.include(name);
  });
  it('says a base in the units of the group', () => {
    const lime = CATALOGUE.find((p) => p.key === 'lime')!;
    const thermal = lime.stages.find((s) => s.model.kind === 'thermal')!;
    expect(sayModel(thermal, lime, metric)).to.include('°C');
    expect(sayModel(thermal, lime, imperial))
      .to.include('°F')
      .and.not.include('°C');
  });
});

describe('a limit that comes with a plant, in words', () => {
  it('is said for every ceiling of every plant', () => {
    for (const profile of CATALOGUE)
      for (const ceiling of profile.ceilings)
        expect(sayCeiling(ceiling, profile, metric), profile.key)
          .to.match(/\S/)
          .and.not.match(/\{|\}|undefined|NaN|ceiling\./);
  });
  it('names the parts it is for, where it is not for all', () => {
    const profile = CATALOGUE.find((p) => p.ceilings.some((c) => c.parts !== null))!;
    const ceiling = profile.ceilings.find((c) => c.parts !== null)!;
    const name = profile.parts.find((p) => p.key === ceiling.parts![0])!.name['en']!;
    expect(sayCeiling(ceiling, profile, metric)).to.match(new RegExp(`^${name}`));
  });
});
