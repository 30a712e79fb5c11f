import { lazy, mixed, type Schema } from 'yup';
import { PHASES, SEVERITIES, type ShownSign } from '@emberfield/core/identity';
import {
  ALWAYS,
  CAUTION_CLASSES,
  EATINGS,
  HABITS,
  LOOK_ALIKE_SEVERITIES,
  NEVER,
  ORGANS,
  OTHER_METHODS,
  PART_KEYS,
  PRICES,
  REGIONS,
  STATUSES,
  UNIT_KEYS,
  type PartKey,
  type PlantProfile,
  type ProfileCeiling,
  type Region,
  type Status,
} from '@emberfield/core/plants';
import { LIFE_FORMS } from '@emberfield/core/population';
import { CANOPIES } from '@emberfield/core/stand';
import {
  exactly,
  figure,
  finite,
  flag,
  given,
  line,
  listOf,
  maybe,
  monthDay,
  oneOf,
  orNull,
  share,
  text,
  whole,
} from '../platform/schema.ts';
import type { Figure } from '@emberfield/core/measure';
import { positiveFigure, shareFigure, stageModel } from './stage-model.ts';
import { isSignState, signOf, SIGNS } from './signs.ts';

const ceilingRule = lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind;
  switch (kind) {
    case 'perPlantCap':
      return exactly({ kind: oneOf(['perPlantCap']), perPlant: finite(0.01, 1e5) }).required();
    case 'fixedShare':
    case 'leaveForOthers':
    case 'keepFlowering':
    case 'lightPruning':
      return exactly({ kind: oneOf([kind]), share: share() }).required();
    case 'sapTaps':
      return exactly({
        kind: oneOf([kind]),
        firstCm: finite(20, 500),
        secondCm: orNull(finite(20, 800)),
      }).required();
    case 'age':
      return exactly({ kind: oneOf(['age']), minYears: whole(1, 100) }).required();
    case 'restYears':
      return exactly({ kind: oneOf(['restYears']), years: whole(1, 20) }).required();
    case 'matureOnly':
    case 'protected':
    case 'takeAll':
      return exactly({ kind: oneOf([kind]) }).required();
    default:
      return mixed().test('kind', 'notOneOf', () => false);
  }
});

export const key = () => line(60).matches(/^[a-z][a-zA-Z0-9-]*$/, 'notAKey');
const edge = () =>
  exactly({
    stage: key(),
    offsetDays: whole(-200, 300),
    lengthCm: maybe(finite(0.1, 5000)),
  }).required('missing');
const growth = () =>
  exactly({
    start: monthDay(),
    baseC: figure(),
    finalCm: positiveFigure(),
    halfSum: positiveFigure(),
    scaleSum: positiveFigure(),
  });
const regrowth = () =>
  exactly({ baseC: figure(), opensSum: positiveFigure(), closesSum: positiveFigure(), until: edge() });

/** A share of something, from none to all of it. */
const chance = (): Schema<Figure> =>
  (figure() as ReturnType<typeof mixed<Figure>>).test(
    'share',
    'notAShare',
    given((f) => !(f.low < 0) && !(f.high > 1)),
  ) as unknown as Schema<Figure>;
const takingMethod = () =>
  exactly({
    key: oneOf(OTHER_METHODS),
    kills: chance(),
    growsAgain: chance(),
    yield: shareFigure(),
  }).required('missing');
const areOnce = (methods: unknown): boolean => {
  if (!Array.isArray(methods)) return true;
  const keys = methods.map((m) => (m as { readonly key?: unknown } | null)?.key);
  return new Set(keys).size === keys.length;
};

const shownSign = (): Schema<ShownSign> =>
  exactly({
    sign: oneOf(SIGNS.map((s) => s.key)),
    states: mixed<Record<string, number>>()
      .required('missing')
      .test('frequencies', 'notFrequencies', given(areFrequencies)),
    when: orNull(listOf(oneOf(PHASES), PHASES.length).min(1, 'missing')),
  })
    .required('missing')
    .test(
      'states',
      'unknownState',
      given((x) => Object.keys(x.states ?? {}).every((state) => isSignState(x.sign, state))),
    );
const areFrequencies = (value: unknown): boolean =>
  typeof value === 'object' &&
  !Array.isArray(value) &&
  Object.keys(value as object).length > 0 &&
  Object.values(value as object).every((f) => typeof f === 'number' && f > 0 && f <= 1);

/** By the key of another plant, signs that decide between the two. */
const decides = () =>
  mixed<Record<string, readonly string[]>>().test('decides', 'unknownState', given(areSignsByPlant));
const areSignsByPlant = (value: unknown): boolean =>
  typeof value === 'object' &&
  !Array.isArray(value) &&
  Object.keys(value as object).length <= 40 &&
  Object.values(value as object).every(
    (signs) => Array.isArray(signs) && signs.length <= SIGNS.length && signs.every((s) => signOf(String(s))),
  );

const regions = () =>
  exactly(
    Object.fromEntries(REGIONS.map((region) => [region, maybe(oneOf(STATUSES))])) as Record<
      Region,
      Schema<Status | undefined>
    >,
  );

