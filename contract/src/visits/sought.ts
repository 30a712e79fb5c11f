import type { Schema } from 'yup';
import { exactly, freeText, line, uuid } from '../platform/schema.ts';

/** Something still looked for. */
export interface NewSought {
  readonly id: string;
  readonly what: string;
  readonly note: string;
}
export const newSoughtSchema: Schema<NewSought> = exactly({
  id: uuid(),
  what: line(120),
  note: freeText(600),
}).required('missing');
export interface SoughtView extends NewSought {
  readonly by: string;
  readonly since: string;
  /** Where it was looked for and not found, newest first. */
  readonly inVain: readonly { readonly patchId: string; readonly patchName: string; readonly day: string }[];
}
