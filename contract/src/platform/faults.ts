import { ValidationError, type Schema } from 'yup';

export type { Schema };

/** What of an input does not fit: where, by which of the schema's codes, and the bound that it goes beyond. */
export interface Fault {
  /** "geometry.coordinates[0]"; empty for the whole. */
  readonly path: string;
  readonly reason: string;
  readonly limit: number | null;
}

/** Every fault of an input, or with `first` the first one only: reckoning all of a hundred bad entries would keep others waiting. */
export function faultsOf(schema: Schema, input: unknown, which: 'all' | 'first' = 'all'): readonly Fault[] {
  try {
    schema.validateSync(input, { strict: true, abortEarly: which === 'first' });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const each = error.inner.length > 0 ? error.inner : [error];
    return each.map((fault) => ({ path: fault.path ?? '', reason: reasonOf(fault), limit: limitOf(fault) }));
  }
}

/** Yup's own type and null checks speak English; everything of ours is a code. */
function reasonOf({ type, message, value }: ValidationError): string {
  if (type === 'typeError') return Number.isNaN(value) ? 'notANumber' : 'wrongType';
  if (type === 'nullable' || type === 'optionality' || type === 'defined') return 'missing';
  return /^[a-zA-Z]+$/.test(message) ? message : 'wrongType';
}

function limitOf({ type, params }: ValidationError): number | null {
  const limit = type === 'min' || type === 'max' ? params?.[type] : null;
  return typeof limit === 'number' ? limit : null;
}
