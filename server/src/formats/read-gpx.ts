import { SaxesParser } from 'saxes';
import simplify from 'simplify-js';
import { AppError } from '../platform/errors.ts';
import { decimalIn } from './encoding.ts';
import { MOST_FEATURES, oneLine, type LeftOut, type Position, type ReadFeature, type ReadPlaces } from './feature.ts';
import { positionProblem } from './geometry-check.ts';

const CHUNK_BYTES = 256 * 1024;
/** A walked path is kept to about three metres: less is the noise of the device. */
const PATH_TOLERANCE_DEG = 0.00003;
const MOST_PATH_POINTS = 4_000;
const MOST_TEXT = 10_000;
const TEXTS = ['name', 'desc', 'cmt', 'ele', 'time'];

type Open = {
  kind: 'wpt' | 'trk' | 'rte';
  texts: Record<string, string>;
  /** A track's points by its pieces: where it broke off nobody walked a straight line. */
  pieces: Position[][];
  at: number;
};

/** Reads waypoints, tracks and routes in pieces; a track is walked, a route is planned. */
export async function readGpx(content: Buffer): Promise<ReadPlaces> {
  const gpx = new GpxReader();
  const decoder = new TextDecoder('utf-8', { fatal: true });
  for (let from = 0; from < content.length; from += CHUNK_BYTES) {
    gpx.write(decodePiece(decoder, content.subarray(from, from + CHUNK_BYTES), from + CHUNK_BYTES >= content.length));
  }
  return gpx.end();
}

function decodePiece(decoder: InstanceType<typeof TextDecoder>, piece: Buffer, last: boolean): string {
  try {
    return decoder.decode(piece, { stream: !last });
  } catch (cause) {
    throw new AppError('unreadableFile', { reason: 'notUtf8', cause });
  }
}

/** A tag without the prefix that some programs put before each. */
const localName = (name: string): string => name.slice(name.indexOf(':') + 1).toLowerCase();

class GpxReader {
  private readonly parser = new SaxesParser({ xmlns: false, fragment: false });
  private readonly features: ReadFeature[] = [];
  private readonly leftOut: LeftOut[] = [];
  private readonly path: string[] = [];
  private open: Open | null = null;
  private text = '';
  private count = 0;
  private root = false;
  private failure: AppError | null = null;

  constructor() {
    this.parser.on(
      'error',
      (cause) => (this.failure ??= new AppError('unreadableFile', { reason: 'brokenXml', cause })),
    );
    this.parser.on('doctype', () => (this.failure ??= new AppError('unreadableFile', { reason: 'xmlEntities' })));
    this.parser.on('opentag', ({ name, attributes }) =>
      this.start(localName(name), attributes as Record<string, string>),
    );
    this.parser.on('text', (text) => void (this.text += text.slice(0, Math.max(0, MOST_TEXT - this.text.length))));
    this.parser.on('closetag', ({ name }) => this.finish(localName(name)));
  }

  write(piece: string): void {
    this.parser.write(piece);
    if (this.failure) throw this.failure;
  }

  end(): ReadPlaces {
    this.parser.close();
    if (this.failure) throw this.failure;
    if (!this.root) throw new AppError('unreadableFile', { reason: 'notGpx' });
    return { features: this.features, leftOut: this.leftOut };
  }

  private start(name: string, attributes: Record<string, string>): void {
    if (this.path.length === 0) {
      if (name !== 'gpx') this.failure ??= new AppError('unreadableFile', { reason: 'notGpx' });
      this.root = true;
    }
    this.path.push(name);
    this.text = '';
    if (this.count >= MOST_FEATURES) this.failure ??= new AppError('unreadableFile', { reason: 'tooManyPlaces' });
    if (name === 'wpt' || name === 'trk' || name === 'rte')
      this.open = { kind: name, texts: {}, pieces: [[]], at: ++this.count };
    if (name === 'trkseg' && this.open && this.open.pieces.at(-1)!.length > 0) this.open.pieces.push([]);
    if ((name === 'wpt' || name === 'trkpt' || name === 'rtept') && this.open) {
      const point: Position = [decimalIn(attributes['lon']), decimalIn(attributes['lat'])];
      this.open.pieces.at(-1)!.push(point);
    }
  }

  private finish(name: string): void {
    const parent = this.path.at(-2);
    this.path.pop();
    const { open } = this;
    if (!open) return;
    if (TEXTS.includes(name) && (parent === open.kind || (name === 'time' && open.texts['time'] === undefined)))
      open.texts[name] = this.text.trim();
    if (name !== open.kind) return;
    this.open = null;
    this.take(open);
  }

  private take({ kind, texts, pieces, at }: Open): void {
    const leave = (reason: string): void => void this.leftOut.push({ at, reason });
    const height = decimalIn(texts['ele']);
    const day = /^\d{4}-\d{2}-\d{2}/.exec(texts['time'] ?? '')?.[0] ?? null;
    const note = [texts['desc'], texts['cmt']].filter(Boolean).join(' ');
    const name = oneLine(texts['name'] ?? '');
    const common = { at, note, day, own: null };
    if (kind === 'wpt') {
      const [point] = pieces[0]!;
      const problem = point ? positionProblem(point) : 'noPosition';
      if (!point || problem !== null) return leave(problem ?? 'noPosition');
      const heightM = Number.isFinite(height) ? height : null;
      return this.add({ ...common, name, path: null, heightM, geometry: { type: 'Point', coordinates: point } });
    }
    const walked = pieces.map((piece) => piece.filter((p) => positionProblem(p) !== 'nullIsland'));
    if (walked.flat().length < pieces.flat().length) leave('pointsDropped');
    const problem = walked
      .flat()
      .map(positionProblem)
      .find((p) => p !== null);
    if (problem) return leave(problem);
    const lines = walked.filter((piece) => piece.length >= 2);
    if (lines.length === 0) return leave('noPosition');
    if (walked.some((piece) => piece.length === 1)) leave('shortPieces');
    for (const [n, line] of lines.entries())
      this.add({
        ...common,
        name: name && lines.length > 1 ? `${name} ${n + 1}` : name,
        path: kind === 'trk' ? 'track' : 'route',
        heightM: null,
        geometry: { type: 'LineString', coordinates: thinned(line) },
      });
  }

  private add(feature: ReadFeature): void {
    if (this.features.length < MOST_FEATURES) this.features.push(feature);
    else this.failure ??= new AppError('unreadableFile', { reason: 'tooManyPlaces' });
  }
}

/** A path without the points that say nothing (Douglas & Peucker 1973, by the library), within a limit. */
export function thinned(points: readonly Position[]): readonly Position[] {
  let tolerance = PATH_TOLERANCE_DEG;
  let kept = simplify(
    points.map(([x, y]) => ({ x, y })),
    tolerance,
    true,
  );
  while (kept.length > MOST_PATH_POINTS) kept = simplify(kept, (tolerance *= 2), true);
  return kept.map(({ x, y }): Position => [Math.round(x * 1e6) / 1e6, Math.round(y * 1e6) / 1e6]);
}
