// What stands share under permits and quotas, and what was drawn on each of them where.
import type { PermitView } from '@emberfield/contract';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import type { ProfilePart } from '@emberfield/core/plants';
import { gramsPer, heldOn, inUnit, type SharedPermit, type StandRecord } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { isUnder, permitsOf, type PermitRow } from '../../permits/index.ts';
import { seesExactly, type Viewer } from '../../patches/index.ts';
import type { Queryable } from '../../platform/database/database.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { standsOfPlants, type StandAtPatch } from '../repository.ts';
import { commonsOf, type GroupCommons } from './group-commons.ts';
import { recordsFor } from './kept-records.ts';

type Reading = Pick<Dependencies, 'answers' | 'log'> & { readonly db: Queryable };
interface Drawn {
  readonly takes: SharedPermit['elsewhere'];
  readonly aside: SharedPermit['asideElsewhere'];
}

/** What a stand's takes and what is set aside there come to in a permit's measure. */
function drawnAt(permit: PermitRow, part: ProfilePart, record: StandRecord, today: DayNumber): Drawn {
  const each = gramsPer(permit, part);
  return {
    takes: record.takes
      .filter((t) => t.part === part.key)
      .map((t) => {
        const amount = inUnit(t, part);
        return { day: t.day, amount: amount === null ? null : amount * each };
      }),
    aside: heldOn(record, part, today).map(({ byId, amount }) => ({ day: today, byId, amount: amount * each })),
  };
}

interface Known {
  readonly commons: Pick<GroupCommons, 'plants'>;
  /** Every stand of the plants that have permits, retired ones too: what was taken there was taken. */
  readonly rows: readonly StandAtPatch[];
  /** Those that are left out draw nothing. */
  readonly records: ReadonlyMap<string, StandRecord>;
  readonly today: DayNumber;
  readonly viewer: Viewer;
}

/** Its name, unless it may tell where a place is that the viewer does not see: then nothing. */
const nameFor = (permit: PermitRow, { rows, viewer }: Pick<Known, 'rows' | 'viewer'>): string =>
  rows.some((r) => isUnder(permit, r) && !seesExactly(r.patch, viewer)) ? '' : permit.name;

/** What was drawn on a permit at each of its stands. */
function drawnByStand(permit: PermitRow, { commons, rows, records, today }: Known): ReadonlyMap<string, Drawn> {
  const part = commons.plants.get(permit.plantKey)?.profile.parts.find((p) => p.key === permit.part);
  return new Map(
    rows.flatMap((row) => {
      const record = isUnder(permit, row) ? records.get(row.stand.id) : undefined;
      return part && record ? [[row.stand.id, drawnAt(permit, part, record, today)] as const] : [];
    }),
  );
}

/** Permits as the books of stands have them: what each of them shares with the others. */
export function sharedPermits(
  permits: readonly PermitRow[],
  known: Known,
): (row: StandAtPatch) => readonly SharedPermit[] {
  const drawn = permits.map((permit) => {
    const byStand = drawnByStand(permit, known);
    const { id, kind, part, measure, amount, from, until } = permit;
    const said = { id, kind, name: nameFor(permit, known), part, measure, amount, from, until };
    return { permit, said, all: [...byStand].filter(([, d]) => d.takes.length + d.aside.length > 0) };
  });
  return (row) =>
    drawn
      .filter(({ permit }) => isUnder(permit, row))
      .map(({ said, all }): SharedPermit => {
        const others = all.filter(([id]) => id !== row.stand.id).map(([, d]) => d);
        return {
          ...said,
          elsewhere: byDay(others.flatMap((d) => d.takes)),
          asideElsewhere: others.flatMap((d) => d.aside),
        };
      });
}

/** Sums by day: who took what where is no business of another stand's book. */
function byDay(takes: SharedPermit['elsewhere']): SharedPermit['elsewhere'] {
  const sums = new Map<DayNumber, number | null>();
  for (const { day, amount } of takes) {
    const before = sums.get(day);
    sums.set(day, before === null || amount === null ? null : (before ?? 0) + amount);
  }
  return [...sums].sort(([a], [b]) => a - b).map(([day, amount]) => ({ day, amount }));
}

/** What a stand shares, read with the stands of its kind; inside of a transaction that has claimed the permits, on its own connection. */
export async function permitsOfStand(
  deps: Reading,
  permits: readonly PermitRow[],
  row: StandAtPatch,
  { groupId, ...known }: { readonly groupId: string } & Pick<Known, 'commons' | 'today' | 'viewer'>,
): Promise<readonly SharedPermit[]> {
  const own = permits.filter((p) => isUnder(p, row));
  if (own.length === 0) return [];
  const rows = await standsOfPlants(deps.db, groupId, [row.stand.plantKey]);
  // The stand itself is left out: what it says is known better by whoever asks, who may be about to change it.
  const others = rows.filter((r) => r.stand.id !== row.stand.id && own.some((p) => isUnder(p, r)));
  const records = await recordsFor(deps, others);
  return sharedPermits(own, { ...known, rows, records })(row);
}

/** The permits of the group with what was drawn on them. A name may tell where a place is: who may not see one of its places does not read it. */
export async function listPermits(
  deps: Dependencies,
  { group }: Pick<GroupContext<null>, 'group'>,
): Promise<readonly PermitView[]> {
  const [permits, commons] = await Promise.all([permitsOf(deps.db, group.id), commonsOf(deps, group)]);
  const rows = await standsOfPlants(deps.db, group.id, [...new Set(permits.map((p) => p.plantKey))]);
  const under = rows.filter((r) => permits.some((p) => isUnder(p, r)));
  const known = {
    commons,
    rows: under,
    records: await recordsFor(deps, under),
    today: dayNumber(group.today),
    viewer: group.viewer,
  };
  return permits.map((permit) => {
    const { id, revision, kind, plantKey, part, measure, amount, from, until, patchIds } = permit;
    const drawn = [...drawnByStand(permit, known).values()];
    const takes = drawn.flatMap((d) => d.takes).filter((t) => t.day >= dayNumber(from) && t.day <= dayNumber(until));
    const profile = commons.plants.get(plantKey)?.profile;
    const partOf = profile?.parts.find((p) => p.key === part);
    const name = nameFor(permit, known);
    const places = patchIds.length === 0 ? null : patchIds;
    return {
      id,
      terms: {
        ...{ revision, kind, name, plantKey, part, measure, amount, from, until },
        ...{ patchIds: places, note: name && permit.note },
      },
      plantName: profile?.names ?? { en: plantKey },
      partName: partOf?.name ?? { en: part },
      unit: measure === 'gram' ? 'gram' : (partOf?.unit ?? 'gram'),
      spent: takes.reduce<number | null>((sum, t) => (sum === null || t.amount === null ? null : sum + t.amount), 0),
      aside: drawn.flatMap((d) => d.aside).reduce((sum, h) => sum + h.amount, 0),
      stands: drawn.length,
    };
  });
}
