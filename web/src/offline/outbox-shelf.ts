import Dexie, { type Table } from 'dexie';
import type { Waiting } from './outbox.ts';

/** Where what waits survives a reload and a killed browser. */
class OutboxShelf extends Dexie {
  readonly waiting!: Table<Waiting, string>;
  constructor() {
    super('emberfield-outbox');
    this.version(1).stores({ waiting: 'id, accountId' });
  }
}
let opened: OutboxShelf | null = null;
const database = (): OutboxShelf => (opened ??= new OutboxShelf());

export const putWaiting = async (item: Waiting): Promise<void> => void (await database().waiting.put(item));
export const dropWaiting = (id: string): Promise<void> => database().waiting.delete(id);
export const waitingOf = (accountId: string): Promise<Waiting[]> =>
  database().waiting.where('accountId').equals(accountId).sortBy('putAt');
