import {
  binomialOf,
  CAUTION_CLASSES,
  EATINGS,
  exactly,
  finite,
  flag,
  freeText,
  HABITS,
  line,
  listOf,
  LOOK_ALIKE_SEVERITIES,
  oneOf,
  orNull,
  PART_KEYS,
  signOf,
  STATUSES,
  UNIT_KEYS,
  whole,
  type LookAlikeSeverity,
  type PlantListItem,
  type PlantProfile,
  type Schema,
} from '@emberfield/contract';
import { SEVERITIES } from '@emberfield/core/identity';
import { NEVER, ORGANS_OF_DANGER, yearFromDates, type Landmark } from '@emberfield/core/plants';
import { keyFrom } from './key-from.ts';

// The form of a plant of one's own that is written from nothing: what its people know, in their dates.

export const GOES_BY = ['learned', 'calendar'] as const;
type Caution = PlantProfile['cautions'][number]['class'];
export interface PartForm {
  part: (typeof PART_KEYS)[number];
  use: string;
  unit: (typeof UNIT_KEYS)[number];
  perPlant: number | null;
  cap: number | null;
  /** Of so many plants in a hundred at most. */
  sharePct: number | null;
  periods: { from: number; to: number }[];
  kills: boolean;
  costsSeed: boolean;
  eating: (typeof EATINGS)[number];
  method: string;
}
export interface TwinForm {
  name: string;
  scientific: string;
  severity: LookAlikeSeverity;
  separatedBy: string;
  /** `NEVER`, `ALWAYS`, or a landmark from which on it can be told apart. */
  apart: string;
  byPiece: boolean;
}
export interface PlainForm {
  key: string;
  name: string;
  scientific: string;
  family: string;
  habit: PlantProfile['habit'];
  severity: PlantProfile['severity'];
  status: PlantProfile['status'];
  region: string;
  about: string;
  landmarks: Record<Landmark, number | null>;
  /** Days of the south, where no place is named. */
  south: boolean;
  /** First day of its season; `null`: where nothing is taken. */
  start: number | null;
  /** What brings its stages on: not known, and learned from what is seen, or the calendar alone. */
  goesBy: (typeof GOES_BY)[number];
  /** Where the dates hold. */
  at: { latitudeDeg: number; heightM: number; placeId: string } | null;
  parts: PartForm[];
  twins: TwinForm[];
  cautions: { class: Caution; text: string }[];
  /** Signs, and the states of each that it shows. */
  shows: { sign: string; states: string[] }[];
  bring: string;
  keeping: string;
  note: string;
}

export const blankPart = (part: PartForm['part']): PartForm => ({
  part,
  use: '',
  unit: UNIT_OF[part] ?? 'gram',
  perPlant: null,
  cap: null,
  // Careful to begin with (estimates): a tenth where taking kills, a third where it costs the seed, else of every other plant.
  sharePct: KILLING.has(part) ? 10 : SEEDING.has(part) ? 33 : 50,
  periods: [{ from: NaN, to: NaN }],
  kills: KILLING.has(part),
  costsSeed: SEEDING.has(part),
  eating: 'cooked',
  method: '',
});
const UNIT_OF: Readonly<Partial<Record<PartForm['part'], PartForm['unit']>>> = {
  leaf: 'leaf',
  shoot: 'shoot',
  stalk: 'stalk',
  flower: 'head',
  fruit: 'fruit',
  seed: 'seed',
  sap: 'litre',
  root: 'root',
  tip: 'tip',
  fruitBody: 'cap',
};
const KILLING: ReadonlySet<string> = new Set(['root', 'wholePlant', 'rosette']);
const SEEDING: ReadonlySet<string> = new Set(['flower', 'fruit', 'seed', 'bud']);
export const blankPlain = (name = '', south = false): PlainForm => ({
  key: keyFrom(name),
  name,
  scientific: '',
  family: '',
  habit: 'herb',
  severity: 'none',
  status: 'common',
  region: '',
  about: '',
  landmarks: { leafOut: null, flowering: null, fruitRipe: null, dyingBack: null },
  south,
  start: null,
  goesBy: 'learned',
  at: null,
  parts: [],
  twins: [],
  cautions: [],
  shows: [],
  bring: '',
  keeping: '',
  note: '',
});

const key = () => line(60).matches(/^[a-z][a-zA-Z0-9-]*$/, 'notAKey');
const dayOfYear = () => whole(1, 365);
const BINOMIAL = /^\p{L}[\p{L}-]+ ([×x] ?)?\p{L}[\p{L}.-]*/u;
const scientific = () => line(120).matches(BINOMIAL, 'notABinomial');
const part = () =>
  exactly({
    part: oneOf(PART_KEYS),
    use: line(36),
    unit: oneOf(UNIT_KEYS),
    perPlant: finite(0.01, 1e5),
    cap: orNull(finite(0.01, 1e5)),
    sharePct: orNull(finite(0, 100)),
    periods: listOf(exactly({ from: dayOfYear(), to: dayOfYear() }).required('missing'), 2).min(1, 'missing'),
    kills: flag(),
    costsSeed: flag(),
    eating: oneOf(EATINGS),
    method: freeText(600),
  }).required('missing');
