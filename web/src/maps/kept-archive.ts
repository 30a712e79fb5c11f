import Dexie, { type Table } from 'dexie';

interface KeptArchive {
  readonly key: 'archive';
  readonly name: string;
  readonly file: Blob;
}
class KeptArchives extends Dexie {
  readonly archives!: Table<KeptArchive, string>;
  constructor() {
    super('emberfield-map');
    this.version(1).stores({ archives: 'key' });
  }
}
let opened: KeptArchives | null = null;
const database = (): KeptArchives => (opened ??= new KeptArchives());

/** A PMTiles archive begins with these letters; anything else is none. */
const MARK = 'PMTiles';
export async function isArchive(file: Blob): Promise<boolean> {
  return (await file.slice(0, MARK.length).text()) === MARK;
}

/** The map archive of this device: it stays here, so it is there without signal too and nobody else learns of it. */
export const keepArchive = async (name: string, file: Blob): Promise<void> =>
  void (await database().archives.put({ key: 'archive', name, file }));
export const keptArchive = async (): Promise<Pick<KeptArchive, 'name' | 'file'> | null> =>
  (await database().archives.get('archive')) ?? null;
export const dropArchive = (): Promise<void> => database().archives.delete('archive');
