import { expect } from 'chai';
import { ValidationError } from 'yup';
import { HABITS, plantProfileSchema, signOf, SIGNS, type PlantProfile } from '@emberfield/contract';
import { confirmation, PHASES, SEPARATES, separatorsIn, type Phase } from '@emberfield/core/identity';
import { isoDay, type Figure } from '@emberfield/core/measure';
import { forecastSeason } from '@emberfield/core/stages';
import { forecastWindow } from '@emberfield/core/windows';
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

const binomial = (scientific: string): string => scientific.split(' ').slice(0, 2).join(' ');
const isSpecies = (scientific: string): boolean =>
  /^[A-Z][a-z]+ [a-z-]+$/.test(scientific) && !/species/.test(scientific);
const byName = new Map(CATALOGUE.map((p) => [binomial(p.scientific), p]));

describe('catalogue', () => {
  it('holds 215 taxa of every habit, each under its own key and scientific name', () => {
    expect(new Set(CATALOGUE.map((p) => p.key)).size).to.equal(215);
    expect(new Set(CATALOGUE.map((p) => binomial(p.scientific))).size).to.equal(215);
    expect(new Set(CATALOGUE.map((p) => p.habit))).to.have.all.keys(...HABITS);
  });
  it('gathers every part, and knows enough fungi, invaders, protected ones with what to take instead', () => {
    const gathered = CATALOGUE.filter((p) => p.severity === 'none');
    expect(gathered.length).to.be.at.least(60);
    expect(gathered.filter((p) => p.habit === 'fungus').length).to.be.at.least(8);
    expect(CATALOGUE.filter((p) => p.status === 'invasive').length).to.be.at.least(3);
    const pressed = CATALOGUE.filter((p) => ['protected', 'atRisk'].includes(p.status));
    expect(pressed.map((p) => p.key)).to.include.members(['arnica', 'cowslip', 'yellow-gentian']);
    for (const p of pressed) expect(p.substitutes, p.key).not.to.be.empty;
  });
  it('knows every dangerous look-alike that has a species name as a taxon of its own', () => {
    for (const p of CATALOGUE)
      for (const l of p.lookAlikes)
        if (['deadly', 'poisonous'].includes(l.severity) && isSpecies(l.scientific))
          expect(byName.get(binomial(l.scientific)), `${p.key}: ${l.scientific}`).to.include({ severity: l.severity });
  });
  it('has some sign, in some phase, that tells each gathered taxon from each of its dangerous look-alikes', () => {
    const alike: string[] = [];
    for (const p of CATALOGUE)
      for (const l of p.lookAlikes) {
        const other = byName.get(binomial(l.scientific));
        if (!other || l.severity === 'nuisance') continue;
        const best = Math.max(...PHASES.map((x) => separatorsIn(p, other, SIGNS, x)[0]?.separation ?? 0));
        if (best < SEPARATES) alike.push(`${p.key} and ${other.key}: ${best.toFixed(2)}`);
      }
    expect(alike).to.deep.equal([]);
  });
  it('does not rule out a taxon by what it usually shows itself', () => {
    const signs = new Map(SIGNS.map((x) => [x.key, x]));
    for (const p of CATALOGUE) {
      const usual = p.shows.map(({ sign, states }) => ({
        sign,
        state: Object.entries(states).sort((a, b) => b[1] - a[1])[0]![0],
        present: true,
      }));
      const { itselfRuledOut } = confirmation(CATALOGUE, signs, { key: p.key, seen: usual, phase: null });
      expect(itselfRuledOut, p.key).to.equal(false);
    }
  });
  it('says of every taxon how it grows: by that fungus, fern, tree and herb part first', () => {
    for (const p of CATALOGUE)
      expect(
        p.shows.map((x) => x.sign),
        p.key,
      ).to.include('growth');
  });
  it('names substitutes that it holds', () => {
    const keys = CATALOGUE.map((p) => p.key);
    for (const p of CATALOGUE) expect(keys).to.include.members(p.substitutes.map((x) => x.plantKey));
  });
  for (const profile of CATALOGUE) {
    const takes = profile.parts.length > 0;
    describe(profile.names['en']!, () => {
      it('keeps to the schema', () => expect(problems(profile)).to.deep.equal([]));
      it('gives a known work or "estimate" for every figure', () => {
        const figures = figuresOf(profile);
        expect(figures.length).to.be.at.least(takes ? 4 : 3);
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
      it('shows signs in leaf or as a fruit body, and something to know it by at rest', () => {
        expect(profile.shows.length).to.be.at.least(5);
        const at = (phase: Phase) =>
          profile.shows.filter((x) => (x.when ?? signOf(x.sign)!.when).includes(phase)).length;
        expect(at(profile.habit === 'fungus' ? 'flower' : 'leaf')).to.be.at.least(3);
        if (profile.habit !== 'fungus') expect(at('rest')).to.be.at.least(2);
      });
      it('is gathered, or is there to be known for the harm it does', () => {
        expect(takes || profile.severity !== 'none').to.equal(true);
        expect(profile.cautions).not.to.be.empty;
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
    const copy = structuredClone(CATALOGUE.find((p) => p.key === 'ramsons')!) as unknown as Record<string, unknown>;
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
