import { LOOPS_BYTES } from './loops-bytes.ts';

/** What `core/loops/loops.ts` exports; places are bytes. */
interface Loops {
  readonly fillBits: (out: number, count: number, mask: number, state: number) => void;
  readonly step: (
    count: number,
    stages: number,
    now: number,
    next: number,
    kinds: number,
    sources: number,
    values: number,
    classes: number,
  ) => void;
  readonly sum: (count: number, total: number, rows: number, counted: number, stages: number) => void;
  readonly hold: (
    count: number,
    total: number,
    left: number,
    rows: number,
    counted: number,
    stages: number,
    capacity: number,
  ) => void;
  readonly extremes: (count: number, numbers: number, out: number) => void;
  readonly countParts: (
    count: number,
    numbers: number,
    least: number,
    most: number,
    factor: number,
    parts: number,
    partOf: number,
    counts: number,
  ) => void;
  readonly pick: (count: number, partOf: number, wanted: number, out: number) => number;
}
interface Memory {
  readonly buffer: ArrayBuffer;
  readonly grow: (pages: number) => number;
}
export interface Engine {
  readonly loops: Loops;
  readonly memory: Memory;
}

/** What is wanted of the platform; the core is compiled without one. */
interface Platform {
  readonly WebAssembly?: {
    readonly Memory: new (of: { readonly initial: number }) => Memory;
    readonly Module: new (bytes: Uint8Array) => object;
    readonly Instance: new (
      module: object,
      imports: { readonly env: { readonly memory: Memory } },
    ) => { readonly exports: unknown };
  };
  readonly atob: (text: string) => string;
}

let made: Engine | null | undefined;
/** `null` where there is no WebAssembly with SIMD, or a page's policy forbids it: the plain loops do the same, only slower. */
export function engineOf(): Engine | null {
  if (made !== undefined) return made;
  const { WebAssembly, atob } = globalThis as unknown as Platform;
  made = null;
  if (!WebAssembly) return made;
  try {
    const bytes = Uint8Array.from(atob(LOOPS_BYTES), (c) => c.charCodeAt(0));
    const memory = new WebAssembly.Memory({ initial: 8 });
    const { exports } = new WebAssembly.Instance(new WebAssembly.Module(bytes), { env: { memory } });
    made = { loops: exports as Loops, memory };
  } catch {
    made = null;
  }
  return made;
}

/** Lays things out in the engine’s memory, one behind the other; all that was laid out before is overwritten. */
export function layout(): { readonly take: (bytes: number) => number; readonly end: () => number } {
  let top = BEGIN;
  return {
    take: (bytes) => {
      const at = top;
      top = Math.ceil((top + bytes) / EDGE) * EDGE;
      return at;
    },
    end: () => top,
  };
}
/** Memory for so many bytes. What was a view of it before is none any more. */
export function makeRoom({ memory }: Engine, bytes: number): ArrayBuffer {
  const missing = bytes - memory.buffer.byteLength;
  if (missing > 0) memory.grow(Math.ceil(missing / PAGE));
  return memory.buffer;
}

export const [WORD, DOUBLE] = [4, 8];
const PAGE = 65_536;
const EDGE = 16;
/** The first bytes are left alone: nothing is at 0. */
const BEGIN = 1024;
