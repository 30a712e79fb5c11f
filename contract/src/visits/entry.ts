import {
  ENTRY_KINDS,
  LOSS_CAUSES,
  PLANTING_SOURCES,
  QUALITIES,
  SAVOURS,
  TENDING_WORKS,
  VESSELS,
  type EntryBodies,
  type EntryKind,
} from '@emberfield/core/stand';
import { boolean, lazy, mixed, type Schema } from 'yup';
import { PHASES, IDENTITY_STATUSES } from '@emberfield/core/identity';
import { EYE_CLASSES } from '@emberfield/core/counting';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
  instant,
  isoDay,
  line,
  listOf,
  maybe,
  oneOf,
  orNull,
  share,
  uuid,
  whole,
} from '../platform/schema.ts';
import { METHOD_KEYS, PART_KEYS } from '@emberfield/core/plants';
import { PLANTING_WAYS } from '@emberfield/core/replanting';
import { SIGNS } from '../plants/signs.ts';
import { batchBodies } from '../larder/bodies.ts';
import { findBodySchema } from './find.ts';
import { seenSign } from './seen-sign.ts';

/** The one envelope of every entry, typed at the desk or synced from the field. */
export interface EntryOf<K extends EntryKind> {
  readonly id: string;
  readonly kind: K;
  readonly schemaVersion: 1;
  readonly patchId: string;
  readonly standId: string | null;
  readonly visitId: string | null;
  readonly day: string;
  readonly zone: string;
  readonly madeAt: string;
  readonly device: string;
  readonly replaces: string | null;
  readonly body: EntryBodies[K];
}
export type Entry = { [K in EntryKind]: EntryOf<K> }[EntryKind];

const MOST_SAMPLES = 200;
// These are asked before what is in the lists was looked at: it may be anything.
/** Of each square no more than all of it. */
const isPartOf = (of: unknown, all: unknown): boolean =>
  !Array.isArray(of) || !Array.isArray(all) || (of.length === all.length && of.every((n, i) => !(n > all[i])));
const beltArea = (belts: readonly unknown[], widthM: number): number =>
  belts.reduce<number>((sum, b) => sum + Number((b as { lengthM?: unknown } | null)?.lengthM) * widthM, 0);

export const censusSchema = lazy((value: unknown) => {
  switch ((value as { method?: unknown } | null)?.method) {
    case 'quadrats':
      return exactly({
        method: oneOf(['quadrats']),
        counts: listOf(whole(0, 1e6), MOST_SAMPLES).min(2, 'tooFew'),
        mature: maybe(listOf(whole(0, 1e6), MOST_SAMPLES)),
        flowering: maybe(listOf(whole(0, 1e6), MOST_SAMPLES)),
        quadratAreaM2: finite(0.01, 1e6),
        standAreaM2: finite(0.01, 1e9),
      })
        .required('missing')
        .test(
          'fits',
          'quadratsDoNotFit',
          given((b) => !Array.isArray(b.counts) || !(b.counts.length * b.quadratAreaM2 > b.standAreaM2)),
        )
        .test(
          'classes',
          'classesExceedCount',
          given((b) => isPartOf(b.mature, b.counts) && isPartOf(b.flowering, b.counts)),
        );
    case 'belts':
      return exactly({
        method: oneOf(['belts']),
        belts: listOf(
          exactly({ plants: whole(0, 1e6), lengthM: finite(0.1, 1e5) }).required('missing'),
          MOST_SAMPLES,
        ).min(2, 'tooFew'),
        widthM: finite(0.1, 1000),
        standAreaM2: finite(0.01, 1e9),
      })
        .required('missing')
        .test(
          'fits',
          'beltsDoNotFit',
          given((b) => !Array.isArray(b.belts) || !(beltArea(b.belts, b.widthM) > b.standAreaM2 + 1e-9)),
        );
    case 'clumps':
      return exactly({
        method: oneOf(['clumps']),
        clumps: whole(2, 1e6),
        shoots: listOf(whole(0, 1e5), MOST_SAMPLES).min(2, 'tooFew'),
      })
        .required('missing')
        .test(
          'fits',
          'moreClumpsThanThere',
          given((b) => !Array.isArray(b.shoots) || !(b.shoots.length > b.clumps)),
        );
    case 'trees':
      return exactly({
        method: oneOf(['trees']),
        trees: listOf(
          exactly({
            name: freeText(40),
            girthCm: orNull(finite(1, 2000)),
            tips: orNull(whole(0, 1e6)),
          }).required('missing'),
          MOST_SAMPLES,
        ).min(1, 'missing'),
      }).required('missing');
    case 'eye':
      return exactly({ method: oneOf(['eye']), eye: oneOf(EYE_CLASSES) }).required('missing');
    default:
      return exactly({
        method: oneOf(['complete']),
        plants: whole(0, 1e7),
        mature: orNull(whole(0, 1e7)),
        flowering: orNull(whole(0, 1e7)),
      })
        .required('missing')
        .test(
          'classes',
          'classesExceedCount',
          given((b) => (b.mature ?? 0) <= b.plants && (b.flowering ?? 0) <= b.plants),
        );
  }
}) as unknown as Schema<EntryBodies['census']>;

