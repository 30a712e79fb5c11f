import type { Text } from '@emberfield/core/measure';
import { v5 as keyFrom } from 'uuid';
import type { Entry, LeftOut, PlantProfile, ShownPlace } from '@emberfield/contract';
import { dayIn, numberIn, reachedIn, type DayOrder } from '../../formats/cells.ts';
import type { TableLine } from '../../formats/read-table.ts';
import { FROM_TABLE, type Asked, type StandThere } from './plan.ts';

type Refusal = Omit<LeftOut, 'at'>;
type PlannedLine =
  | { readonly entries: readonly Entry[]; readonly shown: ShownPlace; readonly reason: null }
  | ({ readonly entries: null; readonly shown: null } & Refusal);
type Cut = (text: string, most: number) => string;

const MOST_NOTE = 4000;
const MOST_REASON = 300;
const MOST_SHOWN_OF_NOTE = 80;

const refused = (reason: string, more: Omit<Refusal, 'reason'> = {}): PlannedLine => ({
  entries: null,
  shown: null,
  reason,
  ...more,
});

/** A line of a table of visits or takes; it must find its place, and a take its stand. */
export function planLine(
  { at, values: v }: TableLine,
  { seed, zone, madeAt, today, existing, reading, order }: Asked & { readonly order: DayOrder },
  plantKeys: ReadonlyMap<string, string>,
  cut: Cut,
): PlannedLine {
  const day = dayIn(v.day, order);
  if (day === null) return refused('notADay');
  if (day > today) return refused('futureDay');
  const patch = existing.patches.find((p) => p.name.toLowerCase() === v.name?.toLowerCase());
  if (!patch) return refused('unknownPlace', saying(v.name));
  const plantKey = v.plant ? plantKeys.get(v.plant.toLowerCase()) : undefined;
  if (v.plant && !plantKey) return refused('unknownPlant', saying(v.plant));
  const { stand, reason: noStand } = plantKey
    ? standMeant(
        existing.stands.filter((s) => s.patchId === patch.id && s.plantKey === plantKey),
        v.where,
      )
    : { stand: null, reason: null };
  if (noStand !== null) return refused(noStand);
  const envelope = {
    id: keyFrom(`entry ${at}`, seed),
    schemaVersion: 1,
    patchId: patch.id,
    standId: stand?.id ?? null,
    visitId: null,
    day,
    zone,
    madeAt,
    device: FROM_TABLE,
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
  const profile = existing.plants.get(plantKey ?? '')?.profile;
  if (reading.kind === 'visits') {
    const { said, refusal } = saidOfVisit(v, profile, cut);
    if (refusal) return refused(refusal.reason, refusal);
    return {
      // What a line says first keeps the line's own key; what it says besides gets one of its own.
      entries: said.map((s, i) => ({
        ...envelope,
        ...s,
        id: i === 0 ? envelope.id : keyFrom(`entry ${at} ${s.kind}`, seed),
      })),
      shown: shown(
        'visit',
        [day, v.stage, v.stage && v.reached, v.count, v.note?.slice(0, MOST_SHOWN_OF_NOTE)].filter(Boolean).join(' · '),
      ),
      reason: null,
    };
  }
  const part = profile?.parts.find((p) => isCalled(v.part, p));
  const amount = numberIn(v.amount);
  if (!part) return refused('unknownPart', saying(v.part, profile?.parts));
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
    entries: [{ ...envelope, kind: 'take', body }],
    shown: shown('take', `${day} · ${part.name['en']} · ${amount}`),
    reason: null,
  };
}

/** The stand of a plant at a place that a line means. Of several it says which: a sighting at the wrong one would move its days. */
function standMeant(
  here: readonly StandThere[],
  where: string | undefined,
): { readonly stand: StandThere; readonly reason: null } | { readonly stand: null; readonly reason: string } {
  const meant = where === undefined ? here : here.filter((s) => s.where.toLowerCase() === where.toLowerCase());
  if (meant.length === 1) return { stand: meant[0]!, reason: null };
  return { stand: null, reason: here.length === 0 ? 'notGrownHere' : meant.length === 0 ? 'notThere' : 'severalHere' };
}

/** What a cell says that nothing is called, and what there is. */
const saying = (said: string | undefined, known?: readonly { readonly name: Text }[]): Omit<Refusal, 'reason'> => ({
  ...(said ? { said: said.slice(0, MOST_SHOWN_OF_NOTE) } : {}),
  ...(known ? { known: known.map((k) => k.name) } : {}),
});

const isCalled = (
  text: string | undefined,
  thing: { readonly key: string; readonly name: Readonly<Record<string, string>> },
): boolean =>
  text !== undefined && [thing.key, ...Object.values(thing.name)].some((n) => n.toLowerCase() === text.toLowerCase());

type Said =
  | Pick<Extract<Entry, { kind: 'note' }>, 'kind' | 'body'>
  | Pick<Extract<Entry, { kind: 'census' }>, 'kind' | 'body'>
  | Pick<Extract<Entry, { kind: 'stageSighting' }>, 'kind' | 'body'>;

/** What a line of a visit says: the stage that was seen, how many were counted, and the note. A stage or a count is a plant's. */
function saidOfVisit(
  v: TableLine['values'],
  profile: PlantProfile | undefined,
  cut: Cut,
): { readonly said: readonly Said[]; readonly refusal: null } | { readonly said: null; readonly refusal: Refusal } {
  const no = (reason: string, more: Omit<Refusal, 'reason'> = {}) => ({ said: null, refusal: { reason, ...more } });
  if ((v.stage || v.count) && !profile) return no('noPlant');
  const stage = profile?.stages.find((s) => isCalled(v.stage, s));
  if (v.stage && !stage) return no('unknownStage', saying(v.stage, profile?.stages));
  const reached = v.reached === undefined ? true : reachedIn(v.reached);
  if (v.stage && reached === null) return no('noReached', saying(v.reached));
  const plants = numberIn(v.count);
  if (v.count && (plants === null || plants < 0 || !Number.isInteger(plants))) return no('noCount');
  const said: readonly Said[] = [
    ...(v.note ? [{ kind: 'note' as const, body: { text: cut(v.note, MOST_NOTE) } }] : []),
    ...(stage && reached !== null
      ? [{ kind: 'stageSighting' as const, body: { stage: stage.key, reached, share: null } }]
      : []),
    ...(plants === null
      ? []
      : [{ kind: 'census' as const, body: { method: 'complete' as const, plants, mature: null, flowering: null } }]),
  ];
  return said.length === 0 ? no('noNote') : { said, refusal: null };
}
