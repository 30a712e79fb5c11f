import { openShelf } from './kept-answers.ts';

/** The one shelf of this browser. */
export const shelf = openShelf();
export async function forgetKept(): Promise<void> {
  await (await shelf)?.clear();
}
