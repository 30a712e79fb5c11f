import { whenIdle } from './after-paint.ts';

/** The one shelf of this browser. Its database is no part of the first load: an answer is shown before it is kept. */
export const shelf = whenIdle()
  .then(() => import('./kept-answers.ts'))
  .then(({ openShelf }) => openShelf());
export async function forgetKept(): Promise<void> {
  await (await shelf)?.clear();
}
