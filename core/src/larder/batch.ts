// What becomes of what was taken: batches as they stand, told by what was noted of them.
import type { IsoDay } from '../measure/index.ts';
import type { PartKey } from '../plants/index.ts';
import type { DryingForm, KeepingWay } from './keeping.ts';
import { WORKS, type Work } from './works.ts';

/** Why something was thrown out at the table. */
export const OUT_REASONS = ['lookAlike', 'unknown', 'woody', 'maggots', 'dirty', 'old', 'other'] as const;
export type OutReason = (typeof OUT_REASONS)[number];
/** What becomes of it, and works on the way to that. */
export const BATCH_STEPS = ['dry', 'stored', 'used', 'spoilt', ...WORKS] as const;
export type BatchStep = (typeof BATCH_STEPS)[number];

/** What is said of something as it leaves the table. */
export interface BatchBody {
  readonly name: string;
  /** Takes and batches that it was made of, by entry. */
  readonly parents: readonly string[];
  readonly part: PartKey;
  /** What was good, g; `null`: nobody weighed it. */
  readonly massG: number | null;
  /** What was thrown out, by reason, as a share of all that lay there. */
  readonly out: readonly { readonly reason: OutReason; readonly share: number }[];
  readonly washed: boolean;
  readonly way: KeepingWay;
  /** Of what is dried. */
  readonly form: DryingForm | null;
  /** Across a bundle, or deep as it lies, cm; humidity of the room. */
  readonly acrossCm: number | null;
  readonly humidityPct: number | null;
  readonly note: string;
}
export interface BatchWeighingBody {
  readonly batchId: string;
  readonly massG: number;
  /** Instant. */
  readonly at: string;
}
export interface BatchStepBody {
  readonly batchId: string;
  readonly step: BatchStep;
  /** So much; `null`: all of it. After a work: what is left; `null`: nobody weighed it. */
  readonly massG: number | null;
  /** Where it is kept, what it was used for, or what was done. */
  readonly where: string;
}

interface Noted<K extends string, B> {
  readonly kind: K;
  readonly id: string;
  readonly day: IsoDay;
  readonly madeAt: string;
  readonly body: B;
}
/** Something noted of a batch that still stands. */
export type BatchNoted =
  Noted<'batch', BatchBody> | Noted<'batchWeighing', BatchWeighingBody> | Noted<'batchStep', BatchStepBody>;

export interface Batch {
  readonly id: string;
  readonly day: IsoDay;
  /** Instant from which its hours count. */
  readonly beganAt: string;
  readonly body: BatchBody;
  /** `drying`: not dry yet by anybody's word; `kept`: stored, or to be eaten soon; `gone`: used up, spoilt, or made into others. */
  readonly state: 'drying' | 'kept' | 'gone';
  /** Hours since it began, g; the first is what it weighed at the table. */
  readonly weighings: readonly { readonly hours: number; readonly massG: number }[];
  /** Works that were done, in order, with what was left after each, g; `null`: nobody weighed it. */
  readonly works: readonly { readonly work: Work; readonly day: IsoDay; readonly massG: number | null }[];
  /** What is left, g; `null`: nobody knows. */
  readonly leftG: number | null;
  /** Since when it is stored; `null`: it is not yet. */
  readonly storedOn: IsoDay | null;
  readonly where: string;
  readonly spoilt: boolean;
}

const MS_PER_HOUR = 3_600_000;
/** Zones and late evenings: so far off a day may lie what was noted of it at once. */
const AT_ONCE_HOURS = 36;
/** When it was noted, if that was on its day; of what was noted later the noon of its day. */
function beginningOf(day: IsoDay, madeAt: string): string {
  const noon = `${day}T12:00:00.000Z`;
  return Math.abs(Date.parse(madeAt) - Date.parse(noon)) <= AT_ONCE_HOURS * MS_PER_HOUR ? madeAt : noon;
}
const ROUNDING_G = 0.5;
const isWork = (step: BatchStep): step is Work => (WORKS as readonly string[]).includes(step);

