import type { PartKey, PlantProfile, ProfileStage } from '@emberfield/contract';
import { dayOfMonthDay, monthDayOf, type Figure } from '@emberfield/core/measure';
import type { StageModel } from '@emberfield/core/stages';
import { hasCaution, hasTwin } from '@emberfield/core/plants';
import type { PlainForm, TwinForm } from './plain-form.ts';
import { formOfTwin, saidIn, twinOf } from './plain-plant.ts';

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
    /** The same days every year. */
    alone: boolean;
  }[];
  /** First day of its season. */
  start: number | null;
  caps: Partial<Record<PartKey, number | null>>;
  /** Those of its own, beside what it inherits. */
  twins: TwinForm[];
  cautions: PlainForm['cautions'];
  note: string;
}

/** @param base the plant whose warnings it keeps; itself for a copy that is yet to be made */
export function formOf(profile: PlantProfile, base: PlantProfile, language: string): OwnPlantForm {
  const text = (of: Readonly<Record<string, string>>): string => of[language] ?? of['en']!;
  return {
    key: profile.key,
    name: text(profile.names),
    about: text(profile.about),
    stages: profile.stages.map(({ key, calendar, model }) => ({
      key,
      usual: calendar.value,
      early: calendar.low,
      late: calendar.high,
      sum: 'sum' in model ? { value: model.sum.value, low: model.sum.low, high: model.sum.high } : null,
      alone: model.kind === 'calendar' && model.alone === true,
    })),
    start: dayOfMonthDay(profile.seasonStart),
    caps: Object.fromEntries(
      profile.ceilings.flatMap(({ parts, rule }) =>
        rule.kind === 'perPlantCap' ? (parts ?? profile.parts.map((p) => p.key)).map((p) => [p, rule.perPlant]) : [],
      ),
    ),
    twins: profile.lookAlikes.filter((l) => !hasTwin(base, l)).map((l) => formOfTwin(l, text)),
    cautions: profile.cautions.filter((c) => !hasCaution(base, c)).map((c) => ({ class: c.class, text: text(c.text) })),
    note: '',
  };
}

/** The changed profile: own figures are estimates, and a cap that was set replaces the one that came along. */
export function profileFrom(
  profile: PlantProfile,
  base: PlantProfile,
  form: OwnPlantForm,
  language: string,
): PlantProfile {
  const said = saidIn(language);
  const caps = Object.entries(form.caps).filter((c): c is [PartKey, number] => typeof c[1] === 'number' && c[1] !== 0);
  return {
    ...profile,
    key: form.key,
    names: { ...profile.names, en: profile.names['en']!, [language]: form.name },
    about: { ...profile.about, en: profile.about['en']!, [language]: form.about },
    seasonStart: form.start === null || Number.isNaN(form.start) ? '' : monthDayOf(form.start),
    stages: profile.stages.map((stage, i) => {
      const f = form.stages[i]!;
      const calendar = changed(stage.calendar, { value: f.usual, low: f.early, high: f.late });
      return { ...stage, calendar, model: modelOf(stage, base, f) };
    }),
    ceilings: [
      ...profile.ceilings.filter((c) => c.rule.kind !== 'perPlantCap'),
      ...caps.map(([part, perPlant]) => ({ parts: [part], rule: { kind: 'perPlantCap' as const, perPlant } })),
    ],
    lookAlikes: [
      ...profile.lookAlikes.filter((l) => hasTwin(base, l)),
      ...form.twins.filter(isWritten).map((twin) => twinOf(twin, said, profile.stages)),
    ],
    cautions: [
      ...profile.cautions.filter((c) => hasCaution(base, c)),
      ...form.cautions.filter((c) => c.text.trim() !== '').map((c) => ({ class: c.class, text: said(c.text) })),
    ],
  };
}

/** How a stage of a copy is dated: by the calendar alone, as it was with another sum, or, where it no longer is by the calendar, as the plant it was copied from. */
function modelOf(stage: ProfileStage, base: PlantProfile, { alone, sum }: OwnPlantForm['stages'][number]): StageModel {
  if (alone) return { kind: 'calendar', direction: 'none', alone: true };
  const model =
    stage.model.kind === 'calendar' && stage.model.alone
      ? (base.stages.find((s) => s.key === stage.key)?.model ?? stage.model)
      : stage.model;
  return 'sum' in model && sum ? { ...model, sum: changed(model.sum, sum) } : model;
}

/** What is not written yet the form says itself. */
const isWritten = (twin: TwinForm): boolean =>
  [twin.name, twin.scientific, twin.separatedBy].every((typed) => typed.trim() !== '');

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
