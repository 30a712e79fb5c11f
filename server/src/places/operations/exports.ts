import { centreOf, EXPORTS, SECRET_WAYS, type EntryBodies, type SecretWay } from '@emberfield/contract';
import type { Words } from '@emberfield/words';
import type { Dependencies } from '../../dependencies.ts';
import {
  writeCsv,
  writeGeoJson,
  writeGpx,
  writeKml,
  writeKmz,
  type ExportPath,
  type ExportPlace,
} from '../../formats/write.ts';
import { factsOf, patchesOf, visibleTo, type Viewer } from '../../patches/index.ts';
import { audit } from '../../people/index.ts';
import { plantsOf, type KnownPlant } from '../../plants/index.ts';
import { AppError } from '../../platform/errors.ts';
import type { GroupContext, InGroup } from '../../platform/http/context.ts';
import { FileAnswer } from '../../platform/http/file-answer.ts';
import { standsOf } from '../../stands/index.ts';
import { entriesToExport } from '../repository.ts';
import { visiblePaths } from './paths.ts';

const TYPES: Readonly<Record<string, string>> = {
  geojson: 'application/geo+json',
  gpx: 'application/gpx+xml',
  kml: 'application/vnd.google-earth.kml+xml',
  kmz: 'application/vnd.google-earth.kmz',
  csv: 'text/csv; charset=utf-8',
};

/** Nobody in particular. */
const STRANGER: Viewer = { role: 'watcher', accountId: '', language: 'en' };

/** A file of what a group knows. Secret places are shifted or left out, unless who asks sees them and says exactly. */
export async function exportFile(deps: Dependencies, context: GroupContext<null>): Promise<FileAnswer> {
  const { group, account, params, query } = context;
  const what = EXPORTS.find((e) => e === params['what']);
  if (!what) throw new AppError('noSuchRoute');
  const format = what === 'places' ? (query['format'] ?? 'geojson') : 'csv';
  if (!Object.hasOwn(TYPES, format)) throw new AppError('badInput', { field: 'query.format', reason: 'notOneOf' });
  const secret = SECRET_WAYS.find((s) => s === (query['secret'] ?? 'blur'));
  if (!secret) throw new AppError('badInput', { field: 'query.secret', reason: 'notOneOf' });
  const plants = await plantsOf(deps, group.id);
  const places = await placesOut(deps, context, { secret, plants });
  const content =
    what === 'places'
      ? await inFormat(format, places, () => pathsOut(deps, group))
      : await tableOut(deps, { what, groupId: group.id, places, plants, accountId: account.accountId });
  await audit(deps.db, { group, account, at: deps.clock.now() }, 'exported', { what, format, secret });
  return new FileAnswer(content, TYPES[format]!, `emberfield-${what}-${group.today}.${format}`);
}

async function inFormat(
  format: string,
  places: readonly ExportPlace[],
  paths: () => Promise<readonly ExportPath[]>,
): Promise<Buffer | string> {
  switch (format) {
    case 'gpx':
      return writeGpx(places, await paths());
    case 'kml':
      return writeKml(places, await paths());
    case 'kmz':
      return writeKmz(places, await paths());
    case 'csv':
      return writeCsv(
        ['name', 'latitude', 'longitude', 'height', 'plant', 'where', 'since', 'note'],
        places.flatMap((p) => {
          const { latitudeDeg, longitudeDeg } = centreOf(p.facts.geometry);
          const start = [p.facts.name, latitudeDeg, longitudeDeg, p.facts.heightM];
          return p.stands.length
            ? p.stands.map((s) => [...start, s.plantName, s.where, s.since, p.facts.access])
            : [[...start, null, null, null, p.facts.access]];
        }),
      );
    default:
      return writeGeoJson(places, await paths());
  }
}

interface Ways {
  readonly secret: SecretWay;
  readonly plants: ReadonlyMap<string, KnownPlant>;
}

async function placesOut(
  deps: Dependencies,
  { group }: GroupContext<null>,
  { secret, plants }: Ways,
): Promise<readonly ExportPlace[]> {
  const [rows, stands] = await Promise.all([patchesOf(deps.db, group.id), standsOf(deps.db, group.id)]);
  return rows.flatMap((row): ExportPlace[] => {
    // A file travels on: a secret place is in it as somebody would see it who may not see it, unless who asks may and says so.
    const shown = visibleTo(secret === 'exact' ? group.viewer : STRANGER, row, deps.words);
    const exact = !shown.blurred;
    if (!exact && secret === 'leaveOut') return [];
    const here = stands.filter((s) => s.patch.id === row.id);
    return [
      {
        id: row.id,
        facts: factsOf(shown),
        blurred: !exact,
        stands: here.map(({ stand: s }) => ({
          id: s.id,
          plantKey: s.plantKey,
          plantName: plants.get(s.plantKey)?.profile.names['en'] ?? s.plantKey,
          where: exact ? s.where : '',
          identity: s.identity,
          since: s.sinceYear,
        })),
      },
    ];
  });
}

