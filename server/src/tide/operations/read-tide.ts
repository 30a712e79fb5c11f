import Papa from 'papaparse';
import { isIsoDay, instantIn } from '@emberfield/core/measure';
import { isKnownConstituent, type Constituent, type TideSource, type Turn } from '@emberfield/core/tide';
import { AppError } from '../../platform/errors.ts';

const MOST_CONSTITUENTS = 200;
const MOST_LINES = 20_000;
const HIGHEST_M = 30;

/**
 * The tide of a place from a file: harmonic constituents as JSON, or a table of its levels by time. All of it is understood, or none
 * is taken: half a tide is worse than no tide.
 * @throws AppError `badInput` with what is wrong and where
 */
export function readTide(text: string, zone: string): TideSource {
  return text.trimStart().startsWith('{') ? readHarmonics(text) : readTable(text, zone);
}

const refused = (reason: string, field: string): AppError => new AppError('badInput', { reason, field });
const isLevel = (value: unknown): value is number => typeof value === 'number' && Math.abs(value) <= HIGHEST_M;

function readHarmonics(text: string): TideSource {
  let file: { readonly meanLevelM?: unknown; readonly constituents?: unknown };
  try {
    file = JSON.parse(text) as typeof file;
  } catch (cause) {
    throw new AppError('badInput', { reason: 'notJson', field: 'file', cause });
  }
  const { meanLevelM, constituents } = file;
  if (!isLevel(meanLevelM)) throw refused('noMeanLevel', 'meanLevelM');
  if (!Array.isArray(constituents) || constituents.length === 0 || constituents.length > MOST_CONSTITUENTS)
    throw refused('noConstituents', 'constituents');
  const seen = new Set<string>();
  return {
    kind: 'harmonic',
    meanLevelM,
    constituents: constituents.map((c: Partial<Record<keyof Constituent, unknown>> | null, i): Constituent => {
      const field = `constituents.${i + 1}`;
      const { name, amplitudeM, phaseDeg } = c ?? {};
      if (typeof name !== 'string' || !isKnownConstituent(name)) throw refused('unknownConstituent', field);
      if (seen.has(name)) throw refused('sameConstituentTwice', field);
      seen.add(name);
      if (!isLevel(amplitudeM) || amplitudeM < 0) throw refused('noAmplitude', field);
      if (typeof phaseDeg !== 'number' || Math.abs(phaseDeg) > 360) throw refused('noPhase', field);
      return { name, amplitudeM, phaseDeg };
    }),
  };
}

const MS_PER_HOUR = 3_600_000;
/** Levels told closer together than this are a course of the water; else each is a high or low water. */
const COURSE_MS = 2 * MS_PER_HOUR;
const LEAST_TURNS = 2;

function readTable(text: string, zone: string): TideSource {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  if (data.length > MOST_LINES) throw refused('tooManyLines', 'file');
  // A first line without a time is headings.
  const start = timeOf(data[0]?.[0], zone) === null ? 1 : 0;
  const read = data.slice(start).map((cells, i) => {
    const field = `line ${start + i + 1}`;
    const at = timeOf(cells[0], zone);
    if (at === null) throw refused('noTime', field);
    const level = Number((cells[1] ?? '').trim().replace(',', '.') || NaN);
    if (!isLevel(level)) throw refused('noLevel', field);
    return { at, levelM: level, high: highOf(cells[2], field) };
  });
  read.sort((a, b) => a.at - b.at);
  if (read.some((r, i) => i > 0 && r.at === read[i - 1]!.at)) throw refused('sameTimeTwice', 'file');
  const turns = read.every((r) => r.high !== null)
    ? read.map((r): Turn => ({ ...r, high: r.high! }))
    : turnsAmong(read);
  if (turns.length < LEAST_TURNS) throw refused('noTurns', 'file');
  if (turns.some((t, i) => i > 0 && t.high === turns[i - 1]!.high)) throw refused('twoTurnsAlike', 'file');
  return { kind: 'table', turns };
}

/** "2026-05-15 09:05", with seconds or not; with an offset or Z an instant, else as the group's clocks show it. */
function timeOf(text: string | undefined, zone: string): number | null {
  const found = /^(\d{4}-\d{2}-\d{2})[ T](\d{2}:\d{2})(:\d{2}(\.\d+)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/.exec(
    (text ?? '').trim(),
  );
  if (!found || !isIsoDay(found[1]!) || found[2]! > '23:59' || found[2]!.slice(3) > '59') return null;
  const [, day, clock, , , offset] = found;
  if (!offset) return instantIn(zone, day!, clock);
  const at = Date.parse(`${day}T${clock}${offset === 'Z' ? 'Z' : offset.replace(/(\d{2}):?(\d{2})$/, '$1:$2')}`);
  return Number.isNaN(at) ? null : at;
}

function highOf(text: string | undefined, field: string): boolean | null {
  const word = (text ?? '').trim().toLowerCase();
  if (word === '') return null;
  if (['h', 'hw', 'high'].includes(word)) return true;
  if (['l', 'lw', 'low'].includes(word)) return false;
  throw refused('neitherHighNorLow', field);
}

/** High and low waters among levels: of a course its turning points, of single levels each by those beside it. */
function turnsAmong(levels: readonly Pick<Turn, 'at' | 'levelM'>[]): readonly Turn[] {
  const course = levels.length > 2 && (levels.at(-1)!.at - levels[0]!.at) / (levels.length - 1) < COURSE_MS;
  const out: Turn[] = [];
  levels.forEach(({ at, levelM }, i) => {
    const [before, after] = [levels[i - 1]?.levelM, levels[i + 1]?.levelM];
    // The ends of a course are no turns; of single levels they are.
    if (course && (before === undefined || after === undefined)) return;
    const high = levelM > (before ?? -Infinity) && levelM >= (after ?? -Infinity);
    const low = levelM < (before ?? Infinity) && levelM <= (after ?? Infinity);
    const single = before === undefined ? levelM > after! : levelM > before;
    if (course ? high || low : true) out.push({ at, levelM, high: course ? high : single });
  });
  return out;
}
