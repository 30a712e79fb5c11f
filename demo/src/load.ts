import { CATALOGUE } from '@emberfield/catalogue';
import {
  contentDigest,
  hashPassword,
  insertAccount,
  insertEntries,
  insertGroup,
  insertMembership,
  insertPatch,
  insertRule,
  insertStand,
  putClearance,
  rowOf,
  storeEntry,
  type Dependencies,
} from '@emberfield/server';
import { casesOf } from './cases.ts';
import { identificationOf } from './identifications.ts';
import { historyOf, type Told } from './history.ts';
import { larderOf } from './larder.ts';
import { accountOf, type Making } from './making.ts';
import { loadPermits } from './permits.ts';
import { loadWants } from './supply.ts';
import { loadTastes } from './tastes.ts';
import { seededId } from './ids.ts';
import { degreesOf, heightAt } from './island/geometry.ts';
import { factsOf, GROUP_NAME, NUMBERS, PATCHES, PEOPLE, STANDS } from './island/places.ts';
import { islandWeather } from '@emberfield/core/truth';
import { FIRST_WEATHER_YEAR, WEATHER_SEED } from './island/weather-seed.ts';
import { loadWeather } from './weather.ts';

const MS_PER_DAY = 86_400_000;
const FIRST_HISTORY_YEAR = 2020;
const AT_ONCE = 6;
export const DEMO_DAY = '2026-05-15';
export const DEMO_GROUP_ID = seededId(18262, 'group');

/** Fills an empty database with the demo island, the same at every start. Calls `progress` with a share from 0 to 1. */
export async function loadDemo(
  deps: Dependencies,
  today: string,
  progress: (share: number) => void = () => {},
): Promise<{ readonly entries: number }> {
  const todayNumber = Math.round(Date.parse(`${today}T00:00:00Z`) / MS_PER_DAY);
  const lastYear = Math.max(2026, new Date(todayNumber * MS_PER_DAY).getUTCFullYear()) + 1;
  const making: Making = {
    db: deps.db,
    groupId: DEMO_GROUP_ID,
    madeAt: new Date('2020-01-06T08:00:00Z'),
    today,
    todayNumber,
    weather: islandWeather(WEATHER_SEED, FIRST_WEATHER_YEAR, lastYear),
  };
  await loadPeople(making);
  await loadWeather(making);
  await loadPlaces(making);
  const { told, queues } = await loadStands(making);
  const takes = queues.flatMap(({ standKey, takes: told }) => told.map((t) => ({ ...t, standKey })));
  await tellTakes(
    deps,
    making,
    queues.map((q) => q.takes),
    progress,
  );
  const kept = larderOf(takes, todayNumber);
  await insertEntries(
    deps.db,
    kept.map(({ by, entry }) => rowOf(entry, { groupId: DEMO_GROUP_ID, madeBy: accountOf(by) })),
  );
  await loadPermits(making);
  await loadWants(making);
  const jars = kept.flatMap(({ entry: { kind, id, body } }) => (kind === 'batch' ? [[body.name, id] as const] : []));
  await loadTastes(making, new Map(jars));
  return { entries: told + takes.length + kept.length };
}

/** The group, its people and its rules. */
async function loadPeople({ db, groupId, madeAt }: Making): Promise<void> {
  await insertGroup(db, {
    id: groupId,
    name: GROUP_NAME,
    zone: 'UTC',
    units: 'metric',
    regions: ['atlanticEurope'],
    numbers: NUMBERS,
    hasBaseMap: true,
    madeAt,
  });
  // Nobody signs in to the demo by password: a hash that no password meets.
  const passwordHash = await hashPassword(`${Math.random()}${Math.random()}`);
  for (const { signInName, name, role } of PEOPLE) {
    await insertAccount(db, { id: accountOf(signInName), signInName, name, passwordHash, demo: true, madeAt });
    await insertMembership(db, { groupId, accountId: accountOf(signInName), role });
  }
  // All three pick ramsons leaf by leaf; the umbellifers are kept from Mirel, who has not learned their deadly kin.
  const said = [
    ...(['tavi', 'mirel', 'ode'] as const).map((who) => [who, 'Amaryllidaceae', 'cleared'] as const),
    ['ode', 'Apiaceae', 'cleared'] as const,
    ['mirel', 'Apiaceae', 'closed'] as const,
  ];
  for (const [who, family, clearance] of said)
    await putClearance(db, {
      groupId,
      accountId: accountOf(who),
      family,
      clearance,
      how: 'member',
      madeBy: accountOf(who === 'tavi' ? 'ode' : 'tavi'),
      madeAt,
    });
  await insertRule(db, {
    id: seededId(18263, 'rule1'),
    groupId,
    kind: 'skipFirstAndLast',
    rule: { kind: 'skipFirstAndLast' },
    since: '2020-01-06',
    madeBy: accountOf('tavi'),
    madeAt,
  });
  await insertRule(db, {
    id: seededId(18263, 'rule2'),
    groupId,
    kind: 'leaveForOthers',
    rule: { kind: 'leaveForOthers', share: 0.25 },
    since: '2021-03-01',
    madeBy: accountOf('tavi'),
    madeAt,
  });
}

