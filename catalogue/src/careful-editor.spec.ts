import { expect } from 'chai';
import type { PlantProfile } from '@emberfield/contract';
import { CATALOGUE } from './index.ts';
import { usualSum } from './write-stages.ts';

// What a careful editor would ask of every page before it goes to print.

const gathered = CATALOGUE.filter((p) => p.parts.length > 0);
const eaten = (p: PlantProfile): boolean => p.parts.some((x) => x.eating !== 'none');
const genus = (p: PlantProfile): string => p.scientific.split(' ')[0]!;
/** All cautions as one text. */
const warned = (p: PlantProfile): string => p.cautions.map((c) => c.text['en']!).join(' ');
const without = (of: readonly PlantProfile[], said: RegExp): readonly string[] =>
  of.filter((p) => !said.test(warned(p))).map((p) => p.key);
const inFamilies = (...families: string[]) => gathered.filter((p) => families.includes(p.family) && eaten(p));
const ofGenera = (...genera: string[]) => gathered.filter((p) => genera.includes(genus(p)) && eaten(p));

describe('a careful editor', () => {
  it('asks for the chemistry of the family among the cautions', () => {
    expect(without(ofGenera('Rumex', 'Oxalis', 'Portulaca', 'Reynoutria', 'Chenopodium'), /oxalic/i), 'oxalic acid').to
      .be.empty;
    expect(without(ofGenera('Heracleum', 'Pastinaca', 'Angelica'), /sun/i), 'sap and sun').to.be.empty;
    expect(without(ofGenera('Prunus', 'Sambucus'), /raw|cyanide|stones/i), 'cyanide').to.be.empty;
    expect(without(ofGenera('Quercus'), /tannin|leach/i), 'tannin').to.be.empty;
    expect(without(ofGenera('Salix'), /aspirin|salicyl/i), 'salicylates').to.be.empty;
    expect(
      without(
        inFamilies('Juglandaceae', 'Betulaceae').filter((p) => p.parts.some((x) => x.unit === 'nut')),
        /allerg/i,
      ),
      'nuts',
    ).to.be.empty;
    expect(without(inFamilies('Apiaceae'), /deadl|kill/i), 'deadly kin').to.be.empty;
    expect(
      without(
        gathered.filter((p) => p.habit === 'fungus'),
        /poison line/,
      ),
      'poison line',
    ).to.be.empty;
    expect(
      without(
        gathered.filter((p) => p.habit === 'seaweed'),
        /tide[^]*iodine/i,
      ),
      'tide and iodine',
    ).to.be.empty;
  });
  it('lets no fungus, no seaweed and nothing out of mud be eaten raw', () => {
    for (const p of gathered.filter((x) => ['fungus', 'seaweed', 'waterPlant'].includes(x.habit)))
      for (const part of p.parts) expect(part.eating, `${p.key} ${part.key}`).not.to.equal('raw');
  });
  it('asks for a limit where taking kills, for an age where it takes years, and for less of what is in need', () => {
    const limited = (p: PlantProfile, part: string, kind: string) =>
      p.ceilings.filter((c) => (c.parts === null || c.parts.some((x) => x === part)) && c.rule.kind === kind);
    const open: string[] = [];
    for (const p of gathered) {
      const everything = p.ceilings.some((c) => c.rule.kind === 'takeAll' || c.rule.kind === 'protected');
      for (const part of p.parts.filter((x) => x.kills && !everything)) {
        const rules = ['fixedShare', 'leaveForOthers', 'keepFlowering'].flatMap((k) => limited(p, part.key, k));
        if (rules.length === 0) open.push(`${p.key} ${part.key}: no limit`);
        if (['perennialRoot', 'bulb'].includes(p.habit) && part.minAgeYears === null)
          open.push(`${p.key} ${part.key}: no age`);
      }
      const most = p.ceilings.flatMap((c) =>
        c.rule.kind === 'fixedShare' || c.rule.kind === 'lightPruning' ? [c.rule.share] : [],
      );
      const fruitOnly = p.parts.every((x) => ['fruit', 'seed'].includes(x.key));
      if (['atRisk', 'slow'].includes(p.status) && !everything && !fruitOnly && Math.min(1, ...most) > 0.35)
        open.push(`${p.key}: ${p.status}, and more than a third`);
    }
    expect(open).to.deep.equal([]);
  });
  it('asks for a window for every part of what may be taken', () => {
    for (const p of gathered.filter((x) => !x.ceilings.some((c) => c.rule.kind === 'protected'))) {
      const windows = new Set(p.windows.map((w) => w.part));
      expect(
        p.parts.map((x) => x.key).filter((k) => !windows.has(k)),
        p.key,
      ).to.deep.equal([]);
    }
  });
  it('asks for the foot of the page: what to bring, how to keep it, what it does to the plant', () => {
    for (const p of gathered)
      for (const text of [p.bring, p.keeping, ...p.parts.flatMap((x) => [x.method, x.effect, x.use])])
        expect(text['en']!.length, `${p.key}: ${text['en']}`).to.be.at.least(3);
  });
  it('asks where it grows, and that what is protected there is not taken', () => {
    for (const p of CATALOGUE) {
      expect(Object.keys(p.regions ?? {}), p.key).not.to.be.empty;
      if (Object.values(p.regions!).includes('protected'))
        expect(
          p.ceilings.some((c) => c.rule.kind === 'protected'),
          p.key,
        ).to.equal(true);
    }
  });
  it('asks for days of the year, and for a warm-sum that comes within three weeks of the day in a usual year', () => {
    const DAYS = Array.from({ length: 366 }, (_, i) => i + 1);
    const byMidFebruary = usualSum(46);
    const off: string[] = [];
    for (const p of CATALOGUE)
      for (const { key, calendar, model } of p.stages) {
        if (!(calendar.value >= 1 && calendar.value <= 366)) off.push(`${p.key} ${key}: day ${calendar.value}`);
        const isLowland = p.reference.heightM < 500 && Math.abs(p.reference.latitudeDeg - 50) < 1;
        if (model.kind !== 'thermal' || model.baseC.value !== 5 || !isLowland) continue;
        const sum = model.sum.value + (model.start === '02-15' ? byMidFebruary : 0);
        const day = DAYS.find((d) => usualSum(d) >= sum) ?? Infinity;
        if (Math.abs(day - calendar.value) > 21) off.push(`${p.key} ${key}: ${day}, usually ${calendar.value}`);
      }
    expect(off).to.deep.equal([]);
  });
});
