import type { Text } from '../platform/schema.ts';

/** Something that wants to be known now. */
export interface Notice {
  /** Names what it is about and when: seen once, it need not be shown again. */
  readonly key: string;
  /** `alarm`: something dangerous was found where whoever asks took something not long before. */
  readonly kind: 'opensSoon' | 'lastCall' | 'moved' | 'alarm';
  readonly standId: string;
  readonly plantName: Text;
  readonly partName: Text;
  readonly patchName: string;
  readonly day: string;
  /** Of a window that moved: the day it was said to open on before. */
  readonly before: string | null;
  /** Of an alarm: what was found, by the name that the plant's profile has for it, else as it was noted. */
  readonly found: Text | null;
}
/** What somebody may do without hearing of; an alarm is for everybody whom it concerns. */
export const NOTICE_KINDS = ['opensSoon', 'lastCall', 'moved'] as const satisfies readonly Notice['kind'][];
