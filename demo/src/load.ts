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
  insertStation,
  insertTide,
  putClearance,
  rowOf,
  storeEntry,
  upsertDays,
  type Dependencies,
} from '@emberfield/server';
import { casesOf } from './cases.ts';
import { identificationOf } from './identifications.ts';
import { historyOf, type Told } from './history.ts';
import { larderOf } from './larder.ts';
import { accountOf, type Making } from './making.ts';
import { loadPermits } from './permits.ts';
import { loadWants } from './supply.ts';
import { seededId } from './ids.ts';
import { heightAt, lonLat, MIDDLE, type Km } from './island/geometry.ts';
import { factsOf, GROUP_NAME, NUMBERS, PATCHES, PEOPLE, STANDS, type PersonName } from './island/places.ts';
import { QUAY, QUAY_TIDE } from './island/tide.ts';
import { chanceFrom, seedOf } from './truth/chance.ts';
import { islandWeather, outlookFrom } from './truth/weather.ts';
import { FIRST_WEATHER_YEAR, WEATHER_SEED } from './island/weather-seed.ts';

const MS_PER_DAY = 86_400_000;
const FIRST_HISTORY_YEAR = 2020;
const AT_ONCE = 6;
export const DEMO_DAY = '2026-05-15';
export const DEMO_GROUP_ID = seededId(18262, 'group');

/** What all of the demo is made of. */
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

/** The station, the tide at the quay, and a thermometer that somebody hung. */
async function loadWeather({ db, groupId, madeAt, todayNumber, weather }: Making): Promise<void> {
  const stationId = seededId(18262, 'station');
  const station = {
    id: stationId,
    name: 'Ostrey harbour',
    latitudeDeg: MIDDLE.latitudeDeg - 0.028,
    longitudeDeg: MIDDLE.longitudeDeg + 0.005,
    heightM: STATION_HEIGHT_M,
  };
  await insertStation(db, { ...station, groupId, source: 'simulated', contentDigest: contentDigest(station), madeAt });
  await upsertDays(
    db,
    stationId,
    weather.filter((d) => d.day <= todayNumber).map((d) => ({ ...d, outlook: false })),
  );
  await upsertDays(
    db,
    stationId,
    outlookFrom(weather, todayNumber, WEATHER_SEED).map((d) => ({ ...d, rainMm: null, outlook: true })),
  );

  const [east, north] = QUAY.at;
  const quay = { id: seededId(18262, 'tide'), name: QUAY.name, ...degreesOf([east, north]) };
  await insertTide(db, { ...quay, groupId, source: QUAY_TIDE, contentDigest: contentDigest(quay), madeAt });
  await hangThermometer(db, { groupId, weather, todayNumber, madeAt });
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

const degreesOf = (at: Km): { readonly longitudeDeg: number; readonly latitudeDeg: number } => {
  const [longitudeDeg, latitudeDeg] = lonLat(at);
  return { longitudeDeg, latitudeDeg };
};

const HUNG_DAYS = 12;
/** Somebody hung a thermometer in the hollow way and reads it: the nights are cold there, and the days cool. */
async function hangThermometer(
  db: Dependencies['db'],
  {
    groupId,
    weather,
    todayNumber,
    madeAt,
  }: {
    readonly groupId: string;
    readonly weather: ReturnType<typeof islandWeather>;
    readonly todayNumber: number;
    readonly madeAt: Date;
  },
): Promise<void> {
  const { at } = PATCHES.find((p) => p.key === 'withen')!;
  const hung = { id: seededId(18262, 'thermometer'), name: 'Hollow way', ...degreesOf(at), heightM: heightAt(at) };
  await insertStation(db, { ...hung, groupId, source: 'csv', contentDigest: contentDigest(hung), madeAt });
  const chance = chanceFrom(seedOf('thermometer'));
  const higherC = LAPSE_C_PER_M * (STATION_HEIGHT_M - hung.heightM);
  await upsertDays(
    db,
    hung.id,
    weather
      .filter((d) => d.day <= todayNumber && d.day > todayNumber - HUNG_DAYS)
      .map(({ day, minC, maxC }) => {
        const low = tenth(minC + higherC - 1.6 + 0.6 * chance.normal());
        return {
          day,
          minC: low,
          maxC: Math.max(low, tenth(maxC + higherC - 3.4 + 0.8 * chance.normal())),
          rainMm: null,
          outlook: false,
        };
      }),
  );
}
const LAPSE_C_PER_M = 0.0065;
const STATION_HEIGHT_M = 40;
const tenth = (value: number): number => Math.round(value * 10) / 10;
