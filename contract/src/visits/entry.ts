import { boolean, lazy, mixed, string, type Schema } from 'yup';
import { PHASES, type Phase, type SeenSign } from '@emberfield/core/identity';
import { EYE_CLASSES, type EyeClass } from '@emberfield/core/stand';
import {
  exactly,
  finite,
  flag,
  freeText,
  given,
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
import { PART_KEYS, type PartKey } from '../plants/kinds.ts';
import { SIGNS } from '../plants/signs.ts';
import { findBodySchema, type FindBody } from './find.ts';
import { seenSign } from './seen-sign.ts';
import { IDENTITY_STATUSES, type AllowanceView, type IdentityStatus } from '../stands/stand.ts';

export const QUALITIES = ['good', 'young', 'tough', 'eaten', 'dirty'] as const;
export const LOSS_CAUSES = ['strangers', 'grazed', 'mown', 'flooded', 'other'] as const;
export const COUNT_METHODS = ['complete', 'quadrats', 'eye'] as const;

/** What an entry of each kind says. */
export interface EntryBodies {
  /** One time at one patch; other entries name it. */
  readonly visit: { readonly note: string };
  readonly stageSighting: {
    readonly stage: string;
    readonly reached: boolean;
    /** Share of the stand that has reached it; `null` where nobody said. */
    readonly share: number | null;
    /** A flush out of season: shown, and kept out of the learning. */
    readonly offSeason?: boolean;
  };
  readonly census:
    | {
        readonly method: 'complete';
        readonly plants: number;
        readonly mature: number | null;
        readonly flowering: number | null;
      }
    | {
        readonly method: 'quadrats';
        readonly counts: readonly number[];
        readonly quadratAreaM2: number;
        readonly standAreaM2: number;
      }
    | { readonly method: 'eye'; readonly eye: EyeClass };
  readonly take: {
    readonly part: PartKey;
    readonly amount: number;
    /** In the part's own unit, or weighed. */
    readonly measure: 'unit' | 'gram';
    readonly plants: number | null;
    readonly killed: number | null;
    readonly quality: (typeof QUALITIES)[number] | null;
    /** Share that was woody, past or otherwise thrown away; left out where nobody said. */
    readonly wasteShare?: number | null;
    readonly eatenOnTheSpot: boolean;
    /** Why more was taken than allowed. */
    readonly overReason: string;
  };
  readonly loss: { readonly cause: (typeof LOSS_CAUSES)[number]; readonly share: number; readonly note: string };
  /** Lengths of a part of some plants of the stand. */
  readonly measurement: { readonly part: PartKey; readonly lengthsCm: readonly number[] };
  readonly search: {
    readonly lookedFor: string;
    /** Plant of the catalogue that was looked for; `null` for one by name only. */
    readonly plantKey: string | null;
    readonly found: boolean;
    readonly stage: string;
    readonly deadly: boolean;
  };
  readonly provenance: { readonly shownBy: string; readonly calledThere: string };
  readonly identity: {
    readonly status: IdentityStatus;
    /** Phase the plant was in; `null` when not said. */
    readonly phase: Phase | null;
    /** Signs of the vocabulary that were seen, or looked for and not there. */
    readonly seen: readonly SeenSign[];
    /** Dangerous plants that these signs left open, by key. */
    readonly leftOpen: readonly string[];
    /** Signs in words. */
    readonly signs: readonly string[];
    readonly note: string;
  };
  /** A result that comes later: a spore print tomorrow, a flower in June. Answered by an identity that names the sign. */
  readonly awaited: { readonly sign: string; readonly due: string; readonly note: string };
  /** Something that stands at a place, of which nobody has said for sure what it is. */
  readonly find: FindBody;
  /** Somebody tried the ground: it can be dug, or it is frozen. */
  readonly ground: { readonly frozen: boolean };
  readonly note: { readonly text: string };
  /** Undoes the entry it replaces. */
  readonly withdrawal: { readonly reason: string };
}
export type EntryKind = keyof EntryBodies;
export const ENTRY_KINDS = [
  'visit',
  'stageSighting',
  'census',
  'take',
  'loss',
  'measurement',
  'search',
  'provenance',
  'identity',
  'awaited',
  'ground',
  'find',
  'note',
  'withdrawal',
] as const;

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

const census = lazy((value: unknown) => {
  switch ((value as { method?: unknown } | null)?.method) {
    case 'quadrats':
      return exactly({
        method: oneOf(['quadrats']),
        counts: listOf(whole(0, 1e6), 200).min(2, 'tooFew'),
        quadratAreaM2: finite(0.01, 1e6),
        standAreaM2: finite(0.01, 1e9),
      })
        .required('missing')
        .test(
          'fits',
          'quadratsDoNotFit',
          given((b) => !Array.isArray(b.counts) || b.counts.length * b.quadratAreaM2 <= b.standAreaM2),
        );
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
  visit: exactly({ note: freeText(2000) }).required('missing'),
  stageSighting: exactly({
    stage: line(60),
    reached: flag(),
    share: orNull(share()),
    offSeason: boolean(),
  }).required('missing'),
  census,
  take: exactly({
    part: oneOf(PART_KEYS),
    amount: finite(0, 1e6),
    measure: oneOf(['unit', 'gram'] as const),
    plants: orNull(whole(0, 1e6)),
    killed: orNull(whole(0, 1e6)),
    quality: orNull(oneOf(QUALITIES)),
    wasteShare: maybe(orNull(share())),
    eatenOnTheSpot: flag(),
    overReason: freeText(300),
  }).required('missing'),
  loss: exactly({ cause: oneOf(LOSS_CAUSES), share: share(), note: freeText(600) }).required('missing'),
  measurement: exactly({
    part: oneOf(PART_KEYS),
    lengthsCm: listOf(finite(0.1, 5000), 50).min(1, 'missing'),
  }).required('missing'),
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
  withdrawal: exactly({ reason: freeText(300) }).required('missing'),
};

const KINDS_OF_A_STAND: readonly EntryKind[] = [
  'stageSighting',
  'census',
  'take',
  'loss',
  'measurement',
  'identity',
  'awaited',
  'ground',
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
    madeAt: string()
      .required('missing')
      .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/, 'notAnInstant')
      .test(
        'instant',
        'notAnInstant',
        given((v) => !Number.isNaN(Date.parse(v))),
      ),
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

/** Entries are checked one by one, so that a bad one does not hold up the others. */
export interface SyncRequest {
  readonly entries: readonly unknown[];
}
export const MOST_ENTRIES_AT_ONCE = 100;
export const syncSchema: Schema<SyncRequest> = exactly({
  entries: listOf(mixed().required('missing'), MOST_ENTRIES_AT_ONCE).min(1, 'missing'),
}).required('missing');

export interface TakeVerdict {
  readonly verdict: 'within' | 'over';
  /** Amount in the part's unit that was left before and after. */
  readonly leftBefore: number | null;
  readonly leftAfter: number | null;
  readonly allowance: AllowanceView;
}

export type EntryResult =
  | { readonly id: string; readonly status: 'stored' | 'alreadyThere'; readonly take: TakeVerdict | null }
  | {
      readonly id: string | null;
      readonly status: 'needsAttention';
      readonly code: string;
      readonly message: string;
      readonly field: string | null;
    };
export interface SyncAnswer {
  readonly results: readonly EntryResult[];
}

export type EntryView = Entry & {
  readonly by: string;
  readonly byId: string;
  readonly mine: boolean;
  /** `withdrawn` or `corrected` entries stay in the record. */
  readonly standing: 'valid' | 'withdrawn' | 'corrected';
  readonly take: TakeVerdict | null;
};
export interface EntryPage {
  readonly entries: readonly EntryView[];
  readonly next: string | null;
}
