// What is in an archive, and archives that somebody has changed.
import { createHash } from 'node:crypto';
import { fromBufferPromise } from 'yauzl';
import { ZipFile } from 'yazl';
import { SUMS } from '../archive/operations/format.ts';

export type Files = ReadonlyMap<string, Buffer>;

export async function filesIn(content: Buffer): Promise<Files> {
  const zip = await fromBufferPromise(content, { lazyEntries: true });
  const files = new Map<string, Buffer>();
  for await (const entry of zip.eachEntry()) {
    const pieces: Buffer[] = [];
    for await (const piece of await zip.openReadStreamPromise(entry)) pieces.push(piece as Buffer);
    files.set(entry.fileName, Buffer.concat(pieces));
  }
  return files;
}

/** An archive with some of its files changed, and digests that fit. */
export async function changedArchive(
  content: Buffer,
  change: (name: string, json: unknown) => unknown,
): Promise<Buffer> {
  const zip = new ZipFile();
  const sums: string[] = [];
  for (const [name, before] of await filesIn(content)) {
    if (name === SUMS) continue;
    const changed = change(name, name.endsWith('.json') ? JSON.parse(before.toString()) : null);
    const bytes = changed === undefined ? before : Buffer.from(JSON.stringify(changed));
    sums.push(`${createHash('sha256').update(bytes).digest('hex')}  ${name}\n`);
    zip.addBuffer(bytes, name);
  }
  zip.addBuffer(Buffer.from(sums.join('')), SUMS);
  zip.end();
  const pieces: Buffer[] = [];
  for await (const piece of zip.outputStream) pieces.push(piece as Buffer);
  return Buffer.concat(pieces);
}
