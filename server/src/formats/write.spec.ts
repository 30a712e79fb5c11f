import { expect } from 'chai';
import { SaxesParser } from 'saxes';
import { UNKNOWN_FACTS } from '@emberfield/contract';
import { readGeoJson } from './read-geojson.ts';
import { readGpx } from './read-gpx.ts';
import { readKml } from './read-kml.ts';
import { tableOf } from './read-table.ts';
import { writeCsv, writeGeoJson, writeGpx, writeKml, type ExportPath, type ExportPlace } from './write.ts';

const ODD = 'Müller’s <b>"hedge"</b> & co \u0007 🌿';
const CLEAN = ODD.replace('\u0007', '');
const place = (over: Partial<ExportPlace> = {}, facts: object = {}): ExportPlace => ({
  id: '01900000-0000-7000-8000-000000000001',
  facts: {
    ...UNKNOWN_FACTS,
    name: ODD,
    geometry: { type: 'Point', coordinates: [-30.5, 46.25] },
    access: 'by the gate',
    ...facts,
  },
  stands: [
    {
      id: '01900000-0000-7000-8000-000000000002',
      plantKey: 'elder',
      plantName: 'Elder',
      where: 'end',
      identity: 'confirmed',
      since: 2011,
    },
  ],
  blurred: false,
  ...over,
});
const PATHS: readonly ExportPath[] = [
  {
    name: 'Walk',
    kind: 'track',
    day: '2026-05-01',
    coordinates: [
      [-30, 46],
      [-30.1, 46.1],
    ],
  },
  {
    name: 'Plan',
    kind: 'route',
    day: null,
    coordinates: [
      [-30, 46],
      [-30.2, 46.2],
    ],
  },
];
/** Whether a text is XML that a strict reader takes. */
function wellFormed(text: string): boolean {
  let fine = true;
  const parser = new SaxesParser();
  parser.on('error', () => (fine = false));
  parser.write(text).close();
  return fine;
}

describe('writing places', () => {
  it('gives XML that a strict reader takes, whatever a place is called', () => {
    expect(wellFormed(writeGpx([place()], PATHS))).to.equal(true);
    expect(wellFormed(writeKml([place()], PATHS))).to.equal(true);
  });
  it('comes back with the same names, positions and paths from each format', async () => {
    const read = [
      await readGpx(Buffer.from(writeGpx([place()], PATHS))),
      readKml(writeKml([place()], PATHS)),
      readGeoJson(writeGeoJson([place()], PATHS)),
    ];
    for (const [i, { features, leftOut }] of read.entries()) {
      expect(leftOut).to.deep.equal([]);
      expect(features.map((f) => f.geometry.type)).to.have.members(['Point', 'LineString', 'LineString']);
      const point = features.find((f) => f.geometry.type === 'Point')!;
      expect(point.geometry.coordinates).to.deep.equal([-30.5, 46.25]);
      expect(point.name).to.equal(i === 2 ? ODD : CLEAN);
    }
    expect(read[0]!.features.map((f) => f.path)).to.deep.equal([null, 'route', 'track']);
    expect(read[2]!.features.map((f) => [f.path, f.day])).to.deep.equal([
      [null, null],
      ['track', '2026-05-01'],
      ['route', null],
    ]);
  });
  it('says of an area its boundary in KML and GeoJSON, its middle in GPX', async () => {
    const ring = [
      [-30, 46],
      [-29.99, 46],
      [-29.99, 46.01],
      [-30, 46.01],
      [-30, 46],
    ];
    const area = place({}, { geometry: { type: 'Polygon', coordinates: [ring] } });
    expect(readKml(writeKml([area], [])).features[0]!.geometry).to.deep.equal({ type: 'Polygon', coordinates: [ring] });
    expect(readGeoJson(writeGeoJson([area], [])).features[0]!.geometry).to.deep.equal({
      type: 'Polygon',
      coordinates: [ring],
    });
    const { features } = await readGpx(Buffer.from(writeGpx([area], [])));
    const [lon, lat] = features[0]!.geometry.coordinates as [number, number];
    expect([lon, lat].map((v) => Math.round(v * 1e6) / 1e6)).to.deep.equal([-29.995, 46.005]);
  });
  it('carries along what makes it the same place, and of a blurred one no more than its name', () => {
    const own = (p: ExportPlace) => readGeoJson(writeGeoJson([p], [])).features[0]!.own!;
    expect(own(place())).to.deep.include({ id: place().id });
    expect(own(place()).facts).to.include({ access: 'by the gate', canopy: 'open' }).and.not.have.property('geometry');
    expect(own(place()).stands).to.deep.equal([
      {
        id: '01900000-0000-7000-8000-000000000002',
        plantKey: 'elder',
        where: 'end',
        identity: 'confirmed',
        since: 2011,
      },
    ]);
    expect(own(place({ blurred: true })).facts).to.deep.equal({ name: ODD });
  });
  it('of nothing gives empty files that are read as empty', async () => {
    expect((await readGpx(Buffer.from(writeGpx([], [])))).features).to.deep.equal([]);
    expect(readKml(writeKml([], [])).features).to.deep.equal([]);
    expect(readGeoJson(writeGeoJson([], [])).features).to.deep.equal([]);
  });
  it('quotes cells of a table, keeps numbers, leaves empty what is not known, and defuses formulas of every kind', () => {
    const text = writeCsv(
      ['a', 'b', 'c'],
      [
        ['x, "y"', 1.5, null],
        ['=1', '+1', '-1'],
        ['@x', '\tx', 'a=b'],
      ],
    );
    expect(text.split('\r\n')).to.deep.equal(['a,b,c', '"x, ""y""",1.5,', "'=1,'+1,'-1", "'@x,'\tx,a=b"]);
  });
  it('comes back as it was: the apostrophe is ours, and goes again', () => {
    const rows = [
      ['=1', '+1'],
      ["'quoted'", 'a=b'],
    ];
    expect(tableOf(writeCsv(['a', 'b'], rows)).rows).to.deep.equal(rows);
  });
});
