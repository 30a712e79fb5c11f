import exifr from 'exifr';
import sharp from 'sharp';
import type { PhotoSize, PhotoTaken } from '@emberfield/contract';
import { isIsoDay } from '@emberfield/core/measure';
import { AppError } from '../../platform/errors.ts';

const MOST_PIXELS = 50_000_000;
/** Unpacked a picture may take so much: of deep colours only fewer pixels fit. */
const MOST_UNPACKED_BYTES = 210_000_000;
const BYTES_OF_DEPTH: Readonly<Record<string, number>> = { uchar: 1, char: 1, ushort: 2, short: 2 };
const EDGES_PX: Readonly<Record<PhotoSize, number>> = { small: 480, large: 2048 };
const QUALITY = 82;
const FORMATS = ['jpeg', 'png', 'webp'];

export interface Picture {
  readonly pictures: Readonly<Record<PhotoSize, Buffer>>;
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * A photo made anew in two sizes: turned upright, without anything else that the file carried, its position above all. What is
 * no JPEG, PNG or WebP by its content is refused, and what would grow beyond the limit before it does.
 */
export async function pictureFrom(content: Buffer): Promise<Picture> {
  const refuse = (reason: string, cause?: unknown): never => {
    throw new AppError('unreadableFile', { reason, ...(cause === undefined ? {} : { cause }) });
  };
  if (content.length === 0) refuse('emptyFile');
  const options = { limitInputPixels: MOST_PIXELS, failOn: 'error' as const, animated: false };
  try {
    const { format, width, height, channels, depth } = await sharp(content, options).metadata();
    if (!FORMATS.includes(format)) return refuse('notAnImage');
    const bytes = width * height * channels * (BYTES_OF_DEPTH[depth] ?? 4);
    if (width * height > MOST_PIXELS || bytes > MOST_UNPACKED_BYTES) return refuse('tooManyPixels');
  } catch (cause) {
    if (cause instanceof AppError) throw cause;
    return refuse(/pixel limit/i.test(String(cause)) ? 'tooManyPixels' : 'notAnImage', cause);
  }
  const made = (from: Buffer, edge: number) =>
    sharp(from, options)
      .rotate()
      .resize({ width: edge, height: edge, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
  try {
    // One at a time, and the small one from the large: unpacked pictures are the largest thing in this server's memory.
    const [small, large] = await oneAtATime(async () => {
      const great = await made(content, EDGES_PX.large);
      return [await made(great.data, EDGES_PX.small), great] as const;
    });
    return {
      pictures: { small: small.data, large: large.data },
      widthPx: large.info.width,
      heightPx: large.info.height,
    };
  } catch (cause) {
    return refuse('brokenImage', cause);
  }
}

let before: Promise<unknown> = Promise.resolve();
function oneAtATime<T>(work: () => Promise<T>): Promise<T> {
  const mine = before.then(work, work);
  before = mine.catch(() => undefined);
  return mine;
}

/** Where and when a photo says it was taken; nothing that is not in the world or no day. */
export async function saidBy(content: Buffer): Promise<Pick<PhotoTaken, 'takenOn' | 'position'>> {
  type Exif = { latitude?: unknown; longitude?: unknown; DateTimeOriginal?: unknown; DateTime?: unknown };
  // A photo without such data, or with data that cannot be read, offers nothing: the picture itself is what counts.
  const said = (await exifr
    .parse(content, {
      gps: true,
      reviveValues: false,
      pick: ['DateTimeOriginal', 'DateTime', 'GPSLatitude', 'GPSLongitude', 'GPSLatitudeRef', 'GPSLongitudeRef'],
    })
    .catch(() => null)) as Exif | null | undefined;
  const { latitude, longitude, DateTime, DateTimeOriginal = DateTime } = said ?? {};
  const within = (v: unknown, limit: number): v is number =>
    typeof v === 'number' && Number.isFinite(v) && Math.abs(v) <= limit;
  const day = typeof DateTimeOriginal === 'string' ? DateTimeOriginal.slice(0, 10).replaceAll(':', '-') : '';
  return {
    takenOn: isIsoDay(day) ? day : null,
    position:
      within(latitude, 90) && within(longitude, 180)
        ? { latitudeDeg: Math.round(latitude * 1e6) / 1e6, longitudeDeg: Math.round(longitude * 1e6) / 1e6 }
        : null,
  };
}