/** The whole profile; stages that windows and models name must exist, in order. */
export const plantProfileSchema: Schema<PlantProfile> = exactly({
  key: key(),
  origin: maybe(oneOf(['own'] as const)),
  scientific: line(120),
  family: line(60),
  names: text(80),
  about: text(),
  habit: oneOf(HABITS),
  lifeCycle: oneOf(['annual', 'biennial', 'perennial', 'woody', 'fungus'] as const),
  status: oneOf(STATUSES),
  lives: maybe(oneOf(LIFE_FORMS)),
  regions: maybe(regions()),
  severity: oneOf(SEVERITIES),
  seasonStart: monthDay(),
  reference: exactly({
    place: text(80),
    latitudeDeg: finite(-90, 90),
    heightM: finite(-430, 8850),
    canopy: maybe(oneOf(CANOPIES)),
  }).required('missing'),
  stages: listOf(
    exactly({ key: key(), name: text(80), bbch: whole(0, 9), calendar: figure(), model: stageModel }).required(),
    16,
  ).min(1, 'missing'),
  parts: listOf(
    exactly({
      key: oneOf(PART_KEYS),
      name: text(80),
      unit: oneOf(UNIT_KEYS),
      perPlant: figure(),
      massG: orNull(figure()),
      method: text(),
      methods: maybe(listOf(takingMethod(), 6).test('once', 'methodTwice', given(areOnce))),
      effect: text(),
      kills: flag(),
      costsSeed: flag(),
      spends: listOf(oneOf(PART_KEYS), 16),
      minAgeYears: orNull(whole(0, 100)),
      yearOfLife: maybe(whole(1, 2)) as Schema<1 | 2 | undefined>,
      growth: maybe(growth()),
      use: text(),
      eating: oneOf(EATINGS),
    }).required(),
    16,
  ),
  windows: listOf(
    exactly({
      part: oneOf(PART_KEYS),
      use: line(40),
      opens: edge(),
      closes: edge(),
      peakShare: share(),
      separableFrom: maybe(key()),
      regrowth: maybe(regrowth()),
      sizeLimit: orNull(text(200)),
    }).required(),
    24,
  ),
  ceilings: listOf(
    exactly({
      parts: orNull(listOf(oneOf(PART_KEYS), 16)),
      rule: ceilingRule as unknown as Schema<ProfileCeiling['rule']>,
    }).required(),
    16,
  ),
  signs: listOf(exactly({ organ: oneOf(ORGANS), text: text(), price: oneOf(PRICES) }).required(), 40),
  lookAlikes: listOf(
    exactly({
      name: text(80),
      scientific: line(120),
      severity: oneOf(LOOK_ALIKE_SEVERITIES),
      separatedBy: text(),
      apartFrom: maybe(key()),
      pieceByPiece: maybe(flag()),
    }).required(),
    20,
  ),
  shows: listOf(shownSign(), 80),
  decides: maybe(decides() as unknown as Schema<Readonly<Record<string, readonly string[]>> | undefined>),
  substitutes: listOf(exactly({ plantKey: key(), purpose: text(200) }).required(), 10),
  cautions: listOf(exactly({ class: oneOf(CAUTION_CLASSES), text: text() }).required(), 30),
  bring: text(),
  keeping: text(),
  works: listOf(line(60), 10),
})
  .required('missing')
  .test(
    'stageNames',
    'unknownStage',
    given((p) => stagesNamedExist(p as unknown as PlantProfile)),
  )
  .test(
    'partNames',
    'unknownPart',
    given((p) => partsNamedExist(p as unknown as PlantProfile)),
  );

/** Whether both are lists at all; what is in them the other checks say. */
const areLists = (...values: readonly unknown[]): boolean => values.every((v) => Array.isArray(v));

function stagesNamedExist(profile: PlantProfile): boolean {
  if (!areLists(profile?.stages, profile?.windows)) return true;
  const keys = profile.stages.map((s) => s?.key);
  const before = profile.stages.every((s, i) => {
    const model = s?.model;
    return !model || !('stage' in model) || (keys.indexOf(model.stage) >= 0 && keys.indexOf(model.stage) < i);
  });
  const named = profile.windows.flatMap((w) => [
    w?.opens?.stage,
    w?.closes?.stage,
    ...(w?.regrowth ? [w.regrowth.until?.stage] : []),
    ...(w?.separableFrom && w.separableFrom !== NEVER ? [w.separableFrom] : []),
  ]);
  const apart = (profile.lookAlikes ?? [])
    .flatMap((l) => l?.apartFrom ?? [])
    .filter((s) => s !== ALWAYS && s !== NEVER);
  return (
    before &&
    new Set(keys).size === keys.length &&
    [...named, ...apart].every((k) => keys.includes(k)) &&
    !keys.some((k) => k === ALWAYS || k === NEVER)
  );
}

function partsNamedExist(profile: PlantProfile): boolean {
  if (!areLists(profile?.parts, profile?.windows)) return true;
  const keys = profile.parts.map((p) => p?.key);
  const grows = (key: PartKey): boolean => profile.parts.some((p) => p?.key === key && p.growth !== undefined);
  return (
    new Set(keys).size === keys.length &&
    profile.windows.every(
      (w) =>
        keys.includes(w?.part) &&
        // A length says nothing without knowing how the part grows.
        ((w.opens?.lengthCm === undefined && w.closes?.lengthCm === undefined) || grows(w.part)),
    )
  );
}
