// A kitchen scale on a cable: the real one by the browser's serial port, or a stand-in that plays one.
import { readScaleLine, type Reading } from './scale-line.ts';

/** Tells what lies on it until it is stopped, or lost. Begun by a press: the browser asks which device it is. */
export type ScaleSource = (
  told: (reading: Reading) => void,
  lost: (why: string) => void,
) => { readonly stop: () => void };

/** As much of a browser's serial port as a scale needs; not every browser has one. */
interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly open: (options: { readonly baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
}
interface Serial {
  readonly requestPort: () => Promise<SerialPort>;
}
const BAUD = 9600;

/** Lines of a text that comes in pieces. */
export async function* linesOf(pieces: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = '';
  for await (const piece of pieces) {
    const lines = (rest + piece).split(/\r\n|\r|\n/);
    rest = lines.pop()!;
    // A device that never ends a line is none of these.
    if (rest.length > LONGEST_LINE) rest = '';
    yield* lines;
  }
}
const LONGEST_LINE = 200;

async function* piecesOf(reader: ReadableStreamDefaultReader<Uint8Array>): AsyncGenerator<string> {
  const decoder = new TextDecoder();
  for (let part = await reader.read(); !part.done; part = await reader.read())
    yield decoder.decode(part.value, { stream: true });
}

/** A scale at the browser's serial port. */
const serialScale =
  (serial: Serial): ScaleSource =>
  (told, lost) => {
    let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
    let stopped = false;
    async function listen(): Promise<void> {
      const port = await serial.requestPort();
      await port.open({ baudRate: BAUD });
      try {
        const mine = (reader = port.readable!.getReader());
        if (stopped) return;
        for await (const line of linesOf(piecesOf(mine))) {
          const reading = readScaleLine(line);
          if (reading) told(reading);
        }
      } finally {
        reader?.releaseLock();
        await port.close();
      }
    }
    listen().then(
      () => stopped || lost(''),
      (error: unknown) => stopped || lost((error as Error).message),
    );
    return {
      stop: () => {
        stopped = true;
        // What fails while it is let go has nobody to tell.
        void reader?.cancel().catch(() => undefined);
      },
    };
  };

// The browser's own types know of no serial port.
const port: Serial | undefined =
  typeof navigator === 'undefined' ? undefined : (navigator as { serial?: Serial }).serial;
/** The device's own; `null` where the browser has no way to reach one. */
export const ownScale: ScaleSource | null = port ? serialScale(port) : null;
