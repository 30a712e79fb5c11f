import type { Entry, EntryBodies, EntryKind, PlantProfile, ProfilePart } from '@emberfield/contract';
import { seededId } from './ids.ts';
import { type Chance, chanceFrom, seedOf, type TrueDay, trueStageDays } from '@emberfield/core/truth';
import type { DemoStand, PersonName } from './island/places.ts';

export interface Told {
  readonly by: PersonName;
  readonly entry: Entry;
}
export interface HistoryOptions {
  readonly stand: DemoStand;
  readonly standId: string;
  readonly patchId: string;
  readonly profile: PlantProfile;
  readonly heightM: number;
  readonly weather: readonly TrueDay[];
  /** Last day that may be told of, whole days since 1970. */
  readonly today: number;
  readonly firstYear: number;
}

const MS_PER_DAY = 86_400_000;
const iso = (day: number): string => new Date(day * MS_PER_DAY).toISOString().slice(0, 10);
const newYear = (year: number): number => Math.round(Date.UTC(year, 0, 1) / MS_PER_DAY);
const PICKERS: readonly PersonName[] = ['tavi', 'mirel', 'ode'];

/** What people wrote down of one stand over the years: irregular visits, gaps, a mistake here and there. */
export function historyOf(options: HistoryOptions): readonly Told[] {
  const { stand, today, firstYear } = options;
  const out: Told[] = [];
  const lastYear = new Date(today * MS_PER_DAY).getUTCFullYear();
  let alive = stand.plants;
  for (let year = firstYear; year <= lastYear; year++) {
    const chance = chanceFrom(seedOf('history', stand.key, year));
    const days = trueStageDays(stand.plant, { standName: stand.key, heightM: options.heightM }, year, options.weather);
    if (year !== stand.toldByHandIn) out.push(...sightings(options, days, chance));
    if (alive !== null) {
      out.push(...count(options, year, Math.round(alive), chance));
      if (year < lastYear) out.push(...takes(options, days, Math.round(alive), chance));
      alive *= (stand.growth ?? 1) * Math.exp(0.03 * chance.normal());
    }
  }
  return out.filter((t) => t.entry.day <= iso(today));
}

/** One entry, in the one envelope. */
export function tell<K extends EntryKind>(
  options: Pick<HistoryOptions, 'standId' | 'patchId'> & { readonly stand: { readonly key: string } },
  kind: K,
  day: number,
  by: PersonName,
  body: EntryBodies[K],
  mark: string | number = '',
): Told {
  const entry = {
    id: seededId(day, options.stand.key, kind, day, by, mark),
    kind,
    schemaVersion: 1,
    patchId: options.patchId,
    standId: options.standId,
    visitId: null,
    day: iso(day),
    zone: 'UTC',
    madeAt: `${iso(day)}T10:00:00.000Z`,
    device: 'demo',
    replaces: null,
    body,
  } as unknown as Entry;
  return { by, entry };
}

/** Visits every one to three weeks while something happens; each notes the stage it finds, now and then the next as not yet there. */
function sightings(options: HistoryOptions, days: ReadonlyMap<string, number>, chance: Chance): Told[] {
  const stages = options.profile.stages.map((s) => s.key).filter((k) => days.has(k));
  if (stages.length === 0 || options.stand.identity === 'unconfirmed') return [];
  const out: Told[] = [];
  const keen = chance.between(0.5, 0.95);
  for (
    let day = days.get(stages[0]!)! - chance.whole(2, 12);
    day < days.get(stages.at(-1)!)! + 14;
    day += chance.whole(6, 19)
  ) {
    if (!chance.happens(keen)) continue;
    const by = PICKERS[chance.whole(0, 2)]!;
    // The eye is a day or two off, and once in forty times plainly wrong.
    const seenDay = day + Math.round(1.2 * chance.normal()) + (chance.happens(0.025) ? 9 : 0);
    const reached = stages.filter((k) => days.get(k)! <= seenDay);
    const next = stages[reached.length];
    const last = reached.at(-1);
    if (last)
      out.push(
        tell(options, 'stageSighting', day, by, {
          stage: last,
          reached: true,
          share: chance.happens(0.3) ? shareSeen(day - days.get(last)!) : null,
        }),
      );
    if (next && chance.happens(0.7))
      out.push(tell(options, 'stageSighting', day, by, { stage: next, reached: false, share: null }, 'next'));
  }
  return out;
}

