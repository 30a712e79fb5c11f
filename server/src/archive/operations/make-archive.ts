import { createHash } from 'node:crypto';
import { mkdir, mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import { PHOTO_SIZES } from '@emberfield/contract';
import type { Dependencies } from '../../dependencies.ts';
import { audit } from '../../people/index.ts';
import { pictureOf } from '../../photos/index.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext } from '../../platform/http/context.ts';
import { StreamAnswer } from '../../platform/http/stream-answer.ts';
import { atOneMoment, stepsTaken } from '../repository.ts';
import { writeDataFiles } from './data-files.ts';
import { FORMAT, FORMAT_VERSION, MANIFEST, photoFile, SUMS, type Manifest } from './format.ts';
import { readMe } from './read-me.ts';

/** Groups of which an archive is on its way: one at a time is enough, and each is work. */
const making = new Set<string>();

/**
 * Everything of a group as one file of open formats. Rows are as they are at one moment; pictures follow one by one, as fast as
 * whoever asked takes them. What breaks off has no table of contents, and is refused when it is read.
 */
export async function makeArchive(
  deps: Dependencies,
  { group, account, gone }: GroupContext<null>,
): Promise<StreamAnswer> {
  if (making.has(group.id)) throw new AppError('busy');
  making.add(group.id);
  const folder = await mkdtemp(join(tmpdir(), 'emberfield-archive-')).catch((error: unknown) => {
    making.delete(group.id);
    throw error;
  });
  const end = async (): Promise<void> => {
    making.delete(group.id);
    await rm(folder, { recursive: true, force: true });
  };
  try {
    const at = deps.clock.now();
    const made = await writeFiles(deps, group, { folder, at });
    // Nobody waits for it any more: what is never begun is never ended either.
    if (gone()) throw new AppError('busy');
    await audit(deps.db, { group, account, at }, 'archived', {});
    const name = `emberfield-${group.today}.zip`;
    return new StreamAnswer((response) => {
      response.setHeader('Content-Type', 'application/zip');
      response.setHeader('Content-Disposition', `attachment; filename="${name}"`);
      const zip = new ZipFile();
      const out = zip.outputStream as Readable;
      zip.on('error', (error: Error) => out.destroy(error));
      pack(deps, zip, made);
      pipeline(out, response)
        .catch((err: unknown) => {
          // Half a file must not look like a whole one.
          if (!response.destroyed) response.destroy();
          deps.log.warn({ err }, 'archive');
        })
        .finally(() => void end());
    });
  } catch (error) {
    await end();
    throw error;
  }
}

interface Made {
  readonly folder: string;
  readonly manifest: Manifest;
  readonly texts: Readonly<Record<string, string>>;
  readonly files: readonly string[];
  readonly photos: readonly string[];
}
async function writeFiles(
  { db }: Dependencies,
  group: { readonly id: string; readonly name: string },
  { folder, at }: { readonly folder: string; readonly at: Date },
): Promise<Made> {
  await Promise.all(['data', 'csv'].map((name) => mkdir(join(folder, name))));
  return atOneMoment(db, async (tx) => {
    const { files, rows, photos } = await writeDataFiles(tx, group.id, folder);
    const manifest: Manifest = {
      format: FORMAT,
      version: FORMAT_VERSION,
      tables: await stepsTaken(tx),
      madeAt: at.toISOString(),
      groupId: group.id,
      name: group.name,
      rows,
    };
    const texts = { [MANIFEST]: `${JSON.stringify(manifest, null, 2)}\n`, 'READ-ME.txt': readMe(manifest) };
    return { folder, manifest, texts, files, photos };
  });
}

/** Hands everything to the file, one after the other, and the digests of all of it at the end. */
function pack({ db }: Dependencies, zip: ZipFile, { folder, texts, files, photos }: Made): void {
  const sums: string[] = [];
  const noted = (name: string, content: Buffer): Buffer => {
    sums.push(`${createHash('sha256').update(content).digest('hex')}  ${name}\n`);
    return content;
  };
  const lazily = (name: string, compress: boolean, content: () => Promise<Buffer>): void =>
    zip.addReadStreamLazy(name, { compress }, (give) => {
      content().then(
        (bytes) => give(null, Readable.from([noted(name, bytes)], { objectMode: false })),
        (error: unknown) => give(error, Readable.from([])),
      );
    });
  for (const [name, text] of Object.entries(texts)) lazily(name, true, () => Promise.resolve(Buffer.from(text)));
  for (const name of files) lazily(name, true, () => readFile(join(folder, name)));
  for (const id of photos)
    for (const size of PHOTO_SIZES) lazily(photoFile(id, size), false, () => pictureOf(db, id, size));
  zip.addReadStreamLazy(SUMS, (give) => give(null, Readable.from([sums.join('')], { objectMode: false })));
  zip.end();
}