const BODIES: { readonly [K in EntryKind]: Schema<EntryBodies[K]> } = {
  visit: exactly({
    note: freeText(2000),
    minutes: maybe(orNull(whole(0, 1440))),
    walkMinutes: maybe(orNull(whole(0, 1440))),
  }).required('missing'),
  stageSighting: exactly({
    stage: line(60),
    reached: flag(),
    share: orNull(share()),
    offSeason: boolean(),
  }).required('missing'),
  census: censusSchema,
  take: exactly({
    part: oneOf(PART_KEYS),
    amount: finite(0, 1e6),
    measure: oneOf(['unit', 'gram'] as const),
    plants: orNull(whole(0, 1e6)),
    killed: orNull(whole(0, 1e6)),
    method: maybe(oneOf(METHOD_KEYS)),
    snapped: maybe(whole(0, 1e6)),
    tried: maybe(whole(0, 1e6)),
    quality: orNull(oneOf(QUALITIES)),
    wasteShare: maybe(orNull(share())),
    eatenOnTheSpot: flag(),
    overReason: freeText(300),
    countedBy: maybe(
      exactly({ vessel: oneOf(VESSELS), count: finite(0.1, 10_000), holds: finite(0.1, 100_000) }).required('missing'),
    ),
    minutes: maybe(orNull(whole(0, 1440))),
    note: maybe(freeText(600)),
    checkedAgainst: maybe(listOf(line(120).required(), 20)),
    savours: maybe(listOf(oneOf(SAVOURS), SAVOURS.length)),
  })
    .required('missing')
    .test(
      'snapped',
      'moreSnappedThanTaken',
      given((b) => b.plants === null || (b.snapped ?? 0) <= b.plants),
    ),
  hold: exactly({ part: oneOf(PART_KEYS), amount: finite(0.1, 1e6) }).required('missing'),
  loss: exactly({ cause: oneOf(LOSS_CAUSES), share: share(), note: freeText(600) }).required('missing'),
  planting: exactly({
    way: oneOf(PLANTING_WAYS),
    number: whole(1, 1e6),
    source: oneOf(PLANTING_SOURCES),
    fromStandId: orNull(uuid()),
    takeId: orNull(uuid()),
    minutes: orNull(whole(0, 1440)),
    note: freeText(600),
  })
    .required('missing')
    .test(
      'from',
      'sourceMissing',
      given((b) => (b.source === 'otherStand') === (b.fromStandId !== null)),
    ),
  plantingCheck: exactly({
    plantingId: uuid(),
    alive: whole(0, 1e6),
    flowering: orNull(whole(0, 1e6)),
    note: freeText(600),
  })
    .required('missing')
    .test(
      'flowering',
      'moreFlowerThanLive',
      given((b) => (b.flowering ?? 0) <= b.alive),
    ),
  tending: exactly({ work: oneOf(TENDING_WORKS), minutes: orNull(whole(0, 1440)), note: freeText(600) }).required(
    'missing',
  ),
  measurement: exactly({
    part: oneOf(PART_KEYS),
    lengthsCm: listOf(finite(0.1, 5000), 50).min(1, 'missing'),
  }).required('missing'),
  wish: exactly({ part: oneOf(PART_KEYS), fromCm: orNull(finite(0.1, 5000)), toCm: orNull(finite(0.1, 5000)) })
    .required('missing')
    .test(
      'toCm',
      'wishEndsFirst',
      given((b) => b.fromCm === null || b.toCm === null || b.fromCm < b.toCm),
    ),
  search: exactly({
    lookedFor: line(120),
    plantKey: orNull(line(60)),
    found: flag(),
    stage: freeText(80),
    deadly: flag(),
  }).required('missing'),
  provenance: exactly({ shownBy: line(120), calledThere: freeText(120) }).required('missing'),
  identity: exactly({
    status: oneOf(IDENTITY_STATUSES),
    phase: orNull(oneOf(PHASES)),
    seen: listOf(seenSign(), 60),
    leftOpen: listOf(line(60), 60),
    signs: listOf(line(300), 20),
    note: freeText(600),
  }).required('missing'),
  awaited: exactly({ sign: oneOf(SIGNS.map((s) => s.key)), due: isoDay(), note: freeText(300) }).required('missing'),
  ground: exactly({ frozen: flag() }).required('missing'),
  find: findBodySchema,
  note: exactly({ text: line(4000) }).required('missing'),
  ...batchBodies,
  withdrawal: exactly({ reason: freeText(300) }).required('missing'),
};

const KINDS_OF_A_STAND: readonly EntryKind[] = [
  'stageSighting',
  'census',
  'take',
  'hold',
  'loss',
  'planting',
  'plantingCheck',
  'tending',
  'measurement',
  'wish',
  'identity',
  'awaited',
  'ground',
  'batch',
  'batchWeighing',
  'batchStep',
];

export const entrySchema = lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind;
  const body = ENTRY_KINDS.includes(kind as EntryKind) ? BODIES[kind as EntryKind] : mixed();
  return exactly({
    id: uuid(),
    kind: oneOf(ENTRY_KINDS),
    schemaVersion: whole(1, 1),
    patchId: uuid(),
    standId: orNull(uuid()),
    visitId: orNull(uuid()),
    day: isoDay(),
    zone: line(60),
    madeAt: instant(),
    device: freeText(80),
    replaces: orNull(uuid()),
    body,
  })
    .required('missing')
    .test(
      'stand',
      'standMissing',
      given((e) => !KINDS_OF_A_STAND.includes(e.kind) || e.standId !== null),
    )
    .test(
      'replaces',
      'nothingToWithdraw',
      given((e) => e.kind !== 'withdrawal' || e.replaces !== null),
    );
}) as unknown as Schema<Entry>;