async function loadPlaces({ db, groupId, madeAt }: Making): Promise<void> {
  for (const patch of PATCHES) {
    const { name, geometry, heightM, secret, ...facts } = factsOf(patch);
    const { longitudeDeg, latitudeDeg } = degreesOf(patch.at);
    await insertPatch(db, {
      id: seededId(18264, 'patch', patch.key),
      groupId,
      name,
      geometry,
      latitudeDeg,
      longitudeDeg,
      heightM,
      secret,
      facts,
      contentDigest: contentDigest(patch),
      madeBy: accountOf('tavi'),
      madeAt,
    });
  }
}

/** The stands with all that was noted of them but takes, which are told one by one afterwards. */
async function loadStands({ db, groupId, madeAt, today, todayNumber, weather }: Making): Promise<{
  readonly told: number;
  readonly queues: readonly { readonly standKey: string; readonly takes: Told[] }[];
}> {
  let told = 0;
  const queues: { readonly standKey: string; readonly takes: Told[] }[] = [];
  for (const stand of STANDS) {
    const patch = PATCHES.find((p) => p.key === stand.patch)!;
    const [standId, patchId] = [seededId(18265, 'stand', stand.key), seededId(18264, 'patch', stand.patch)];
    await insertStand(db, {
      id: standId,
      groupId,
      patchId,
      plantKey: stand.plant,
      where: stand.where ?? '',
      identity: stand.identity ?? 'unconfirmed',
      sinceYear: stand.since ?? null,
      restUntil: stand.restUntil ?? null,
      restReason: stand.restReason ?? '',
      contentDigest: contentDigest(stand),
      madeBy: accountOf('tavi'),
      madeAt,
    });
    const options = {
      stand,
      standId,
      patchId,
      profile: CATALOGUE.find((p) => p.key === stand.plant)!,
      heightM: heightAt(patch.at),
      weather,
      today: todayNumber,
      firstYear: FIRST_HISTORY_YEAR,
    };
    const identified = stand.identity === undefined ? identificationOf(options) : null;
    const own = [...(identified ? [identified] : []), ...historyOf(options), ...casesOf(options)]
      .filter((t) => t.entry.day <= today)
      .sort((a, b) => (a.entry.day < b.entry.day ? -1 : a.entry.day > b.entry.day ? 1 : 0));
    // All but takes are plain rows; a take needs its allowance reckoned from them, in the order of its days.
    const plain = own.filter((t) => t.entry.kind !== 'take');
    await insertEntries(
      db,
      plain.map(({ by, entry }) => rowOf(entry, { groupId, madeBy: accountOf(by) })),
    );
    told += plain.length;
    queues.push({ standKey: stand.key, takes: own.filter((t) => t.entry.kind === 'take') });
  }
  return { told, queues };
}

/** Tells the takes as people would have, each judged. */
async function tellTakes(
  deps: Dependencies,
  { groupId, today }: Making,
  queues: Told[][],
  progress: (share: number) => void,
): Promise<void> {
  const takes = queues.reduce((n, q) => n + q.length, 0);
  // Stands do not wait for each other: several are told at once, each in the order of its days.
  const group = {
    id: groupId,
    name: GROUP_NAME,
    zone: 'UTC',
    units: 'metric',
    regions: ['atlanticEurope'],
    numbers: NUMBERS,
    hasBaseMap: true,
    revision: 1,
    role: 'keeper',
    viewer: { role: 'keeper', accountId: '', language: 'en' },
    today,
  } as const;
  let done = 0;
  const work = async (): Promise<void> => {
    for (let queue = queues.shift(); queue; queue = queues.shift())
      for (const { by, entry } of queue) {
        const result = await storeEntry(deps, { group, account: { accountId: accountOf(by), name: by } }, entry);
        if (result.status === 'needsAttention')
          throw new Error(`The demo's own entry was refused: ${result.message} (${entry.kind} ${entry.day})`);
        progress(++done / takes);
      }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, work));
}
