import type { Text } from '../platform/schema.ts';

/** Something that wants to be known now. */
export interface Notice {
  /** Names what it is about and when: seen once, it need not be shown again. */
  readonly key: string;
  readonly kind: 'opensSoon' | 'lastCall' | 'moved';
  readonly standId: string;
  readonly plantName: Text;
  readonly partName: Text;
  readonly patchName: string;
  readonly day: string;
  /** Of a window that moved: the day it was said to open on before. */
  readonly before: string | null;
}
export const NOTICE_KINDS = ['opensSoon', 'lastCall', 'moved'] as const satisfies readonly Notice['kind'][];
