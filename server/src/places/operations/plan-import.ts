import { nearestTo, type OnTheGround } from '@emberfield/core/measure';
import { v5 as keyFrom } from 'uuid';
import {
  newPatchSchema,
  newStandSchema,
  centreOf,
  UNKNOWN_FACTS,
  type Entry,
  type NewPatch,
  type NewStand,
  type ShownPlace,
} from '@emberfield/contract';
import { AppError } from '../../platform/errors.ts';
import { parse } from '../../platform/parse.ts';
import { areaOf, lengthOfLine } from '../../formats/ring-area.ts';
import type { LeftOut, OwnStand, Position, ReadFeature } from '../../formats/feature.ts';
import { dayOrderOf, type DayOrder } from '../../formats/cells.ts';
import { linesOf, placesOf, type TableLine } from '../../formats/read-table.ts';
import { looksSwapped, oneADegree, ringsOf } from './lie-of-places.ts';
import type { Asked, Plan, PlannedPath } from './plan.ts';
import { planLine } from './plan-line.ts';
import type { Holding } from './read-import.ts';

export function planImport(holding: Holding, asked: Asked): Plan {
  const plan = new Planner(asked);
  if (holding.kind === 'places') {
    plan.leftOut.push(...holding.places.leftOut);
    for (const feature of holding.places.features) plan.feature(feature);
    return plan.done(null);
  }
  const { lines, leftOut: ragged, missing } = linesOf(holding.table, asked.reading);
  if (missing !== null) return plan.done(`noColumn.${missing}`);
  plan.leftOut.push(...ragged);
  if (asked.reading.kind === 'places') {
    const { features, leftOut } = placesOf(lines);
    plan.leftOut.push(...leftOut);
    for (const feature of features) plan.feature(feature, feature);
  } else {
    const order = dayOrderOf(lines.map((l) => l.values.day));
    for (const line of lines) plan.line(line, order);
  }
  return plan.done(null);
}

const MOST_NAME = 80;
const MOST_NOTE = 600;

type FromTable = { readonly plant: string | null; readonly where: string; readonly since: number | null };

class Planner {
  readonly patches: NewPatch[] = [];
  readonly stands: NewStand[] = [];
  readonly paths: PlannedPath[] = [];
  readonly entries: Entry[] = [];
  readonly shown: ShownPlace[] = [];
  readonly leftOut: LeftOut[] = [];
  private already = 0;
  private crossing = 0;
  private heightGuessed = 0;
  private readonly plantKeys: ReadonlyMap<string, string>;
  private readonly byName = new Map<string, string>();
  /** Keys of places that are there, or that came before in this file. */
  private readonly there = new Set<string>();
  /** Where the group's places are, roughly. */
  private readonly known: readonly OnTheGround[];
  private readonly standKeys = new Set<string>();

  constructor(private readonly asked: Asked) {
    this.plantKeys = new Map(
      [...asked.existing.plants.values()].flatMap(({ profile: p }) =>
        [p.key, p.scientific, ...Object.values(p.names)].map((n) => [n.toLowerCase(), p.key] as const),
      ),
    );
    this.known = oneADegree(asked.existing.patches);
    for (const { id, name } of asked.existing.patches) {
      this.byName.set(name.toLowerCase(), id);
      this.there.add(id);
    }
  }

  done(problem: string | null): Plan {
    const { patches, stands, paths, entries, already, crossing, heightGuessed, shown } = this;
    const leftOut = [...this.leftOut].sort((a, b) => a.at - b.at);
    const empty = patches.length + paths.length + entries.length + stands.length === 0;
    return {
      patches,
      stands,
      paths,
      entries,
      already,
      crossing,
      heightGuessed,
      shown,
      leftOut,
      problem: problem ?? (empty ? 'nothingNew' : null),
    };
  }

  feature(feature: ReadFeature, table: FromTable | null = null): void {
    const { at, geometry } = feature;
    if (geometry.type === 'LineString') return this.addPath(feature, geometry.coordinates);
    if (geometry.type === 'Point')
      return this.addPatch(feature, { type: 'Point', coordinates: geometry.coordinates }, { table, repaired: false });
    const { rings, crosses, problem, notes } = ringsOf(geometry.coordinates, this.asked.reading.repair);
    for (const reason of notes) this.leftOut.push({ at, reason });
    if (crosses) this.crossing++;
    if (!rings) return void this.leftOut.push({ at, reason: problem });
    this.addPatch(feature, { type: 'Polygon', coordinates: rings }, { table, repaired: crosses });
  }

  private addPath({ at, name, path, day }: ReadFeature, coordinates: readonly Position[]): void {
    // A feature may hold several lines: each is a path of its own.
    const id = keyFrom(`path ${at} ${JSON.stringify(coordinates)}`, this.asked.seed);
    const already = this.asked.existing.paths.has(id) || this.paths.some((p) => p.id === id);
    const lengthM = lengthOfLine(coordinates);
    const said = this.cut(name || `${this.asked.fileName} ${at}`, MOST_NAME, at);
    if (already) this.already++;
    else this.paths.push({ id, name: said, kind: path ?? 'track', day, lengthM, coordinates });
    this.show({
      at,
      name: said,
      kind: 'path',
      sizeM: lengthM,
      detail: path ?? 'track',
      repaired: false,
      already,
    });
  }

