import { expect } from 'chai';
import type { PlantProfile } from '@emberfield/contract';
import type { Text } from '@emberfield/core/measure';
import { CATALOGUE } from '../index.ts';
import { GERMAN_NAMES } from './names.ts';
import { GERMAN_ABOUT } from './about.ts';
import { GERMAN } from './index.ts';

/** What a reader of German is told of a plant in German. */
const told = (p: PlantProfile): readonly Text[] => [
  p.names,
  p.about,
  p.bring,
  p.reference.place,
  ...p.stages.map((s) => s.name),
  ...p.parts.flatMap((x) => [x.name, x.use, x.method, x.effect]),
  ...p.windows.flatMap((w) => (w.sizeLimit ? [w.sizeLimit] : [])),
  ...p.cautions.map((c) => c.text),
  ...p.lookAlikes.flatMap((l) => [l.name, l.separatedBy]),
  ...p.signs.map((s) => s.text),
  p.keeping,
  ...p.substitutes.map((s) => s.purpose),
];

describe('the catalogue in German', () => {
  it('says all of it', () => {
    const missing = CATALOGUE.flatMap((p) => told(p).flatMap((t) => (t['de'] ? [] : [`${p.key}: ${t['en']}`])));
    expect(missing).to.deep.equal([]);
  });
  it('tells the plants apart as the English does', () => {
    expect(new Set(CATALOGUE.map((p) => p.names['de'])).size).to.equal(CATALOGUE.length);
  });
  it('tells the stages of a plant apart as the English does', () => {
    for (const p of CATALOGUE)
      expect(new Set(p.stages.map((s) => s.name['de'])).size, p.key).to.equal(
        new Set(p.stages.map((s) => s.name['en'])).size,
      );
  });
  it('holds no words for what the English does not say', () => {
    const english = new Set(CATALOGUE.flatMap((p) => told(p).map((t) => t['en'])));
    expect(Object.keys(GERMAN).filter((phrase) => !english.has(phrase))).to.deep.equal([]);
    for (const of of [GERMAN_NAMES, GERMAN_ABOUT])
      expect(Object.keys(of).sort()).to.deep.equal(CATALOGUE.map((p) => p.key).sort());
  });
  it('keeps the weight of a warning: what kills in English kills in German', () => {
    for (const [english, german] of Object.entries(GERMAN)) {
      if (/\bdeadly\b|\bkill/i.test(english)) expect(german, english).to.match(/tödlich|töte/i);
      if (/practitioner/.test(english)) expect(german, english).to.match(/Ärztin/);
      expect(german, english).not.to.match(/ungefährlich|unbedenklich|\bsicher\b|essbar/i);
    }
  });
});
