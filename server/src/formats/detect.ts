import type { PlaceFormat } from '@emberfield/contract';
import { AppError } from '../platform/errors.ts';
import { decodeUtf8 } from './read-kml.ts';

const HEAD_BYTES = 4096;
const NAMED: Readonly<Record<string, PlaceFormat>> = {
  gpx: 'gpx',
  kml: 'kml',
  kmz: 'kmz',
  json: 'geojson',
  geojson: 'geojson',
  csv: 'csv',
  txt: 'csv',
  tsv: 'csv',
};

/** What a file is by its content; a name that says otherwise is refused rather than believed. */
export function detectFormat(content: Buffer, fileName: string): PlaceFormat {
  if (content.length === 0) throw new AppError('unreadableFile', { reason: 'emptyFile' });
  const found = byContent(content);
  const said = NAMED[/\.([a-z0-9]+)$/i.exec(fileName)?.[1]?.toLowerCase() ?? ''];
  if (found === null || (said !== undefined && said !== found))
    throw new AppError('unreadableFile', { reason: 'notWhatItsNameSays' });
  return found;
}

function byContent(content: Buffer): PlaceFormat | null {
  if (content.subarray(0, 4).equals(Buffer.from([0x50, 0x4b, 3, 4]))) return 'kmz';
  if (content.subarray(0, HEAD_BYTES).includes(0)) return null;
  const head = decodeHead(content).trimStart();
  if (head.startsWith('<'))
    return /<(\w+:)?gpx[\s>]/i.test(head) ? 'gpx' : /<(\w+:)?kml[\s>]/i.test(head) ? 'kml' : null;
  return head.startsWith('{') || head.startsWith('[') ? 'geojson' : 'csv';
}

/** The beginning, cut where a character ends. */
function decodeHead(content: Buffer): string {
  let end = Math.min(content.length, HEAD_BYTES);
  while (end < content.length && (content[end]! & 0xc0) === 0x80) end--;
  return decodeUtf8(content.subarray(0, end)).replace(/^\uFEFF/, '');
}
