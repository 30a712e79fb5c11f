import { expect } from 'chai';
import type { PlantProfile } from '@emberfield/contract';
import type { Text } from '@emberfield/core/measure';
import { CATALOGUE } from '../index.ts';
import { GERMAN_CAUTIONS } from './cautions.ts';
import { GERMAN_NAMES } from './names.ts';
import { GERMAN_PARTS } from './parts.ts';
import { GERMAN_STAGES } from './stages.ts';

/** What a reader of German is told of a plant in German. */
const told = (p: PlantProfile): readonly Text[] => [
  p.names,
  p.bring,
  p.reference.place,
  ...p.stages.map((s) => s.name),
  ...p.parts.flatMap((x) => [x.name, x.use]),
  ...p.windows.flatMap((w) => (w.sizeLimit ? [w.sizeLimit] : [])),
  ...p.cautions.map((c) => c.text),
  ...p.lookAlikes.map((l) => l.name),
  ...p.substitutes.map((s) => s.purpose),
];

describe('the catalogue in German', () => {
  it('says names, stages, parts and every caution', () => {
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
    const phrases = [GERMAN_STAGES, GERMAN_PARTS, GERMAN_CAUTIONS].flatMap((of) => Object.keys(of));
    expect(phrases.filter((phrase) => !english.has(phrase))).to.deep.equal([]);
    expect(Object.keys(GERMAN_NAMES).sort()).to.deep.equal(CATALOGUE.map((p) => p.key).sort());
  });
  it('keeps the weight of a warning: what kills in English kills in German', () => {
    for (const [english, german] of Object.entries(GERMAN_CAUTIONS)) {
      if (/\bdeadly\b|\bkill/i.test(english)) expect(german, english).to.match(/tödlich|töte/i);
      if (/practitioner/.test(english)) expect(german, english).to.match(/Ärztin/);
      expect(german, english).not.to.match(/ungefährlich|unbedenklich|\bsicher\b|essbar/i);
    }
  });
});
