import { v7 as newId } from 'uuid';

/** What a draft got when it was begun: as often as it is sent it is the same entry. */
export interface DraftKey {
  readonly id: string;
  readonly madeAt: string;
}
export const newKey = (): DraftKey => ({ id: newId(), madeAt: new Date().toISOString() });