async function pathsOut(deps: Dependencies, group: InGroup): Promise<readonly ExportPath[]> {
  return (await visiblePaths(deps, group)).map(({ name, kind, day, geometry }) => ({
    name,
    kind,
    day,
    coordinates: (geometry as { readonly coordinates: ExportPath['coordinates'] }).coordinates,
  }));
}

interface TableAsked {
  readonly what: 'stands' | 'visits' | 'takes';
  readonly groupId: string;
  readonly places: readonly ExportPlace[];
  readonly plants: ReadonlyMap<string, KnownPlant>;
  readonly accountId: string;
}

async function tableOut(
  { db, words }: Dependencies,
  { what, groupId, places, plants, accountId }: TableAsked,
): Promise<string> {
  const plantName = (key: string | null): string => (key === null ? '' : (plants.get(key)?.profile.names['en'] ?? key));
  if (what === 'stands')
    return writeCsv(
      ['name', 'plant', 'scientific', 'where', 'identity', 'since', 'latitude', 'longitude'],
      places.flatMap((p) => {
        const { latitudeDeg, longitudeDeg } = centreOf(p.facts.geometry);
        return p.stands.map((s) => [
          p.facts.name,
          s.plantName,
          plants.get(s.plantKey)?.profile.scientific ?? '',
          s.where,
          s.identity,
          s.since,
          latitudeDeg,
          longitudeDeg,
        ]);
      }),
    );
  const shownPlaces = new Map(places.map((p) => [p.id, p]));
  const nameOf = (patchId: string): string => shownPlaces.get(patchId)!.facts.name;
  const whereOf = (patchId: string, standId: string | null): string =>
    shownPlaces.get(patchId)!.stands.find((s) => s.id === standId)?.where ?? '';
  const all = await entriesToExport(
    db,
    groupId,
    what === 'takes' ? ['take'] : ['stageSighting', 'note', 'search', 'identity', 'census', 'loss'],
  );
  const replaced = new Set(all.flatMap(({ entry }) => (entry.replaces ? [entry.replaces] : [])));
  const rows = all.filter(
    ({ entry }) => entry.kind !== 'withdrawal' && !replaced.has(entry.id) && shownPlaces.has(entry.patchId),
  );
  if (what === 'takes')
    return writeCsv(
      ['day', 'name', 'plant', 'where', 'part', 'amount', 'measure', 'plants', 'method', 'verdict', 'by'],
      rows.map(({ entry, by, plantKey, verdict }) => {
        const { part, amount, measure, plants: touched, method = 'usual' } = entry.body as EntryBodies['take'];
        const taken = [part, amount, measure, touched, method];
        const at = [nameOf(entry.patchId), plantName(plantKey), whereOf(entry.patchId, entry.standId)];
        return [entry.day, ...at, ...taken, verdict, by];
      }),
    );
  return writeCsv(
    ['day', 'name', 'plant', 'where', 'kind', 'stage', 'reached', 'count', 'note', 'by'],
    rows
      // What people wrote of a place tells where it is.
      .filter(
        ({ entry }) => !shownPlaces.get(entry.patchId)!.blurred || entry.kind !== 'note' || entry.madeBy === accountId,
      )
      .map(({ entry, by, plantKey }) => [
        entry.day,
        nameOf(entry.patchId),
        plantName(plantKey),
        whereOf(entry.patchId, entry.standId),
        entry.kind,
        ...saidIn(entry, plants.get(plantKey ?? ''), words('en')),
        by,
      ]),
  );
}

/** What an entry says, as the columns of a table of visits: in English as its heads are, so that it can come in again as what it was. */
function saidIn(
  { kind, body }: { readonly kind: string; readonly body: unknown },
  plant: KnownPlant | undefined,
  words: Words,
): readonly [stage: string, reached: string, count: number | null, note: string] {
  const noted = (note: string) => ['', '', null, note] as const;
  switch (kind) {
    case 'note':
      return noted((body as EntryBodies['note']).text);
    case 'stageSighting': {
      const { stage, reached } = body as EntryBodies['stageSighting'];
      const name = plant?.profile.stages.find((s) => s.key === stage)?.name['en'] ?? stage;
      return [name, words.t(reached ? 'visit.reached' : 'visit.notYet'), null, ''];
    }
    case 'census': {
      const census = body as EntryBodies['census'];
      return census.method === 'complete' ? ['', '', census.plants, ''] : noted(JSON.stringify(census));
    }
    case 'search': {
      const { lookedFor, found } = body as EntryBodies['search'];
      return noted(`${lookedFor}: ${words.t(found ? 'visit.found' : 'visit.notFound')}`);
    }
    case 'identity':
      return noted(words.t(`stand.${(body as EntryBodies['identity']).status}`));
    case 'loss': {
      const { cause, share } = body as EntryBodies['loss'];
      return noted(`${words.t(`visit.lossCause.${cause}`)} ${words.format.percent(share)} %`);
    }
    default:
      return noted(JSON.stringify(body));
  }
}
