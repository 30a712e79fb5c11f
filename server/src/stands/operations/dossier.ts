import type { HouseRule, IdentityStatus } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { entriesOfStands, type RecordEntry } from '../../entries/index.ts';
import { allRules, type HouseRuleRow } from '../../people/index.ts';
import { plantsOf, type KnownPlant } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { Kept } from '../../platform/kept.ts';
import { pickNearest, stationsOf, weatherOf, type KnownWeather } from '../../weather/index.ts';
import type { DayNumber } from '@emberfield/core/measure';
import { standById, standsOf, type StandAtPatch } from '../repository.ts';
import { recordOf, type StandRecord } from './stand-record.ts';

/** All that is known of a stand: what every derived answer is reckoned from. */
export interface Dossier extends StandAtPatch {
  readonly plant: KnownPlant;
  readonly record: StandRecord;
  readonly weather: KnownWeather | null;
}

/** What the stands of a group have in common. */
export interface GroupDossier {
  readonly stands: readonly Dossier[];
  readonly rules: readonly HouseRuleRow[];
}

const MOST_RECORDS_KEPT = 20_000;
const records = new Kept<StandRecord>(MOST_RECORDS_KEPT);

/**
 * Dossiers of all stands of a group, or of one; entries are read again only for stands that changed.
 * Within a transaction (`on`) nothing is kept: what it sees may never be committed.
 */
export async function dossiersOf(
  deps: Pick<Dependencies, 'db' | 'catalogue'>,
  groupId: string,
  only: string | null = null,
  on: Queryable = deps.db,
): Promise<GroupDossier> {
  // Asked together: none needs another's answer, and each way to the database and back costs a millisecond.
  const [rows, plants, stations, rules] = await Promise.all([
    only === null ? standsOf(on, groupId) : onlyStand(on, groupId, only),
    plantsOf(deps, groupId, on),
    stationsOf(on, groupId),
    allRules(on, groupId),
  ]);
  const known = await recordsFor(on, rows, on === deps.db);
  const stands: Dossier[] = [];
  for (const row of rows) {
    const plant = plants.get(row.stand.plantKey);
    // A shipped profile that a later version dropped: the stand stays in the database and shows again when it is back.
    if (!plant) continue;
    const station = pickNearest(stations, row.patch);
    stands.push({
      ...row,
      plant,
      record: known.get(row.stand.id)!,
      weather: station && (await weatherOf(on, station)),
    });
  }
  return { stands, rules };
}

/** A stand with its plant, without its record: enough to see whether an entry fits it. */
export async function standWithPlant(
  deps: Pick<Dependencies, 'db' | 'catalogue'>,
  groupId: string,
  id: string,
): Promise<(StandAtPatch & { readonly plant: KnownPlant }) | null> {
  const row = await standById(deps.db, groupId, id);
  const plant = row && (await plantsOf(deps, groupId)).get(row.stand.plantKey);
  return row && plant ? { ...row, plant } : null;
}

async function onlyStand(on: Queryable, groupId: string, id: string): Promise<readonly StandAtPatch[]> {
  const row = await standById(on, groupId, id);
  return row ? [row] : [];
}

async function recordsFor(
  on: Queryable,
  rows: readonly StandAtPatch[],
  keep: boolean,
): Promise<ReadonlyMap<string, StandRecord>> {
  const keyOf = ({ stand }: StandAtPatch): string => `${stand.id}:${stand.revision}`;
  const found = new Map<string, StandRecord>();
  for (const row of keep ? rows : []) {
    const record = records.peek(keyOf(row));
    if (record) found.set(row.stand.id, record);
  }
  const missing = rows.filter((row) => !found.has(row.stand.id));
  const entries = new Map<string, RecordEntry[]>(missing.map(({ stand }) => [stand.id, []]));
  for (const read of await entriesOfStands(
    on,
    missing.map((m) => m.stand.id),
  ))
    entries.get(read.standId)?.push(read);
  for (const row of missing) {
    const record = recordOf(entries.get(row.stand.id)!);
    found.set(row.stand.id, record);
    if (keep) records.put(keyOf(row), record);
  }
  return found;
}

/** House rules in force on a day. */
export function rulesInForce(rules: readonly HouseRuleRow[], day: string): readonly HouseRule[] {
  return rules.filter((r) => r.since <= day && (r.until === null || r.until > day)).map((r) => r.rule as HouseRule);
}

/** How settled the identity is on a day: the last word said by then, or what was said when the stand was entered. */
export function identityOn(dossier: Pick<Dossier, 'stand' | 'record'>, day: DayNumber): IdentityStatus {
  return dossier.record.identities.findLast((i) => i.day <= day)?.status ?? dossier.stand.identity;
}
