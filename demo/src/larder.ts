import type { EntryBodies } from '@emberfield/contract';
import { dayNumber, isoDay } from '@emberfield/core/measure';
import { tell, type Told } from './history.ts';

interface Kept {
  /** Stand and part of which the last take of so many days ago or more is sorted. */
  readonly stand: string;
  readonly part: string;
  readonly daysAgo: number;
  readonly body: Partial<EntryBodies['batch']>;
  /** Hours after it was sorted, g. */
  readonly scaled?: readonly (readonly [hours: number, massG: number])[];
  readonly steps?: readonly (readonly [
    daysLater: number,
    step: EntryBodies['batchStep']['step'],
    massG: number | null,
    where: string,
  ])[];
}

/** What the four have at home: a jar of last year half used, one that dries in too thick a bundle in a damp shed, something frozen. */
const LARDER: readonly Kept[] = [
  {
    ...{ stand: 'elder-rail', part: 'flower', daysAgo: 300 },
    body: {
      name: 'Elder flower, railway',
      massG: 620,
      out: [{ reason: 'old', share: 0.1 }],
      form: 'mesh',
      acrossCm: 2,
      humidityPct: 52,
    },
    scaled: [
      [20, 330],
      [44, 190],
      [68, 142],
    ],
    steps: [
      [3, 'stored', 138, 'pantry, top shelf'],
      [120, 'used', 40, 'tea'],
      [230, 'used', 35, 'tea'],
    ],
  },
  {
    ...{ stand: 'birch-carr', part: 'leaf', daysAgo: 2 },
    body: { name: 'Birch leaves', massG: 480, washed: true, form: 'bundle', acrossCm: 6, humidityPct: 74 },
    scaled: [
      [14, 452],
      [30, 424],
    ],
  },
  {
    ...{ stand: 'nettle-mill', part: 'tip', daysAgo: 300 },
    body: { name: 'Nettle for soup', massG: 350, washed: true, way: 'freeze', form: null },
    steps: [[0, 'stored', 350, 'freezer, second drawer']],
  },
  {
    ...{ stand: 'hazel-tannet', part: 'fruit', daysAgo: 200 },
    body: {
      name: 'Hazel, third cant',
      massG: 1450,
      out: [{ reason: 'maggots', share: 0.1 }],
      way: 'roast',
      form: null,
    },
    steps: [
      [6, 'shelled', 640, ''],
      [7, 'roasted', 545, ''],
      [7, 'stored', 545, 'pantry, tin'],
      [60, 'used', 200, 'cake'],
    ],
  },
  {
    ...{ stand: 'nettle-mill', part: 'seed', daysAgo: 200 },
    body: { name: 'Nettle seed', massG: 210, way: 'seed', form: null },
    steps: [[2, 'threshed', 84, '']],
  },
];
const USUAL: Omit<EntryBodies['batch'], 'parents' | 'part'> = {
  ...{
    name: '',
    massG: null,
    out: [],
    washed: false,
    way: 'dry',
    form: 'mesh',
    acrossCm: null,
    humidityPct: null,
    note: '',
  },
};
const MS_PER_HOUR = 3_600_000;

/** Batches of what was taken, by the takes as they were told. */
export function larderOf(takes: readonly (Told & { readonly standKey: string })[], today: number): readonly Told[] {
  const used = new Set<string>();
  return LARDER.flatMap(({ stand, part, daysAgo, body, scaled = [], steps = [] }): readonly Told[] => {
    const before = isoDay(today - daysAgo);
    const take = takes
      .filter((t) => {
        const { kind, id, day, body: said } = t.entry;
        return (
          kind === 'take' &&
          t.standKey === stand &&
          said.part === part &&
          day <= before &&
          !used.has(id) &&
          !said.eatenOnTheSpot
        );
      })
      .sort((a, b) => a.entry.day.localeCompare(b.entry.day))
      .at(-1);
    if (!take) return [];
    used.add(take.entry.id);
    const { standId, patchId } = take.entry;
    const at = { stand: { key: stand }, standId: standId!, patchId };
    const day = dayNumber(take.entry.day);
    const batch = tell(
      at,
      'batch',
      day,
      take.by,
      { ...USUAL, ...body, parents: [take.entry.id], part: part as EntryBodies['batch']['part'] },
      daysAgo,
    );
    const batchId = batch.entry.id;
    const began = Date.parse(batch.entry.madeAt);
    const all = [
      batch,
      ...scaled.map(([hours, massG]) => {
        const instant = new Date(began + hours * MS_PER_HOUR).toISOString();
        return tell(
          at,
          'batchWeighing',
          dayNumber(instant.slice(0, 10)),
          take.by,
          { batchId, massG, at: instant },
          `${daysAgo}-${hours}`,
        );
      }),
      ...steps.map(([later, step, massG, where]) =>
        tell(at, 'batchStep', day + later, take.by, { batchId, step, massG, where }, `${daysAgo}-${later}-${step}`),
      ),
    ];
    return all.filter((t) => dayNumber(t.entry.day) <= today);
  });
}
