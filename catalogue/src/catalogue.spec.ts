import { expect } from 'chai';
import { ValidationError } from 'yup';
import { plantProfileSchema, type PlantProfile } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import { forecastSeason, forecastWindow } from '@emberfield/core/phenology';
import type { Figure } from '@emberfield/core/measure';
import { CATALOGUE, SOURCES } from './index.ts';

const problems = (profile: unknown): readonly string[] => {
  try {
    plantProfileSchema.validateSync(profile, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    return (error as ValidationError).inner.map((e) => `${e.path}: ${e.message}`);
  }
};

/** Every figure anywhere in a profile. */
function figuresOf(value: unknown, found: Figure[] = []): Figure[] {
  if (Array.isArray(value)) value.forEach((v) => figuresOf(v, found));
  else if (value && typeof value === 'object') {
    if ('source' in value && 'low' in value) found.push(value as Figure);
    else Object.values(value).forEach((v) => figuresOf(v, found));
  }
  return found;
}

describe('catalogue', () => {
  it('holds twenty taxa of different habits, each under its own key', () => {
    expect(new Set(CATALOGUE.map((p) => p.key)).size).to.equal(20);
    expect(new Set(CATALOGUE.map((p) => p.habit)).size).to.be.at.least(8);
  });
  for (const profile of CATALOGUE) {
    describe(profile.names['en']!, () => {
      it('keeps to the schema', () => expect(problems(profile)).to.deep.equal([]));
      it('gives a known work or "estimate" for every figure', () => {
        const figures = figuresOf(profile);
        expect(figures.length).to.be.above(8);
        for (const f of figures) expect(f.source === 'estimate' || f.source in SOURCES, f.source).to.equal(true);
      });
      it('names only works that are on the list', () => {
        for (const work of profile.works) expect(SOURCES, work).to.have.property(work);
      });
      it('forecasts its stages in order and opens every window of a usual year at the reference place', () => {
        const forecast = forecastSeason({
          stages: profile.stages,
          seasonStart: profile.seasonStart,
          reference: profile.reference,
          site: profile.reference,
          season: 2026,
          weather: null,
          asOf: 20000,
          sightings: [],
        });
        const middles = forecast.stages.map((s) => s.reached.p50!);
        expect(middles).to.deep.equal([...middles].sort((a, b) => a - b));
        for (const spec of profile.windows) {
          const w = forecastWindow(spec, forecast);
          expect(w.closes.p50! - w.opens.p50!, `${spec.part} ${isoDay(w.opens.p50!)}`).to.be.within(3, 200);
        }
      });
      it('puts the deadly first among its cautions, and never calls anything safe', () => {
        if (profile.lookAlikes.some((l) => l.severity === 'deadly'))
          expect(profile.cautions[0]!.class).to.equal('lookAlike');
        expect(JSON.stringify(profile)).not.to.match(/\b(is|are) safe\b|safely|edible/i);
      });
    });
  }
});

describe('the profile schema', () => {
  const broken = (change: (p: Record<string, unknown>) => void): readonly string[] => {
    const copy = structuredClone(CATALOGUE[0]!) as unknown as Record<string, unknown>;
    change(copy);
    return problems(copy);
  };
  const cases: readonly (readonly [string, (p: PlantProfile) => void, RegExp])[] = [
    ['an unknown field', (p) => Object.assign(p, { extra: 1 }), /unknownField/],
    [
      'a window on a stage that is not there',
      (p) => Object.assign(p.windows[0]!.opens, { stage: 'nowhere' }),
      /unknownStage/,
    ],
    ['a window for a part that is not there', (p) => Object.assign(p.windows[0]!, { part: 'bark' }), /unknownPart/],
    ['a figure out of order', (p) => Object.assign(p.parts[0]!.perPlant, { low: 99 }), /figureOrder/],
    ['a text without English', (p) => Object.assign(p, { names: { de: 'Arnika' } }), /textNeedsEnglish/],
    ['a model it does not know', (p) => Object.assign(p.stages[0]!, { model: { kind: 'moon' } }), /notOneOf/],
    [
      'a stage that hangs on a later one',
      (p) => Object.assign(p.stages[0]!, { model: { kind: 'after', stage: 'seed', days: p.stages[0]!.calendar } }),
      /unknownStage/,
    ],
    ['a month that does not exist', (p) => Object.assign(p, { seasonStart: '13-01' }), /notAMonthDay/],
  ];
  for (const [name, change, message] of cases)
    it(`refuses ${name}`, () =>
      expect(broken(change as unknown as (p: Record<string, unknown>) => void).join(' ')).to.match(message));
});
