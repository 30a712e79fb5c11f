import type { PlantProfile } from '@emberfield/contract';
import type { Text } from '@emberfield/core/measure';
import { GERMAN_CAUTIONS } from './cautions.ts';
import { GERMAN_NAMES } from './names.ts';
import { GERMAN_PARTS } from './parts.ts';
import { GERMAN_STAGES } from './stages.ts';

/**
 * A profile with its German beside the English: names, stages, parts, what each is for, what to bring, and every caution. The prose
 * about a plant and how to take it is in English as yet; screens say so.
 * `names` are the German names of all plants by the English, for look-alikes that have a page.
 */
export function withGerman(profile: PlantProfile, names: Readonly<Record<string, string>>): PlantProfile {
  const said = (text: Text): Text => {
    const english = text['en']!;
    const german = GERMAN_STAGES[english] ?? GERMAN_PARTS[english] ?? GERMAN_CAUTIONS[english] ?? names[english];
    return german === undefined ? text : { ...text, de: german };
  };
  const german = GERMAN_NAMES[profile.key];
  return {
    ...profile,
    names: german === undefined ? profile.names : { ...profile.names, de: german },
    reference: { ...profile.reference, place: said(profile.reference.place) },
    bring: said(profile.bring),
    stages: profile.stages.map((s) => ({ ...s, name: said(s.name) })),
    parts: profile.parts.map((p) => ({ ...p, name: said(p.name), use: said(p.use) })),
    windows: profile.windows.map((w) => ({ ...w, sizeLimit: w.sizeLimit && said(w.sizeLimit) })),
    cautions: profile.cautions.map((c) => ({ ...c, text: said(c.text) })),
    lookAlikes: profile.lookAlikes.map((l) => ({ ...l, name: said(l.name) })),
    substitutes: profile.substitutes.map((s) => ({ ...s, purpose: said(s.purpose) })),
  };
}

/** The German names by the English ones. */
export const germanByEnglish = (profiles: readonly PlantProfile[]): Readonly<Record<string, string>> =>
  Object.fromEntries(profiles.map((p) => [p.names['en']!, GERMAN_NAMES[p.key] ?? p.names['en']!]));
