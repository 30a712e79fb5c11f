// What worker threads do: read files that somebody sent, and reckon what would keep the answering thread busy.
import { isUuid, type ImportReading, type PlaceFormat, type PlaceReading } from '@emberfield/contract';
import { seasonsAbout, type PackedSeasons, type StandSeason } from '@emberfield/core/stand';
import { AppError, type AppErrorParts } from '../platform/errors.ts';
import type { Asked, PlannedFile } from '../places/operations/plan.ts';
import { planImport } from '../places/operations/plan-import.ts';
import { firstReading, holdingOf, packed, unpacked } from '../places/operations/read-import.ts';
import { decodeFile } from '../weather/operations/decode-file.ts';
import { guessReading } from '../weather/operations/guess-reading.ts';
import { readWeather, type ReadWeather } from '../weather/operations/read-csv.ts';

/** What comes in and what goes out, by task: plain data, which is copied from thread to thread. */
export interface Tasks {
  /** Reads a file of places whole. */
  readonly readPlaces: {
    readonly input: { readonly content: Uint8Array; readonly format: PlaceFormat };
    readonly output: { readonly packed: Uint8Array; readonly reading: PlaceReading };
  };
  /** Keys that such a file brings along. */
  readonly ownKeys: {
    readonly input: { readonly packed: Uint8Array };
    readonly output: { readonly patchIds: readonly string[]; readonly standIds: readonly string[] };
  };
  /** What such a file amounts to in a group. */
  readonly planPlaces: {
    readonly input: { readonly packed: Uint8Array; readonly asked: Asked };
    readonly output: PlannedFile;
  };
  readonly guessWeather: {
    readonly input: { readonly content: Uint8Array; readonly imperial: boolean };
    readonly output: ImportReading;
  };
  readonly readWeather: {
    readonly input: { readonly content: Uint8Array; readonly reading: ImportReading; readonly today: number };
    readonly output: ReadWeather;
  };
  /** Seasons of many stands; what they share is copied once. */
  readonly reckonSeasons: {
    readonly input: { readonly stands: readonly PackedSeasons[] };
    readonly output: readonly (readonly (readonly [number, StandSeason])[])[];
  };
}
export type TaskName = keyof Tasks;
type Doing = { readonly [N in TaskName]: (input: Tasks[N]['input']) => Promise<Tasks[N]['output']> };

const SAMPLE_ROWS = 4;

const DOING: Doing = {
  readPlaces: async ({ content, format }) => {
    const holding = await holdingOf(Buffer.from(content), format);
    return { packed: packed(holding), reading: firstReading(holding) };
  },
  ownKeys: async ({ packed: bytes }) => {
    const holding = unpacked(Buffer.from(bytes));
    const owned = holding.kind === 'places' ? holding.places.features.flatMap((f) => (f.own ? [f.own] : [])) : [];
    const standIds = owned.flatMap((o) =>
      o.stands.flatMap((s: { id?: unknown } | null) => (typeof s?.id === 'string' && isUuid(s.id) ? [s.id] : [])),
    );
    return { patchIds: owned.map((o) => o.id), standIds };
  },
  planPlaces: async ({ packed: bytes, asked }) => {
    const holding = unpacked(Buffer.from(bytes));
    const table = holding.kind === 'table' ? holding.table : null;
    return {
      plan: planImport(holding, asked),
      headers: table?.headers ?? [],
      sample: table?.rows.slice(0, SAMPLE_ROWS) ?? [],
    };
  },
  guessWeather: async ({ content, imperial }) => guessReading(decodeFile(Buffer.from(content)), imperial),
  reckonSeasons: async ({ stands }) => stands.map(seasonsAbout),
  readWeather: async ({ content, reading, today }) => readWeather(decodeFile(Buffer.from(content)), reading, today),
};

export interface Asking<N extends TaskName = TaskName> {
  readonly name: N;
  readonly input: Tasks[N]['input'];
}
/** A refusal is an answer: errors lose what they are on the way from one thread to another. */
export type Told<N extends TaskName> = { readonly output: Tasks[N]['output'] } | { readonly refused: AppErrorParts };

/** Does one task in this thread. */
export async function runTask<N extends TaskName>({ name, input }: Asking<N>): Promise<Told<N>> {
  try {
    return { output: await DOING[name](input) };
  } catch (error) {
    if (!(error instanceof AppError)) throw error;
    return { refused: error.parts };
  }
}