/** What a picker puts the share down as, so many days after half of the stand got there. */
function shareSeen(daysSince: number): number {
  const share = 1 / (1 + Math.exp((-1.7 * daysSince) / TRUE_SPREAD_DAYS));
  return SHARES_SAID.reduce((best, s) => (Math.abs(s - share) < Math.abs(best - share) ? s : best));
}
const TRUE_SPREAD_DAYS = 5;
const SHARES_SAID = [0.1, 0.25, 0.5, 0.75, 1];

function count({ stand, ...rest }: HistoryOptions, year: number, alive: number, chance: Chance): Told[] {
  const options = { stand, ...rest };
  if (!chance.happens(0.8)) return [];
  const day =
    newYear(year) + (stand.plant === 'ramsons' ? 100 : stand.plant === 'velvet-shank' ? 20 : 118) + chance.whole(0, 8);
  const by = PICKERS[chance.whole(0, 2)]!;
  if (stand.countBy === 'quadrats') {
    const standAreaM2 = 400;
    const counts = Array.from({ length: 12 }, () =>
      Math.max(0, Math.round((alive / standAreaM2) * (1 + 0.45 * chance.normal()))),
    );
    return [tell(options, 'census', day, by, { method: 'quadrats', counts, quadratAreaM2: 1, standAreaM2 })];
  }
  if (stand.countBy === 'eye')
    return [
      tell(options, 'census', day, by, {
        method: 'eye',
        eye: alive < 12 ? 'few' : alive < 110 ? 'dozens' : alive < 900 ? 'hundreds' : 'carpet',
      }),
    ];
  return [
    tell(options, 'census', day, by, {
      method: 'complete',
      plants: alive,
      mature: Math.round(alive * 0.7),
      flowering: Math.round(alive * 0.5),
    }),
  ];
}

/** Takes about the best of the window, as the people of this stand usually do. */
function takes(options: HistoryOptions, days: ReadonlyMap<string, number>, alive: number, chance: Chance): Told[] {
  return (options.stand.takes ?? []).flatMap(([key, percent]) => {
    const part = options.profile.parts.find((p) => p.key === key);
    const window = options.profile.windows.find((w) => w.part === key);
    const opens = window && days.get(window.opens.stage);
    if (!part || !window || opens === undefined || percent === 0) return [];
    const closes = days.get(window.closes.stage) ?? opens + 20;
    const first = opens + window.opens.offsetDays;
    const length = Math.max(2, closes + window.closes.offsetDays - first);
    const total = Math.max(1, Math.round(((usualAmount(part, alive) * percent) / 100) * chance.between(0.6, 1.1)));
    return Array.from({ length: chance.whole(1, 2) }, (_, i): Told => {
      const day = first + Math.round(length * chance.between(0.2, 0.7));
      const amount = Math.max(1, Math.round(total / 2));
      // As their rules have it: neither the first nor the last, and some of the rest left.
      const most = Math.max(1, Math.floor((alive - 2) * 0.7));
      const plants = Math.max(1, Math.min(most, Math.round(amount / Math.max(1, part.perPlant.value / 4))));
      return tell(
        options,
        'take',
        day,
        PICKERS[chance.whole(0, 2)]!,
        {
          part: part.key,
          amount,
          measure: 'unit',
          plants,
          killed: part.kills ? amount : null,
          quality: qualityFound((day - first) / length, chance),
          eatenOnTheSpot: chance.happens(0.08),
          overReason: '',
          minutes: Math.min(480, Math.round(10 + (part.kills ? 6 : 0.2) * plants)),
        },
        i,
      );
    });
  });
}

/** What the hand finds: young near the opening, tough near the closing, now and then a word out of place. */
function qualityFound(share: number, chance: Chance): 'young' | 'good' | 'tough' {
  const softly = (x: number): number => 1 / (1 + Math.exp(-x / 0.08));
  if (chance.happens(0.02)) return chance.happens(0.5) ? 'tough' : 'young';
  if (chance.happens(softly(-share))) return 'young';
  return chance.happens(softly(share - 1)) ? 'tough' : 'good';
}

/** A tenth of what the stand carries, or a tenth of the plants where the plant dies of it. */
function usualAmount(part: ProfilePart, alive: number): number {
  return part.kills ? alive * 0.12 : alive * part.perPlant.value * 0.1;
}
