import { createHash } from 'node:crypto';
import { dayNumber, type DayNumber } from '@emberfield/core/measure';
import { GroupLearning, groupStands, signatureOf, toldApart } from '@emberfield/core/learning';
import type { Dependencies } from '../../dependencies.ts';
import { cacheOf, laterCacheOf, Pauses, type CacheKind } from '../../answers/index.ts';
import type { StandAtPatch } from '../repository.ts';
import type { KnownGroup } from './group-commons.ts';
import { seasonNow, seenStand, type Book } from '@emberfield/core/stand';
import { sightingsKey } from './stand-answers.ts';

/**
 * What a group's stands say together of when things come. The version moves on when it has come to say something else of the one
 * who asks: of a stand by enough to move its dates, of a place without a stand whenever it was learned anew.
 */
export interface Knowledge {
  readonly learning: GroupLearning;
  readonly version: number;
}
/** Before anything is learned: the profiles alone. */
export const KNOWS_NOTHING: Knowledge = { learning: GroupLearning.nothing, version: 0 };

/** What was said of a stand when its version last moved on. */
interface Said {
  readonly version: number;
  /** Reckoned once it is compared with: nobody waits for that when all of a group is learned for the first time. */
  readonly signature: () => Float64Array;
}
interface Held extends Knowledge {
  /** What it was learned from, as a digest. */
  readonly basis: string;
  readonly said: ReadonlyMap<string, Said>;
}
/** A stand before anything was learned of it. */
export interface Learnable extends StandAtPatch {
  readonly unlearned: Omit<Book, 'learned' | 'kin' | 'rules' | 'permits' | 'shore' | 'nearby'>;
}

const HELD = cacheOf<Held>(500);
/** What is being learned, by group; and the number of the last version given out. */
const LEARNING: CacheKind<{ readonly underway: Map<string, Promise<Held>>; versions: number }> = {
  make: () => ({ underway: new Map<string, Promise<Held>>(), versions: 0 }),
};
type Holding = Pick<Dependencies, 'answers'>;

/** What is held of a group, however old; nothing before it was first asked for with all of its stands. */
export const heldKnowledge = ({ answers }: Holding, groupId: string): Held | null =>
  answers.of(HELD).peek(groupId) ?? null;

/** The same for one of its stands. */
export const forStand = ({ learning, version, said }: Held, standId: string): Knowledge => ({
  learning,
  version: said.get(standId)?.version ?? version,
});

/**
 * What a group knows by all of its stands. The first time it is waited for; later what is held is given at once, and learned
 * anew behind it where sightings, places, plants or the day have changed since. A stand's own new sightings count at once in any
 * case: they are no part of this.
 */
export async function knowledgeOf(
  deps: Pick<Dependencies, 'log' | 'answers'>,
  group: KnownGroup,
  stands: readonly Learnable[],
): Promise<Held> {
  const basis = basisOf(group, stands);
  const before = heldKnowledge(deps, group.id);
  if (before?.basis === basis) return before;
  const learning = deps.answers.of(LEARNING).underway.get(group.id) ?? learn(deps, group, stands, basis);
  if (!before) return learning;
  learning.catch((error: unknown) =>
    deps.log.error({ err: error, groupId: group.id }, 'learning from sightings failed'),
  );
  return before;
}

function learn({ answers }: Holding, group: KnownGroup, stands: readonly Learnable[], basis: string): Promise<Held> {
  const { underway } = answers.of(LEARNING);
  const work = inPieces({ answers }, group, stands)
    .then((made) => {
      answers.of(HELD).put(group.id, { ...made, basis });
      return { ...made, basis };
    })
    .finally(() => underway.delete(group.id));
  underway.set(group.id, work);
  return work;
}

/** All stands as they were seen up to a day, and what they say together. */
async function learnedBy(stands: readonly Learnable[], until: DayNumber): Promise<GroupLearning> {
  // Of most stands of a large group nobody has seen anything, and nothing has to be made of them.
  const seen = stands.filter((s) => s.unlearned.record.sightings.length > 0).map((s) => seenStand(s.unlearned));
  return inSteps(GroupLearning.steps(await inSteps(groupStands(seen, until))));
}

/** Work that is done a step at a time, behind whatever else is asked for. */
async function inSteps<T>(steps: Generator<void, T>): Promise<T> {
  const pauses = new Pauses();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await pauses.pause();
  }
}

async function inPieces(
  { answers }: Holding,
  { id, today }: KnownGroup,
  stands: readonly Learnable[],
): Promise<Omit<Held, 'basis'>> {
  const until = dayNumber(today);
  const pauses = new Pauses();
  const learning = await learnedBy(stands, until);
  const version = ++answers.of(LEARNING).versions;
  const before = heldKnowledge({ answers }, id)?.said;
  const said = new Map<string, Said>();
  for (const { stand, unlearned } of stands) {
    const season = seasonNow(unlearned, until);
    const signature = once(() => signatureOf(learning, seenStand(unlearned), [season - 1, season, season + 1], until));
    const last = before?.get(stand.id);
    // What hardly changed keeps its version, and the stand the answers that are held of it.
    said.set(stand.id, last && !toldApart(last.signature(), signature()) ? last : { version, signature });
    await pauses.pause();
  }
  return { learning, version, said };
}

/** What is made when it is first asked for; what it is made of is let go then. */
function once<T>(make: () => T): () => T {
  let open: (() => T) | null = make;
  let made: T;
  return () => {
    if (open) made = open();
    open = null;
    return made;
  };
}

/** What the group knew is learned for the turn of so many days before the day that is asked about, as in the proof. */
const TURN_DAYS = 30;
const PAST = laterCacheOf<Knowledge>(24);

/** What a group knew on a day by all of its stands, from what had been seen by then. */
export function knowledgeThen(
  { answers }: Holding,
  group: KnownGroup,
  stands: readonly Learnable[],
  day: DayNumber,
): Promise<Knowledge> {
  const turn = Math.floor(day / TURN_DAYS) * TURN_DAYS;
  return answers.of(PAST).get(`${group.id}:${basisOf(group, stands)}:${turn}`, async () => ({
    learning: await learnedBy(stands, turn),
    version: ++answers.of(LEARNING).versions,
  }));
}

function basisOf(group: KnownGroup, stands: readonly Learnable[]): string {
  const digest = createHash('sha1').update(`${group.today} ${group.revision}`);
  for (const { stand, patch, unlearned } of stands)
    digest.update(`\n${stand.id} ${patch.version} ${sightingsKey(unlearned)}`);
  return digest.digest('base64');
}
