import { ValidationError, type Schema } from 'yup';
import { AppError } from './errors.ts';

/** Reads unknown input by a schema of the contract; the first fault is named with its field and reason. */
export function parse<T>(schema: Schema<T>, input: unknown, root = 'body'): T {
  try {
    return schema.validateSync(input, { strict: true, abortEarly: false });
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const first = error.inner[0] ?? error;
    const path = first.path ? `${root}.${first.path}` : root;
    throw new AppError('badInput', { field: path, reason: reasonOf(first) });
  }
}

/** Yup's own type and null checks speak English; everything of ours is a code. */
function reasonOf({ type, message }: ValidationError): string {
  if (type === 'typeError') return 'wrongType';
  if (type === 'nullable' || type === 'optionality' || type === 'defined') return 'missing';
  return /^[a-zA-Z]+$/.test(message) ? message : 'wrongType';
}
