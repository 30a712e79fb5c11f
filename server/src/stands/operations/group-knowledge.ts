import { createHash } from 'node:crypto';
import { dayNumber } from '@emberfield/core/measure';
import { GroupLearning, groupStand, type GroupStand } from '@emberfield/core/phenology';
import type { Dependencies } from '../../dependencies.ts';
import { Kept } from '../../platform/kept.ts';
import { Pauses } from '../../platform/pauses.ts';
import type { KnownGroup } from './group-commons.ts';
import { seenStand, type Forecastable } from './forecast-input.ts';

/** What a group's stands say together of when things come, and a number that moves on whenever it is learned anew. */
export interface Knowledge {
  readonly learning: GroupLearning;
  readonly version: number;
}
/** Before anything is learned: the profiles alone. */
export const KNOWS_NOTHING: Knowledge = { learning: GroupLearning.nothing, version: 0 };

interface Held extends Knowledge {
  /** What it was learned from, as a digest. */
  readonly basis: string;
}
type Learnable = Omit<Forecastable, 'knowledge'>;

const MOST_GROUPS_HELD = 500;
const held = new Kept<Held>(MOST_GROUPS_HELD);
const underway = new Map<string, Promise<Held>>();
let versions = 0;

/** What is held of a group, however old; nothing before it was first asked for with all of its stands. */
export const heldKnowledge = (groupId: string): Knowledge | null => held.peek(groupId) ?? null;

/**
 * What a group knows by all of its stands. The first time it is waited for; later what is held is given at once, and learned
 * anew behind it where sightings, places, plants or the day have changed since. A stand's own new sightings count at once in any
 * case: they are no part of this.
 */
export async function knowledgeOf(
  { log }: Pick<Dependencies, 'log'>,
  group: KnownGroup,
  stands: readonly Learnable[],
): Promise<Knowledge> {
  const basis = basisOf(group, stands);
  const before = held.peek(group.id);
  if (before?.basis === basis) return before;
  const learning = underway.get(group.id) ?? learn(group, stands, basis);
  if (!before) return learning;
  learning.catch((error: unknown) => log.error({ err: error, groupId: group.id }, 'learning from sightings failed'));
  return before;
}

function learn(group: KnownGroup, stands: readonly Learnable[], basis: string): Promise<Held> {
  const work = inPieces(group, stands)
    .then((learning) => {
      const made = { learning, version: ++versions, basis };
      held.put(group.id, made);
      return made;
    })
    .finally(() => underway.delete(group.id));
  underway.set(group.id, work);
  return work;
}

async function inPieces({ today }: KnownGroup, stands: readonly Learnable[]): Promise<GroupLearning> {
  const until = dayNumber(today);
  const pauses = new Pauses();
  const seen: GroupStand[] = [];
  for (const stand of stands) {
    if (stand.record.sightings.length > 0) seen.push(groupStand(seenStand(stand), until));
    await pauses.pause();
  }
  const steps = GroupLearning.steps(seen);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    await pauses.pause();
  }
}

function basisOf(group: KnownGroup, stands: readonly Learnable[]): string {
  const digest = createHash('sha1').update(`${group.today} ${group.revision}`);
  for (const { stand, patch, record } of stands) digest.update(`\n${stand.id} ${patch.version} ${record.sightingsKey}`);
  return digest.digest('base64');
}