/** Batches as they stand, in the order in which they were made. What names no batch that stands is left out. */
export function batchesOf(noted: readonly BatchNoted[]): readonly Batch[] {
  const inOrder = [...noted].sort((a, b) => a.madeAt.localeCompare(b.madeAt) || a.id.localeCompare(b.id));
  const made = inOrder.flatMap((n) => (n.kind === 'batch' ? [n] : []));
  const parents = new Set(made.flatMap((b) => b.body.parents));
  return made.map((b) => {
    const steps = inOrder.flatMap((n) => (n.kind === 'batchStep' && n.body.batchId === b.id ? [n] : []));
    const scaled = inOrder.flatMap((n) => (n.kind === 'batchWeighing' && n.body.batchId === b.id ? [n.body] : []));
    return batchOf(b, { steps, scaled, isParent: parents.has(b.id) });
  });
}

function batchOf(
  { id, day, madeAt, body }: Noted<'batch', BatchBody>,
  {
    steps,
    scaled,
    isParent,
  }: {
    readonly steps: readonly Noted<'batchStep', BatchStepBody>[];
    readonly scaled: readonly BatchWeighingBody[];
    readonly isParent: boolean;
  },
): Batch {
  const beganAt = beginningOf(day, madeAt);
  const began = Date.parse(beganAt);
  const weighings = [
    ...(body.massG === null ? [] : [{ hours: 0, massG: body.massG }]),
    ...scaled
      .map((w) => ({ hours: Math.max(0, (Date.parse(w.at) - began) / MS_PER_HOUR), massG: w.massG }))
      .sort((a, b) => a.hours - b.hours),
  ];
  const stored = steps.findLast((s) => s.body.step === 'stored');
  const works = steps.flatMap(({ day: on, body: { step, massG } }) =>
    isWork(step) ? [{ work: step, day: on, massG }] : [],
  );
  // What is left after a work weighs less than what came to it: the last word counts.
  const worked = works.findLast((w) => w.massG !== null)?.massG;
  const storedG = stored?.body.massG ?? worked ?? weighings.at(-1)?.massG ?? null;
  const away = steps.filter((s) => s.body.step === 'used' || s.body.step === 'spoilt');
  const allGone = away.some((s) => s.body.massG === null);
  const leftG = storedG === null ? null : Math.max(0, storedG - away.reduce((sum, s) => sum + (s.body.massG ?? 0), 0));
  const gone = isParent || allGone || (leftG !== null && leftG < ROUNDING_G);
  const isDry = body.way !== 'dry' || steps.some((s) => s.body.step === 'dry' || s.body.step === 'stored');
  return {
    ...{ id, day, beganAt, body, weighings, works },
    state: gone ? 'gone' : isDry ? 'kept' : 'drying',
    leftG: allGone ? 0 : leftG,
    storedOn: stored?.day ?? null,
    where: stored?.body.where ?? '',
    spoilt: away.some((s) => s.body.step === 'spoilt' && s.body.massG === null),
  };
}

/** All batches that share anything with one take or batch: what it was made of, what was made of that, and so on. */
export function kinOf(batches: readonly Pick<Batch, 'id' | 'body'>[], id: string): ReadonlySet<string> {
  const kin = new Set([id]);
  for (let grown = true; grown;) {
    grown = false;
    for (const b of batches) {
      const touches = kin.has(b.id) || b.body.parents.some((p) => kin.has(p));
      if (!touches) continue;
      for (const one of [b.id, ...b.body.parents])
        if (!kin.has(one)) {
          kin.add(one);
          grown = true;
        }
    }
  }
  return kin;
}

/** What was among something that ought not to be kept. */
const DOUBTFUL: readonly OutReason[] = ['lookAlike', 'unknown'];
/**
 * Batches that share something with one in which a look-alike was found, or a piece that nobody could name: what was overlooked in one may lie in the others.
 */
export function doubtfulOf(batches: readonly Pick<Batch, 'id' | 'body'>[]): ReadonlySet<string> {
  const found = batches.filter((b) => b.body.out.some((o) => DOUBTFUL.includes(o.reason)));
  return new Set(found.flatMap((b) => [...kinOf(batches, b.id)]));
}
