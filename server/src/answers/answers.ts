// The one keeper of derived answers of an application.
import { LRUCache } from 'lru-cache';

/** Answers of one kind, each under everything that it depends on; the longest unused goes first. */
export class Cache<V extends object> {
  private readonly values: LRUCache<string, V>;

  constructor(most: number, longestMs = 0) {
    this.values = new LRUCache({ max: most, ttl: longestMs, ttlAutopurge: longestMs > 0 });
  }

  /** What is held under a key, or what is made now. */
  get(key: string, make: () => V): V {
    const before = this.values.get(key);
    if (before !== undefined) return before;
    const made = make();
    this.values.set(key, made);
    return made;
  }

  peek(key: string): V | undefined {
    return this.values.get(key);
  }

  put(key: string, value: V): void {
    this.values.set(key, value);
  }

  drop(key: string): void {
    this.values.delete(key);
  }
}

/** The same for answers that take a while: asked for twice at once they are made once, and a failure is not held. */
export class LaterCache<V> {
  private readonly held: Cache<Promise<V>>;

  /** @param longestMs held so long at most; as long as there is room without */
  constructor(most: number, longestMs?: number) {
    this.held = new Cache(most, longestMs);
  }

  async get(key: string, make: () => Promise<V>): Promise<V> {
    try {
      return await this.held.get(key, make);
    } catch (error) {
      this.held.drop(key);
      throw error;
    }
  }
}

/**
 * Holds the caches of one application; it is handed in with its other parts. Everything in them can be dropped at any time: a
 * server without them only computes again, so many can run side by side.
 */
export class Answers {
  private readonly caches = new Map<object, object>();

  /** The cache of a kind, made when it is first asked for. A kind is an object of the room that it belongs to. */
  of<C extends object>(kind: CacheKind<C>): C {
    let cache = this.caches.get(kind);
    if (!cache) this.caches.set(kind, (cache = kind.make()));
    // The kind made it: it is of the kind's type.
    return cache as C;
  }
}

/** A kind of cache: how one is made for an application. */
export interface CacheKind<C extends object> {
  readonly make: () => C;
}
export const cacheOf = <V extends object>(most: number): CacheKind<Cache<V>> => ({ make: () => new Cache<V>(most) });
export const laterCacheOf = <V>(most: number, longestMs?: number): CacheKind<LaterCache<V>> => ({
  make: () => new LaterCache<V>(most, longestMs),
});