const landmark = () => orNull(dayOfYear());

export const twinsSchema = () =>
  listOf(
    exactly({
      name: line(80),
      scientific: scientific(),
      severity: oneOf(LOOK_ALIKE_SEVERITIES),
      separatedBy: line(600),
      apart: line(60),
      byPiece: flag(),
    }).required('missing'),
    20,
  );
export const cautionsSchema = () =>
  listOf(exactly({ class: oneOf(CAUTION_CLASSES), text: line(600) }).required('missing'), 30);

/** The form, by the same rules as the server's; what it knows of the list is put in by `plainSchema`. */
const plainFields = () => ({
  key: key(),
  name: line(80),
  scientific: scientific(),
  family: line(60),
  habit: oneOf(HABITS),
  severity: oneOf(SEVERITIES),
  status: oneOf(STATUSES),
  region: freeText(80),
  about: freeText(600),
  landmarks: exactly({
    leafOut: landmark(),
    flowering: landmark(),
    fruitRipe: landmark(),
    dyingBack: landmark(),
  }).required(),
  south: flag(),
  start: orNull(dayOfYear()),
  goesBy: oneOf(GOES_BY),
  at: orNull(exactly({ latitudeDeg: finite(-90, 90), heightM: finite(-430, 8850), placeId: freeText(60) })),
  twins: twinsSchema(),
  cautions: cautionsSchema(),
  shows: listOf(exactly({ sign: line(40), states: listOf(line(40), 12).min(1, 'missing') }).required('missing'), 80),
  bring: freeText(600),
  keeping: freeText(600),
  note: freeText(400),
});

/** The form as it is sent: of what is harmful nothing is taken, whatever was typed before somebody said so. */
export const sentForm = (form: PlainForm): PlainForm => (form.severity === 'none' ? form : { ...form, parts: [] });

/** @param plants the list that it is to stand in: of a species that is there already a copy is made */
export function plainSchema(plants: readonly PlantListItem[], ownKey: string | null): Schema<PlainForm> {
  const shipped = new Set(plants.filter((p) => !p.own).map((p) => binomialOf(p.scientific)));
  const keys = new Set(plants.map((p) => p.key));
  return exactly({
    ...plainFields(),
    key: key().test('free', 'keyTaken', (typed) => typed === ownKey || !keys.has(typed ?? '')),
    scientific: scientific().test('new', 'speciesIsShipped', (s) => !shipped.has(binomialOf(s ?? ''))),
    parts: listOf(part(), 16)
      .test('once', 'partTwice', (parts) => new Set(parts?.map((p) => p.part)).size === (parts?.length ?? 0))
      .test('free', 'windowsLeaveNoDay', (parts) => (parts ?? []).some(isIncomplete) || mayBegin(parts ?? [])),
  })
    .required('missing')
    .test(
      'danger',
      'dangerNeedsSigns',
      (form) =>
        form?.severity === 'none' ||
        organsOf((form as unknown as PlainForm | undefined)?.shows ?? []) >= ORGANS_OF_DANGER,
    )
    .test('start', 'startWithinPeriod', (form) => {
      const { start = null, parts = [] } = (form ?? {}) as unknown as Partial<PlainForm>;
      // What is no day yet its own field says.
      return start === null || !isDay(start) || parts.some(isIncomplete) || mayBegin(parts, start);
    });
}
const isDay = (day: number): boolean => Number.isInteger(day) && day >= 1 && day <= 365;
const isIncomplete = ({ periods }: PartForm): boolean => periods.some((p) => !isDay(p.from) || !isDay(p.to));
/** Whether a season can begin: on some day, or on the one that is said. */
const mayBegin = (parts: readonly PartForm[], start: number | null = null): boolean =>
  yearFromDates({ landmarks: {}, parts, south: false, moves: false, start }, () => ({ en: '-' })) !== null;
const organsOf = (shows: PlainForm['shows']): number =>
  new Set(
    shows.flatMap(({ sign }) => {
      const spec = signOf(sign);
      return spec && !spec.ofPlace ? [spec.organ] : [];
    }),
  ).size;

export const blankTwin = (): TwinForm => ({
  name: '',
  scientific: '',
  severity: 'deadly',
  separatedBy: '',
  apart: NEVER,
  byPiece: false,
});

/** Another name brings another key, as long as nobody chose one. */
export const renamed = (form: PlainForm, name: string): Pick<PlainForm, 'name' | 'key'> => ({
  name,
  key: form.key === keyFrom(form.name) ? keyFrom(name) : form.key,
});