  private addPatch(
    { at, name, note, heightM, own }: ReadFeature,
    geometry: NewPatch['geometry'],
    { table, repaired }: { readonly table: FromTable | null; readonly repaired: boolean },
  ): void {
    const { groupId, seed, existing, fileName } = this.asked;
    const owner = own ? existing.takenPatches.get(own.id) : undefined;
    // A place that came from another group is a place of its own here.
    const id =
      own && (owner === undefined || owner === groupId)
        ? own.id
        : keyFrom(`patch ${at} ${name} ${JSON.stringify(geometry)}`, seed);
    const said = this.cut(name || `${fileName} ${at}`, MOST_NAME, at);
    const known = table ? this.byName.get(said.toLowerCase()) : undefined;
    const already = owner === groupId || known !== undefined || this.there.has(id);
    const ownHeightM = heightM ?? own?.facts.heightM;
    const centre = centreOf(geometry);
    if (looksSwapped(centre, this.known)) return void this.leftOut.push({ at, reason: 'swapped' });
    try {
      const patch = parse(
        newPatchSchema,
        {
          ...UNKNOWN_FACTS,
          access: this.cut(note, MOST_NOTE, at),
          ...own?.facts,
          id,
          name: said,
          geometry,
          heightM: ownHeightM ?? nearestTo(centre, existing.stations)?.heightM ?? 0,
        },
        '',
      );
      const stands = this.standsOf(own?.stands ?? this.tableStand(table, at), { at, patchId: known ?? id });
      if (already) this.already++;
      else {
        this.patches.push(patch);
        if (ownHeightM === undefined) this.heightGuessed++;
        this.there.add(id);
        this.byName.set(said.toLowerCase(), id);
      }
      this.stands.push(...stands);
      const area = geometry.type === 'Polygon' ? areaOf(geometry.coordinates) : null;
      this.show({
        at,
        name: said,
        kind: area === null ? 'point' : 'area',
        sizeM: area,
        detail: stands.map((s) => s.plantKey).join(', '),
        repaired,
        already,
      });
    } catch (error) {
      if (!(error instanceof AppError)) throw error;
      this.leftOut.push({ at, reason: error.reason ?? 'badInput' });
    }
  }

  private tableStand(table: FromTable | null, at: number): readonly OwnStand[] {
    if (!table?.plant) return [];
    const plantKey = this.plantKeys.get(table.plant.toLowerCase());
    if (!plantKey) {
      this.leftOut.push({ at, reason: 'unknownPlant' });
      return [];
    }
    return [
      {
        id: keyFrom(`stand ${at}`, this.asked.seed),
        plantKey,
        where: table.where,
        since: table.since,
      },
    ];
  }

  private standsOf(
    list: readonly OwnStand[],
    { at, patchId }: { readonly at: number; readonly patchId: string },
  ): readonly NewStand[] {
    const { takenStands, plants } = this.asked.existing;
    return list.flatMap((given: unknown) => {
      // A file says what it likes: what is no stand is left out.
      if (typeof given !== 'object' || given === null) {
        this.leftOut.push({ at, reason: 'badInput' });
        return [];
      }
      const { id, plantKey, where, since } = given as OwnStand;
      // What has its key is there already; what it is cannot be said of a plant that is not known here.
      if (takenStands.has(id) || this.standKeys.has(id)) return [];
      if (!plants.has(plantKey)) {
        this.leftOut.push({ at, reason: 'unknownPlant' });
        return [];
      }
      this.standKeys.add(id);
      return [parse(newStandSchema, { id, patchId, plantKey, where, since, restUntil: null }, '')];
    });
  }

  /** A line of a table of visits or takes: what it says, or why it is left out. */
  line(line: TableLine, order: DayOrder): void {
    const planned = planLine(line, { ...this.asked, order }, this.plantKeys, (text, most) =>
      this.cut(text, most, line.at),
    );
    if (planned.entries === null) {
      const { entries: _, shown: __, ...refusal } = planned;
      return void this.leftOut.push({ at: line.at, ...refusal });
    }
    const { entries, shown } = planned;
    this.entries.push(...entries);
    this.show(shown);
  }

  /** Text no longer than what is kept; that it was longer is said before anything is stored. */
  private cut(text: string, most: number, at: number): string {
    if (text.length > most) this.leftOut.push({ at, reason: 'shortened' });
    return text.slice(0, most);
  }

  private show(place: ShownPlace): void {
    const MOST_SHOWN = 60;
    if (this.shown.length < MOST_SHOWN) this.shown.push(place);
  }
}
