import type { HouseRule } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import type { HouseRuleRow } from '../../people/index.ts';
import type { KnownPlant } from '../../plants/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import { spotOf } from '../../patches/index.ts';
import { nearestTide, type Shore } from '../../tide/index.ts';
import { weatherAt, type PlaceWeather } from '../../weather/index.ts';
import { standById, standsOf, type StandAtPatch } from '../repository.ts';
import { commonsOf, type GroupCommons, type KnownGroup } from './group-commons.ts';
import { forStand, heldKnowledge, knowledgeOf, type Knowledge } from './group-knowledge.ts';
import { recordsFor, recordUnderLock } from './kept-records.ts';
import type { StandRecord } from './stand-record.ts';

/** All that is known of a stand: what every derived answer is reckoned from. */
export interface Dossier extends StandAtPatch {
  readonly plant: KnownPlant;
  /** Plants of the group by genus and species, to find look-alikes by. */
  readonly byName: GroupCommons['byName'];
  readonly record: StandRecord;
  readonly weather: PlaceWeather | null;
  /** Of a place that the tide covers. */
  readonly shore: Shore | null;
  readonly knowledge: Knowledge;
  /** What derived answers of the stand hang on besides the day, as a text to keep them under. */
  readonly key: string;
}

/** The stands asked for, and what they have in common. */
export interface GroupDossier extends GroupCommons {
  readonly stands: readonly Dossier[];
}

/** Dossiers of all stands of a group, or of one; entries are read again only for stands that changed. */
export async function dossiersOf(
  deps: Pick<Dependencies, 'db' | 'catalogue' | 'log'>,
  group: KnownGroup,
  only: string | null = null,
): Promise<GroupDossier> {
  const known = only === null ? null : heldKnowledge(group.id);
  if (only !== null && known === null) {
    // What the others say has to be heard once before one of them can be asked.
    const { stands, ...commons } = await dossiersOf(deps, group);
    return { stands: stands.filter((s) => s.stand.id === only), ...commons };
  }
  const [rows, commons] = await Promise.all([
    only === null ? standsOf(deps.db, group.id) : onlyStand(deps.db, group.id, only),
    commonsOf(deps, group),
  ]);
  const records = await recordsFor(deps.db, rows);
  const stands: Omit<Dossier, 'knowledge'>[] = [];
  for (const row of rows) {
    const plant = commons.plants.get(row.stand.plantKey);
    // A shipped profile that a later version dropped: the stand stays in the database and shows again when it is back.
    if (!plant) continue;
    const weather = await weatherAt(deps.db, commons.stations, spotOf(row.patch));
    const shore = shoreOf(row.patch, commons.tides, group.zone);
    const key = [row.stand.id, row.stand.revision, row.patch.version, group.id, group.revision].join(':');
    stands.push({ ...row, plant, byName: commons.byName, record: records.get(row.stand.id)!, weather, shore, key });
  }
  const knowledge = known ?? (await knowledgeOf(deps, group, stands));
  return {
    stands: stands.map((s) => {
      const own = forStand(knowledge, s.stand.id);
      return { ...s, knowledge: own, key: `${s.key}:${own.version}` };
    }),
    ...commons,
  };
}

function shoreOf(
  { facts, latitudeDeg, longitudeDeg }: StandAtPatch['patch'],
  tides: GroupCommons['tides'],
  zone: string,
): Shore | null {
  if (typeof facts.tideLevelM !== 'number') return null;
  const tide = nearestTide(tides, { latitudeDeg, longitudeDeg });
  return tide && { tide, zone, latitudeDeg, longitudeDeg, levelM: facts.tideLevelM };
}

/** A stand with its plant, without its record: enough to see whether an entry fits it. */
export async function standWithPlant(
  deps: Pick<Dependencies, 'db' | 'catalogue'>,
  group: KnownGroup,
  id: string,
): Promise<(StandAtPatch & { readonly plant: KnownPlant }) | null> {
  const [row, { plants }] = await Promise.all([standById(deps.db, group.id, id), commonsOf(deps, group)]);
  const plant = row && plants.get(row.stand.plantKey);
  return row && plant ? { ...row, plant } : null;
}

/** The dossier as it is under the lock of a transaction that claimed the stand. */
export async function dossierUnderLock(tx: Queryable, before: Dossier, claimed: StandAtPatch): Promise<Dossier> {
  return { ...before, ...claimed, record: await recordUnderLock(tx, claimed.stand) };
}

async function onlyStand(on: Queryable, groupId: string, id: string): Promise<readonly StandAtPatch[]> {
  const row = await standById(on, groupId, id);
  return row ? [row] : [];
}

/** House rules in force on a day. */
export function rulesInForce(rules: readonly HouseRuleRow[], day: string): readonly HouseRule[] {
  return rules.filter((r) => r.since <= day && (r.until === null || r.until > day)).map((r) => r.rule as HouseRule);
}
