import type { PartKey, PlantProfile } from '@emberfield/contract';
import type { Figure } from '@emberfield/core/measure';
import { plainLetters } from '@emberfield/words';

/** What of a profile can be changed by hand; everything else comes along from the plant it was copied from. */
export interface OwnPlantForm {
  key: string;
  name: string;
  about: string;
  stages: {
    key: string;
    usual: number | null;
    early: number | null;
    late: number | null;
    sum: { value: number | null; low: number | null; high: number | null } | null;
  }[];
  caps: Partial<Record<PartKey, number | null>>;
  caution: string;
  note: string;
}

export function formOf(profile: PlantProfile, language: string): OwnPlantForm {
  return {
    key: profile.key,
    name: profile.names[language] ?? profile.names['en']!,
    about: profile.about[language] ?? profile.about['en']!,
    stages: profile.stages.map(({ key, calendar, model }) => ({
      key,
      usual: calendar.value,
      early: calendar.low,
      late: calendar.high,
      sum: 'sum' in model ? { value: model.sum.value, low: model.sum.low, high: model.sum.high } : null,
    })),
    caps: Object.fromEntries(
      profile.ceilings.flatMap(({ parts, rule }) =>
        rule.kind === 'perPlantCap' ? (parts ?? profile.parts.map((p) => p.key)).map((p) => [p, rule.perPlant]) : [],
      ),
    ),
    caution: '',
    note: '',
  };
}

/** The changed profile: own figures are estimates, and a cap that was set replaces the one that came along. */
export function profileFrom(base: PlantProfile, form: OwnPlantForm, language: string): PlantProfile {
  const caps = Object.entries(form.caps).filter((c): c is [PartKey, number] => typeof c[1] === 'number' && c[1] !== 0);
  return {
    ...base,
    key: form.key,
    names: { ...base.names, en: base.names['en']!, [language]: form.name },
    about: { ...base.about, en: base.about['en']!, [language]: form.about },
    stages: base.stages.map((stage, i) => {
      const f = form.stages[i]!;
      const model =
        'sum' in stage.model && f.sum ? { ...stage.model, sum: changed(stage.model.sum, f.sum) } : stage.model;
      return { ...stage, calendar: changed(stage.calendar, { value: f.usual, low: f.early, high: f.late }), model };
    }),
    ceilings: [
      ...base.ceilings.filter((c) => c.rule.kind !== 'perPlantCap'),
      ...caps.map(([part, perPlant]) => ({ parts: [part], rule: { kind: 'perPlantCap' as const, perPlant } })),
    ],
    cautions: form.caution.trim()
      ? [...base.cautions, { class: 'handling', text: { en: form.caution.trim() } }]
      : base.cautions,
  };
}

/** A figure with what was typed over it, which is an estimate; an emptied field is no number, and the schema says so. */
function changed(
  before: Figure,
  typed: { readonly value: number | null; readonly low: number | null; readonly high: number | null },
): Figure {
  const next = { value: typed.value ?? NaN, low: typed.low ?? NaN, high: typed.high ?? NaN };
  return next.value === before.value && next.low === before.low && next.high === before.high
    ? before
    : { ...next, source: 'estimate' };
}

/** A key from a name: small letters and hyphens. */
export const keyFrom = (name: string): string =>
  plainLetters(name)
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 60);
