import type { PlantProfile, ProfilePart } from '@emberfield/contract';
import { ALWAYS, datesOf, NEVER, yearFromDates, type DatedStage, type KnownDates } from '@emberfield/core/plants';
import type { Words } from '@emberfield/words';
import { blankPlain, type PartForm, type PlainForm, type TwinForm } from './plain-form.ts';

// The profile that the form of a plant of one's own makes, and the form that such a profile was made by.

/** A text of a profile in the language that it was typed in, which stands for the English one too; where nothing was typed, something usual. */
export const saidIn =
  (language: string) =>
  (typed: string, otherwise = ''): Readonly<Record<string, string>> & { en: string } => {
    const text = typed.trim() || otherwise;
    return { en: text, ...(language === 'en' ? {} : { [language]: text }) };
  };

/** How often a state shows that somebody pressed: alone of its sign, or as one of several (estimates). */
const MOSTLY = 0.9;
const AT_TIMES = 0.6;

/**
 * The profile that a form makes; every figure of it is an estimate. What it says in words is in the language that it was typed in.
 * @param before what it was: names that nobody can type into the form stay as they are
 */
export function profileFromPlain(
  form: PlainForm,
  words: Words,
  language: string,
  before: PlantProfile | null = null,
): PlantProfile {
  const { t } = words;
  const said = saidIn(language);
  const nameOf = (stage: DatedStage) => {
    if (stage.kind === 'standing') return said(t('ownPlant.standing'));
    if (stage.kind === 'landmark') return said(t(`ownPlant.landmark.${stage.landmark}`));
    return said(t(`ownPlant.${stage.kind}`, { part: t(`plants.partName.${stage.part}`) }));
  };
  const { parts, at, south } = form;
  const landmarks = Object.fromEntries(Object.entries(form.landmarks).filter(([, day]) => day !== null));
  const year = yearFromDates(
    {
      landmarks,
      parts: parts.map((p) => ({ ...p, use: p.use.trim() })),
      south,
      moves: at !== null,
      start: form.start,
      alone: form.goesBy === 'calendar',
    },
    nameOf,
  );
  if (!year) throw new RangeError('the periods leave no day of the year free');
  return {
    key: form.key,
    origin: 'own',
    scientific: form.scientific.trim(),
    family: form.family.trim(),
    names: said(form.name),
    about: said(form.about, t('ownPlant.usualAbout')),
    habit: form.habit,
    lifeCycle: LIFE_OF[form.habit] ?? 'perennial',
    status: form.status,
    severity: form.severity,
    ...year,
    stages: year.stages.map((s) => ({ ...s, name: before?.stages.find((b) => b.key === s.key)?.name ?? s.name })),
    reference: {
      place: said(form.region, t('ownPlant.nowhere')),
      latitudeDeg: at?.latitudeDeg ?? (south ? -NOWHERE_DEG : NOWHERE_DEG),
      heightM: at?.heightM ?? 0,
    },
    parts: parts.map((p) => ({
      // Other ways of taking it are edited in the file, not here.
      ...otherWays(before, p),
      key: p.part,
      name: before?.parts.find((b) => b.key === p.part)?.name ?? said(t(`plants.partName.${p.part}`)),
      unit: p.unit,
      perPlant: about(p.perPlant!),
      massG: null,
      method: said(p.method, t('ownPlant.usualMethod')),
      effect:
        before?.parts.find((b) => b.key === p.part && b.kills === p.kills)?.effect ??
        said(t(p.kills ? 'ownPlant.killed' : 'ownPlant.lives')),
      kills: p.kills,
      costsSeed: p.costsSeed,
      spends: [],
      minAgeYears: null,
      use: said(p.use),
      eating: p.eating,
    })),
    ceilings: [
      ...(form.status === 'protected' ? [{ parts: null, rule: { kind: 'protected' as const } }] : []),
      ...parts.flatMap(limitsOf),
    ],
    signs: [],
    shows: form.shows.map(({ sign, states }) => ({
      sign,
      states: Object.fromEntries(states.map((s) => [s, states.length === 1 ? MOSTLY : AT_TIMES])),
      when: null,
    })),
    lookAlikes: form.twins.map((twin) => twinOf(twin, said, year.stages)),
    substitutes: [],
    cautions: form.cautions.map((c) => ({ class: c.class, text: said(c.text) })),
    bring: said(form.bring, t('ownPlant.usualBring')),
    keeping: said(form.keeping, t('ownPlant.usualKeeping')),
    works: [],
  };
}

const otherWays = (before: PlantProfile | null, { part, kills }: PartForm): Pick<ProfilePart, 'methods'> => {
  const methods = before?.parts.find((b) => b.key === part && b.kills === kills)?.methods;
  return methods ? { methods } : {};
};

