// What a row holds as a nest of values is looked at as if somebody sent it: by the schemas that everything goes by on its way in.
import type { Schema } from 'yup';
import {
  entrySchema,
  faultsOf,
  houseRuleSchema,
  newPatchSchema,
  plantProfileSchema,
  savePermitSchema,
  saveWantSchema,
} from '@emberfield/contract';
import type { Row } from '../repository.ts';

type Said = Readonly<Record<string, unknown>>;
const only =
  (...keys: readonly string[]) =>
  (row: Said): Said =>
    Object.fromEntries(keys.map((key) => [key, row[key]]));

const CHECKED: Readonly<Record<string, { readonly schema: Schema; readonly told: (row: Said) => unknown }>> = {
  entry: {
    schema: entrySchema as Schema,
    told: only(
      ...['id', 'kind', 'schemaVersion', 'patchId', 'standId', 'visitId', 'day', 'zone', 'madeAt', 'device'],
      ...['replaces', 'body'],
    ),
  },
  patch: {
    schema: newPatchSchema,
    told: (row) => ({ ...only('id', 'name', 'geometry', 'heightM', 'secret')(row), ...(row['facts'] as Said | null) }),
  },
  house_rule: { schema: houseRuleSchema as Schema, told: (row) => row['rule'] },
  own_profile: { schema: plantProfileSchema, told: (row) => row['profile'] },
  permit: {
    schema: savePermitSchema,
    told: (row) => ({
      ...only('revision', 'kind', 'name', 'plantKey', 'part', 'measure', 'amount', 'from', 'until', 'note')(row),
      patchIds: (row['patchIds'] as readonly string[] | null)?.length ? row['patchIds'] : null,
    }),
  },
  season_want: {
    schema: saveWantSchema,
    told: only(...['revision', 'name', 'of', 'measure', 'madeUnit', 'amount', 'weekly', 'from', 'until', 'place']),
  },
};

/** @param row as it is written in the archive. @throws Error that names what does not fit */
export function assertFits(table: string, row: Row, n: number): void {
  const check = CHECKED[table];
  if (!check) return;
  const [fault] = faultsOf(check.schema, check.told(row), 'first');
  if (fault) throw new Error(`row ${n + 1} of ${table} does not hold together (${fault.path}: ${fault.reason})`);
}
