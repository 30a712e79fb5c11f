// What waits on a device as a file: to be saved before the device is given away, and read back in on another, by the same person.
import {
  changePatchSchema,
  changeStandSchema,
  entrySchema,
  handDaysSchema,
  isUuid,
  newPatchSchema,
  newStandSchema,
  syncSchema,
} from '@emberfield/contract';
import type { OutCall, Waiting } from './outbox.ts';

const OUTBOX_FORMAT = 'emberfield-outbox';
const VERSION = 1;
/** A batch of photos is some tens of megabytes; what is larger was not written here. */
export const LARGEST_OUTBOX_FILE_BYTES = 200 * 1024 * 1024;

interface Judge {
  readonly validateSync: (body: unknown, how: { readonly strict: true }) => unknown;
}
const BODIES: { readonly [R in Exclude<OutCall['route'], 'addPhoto'>]: Judge } = {
  sync: syncSchema,
  newPatch: newPatchSchema,
  newStand: newStandSchema,
  changePatch: changePatchSchema,
  changeStand: changeStandSchema,
  putHandDays: handDaysSchema,
};

/** Why a file is not read: a key of the words. */
export class OutboxFileError extends Error {
  constructor(readonly why: 'notThis' | 'newer' | 'anothers' | 'broken') {
    super(why);
  }
}

const BASE = 0x8000;
async function textOf(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += BASE) text += String.fromCharCode(...bytes.subarray(i, i + BASE));
  return btoa(text);
}
const blobOf = (text: string): Blob => new Blob([Uint8Array.from(atob(text), (c) => c.charCodeAt(0))]);

/** The file, as JSON; photos as base64. */
export async function writeOutbox(accountId: string, items: readonly Waiting[]): Promise<string> {
  const written = await Promise.all(
    items.map(async (w) => ({
      ...w,
      calls: await Promise.all(
        w.calls.map(async (c) => (c.route === 'addPhoto' ? { ...c, body: await textOf(c.body) } : c)),
      ),
    })),
  );
  return JSON.stringify({ format: OUTBOX_FORMAT, version: VERSION, accountId, items: written }, null, 1);
}

/**
 * What a file holds, to wait once more: nothing in it is taken for sent or refused. Its keys are what they were, so that what has gone meanwhile is not stored twice.
 * @throws OutboxFileError
 */
export function readOutbox(text: string, accountId: string): readonly Waiting[] {
  const file = parsed(text);
  if (file.format !== OUTBOX_FORMAT) throw new OutboxFileError('notThis');
  if (file.version !== VERSION) throw new OutboxFileError('newer');
  if (file.accountId !== accountId) throw new OutboxFileError('anothers');
  if (!Array.isArray(file.items)) throw new OutboxFileError('broken');
  return file.items.map((item) => readItem(item as Partial<Waiting> | null, accountId));
}

const CONTENTS = ['takes', 'identities', 'withdrawals', 'others', 'fresh', 'changes', 'readings', 'photos'] as const;
type Contents = (typeof CONTENTS)[number];

/** How many of what a file holds, by what is in it and not by what it calls itself; nothing of what it has none of. */
export function contentsOf(items: readonly Waiting[]): readonly { readonly what: Contents; readonly n: number }[] {
  const all = items.flatMap((w) => w.calls.flatMap(contentsIn));
  return CONTENTS.map((what) => ({ what, n: all.filter((x) => x === what).length })).filter(({ n }) => n > 0);
}
function contentsIn(call: OutCall): readonly Contents[] {
  switch (call.route) {
    case 'sync':
      return call.body.entries.map(({ kind }) =>
        kind === 'take'
          ? 'takes'
          : kind === 'identity'
            ? 'identities'
            : kind === 'withdrawal'
              ? 'withdrawals'
              : 'others',
      );
    case 'newPatch':
    case 'newStand':
      return ['fresh'];
    case 'changePatch':
    case 'changeStand':
      return ['changes'];
    case 'putHandDays':
      return ['readings'];
    case 'addPhoto':
      return ['photos'];
  }
}

interface File {
  readonly format?: unknown;
  readonly version?: unknown;
  readonly accountId?: unknown;
  readonly items?: unknown;
}
function parsed(text: string): File {
  try {
    const file: unknown = JSON.parse(text);
    if (typeof file === 'object' && file !== null) return file;
  } catch {
    // No JSON at all.
  }
  throw new OutboxFileError('notThis');
}

function readItem(item: Partial<Waiting> | null, accountId: string): Waiting {
  const { id, groupId, putAt, label, calls } = item ?? {};
  const holds =
    typeof id === 'string' &&
    typeof groupId === 'string' &&
    isUuid(groupId) &&
    typeof putAt === 'number' &&
    Number.isFinite(putAt) &&
    typeof label === 'string' &&
    Array.isArray(calls) &&
    calls.length > 0;
  if (!holds) throw new OutboxFileError('broken');
  return { id, groupId, putAt, label, accountId, calls: calls.map(readCall), lastTry: null, problem: '' };
}

function readCall(call: unknown): OutCall {
  const { route, body, params, query } = (call ?? {}) as Record<string, unknown>;
  try {
    if (route === 'addPhoto') {
      if (typeof body !== 'string') throw new OutboxFileError('broken');
      return { route, params: ids(params), query: query as never, body: blobOf(body) };
    }
    if (typeof route !== 'string' || !Object.hasOwn(BODIES, route)) throw new OutboxFileError('broken');
    const schema = BODIES[route as keyof typeof BODIES];
    if (route === 'sync') for (const entry of entriesIn(body)) entrySchema.validateSync(entry, { strict: true });
    return {
      route,
      ...(params === undefined ? {} : { params: ids(params) }),
      body: schema.validateSync(body, { strict: true }),
    } as OutCall;
  } catch {
    throw new OutboxFileError('broken');
  }
}

const entriesIn = (body: unknown): readonly unknown[] => {
  const { entries } = (body ?? {}) as { readonly entries?: unknown };
  return Array.isArray(entries) ? entries : [];
};

/** Parts of an address: ids, and nothing that leads elsewhere. */
function ids<P>(params: unknown): P {
  const values = Object.values(params ?? {});
  if (values.length === 0 || !values.every((v) => typeof v === 'string' && isUuid(v)))
    throw new OutboxFileError('broken');
  return params as P;
}
