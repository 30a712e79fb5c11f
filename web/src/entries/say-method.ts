import type { CountMethod } from '@emberfield/core/stand';
import type { Words } from '@emberfield/words';

/** How a stand was counted, as a word. */
export const sayMethod = (method: CountMethod, { t }: Pick<Words, 't'>): string =>
  t(method === 'eye' ? 'visit.byEye' : `visit.${method}`);
