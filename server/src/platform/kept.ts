/**
 * Derived answers kept in memory under everything they depend on. They can be dropped at any time; a server without them
 * only computes again, so many servers can run side by side.
 */
export class Kept<V> {
  private readonly values = new Map<string, V>();

  constructor(private readonly most: number) {}

  get(key: string, make: () => V): V {
    const before = this.values.get(key);
    if (before !== undefined) {
      // Used again: moves to the end of the queue.
      this.values.delete(key);
      this.values.set(key, before);
      return before;
    }
    const made = make();
    this.put(key, made);
    return made;
  }

  drop(key: string): void {
    this.values.delete(key);
  }

  peek(key: string): V | undefined {
    return this.values.get(key);
  }

  put(key: string, value: V): void {
    this.values.delete(key);
    this.values.set(key, value);
    if (this.values.size > this.most) this.values.delete(this.values.keys().next().value!);
  }
}

/** The same for answers that take a while: asked for twice at once they are made once, and a failure is not kept. */
export class KeptLater<V> {
  private readonly kept: Kept<Promise<V>>;

  constructor(most: number) {
    this.kept = new Kept(most);
  }

  async get(key: string, make: () => Promise<V>): Promise<V> {
    try {
      return await this.kept.get(key, make);
    } catch (error) {
      this.kept.drop(key);
      throw error;
    }
  }
}