/** A latitude that says north or south and nothing more: stages without a place are not moved by it. */
const NOWHERE_DEG = 45;

/** A number that people say is half to twice that (an estimate). */
const about = (value: number) => ({ value, low: value / 2, high: value * 2, source: 'estimate' });

const limitsOf = ({ part, cap, sharePct }: PartForm): PlantProfile['ceilings'] => [
  ...(cap === null ? [] : [{ parts: [part], rule: { kind: 'perPlantCap' as const, perPlant: cap } }]),
  ...(sharePct === null ? [] : [{ parts: [part], rule: { kind: 'fixedShare' as const, share: sharePct / 100 } }]),
];
const LIFE_OF: Readonly<Partial<Record<PlantProfile['habit'], PlantProfile['lifeCycle']>>> = {
  biennial: 'biennial',
  shrub: 'woody',
  tree: 'woody',
  conifer: 'woody',
  fungus: 'fungus',
};

export function twinOf(
  { name, scientific: latin, severity, separatedBy, apart, byPiece }: TwinForm,
  said: ReturnType<typeof saidIn>,
  stages: readonly { readonly key: string }[],
): PlantProfile['lookAlikes'][number] {
  // A landmark whose day was taken out again tells nothing any more.
  const isKnown = apart === ALWAYS || apart === NEVER || stages.some((s) => s.key === apart);
  return {
    name: said(name),
    scientific: latin.trim(),
    severity,
    separatedBy: said(separatedBy),
    apartFrom: isKnown ? apart : NEVER,
    ...(byPiece ? { pieceByPiece: true } : {}),
  };
}
/** A look-alike as the form has it. */
export const formOfTwin = (
  l: PlantProfile['lookAlikes'][number],
  text: (of: Readonly<Record<string, string>>) => string,
): TwinForm => ({
  name: text(l.name),
  scientific: l.scientific,
  severity: l.severity,
  separatedBy: text(l.separatedBy),
  apart: l.apartFrom ?? NEVER,
  byPiece: l.pieceByPiece === true,
});

/** The form that a profile was made by; `null` of one that knows more than such a form can say, which would be lost by saving it. */
export function plainOf(profile: PlantProfile, words: Words): PlainForm | null {
  const dates = datesOf(profile);
  if (!dates) return null;
  const form = formOfPlain(profile, dates, words.text);
  const { parts } = form;
  if (parts.some((p) => p.periods.length === 0)) return null;
  return shapeOf(profileFromPlain(form, words, 'en', profile)) === shapeOf(profile) ? form : null;
}

/** Everything of a profile but what its texts say, in one order. */
const shapeOf = (profile: PlantProfile): string =>
  JSON.stringify(profile, (_, value: unknown) => {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
    if ('en' in value) return '';
    return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
  });

function formOfPlain(
  profile: PlantProfile,
  { landmarks, parts, south, moves, start, alone }: KnownDates,
  text: Words['text'],
): PlainForm {
  const { latitudeDeg, heightM, place } = profile.reference;
  const rulesOf = (key: string) => profile.ceilings.filter((c) => c.parts?.some((p) => p === key)).map((c) => c.rule);
  const capOf = (key: string): number | null =>
    rulesOf(key).flatMap((r) => (r.kind === 'perPlantCap' ? [r.perPlant] : []))[0] ?? null;
  const shareOf = (key: string): number | null =>
    rulesOf(key).flatMap((r) => (r.kind === 'fixedShare' ? [Math.round(r.share * 1e6) / 1e4] : []))[0] ?? null;
  const blank = blankPlain(text(profile.names), south);
  return {
    ...blank,
    key: profile.key,
    scientific: profile.scientific,
    family: profile.family,
    habit: profile.habit,
    severity: profile.severity,
    status: profile.status,
    region: text(place),
    about: text(profile.about),
    landmarks: { ...blank.landmarks, ...landmarks },
    start: start ?? null,
    goesBy: alone ? 'calendar' : 'learned',
    at: moves ? { latitudeDeg, heightM, placeId: '' } : null,
    parts: profile.parts.map((p) => ({
      part: p.key,
      use: text(p.use),
      unit: p.unit,
      perPlant: p.perPlant.value,
      cap: capOf(p.key),
      sharePct: shareOf(p.key),
      periods: (parts.find((d) => d.part === p.key)?.periods ?? []).map((x) => ({ ...x })),
      kills: p.kills,
      costsSeed: p.costsSeed,
      eating: p.eating,
      method: text(p.method),
    })),
    twins: profile.lookAlikes.map((l) => formOfTwin(l, text)),
    cautions: profile.cautions.map((c) => ({ class: c.class, text: text(c.text) })),
    shows: profile.shows.map((s) => ({ sign: s.sign, states: Object.keys(s.states) })),
    bring: text(profile.bring),
    keeping: text(profile.keeping),
  };
}
