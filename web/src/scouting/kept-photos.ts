import Dexie, { type Table } from 'dexie';

interface KeptPhoto {
  readonly id: string;
  readonly file: Blob;
}

/** Photos of finds that wait for a signal. Pictures are too large for where the taps are kept. */
class KeptPhotos extends Dexie {
  readonly photos!: Table<KeptPhoto, string>;
  constructor() {
    super('emberfield-finds');
    this.version(1).stores({ photos: 'id' });
  }
}
let opened: KeptPhotos | null = null;
const database = (): KeptPhotos => (opened ??= new KeptPhotos());

export const keepPhoto = async (id: string, file: Blob): Promise<void> =>
  void (await database().photos.put({ id, file }));
export const keptPhoto = async (id: string): Promise<Blob | null> => (await database().photos.get(id))?.file ?? null;
export const dropPhoto = (id: string): Promise<void> => database().photos.delete(id);
