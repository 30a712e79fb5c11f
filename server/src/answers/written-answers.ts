// Answers that are asked for again and again, kept as they travel.
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import { LRUCache } from 'lru-cache';
import { JsonAnswer, LEAST_PACKED_BYTES, PACKING_LEVEL } from '../platform/http/json-answer.ts';
import type { CacheKind } from './answers.ts';

/** Below this there is nothing to win. */
const LEAST_PACKED_LATER_BYTES = 2 * 1024;
/** Where many write, an answer does not live so long, and packing it would keep others waiting. */
const GIVEN_BEFORE_PACKED = 4;
const MOST_BYTES = 24 * 1024 * 1024;
const pack = promisify(gzip);

interface Held {
  readonly answer: JsonAnswer;
  /** How often it was given again since it was written. */
  given: number;
}

/** Written answers, bounded by their size; those that were not asked for longest go first. */
export class WrittenAnswers {
  private readonly held = new LRUCache<string, Held>({
    maxSize: MOST_BYTES,
    sizeCalculation: ({ answer }) => answer.bytes.length,
  });
  /** One makes what several wait for. */
  private readonly underway = new Map<string, Promise<JsonAnswer>>();

  /** What is held under a key, or what is made and written now; held only if `keep` agrees. */
  async get<A>(key: string, make: () => Promise<A>, keep: (answer: A) => boolean = () => true): Promise<JsonAnswer> {
    const held = this.held.get(key);
    if (held) {
      held.given += 1;
      if (held.given === GIVEN_BEFORE_PACKED) void this.packLater(key, held);
      return held.answer;
    }
    const before = this.underway.get(key);
    if (before) return before;
    const making = this.make(key, make, keep).finally(() => this.underway.delete(key));
    this.underway.set(key, making);
    return making;
  }

  /** What was given so often while nothing changed travels packed from then on, and nobody has waited for that. */
  private async packLater(key: string, held: Held): Promise<void> {
    const { bytes, packed } = held.answer;
    if (packed || bytes.length < LEAST_PACKED_LATER_BYTES) return;
    const answer = new JsonAnswer(await pack(bytes, { level: PACKING_LEVEL }), true);
    if (this.held.peek(key) === held) this.held.set(key, { ...held, answer });
  }

  private async make<A>(key: string, make: () => Promise<A>, keep: (answer: A) => boolean): Promise<JsonAnswer> {
    const answer = await make();
    const plain = Buffer.from(JSON.stringify(answer));
    const written =
      plain.length < LEAST_PACKED_BYTES
        ? new JsonAnswer(plain, false)
        : new JsonAnswer(await pack(plain, { level: PACKING_LEVEL }), true);
    if (keep(answer)) this.held.set(key, { answer: written, given: 0 });
    return written;
  }
}

export const WRITTEN: CacheKind<WrittenAnswers> = { make: () => new WrittenAnswers() };
