// Which parts of a noted thing can be corrected, and what comes of it.
import {
  LOSS_CAUSES,
  QUALITIES,
  TENDING_WORKS,
  type EntryBodies,
  type EntryKind,
  type EntryView,
} from '@emberfield/contract';
import { isDug, methodsOf, type PlantProfile } from '@emberfield/core/plants';
import { EYE_CLASSES } from '@emberfield/core/counting';
import type { Words } from '@emberfield/words';

/** What a field holds while it is edited: lists of numbers and everything else as people write them. */
export type FieldValue = string | number | null;
export interface CorrectionField {
  readonly key: string;
  readonly label: string;
  readonly kind: 'number' | 'whole' | 'percent' | 'numbers' | 'text' | 'choice';
  /** It may be left empty. */
  readonly optional: boolean;
  readonly options?: readonly { readonly value: string; readonly label: string }[];
  /** What it is where the entry does not say. */
  readonly otherwise?: FieldValue;
}

/** The fields of an entry; empty for what is said anew instead of corrected. */
export function fieldsOf(
  { kind, body }: EntryView,
  { t }: Pick<Words, 't'>,
  { parts }: Pick<PlantProfile, 'parts'>,
): readonly CorrectionField[] {
  const field = (
    key: string,
    label: string,
    type: CorrectionField['kind'],
    more: Partial<CorrectionField> = {},
  ): CorrectionField => ({ key, label: t(label), kind: type, optional: false, ...more });
  const note = () => field('note', 'correct.note', 'text', { optional: true });
  const minutes = () => field('minutes', 'take.minutes', 'whole', { optional: true });
  const choices = (values: readonly string[], label: (v: string) => string) => ({
    options: values.map((value) => ({ value, label: t(label(value)) })),
  });
  const pick = (key: string, label: string, values: readonly string[], nameOf: (v: string) => string) =>
    field(key, label, 'choice', choices(values, nameOf));
  const said = (yes: string, no: string) => ({
    options: [
      { value: 'yes', label: t(yes) },
      { value: 'no', label: t(no) },
    ],
  });
  switch (kind) {
    case 'take': {
      const part = parts.find((p) => p.key === body.part);
      return [
        ...(part?.methods
          ? [{ ...pick('method', 'take.how', methodsOf(part), (m) => `take.method.${m}`), otherwise: 'usual' }]
          : []),
        field('amount', 'correct.amount', 'number'),
        field('plants', 'correct.fromPlants', 'whole', { optional: true }),
        ...(part && (part.kills || isDug(part))
          ? ['snapped', 'tried'].map((key) => field(key, `take.${key}`, 'whole', { otherwise: 0 }))
          : []),
        field('killed', 'correct.killed', 'whole', { optional: true }),
        field('quality', 'correct.quality', 'choice', {
          optional: true,
          ...choices(QUALITIES, (q) => `take.qualities.${q}`),
        }),
        minutes(),
        note(),
      ];
    }
    case 'hold':
      return [field('amount', 'correct.amount', 'number')];
    case 'census':
      if (body.method === 'eye') return [pick('eye', 'visit.byEye', EYE_CLASSES, (e) => `visit.eye.${e}`)];
      if (body.method === 'clumps')
        return [field('clumps', 'visit.clumpsAll', 'whole'), field('shoots', 'visit.shoots', 'numbers')];
      // Belts and trees are counted anew: a length and its number belong together.
      if (body.method === 'belts' || body.method === 'trees') return [];
      if (body.method === 'quadrats') return [field('counts', 'visit.quadrats', 'numbers')];
      return [
        field('plants', 'correct.plants', 'whole'),
        field('mature', 'correct.mature', 'whole', { optional: true }),
        field('flowering', 'correct.flowering', 'whole', { optional: true }),
      ];
    case 'loss':
      return [
        pick('cause', 'visit.loss', LOSS_CAUSES, (c) => `visit.lossCause.${c}`),
        field('share', 'correct.lost', 'percent'),
        note(),
      ];
    case 'planting':
      return [field('number', 'putBack.number', 'whole'), minutes(), note()];
    case 'plantingCheck':
      return [
        field('alive', 'putBack.alive', 'whole'),
        field('flowering', 'putBack.flowering', 'whole', { optional: true }),
        note(),
      ];
    case 'tending':
      return [pick('work', 'putBack.tending', TENDING_WORKS, (w) => `putBack.works.${w}`), minutes(), note()];
    case 'measurement':
      return [field('lengthsCm', 'correct.lengths', 'numbers')];
    case 'search':
      return [field('found', 'visit.search', 'choice', said('visit.found', 'visit.notFound'))];
    case 'stageSighting':
      return [
        field('reached', 'visit.stages', 'choice', said('visit.reached', 'visit.notYet')),
        field('share', 'correct.share', 'percent', { optional: true }),
      ];
    case 'ground':
      return [field('frozen', 'visit.ground.title', 'choice', said('visit.ground.frozen', 'visit.ground.open'))];
    case 'provenance':
      return [
        field('shownBy', 'visit.shownBy', 'text'),
        field('calledThere', 'correct.calledThere', 'text', { optional: true }),
      ];
    case 'note':
      return [field('text', 'correct.note', 'text')];
    case 'identity':
    case 'awaited':
    case 'find':
      return [note()];
    default:
      return [];
  }
}

