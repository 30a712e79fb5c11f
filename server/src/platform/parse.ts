import type { Schema } from 'yup';
import { faultsOf } from '@emberfield/contract';
import { AppError } from './errors.ts';

/** Reads unknown input by a schema of the contract; the first fault is named with its field and reason. */
export function parse<T>(schema: Schema<T>, input: unknown, root = 'body'): T {
  const depth = tooMuchIn(input);
  if (depth) throw new AppError('badInput', { field: root, reason: depth });
  const [fault] = faultsOf(schema, input, 'first');
  if (fault)
    throw new AppError('badInput', { field: fault.path ? `${root}.${fault.path}` : root, reason: fault.reason });
  return input as T;
}

const DEEPEST = 24;
const LONGEST_TEXT = 500_000;
/** Control characters but tabs and line ends; and halves of surrogate pairs, which no database takes. */
const UNPRINTABLE =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\u007F]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

/** What no schema should have to look at: texts of characters that nobody types, and nests without end. `null` where all is well. */
function tooMuchIn(input: unknown): string | null {
  const open: { readonly value: unknown; readonly depth: number }[] = [{ value: input, depth: 0 }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, depth } = next;
    if (typeof value === 'string') {
      if (value.length > LONGEST_TEXT) return 'tooLong';
      if (UNPRINTABLE.test(value)) return 'unprintable';
    } else if (typeof value === 'object' && value !== null) {
      if (depth >= DEEPEST) return 'tooDeep';
      for (const inner of Object.values(value)) open.push({ value: inner, depth: depth + 1 });
    }
  }
  return null;
}
