// Answers that are asked for again and again, kept as they travel.
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import { LRUCache } from 'lru-cache';
import { JsonAnswer, LEAST_PACKED_BYTES, PACKING_LEVEL } from '../platform/http/json-answer.ts';
import type { CacheKind } from './answers.ts';

/** Below this there is nothing to win. */
const LEAST_PACKED_LATER_BYTES = 2 * 1024;
const MOST_BYTES = 24 * 1024 * 1024;
const pack = promisify(gzip);

/** Written answers, bounded by their size; those that were not asked for longest go first. */
export class WrittenAnswers {
  private readonly held = new LRUCache<string, JsonAnswer>({
    maxSize: MOST_BYTES,
    sizeCalculation: ({ bytes }) => bytes.length,
  });
  /** One makes what several wait for. */
  private readonly underway = new Map<string, Promise<JsonAnswer>>();
  private readonly packing = new Set<string>();

  /** What is held under a key, or what is made and written now; held only if `keep` agrees. */
  async get<A>(key: string, make: () => Promise<A>, keep: (answer: A) => boolean = () => true): Promise<JsonAnswer> {
    const written = this.held.get(key);
    if (written) {
      this.packLater(key, written);
      return written;
    }
    const before = this.underway.get(key);
    if (before) return before;
    const making = this.make(key, make, keep).finally(() => this.underway.delete(key));
    this.underway.set(key, making);
    return making;
  }

  /** What is asked for again will be once more: from then on it travels packed, and nobody has waited for that. */
  private packLater(key: string, written: JsonAnswer): void {
    if (written.packed || written.bytes.length < LEAST_PACKED_LATER_BYTES || this.packing.has(key)) return;
    this.packing.add(key);
    pack(written.bytes, { level: PACKING_LEVEL })
      .then((bytes) => this.held.get(key) === written && this.held.set(key, new JsonAnswer(bytes, true)))
      // It travels as it is: larger, and right.
      .catch(() => undefined)
      .finally(() => this.packing.delete(key));
  }

  private async make<A>(key: string, make: () => Promise<A>, keep: (answer: A) => boolean): Promise<JsonAnswer> {
    const answer = await make();
    const plain = Buffer.from(JSON.stringify(answer));
    const written =
      plain.length < LEAST_PACKED_BYTES
        ? new JsonAnswer(plain, false)
        : new JsonAnswer(await pack(plain, { level: PACKING_LEVEL }), true);
    if (keep(answer)) this.held.set(key, written);
    return written;
  }
}

export const WRITTEN: CacheKind<WrittenAnswers> = { make: () => new WrittenAnswers() };
