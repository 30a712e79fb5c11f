// An archive as a file on the disk: opened, looked at and checked, before anything of it is believed.
import { createHash } from 'node:crypto';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { FORMAT, FORMAT_VERSION, MANIFEST, SUMS, type Manifest } from './format.ts';

/** More than any group has; what unpacks to more was made to fill a machine. */
const MOST_FILES = 400_000;
const MOST_BYTES_OF_A_FILE = 1024 * 1024 * 1024;

export interface OpenArchive {
  readonly manifest: Manifest;
  readonly has: (name: string) => boolean;
  /** What a file holds, as its digest says. @throws Error where it is missing or damaged */
  readonly read: (name: string) => Promise<Buffer>;
  readonly close: () => void;
}

/** @throws Error with a sentence that says what is wrong */
export async function openArchive(path: string): Promise<OpenArchive> {
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false, validateEntrySizes: true }).catch(
    (error: unknown) => {
      throw new Error('the file cannot be read as an archive, or breaks off before its end', { cause: error });
    },
  );
  try {
    const entries = await entriesOf(zip);
    const plain = (name: string): Promise<Buffer> => contentOf(zip, entries.get(name), name);
    const sums = sumsIn((await plain(SUMS)).toString('utf8'));
    const read = async (name: string): Promise<Buffer> => {
      const content = await plain(name);
      if (createHash('sha256').update(content).digest('hex') !== sums.get(name))
        throw new Error(`${name} in it is not what it was when it was made`);
      return content;
    };
    return {
      manifest: manifestIn(await read(MANIFEST)),
      has: (name) => entries.has(name),
      read,
      close: () => zip.close(),
    };
  } catch (error) {
    zip.close();
    throw error;
  }
}

async function entriesOf(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  if (zip.entryCount > MOST_FILES) throw new Error(`it holds more than ${MOST_FILES} files`);
  const entries = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
  return entries;
}

async function contentOf(zip: ZipFile, entry: Entry | undefined, name: string): Promise<Buffer> {
  if (!entry) throw new Error(`it has no ${name}: it is no archive of a group, or not a whole one`);
  if (entry.uncompressedSize > MOST_BYTES_OF_A_FILE) throw new Error(`${name} in it is too large`);
  const stream = await zip.openReadStreamPromise(entry);
  const pieces: Buffer[] = [];
  for await (const piece of stream) pieces.push(piece as Buffer);
  return Buffer.concat(pieces);
}

const sumsIn = (text: string): ReadonlyMap<string, string> =>
  new Map(
    text.split('\n').flatMap((line) => {
      const [, sum, name] = /^([0-9a-f]{64}) {2}(.+)$/.exec(line) ?? [];
      return sum && name ? [[name, sum] as const] : [];
    }),
  );

function manifestIn(content: Buffer): Manifest {
  const said = jsonIn(content, MANIFEST) as Partial<Manifest> | null;
  if (said?.format !== FORMAT) throw new Error('it is no archive of a group');
  if (said.version !== FORMAT_VERSION || typeof said.tables !== 'number')
    throw new Error('it was made by a newer Emberfield; bring this one up to date first');
  return said as Manifest;
}

export function jsonIn(content: Buffer, name: string): unknown {
  try {
    return JSON.parse(content.toString('utf8')) as unknown;
  } catch (error) {
    throw new Error(`${name} in it cannot be read`, { cause: error });
  }
}
