import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';
import { centreOf, xmlText, type IdentityStatus, type PatchFacts, type PatchGeometry } from '@emberfield/contract';
import type { OwnStand } from './feature.ts';

export interface ExportPlace {
  readonly id: string;
  readonly facts: PatchFacts;
  readonly stands: readonly (OwnStand & { readonly plantName: string; readonly identity: IdentityStatus })[];
  /** Its position was shifted or dropped: then facts that tell where it is are not written along. */
  readonly blurred: boolean;
}
export interface ExportPath {
  readonly name: string;
  readonly kind: 'track' | 'route';
  readonly day: string | null;
  readonly coordinates: readonly (readonly [number, number])[];
}

const said = ({ stands, facts }: ExportPlace): string =>
  [stands.map((s) => s.plantName).join(', '), facts.neighbours].filter(Boolean).join(' · ');

/** GeoJSON (RFC 7946), with all that is needed to come back as the same places. */
export function writeGeoJson(places: readonly ExportPlace[], paths: readonly ExportPath[]): string {
  const features = [
    ...places.map((p) => {
      const { geometry, ...facts } = p.facts;
      return {
        type: 'Feature',
        geometry,
        properties: {
          name: facts.name,
          description: said(p),
          heightM: facts.heightM,
          emberfield: {
            id: p.id,
            facts: p.blurred ? { name: facts.name } : facts,
            stands: p.stands.map(({ plantName: _, ...own }) => own),
          },
        },
      };
    }),
    ...paths.map((p) => ({
      type: 'Feature',
      geometry: { type: 'LineString', coordinates: p.coordinates },
      properties: { name: p.name, path: p.kind, ...(p.day ? { day: p.day } : {}) },
    })),
  ];
  return JSON.stringify({ type: 'FeatureCollection', features });
}

/** GPX 1.1: places as waypoints (areas by their middle), paths as tracks and routes, in the order its schema wants. */
export function writeGpx(places: readonly ExportPlace[], paths: readonly ExportPath[]): string {
  const points = places.map((p) => {
    const { latitudeDeg, longitudeDeg } = centreOf(p.facts.geometry);
    return `<wpt lat="${latitudeDeg}" lon="${longitudeDeg}"><ele>${p.facts.heightM}</ele><name>${xmlText(p.facts.name)}</name><desc>${xmlText(said(p))}</desc></wpt>`;
  });
  const dot =
    (tag: string) =>
    ([lon, lat]: readonly [number, number]) =>
      `<${tag} lat="${lat}" lon="${lon}"/>`;
  const routes = paths
    .filter((p) => p.kind === 'route')
    .map((p) => `<rte><name>${xmlText(p.name)}</name>${p.coordinates.map(dot('rtept')).join('')}</rte>`);
  const tracks = paths
    .filter((p) => p.kind === 'track')
    .map(
      (p) => `<trk><name>${xmlText(p.name)}</name><trkseg>${p.coordinates.map(dot('trkpt')).join('')}</trkseg></trk>`,
    );
  return `<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="Emberfield" xmlns="http://www.topografix.com/GPX/1/1">${[...points, ...routes, ...tracks].join('\n')}</gpx>\n`;
}

/** KML 2.2: places as points and areas, paths as lines. */
export function writeKml(places: readonly ExportPlace[], paths: readonly ExportPath[]): string {
  const list = (points: readonly (readonly [number, number])[]): string =>
    points.map(([lon, lat]) => `${lon},${lat}`).join(' ');
  const ringOf = (ring: readonly (readonly [number, number])[], n: number): string => {
    const side = n === 0 ? 'outerBoundaryIs' : 'innerBoundaryIs';
    return `<${side}><LinearRing><coordinates>${list(ring)}</coordinates></LinearRing></${side}>`;
  };
  const shape = (g: PatchGeometry): string =>
    g.type === 'Point'
      ? `<Point><coordinates>${list([g.coordinates])}</coordinates></Point>`
      : `<Polygon>${g.coordinates.map(ringOf).join('')}</Polygon>`;
  const marks = [
    ...places.map(
      (p) =>
        `<Placemark><name>${xmlText(p.facts.name)}</name><description>${xmlText(said(p))}</description>${shape(p.facts.geometry)}</Placemark>`,
    ),
    ...paths.map(
      (p) =>
        `<Placemark><name>${xmlText(p.name)}</name><LineString><coordinates>${list(p.coordinates)}</coordinates></LineString></Placemark>`,
    ),
  ];
  return `<?xml version="1.0" encoding="UTF-8"?>\n<kml xmlns="http://www.opengis.net/kml/2.2"><Document><name>Emberfield</name>${marks.join('\n')}</Document></kml>\n`;
}

export const writeKmz = (places: readonly ExportPlace[], paths: readonly ExportPath[]): Buffer =>
  Buffer.from(zipSync({ 'doc.kml': strToU8(writeKml(places, paths)) }));

/**
 * A table with heads. A cell that a spreadsheet would take for a formula gets an apostrophe before it: names come from people,
 * and a formula may send what stands beside it elsewhere.
 */
export const writeCsv = (heads: readonly string[], rows: readonly (readonly (string | number | null)[])[]): string =>
  Papa.unparse({ fields: [...heads], data: rows.map((r) => r.map((cell) => guarded(cell))) }, { newline: '\r\n' });
const guarded = (cell: string | number | null): string | number => {
  if (cell === null) return '';
  return typeof cell === 'string' && /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;
};
