import { v5 as keyFrom } from 'uuid';
import type { Entry, ShownPlace } from '@emberfield/contract';
import { dayIn, numberIn, type TableLine } from '../../formats/read-table.ts';
import type { Asked } from './plan.ts';

type PlannedLine =
  | { readonly entry: Entry; readonly shown: ShownPlace; readonly reason: null }
  | { readonly entry: null; readonly shown: null; readonly reason: string };
type Cut = (text: string, most: number) => string;

const MOST_NOTE = 4000;
const MOST_REASON = 300;
const MOST_SHOWN_OF_NOTE = 80;

const refused = (reason: string): PlannedLine => ({ entry: null, shown: null, reason });

/** A line of a table of visits or takes; it must find its place, and a take its stand. */
export function planLine(
  { at, values: v }: TableLine,
  { seed, zone, madeAt, today, existing, reading }: Asked,
  plantKeys: ReadonlyMap<string, string>,
  cut: Cut,
): PlannedLine {
  const day = dayIn(v.day);
  if (day === null) return refused('notADay');
  if (day > today) return refused('futureDay');
  const patch = existing.patches.find((p) => p.name.toLowerCase() === v.name?.toLowerCase());
  if (!patch) return refused('unknownPlace');
  const plantKey = v.plant ? plantKeys.get(v.plant.toLowerCase()) : undefined;
  if (v.plant && !plantKey) return refused('unknownPlant');
  const stand = existing.stands.find((s) => s.patchId === patch.id && s.plantKey === plantKey);
  if (v.plant && !stand) return refused('notGrownHere');
  const envelope = {
    id: keyFrom(`entry ${at}`, seed),
    schemaVersion: 1,
    patchId: patch.id,
    standId: stand?.id ?? null,
    visitId: null,
    day,
    zone,
    madeAt,
    device: 'table',
    replaces: null,
  } as const;
  const shown = (kind: 'visit' | 'take', detail: string): ShownPlace => ({
    at,
    name: patch.name,
    kind,
    sizeM: null,
    detail,
    repaired: false,
    already: false,
  });
  if (reading.kind === 'visits') {
    if (!v.note) return refused('noNote');
    return {
      entry: { ...envelope, kind: 'note', body: { text: cut(v.note, MOST_NOTE) } },
      shown: shown('visit', `${day} · ${v.note.slice(0, MOST_SHOWN_OF_NOTE)}`),
      reason: null,
    };
  }
  const part = existing.plants
    .get(plantKey ?? '')
    ?.profile.parts.find((p) =>
      [p.key, ...Object.values(p.name)].some((n) => n.toLowerCase() === v.part?.toLowerCase()),
    );
  const amount = numberIn(v.amount);
  if (!part) return refused('unknownPart');
  if (amount === null || amount < 0) return refused('noAmount');
  const plants = numberIn(v.plants);
  const body = {
    part: part.key,
    amount,
    measure: 'unit',
    plants: plants === null ? null : Math.round(plants),
    killed: null,
    quality: null,
    eatenOnTheSpot: false,
    overReason: cut(v.note ?? '', MOST_REASON),
  } as const;
  return {
    entry: { ...envelope, kind: 'take', body },
    shown: shown('take', `${day} · ${part.name['en']} · ${amount}`),
    reason: null,
  };
}
