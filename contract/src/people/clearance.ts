import type { Schema } from 'yup';
import { CLEARANCES, type Clearance } from '@emberfield/core/identity';
import { exactly, line, oneOf } from '../platform/schema.ts';

export interface ClearanceView {
  readonly accountId: string;
  readonly family: string;
  readonly clearance: Exclude<Clearance, 'none'>;
  /** Said by another member, or by passing the family's signs in practice. */
  readonly how: 'member' | 'practice';
  readonly by: string;
  readonly since: string;
}
export interface SetClearance {
  readonly family: string;
  readonly clearance: Clearance;
}
export const setClearanceSchema: Schema<SetClearance> = exactly({
  family: line(60),
  clearance: oneOf(CLEARANCES),
}).required('missing');

/** So many identifications on different days, each with every dangerous look-alike ruled out, clear a person for a family. */
export const PRACTICE_NEEDED = 3;
