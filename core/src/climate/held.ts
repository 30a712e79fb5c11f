let given = 0;
const numbers = new WeakMap<object, number>();
function numberOf(thing: object): number {
  let number = numbers.get(thing);
  if (number === undefined) numbers.set(thing, (number = ++given));
  return number;
}

/**
 * What is costly to make of weather and asked for again and again: the last so many are held, whichever record they are of. Records are
 * told apart by being the same object, the rest by its text.
 */
export class Held<T> {
  private readonly made = new Map<string, { readonly value: T }>();

  constructor(private readonly most: number) {}

  get(of: readonly object[], rest: string, make: () => T): T {
    const key = [...of.map(numberOf), rest].join(':');
    let one = this.made.get(key);
    if (one) return one.value;
    if (this.made.size >= this.most) this.made.delete(this.made.keys().next().value!);
    this.made.set(key, (one = { value: make() }));
    return one.value;
  }
}
