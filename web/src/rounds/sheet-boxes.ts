/** More than this are not ticked one by one. */
const MOST_BOXES = 40;
/** Where nobody counted, what is taken is counted all the same. */
const UNCOUNTED = 10;

/** Boxes to tick off what is taken: one for each piece where they are few; of many each is for ten, a hundred … */
export function boxesFor(amount: number | null): { readonly n: number; readonly each: number } {
  if (amount === null) return { n: UNCOUNTED, each: 1 };
  let each = 1;
  while (amount / each > MOST_BOXES) each *= 10;
  return { n: Math.max(0, Math.ceil(amount / each)), each };
}
