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

  peek(key: string): V | undefined {
    return this.values.get(key);
  }

  put(key: string, value: V): void {
    this.values.delete(key);
    this.values.set(key, value);
    if (this.values.size > this.most) this.values.delete(this.values.keys().next().value!);
  }
}