/** An entry's values as they stand in the fields. */
export function valuesOf(fields: readonly CorrectionField[], { body }: EntryView): Record<string, FieldValue> {
  const of = body as unknown as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    fields.map(({ key, kind, otherwise = null }): [string, FieldValue] => {
      const value = of[key];
      if (value === null || value === undefined) return [key, otherwise];
      if (typeof value === 'boolean') return [key, value ? 'yes' : 'no'];
      if (Array.isArray(value)) return [key, value.join('; ')];
      if (kind === 'percent') return [key, Math.round(Number(value) * 1000) / 10];
      return [key, value as FieldValue];
    }),
  );
}

/**
 * The body with the fields as they are now, for the schema to judge: NaN where what was typed is no number, `undefined` where
 * something must be and is not. `null` while nothing differs.
 */
export function correctedBody<K extends EntryKind>(
  fields: readonly CorrectionField[],
  entry: EntryView & { readonly kind: K },
  values: Readonly<Record<string, FieldValue>>,
): EntryBodies[K] | null {
  const before = valuesOf(fields, entry);
  const own = entry.body as unknown as Readonly<Record<string, unknown>>;
  const changed: Record<string, unknown> = {};
  for (const { key, kind, optional } of fields) {
    const value = values[key] ?? null;
    if (value === before[key]) continue;
    const read = readValue(kind, value, typeof own[key] === 'boolean');
    // What is a text stays one, empty or not.
    if (read === null && kind === 'text') changed[key] = '';
    else changed[key] = read === null && !optional ? undefined : read;
  }
  if (Object.keys(changed).length === 0) return null;
  // How many died of it was said of the other way of taking.
  if ('method' in changed && !('killed' in changed)) changed['killed'] = null;
  const kept = Object.fromEntries(Object.entries(own).filter(([key]) => !(SAYS_MORE_OF[key]! in changed)));
  return { ...kept, ...changed } as unknown as EntryBodies[K];
}

/** What says more of another field, and holds no more once that is another: what it was counted by, and what of each square was told apart. */
const SAYS_MORE_OF: Readonly<Record<string, string>> = { countedBy: 'amount', mature: 'counts', flowering: 'counts' };

function readValue(kind: CorrectionField['kind'], value: FieldValue, isFlag: boolean): unknown {
  if (value === null || value === '') return null;
  switch (kind) {
    case 'number':
    case 'whole':
      return Number(value);
    case 'percent':
      return Number(value) / 100;
    case 'numbers':
      // Between numbers stands a blank or a semicolon; a comma within one is its decimal sign.
      return String(value)
        .split(/[\s;]+/)
        .map((n) => n.replace(/,$/, '').replace(',', '.'))
        .filter(Boolean)
        .map(Number);
    case 'choice':
      return isFlag ? value === 'yes' : value;
    case 'text':
      return String(value).trim();
  }
}
