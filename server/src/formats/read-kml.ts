import { kml } from '@tmcw/togeojson';
import { DOMParser } from '@xmldom/xmldom';
import { unzipSync } from 'fflate';
import { AppError } from '../platform/errors.ts';
import { MOST_FEATURES, type ReadPlaces } from './feature.ts';
import { featuresFrom } from './read-geojson.ts';

/** An archive may hold so much once it is opened, and so many files: more is a trap or not for us. */
const MOST_UNPACKED_BYTES = 30 * 1024 * 1024;
const MOST_ARCHIVE_FILES = 200;
const MOST_EXPANSION = 200;

/** Reads the placemarks of a KML text. Entities and document types are refused before anything is parsed. */
export function readKml(written: string): ReadPlaces {
  const text = withoutPrefix(written);
  if ((text.match(/<Placemark[\s>]/g)?.length ?? 0) > MOST_FEATURES)
    throw new AppError('unreadableFile', { reason: 'tooManyPlaces' });
  if (/<!DOCTYPE|<!ENTITY/i.test(text)) throw new AppError('unreadableFile', { reason: 'xmlEntities' });
  const fail = (cause: unknown): never => {
    throw new AppError('unreadableFile', { reason: 'brokenXml', cause });
  };
  let document: ReturnType<DOMParser['parseFromString']>;
  try {
    document = new DOMParser({
      onError: (level, message) => (level === 'warning' ? undefined : fail(message)),
    }).parseFromString(text, 'text/xml');
  } catch (error) {
    if (error instanceof AppError) throw error;
    return fail(error);
  }
  if (document.documentElement?.localName !== 'kml') throw new AppError('unreadableFile', { reason: 'notKml' });
  return featuresFrom(kml(document as unknown as Parameters<typeof kml>[0]).features.map(dayOfTrack));
}

/** Some programs write every tag with a prefix, which the reader of placemarks does not know. */
function withoutPrefix(text: string): string {
  const prefix = /<(\w+):kml[\s>]/.exec(text)?.[1];
  return prefix ? text.replaceAll(`<${prefix}:`, '<').replaceAll(`</${prefix}:`, '</') : text;
}

/** A KML track may say when; GeoJSON of it holds that under another name. */
function dayOfTrack(feature: { readonly properties?: Record<string, unknown> | null }): unknown {
  const when = feature.properties?.['timestamp'];
  return typeof when === 'string'
    ? { ...feature, properties: { ...feature.properties, day: when.slice(0, 10) } }
    : feature;
}

/** The KML inside a KMZ. Paths that lead out of the archive, and archives that grow beyond the limit, are refused. */
export function unpackKmz(content: Buffer): string {
  let files = 0;
  let total = 0;
  let unpacked: Record<string, Uint8Array>;
  try {
    unpacked = unzipSync(content, {
      filter: ({ name, originalSize, size }) => {
        if (name.split(/[\\/]/).includes('..') || /^([\\/]|[a-z]:)/i.test(name))
          throw new AppError('unreadableFile', { reason: 'archivePath' });
        total += originalSize;
        if (
          ++files > MOST_ARCHIVE_FILES ||
          total > MOST_UNPACKED_BYTES ||
          originalSize > Math.max(1, size) * MOST_EXPANSION
        )
          throw new AppError('unreadableFile', { reason: 'archiveTooLarge' });
        return /\.kml$/i.test(name);
      },
    });
  } catch (error) {
    if (error instanceof AppError) throw error;
    throw new AppError('unreadableFile', { reason: 'brokenArchive', cause: error });
  }
  const found = Object.entries(unpacked);
  const [, main] = found.find(([name]) => /(^|\/)doc\.kml$/i.test(name)) ?? found[0] ?? [];
  if (!main) throw new AppError('unreadableFile', { reason: 'noKmlInside' });
  return decodeUtf8(main);
}

export function decodeUtf8(content: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(content);
  } catch (cause) {
    throw new AppError('unreadableFile', { reason: 'notUtf8', cause });
  }
}
