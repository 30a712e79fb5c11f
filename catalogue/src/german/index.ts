import type { PlantProfile } from '@emberfield/contract';
import type { Text } from '@emberfield/core/measure';
import { GERMAN_ABOUT } from './about.ts';
import { GERMAN_APART } from './apart.ts';
import { GERMAN_CAUTIONS } from './cautions.ts';
import { GERMAN_FIELD_HERBS } from './field-herbs.ts';
import { GERMAN_MORE_FUNGI } from './more-fungi.ts';
import { GERMAN_AMERICAN_HERBS } from './american-herbs.ts';
import { GERMAN_AMERICAN_TREES } from './american-trees.ts';
import { GERMAN_SHORE_AND_MOSS } from './shore-and-moss.ts';
import { GERMAN_NAMES } from './names.ts';
import { GERMAN_PARTS } from './parts.ts';
import { GERMAN_POISON } from './poison.ts';
import { GERMAN_SIGNS_A_TO_G } from './signs-a-to-g.ts';
import { GERMAN_SIGNS_H_TO_Y } from './signs-h-to-y.ts';
import { GERMAN_STAGES } from './stages.ts';
import { GERMAN_TAKING } from './taking.ts';

/** What German says for what English says; stages and parts of different plants share their words. */
export const GERMAN: Readonly<Record<string, string>> = {
  ...GERMAN_STAGES,
  ...GERMAN_PARTS,
  ...GERMAN_CAUTIONS,
  ...GERMAN_APART,
  ...GERMAN_SIGNS_A_TO_G,
  ...GERMAN_SIGNS_H_TO_Y,
  ...GERMAN_TAKING,
  ...GERMAN_POISON,
  ...GERMAN_SHORE_AND_MOSS,
  ...GERMAN_AMERICAN_TREES,
  ...GERMAN_AMERICAN_HERBS,
  ...GERMAN_MORE_FUNGI,
  ...GERMAN_FIELD_HERBS,
};

/**
 * A profile with its German beside the English, all of it; a text without German would stay English, and screens say so.
 * `names` are the German names of all plants by the English, for look-alikes that have a page.
 */
export function withGerman(profile: PlantProfile, names: Readonly<Record<string, string>>): PlantProfile {
  const said = (text: Text): Text => {
    const english = text['en']!;
    const german = GERMAN[english] ?? names[english];
    return german === undefined ? text : { ...text, de: german };
  };
  const withOwn = (text: Text, of: Readonly<Record<string, string>>): Text => {
    const german = of[profile.key];
    return german === undefined ? text : { ...text, de: german };
  };
  return {
    ...profile,
    names: withOwn(profile.names, GERMAN_NAMES),
    about: withOwn(profile.about, GERMAN_ABOUT),
    reference: { ...profile.reference, place: said(profile.reference.place) },
    bring: said(profile.bring),
    stages: profile.stages.map((s) => ({ ...s, name: said(s.name) })),
    parts: profile.parts.map((p) => ({
      ...p,
      name: said(p.name),
      use: said(p.use),
      method: said(p.method),
      effect: said(p.effect),
    })),
    windows: profile.windows.map((w) => ({ ...w, sizeLimit: w.sizeLimit && said(w.sizeLimit) })),
    cautions: profile.cautions.map((c) => ({ ...c, text: said(c.text) })),
    lookAlikes: profile.lookAlikes.map((l) => ({ ...l, name: said(l.name), separatedBy: said(l.separatedBy) })),
    signs: profile.signs.map((s) => ({ ...s, text: said(s.text) })),
    keeping: said(profile.keeping),
    substitutes: profile.substitutes.map((s) => ({ ...s, purpose: said(s.purpose) })),
  };
}

/** The German names by the English ones. */
export const germanByEnglish = (profiles: readonly PlantProfile[]): Readonly<Record<string, string>> =>
  Object.fromEntries(profiles.map((p) => [p.names['en']!, GERMAN_NAMES[p.key] ?? p.names['en']!]));
