import { expect } from 'chai';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { AppError } from '../platform/errors.ts';
import { detectFormat } from './detect.ts';
import { inUtf8 } from './encoding.ts';
import type { Position } from './feature.ts';
import { readGeoJson } from './read-geojson.ts';
import { readGpx, thinned } from './read-gpx.ts';
import { readKml, unpackKmz } from './read-kml.ts';
import { reasonOf } from './reason-of.ts';

const gpx = (inside: string, head = ''): Buffer =>
  Buffer.from(
    `<?xml version="1.0"?>${head}<gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1">${inside}</gpx>`,
  );

describe('files as old programs write them', () => {
  const inside = '<wpt lat="46.01" lon="-30.02"><name>Müllers Hecke</name></wpt>';
  const nameIn = async (content: Buffer) => (await readGpx(inUtf8(content))).features[0]!.name;
  it('are read in UTF-16 and in the encoding that they declare', async () => {
    const text = gpx(inside).toString();
    const declared = text.replace('<?xml version="1.0"?>', '<?xml version="1.0" encoding="ISO-8859-1"?>');
    const swapped = Buffer.from(`\uFEFF${text}`, 'utf16le').swap16();
    for (const content of [
      Buffer.from(`\uFEFF${text}`, 'utf16le'),
      swapped,
      Buffer.from(declared, 'latin1'),
      Buffer.from(text),
    ]) {
      expect(detectFormat(inUtf8(content), 'places.gpx')).to.equal('gpx');
      expect(await nameIn(content)).to.equal('Müllers Hecke');
    }
  });
  it('are read with a prefix before every tag', async () => {
    const prefixed = Buffer.from('<g:gpx xmlns:g="x"><g:wpt lat="1" lon="2"><g:name>A</g:name></g:wpt></g:gpx>');
    expect(detectFormat(prefixed, 'a.gpx')).to.equal('gpx');
    expect((await readGpx(prefixed)).features[0]).to.include({ name: 'A' });
    const kml =
      '<k:kml xmlns:k="http://www.opengis.net/kml/2.2"><k:Document><k:Placemark><k:name>B</k:name><k:Point><k:coordinates>2,1</k:coordinates></k:Point></k:Placemark></k:Document></k:kml>';
    expect(detectFormat(Buffer.from(kml), 'b.kml')).to.equal('kml');
    expect(readKml(kml).features[0]).to.include({ name: 'B' });
  });
  it('put nothing at nought: an empty latitude, a height in words or in sixteens are none', async () => {
    const { features, leftOut } = await readGpx(
      gpx(
        '<wpt lat="" lon="2"/><wpt lat="0x33" lon="2"/><wpt lat="5.1e1" lon="2"><ele>high</ele></wpt><wpt lat="+51." lon=".5"/>',
      ),
    );
    expect(leftOut.map((l) => l.at)).to.deep.equal([1, 2]);
    expect(features.map((f) => f.geometry.coordinates)).to.deep.equal([
      [2, 51],
      [0.5, 51],
    ]);
    expect(features[0]!.heightM).to.equal(null);
  });
});

describe('GPX', () => {
  it('gives waypoints as points, tracks as a walked path for each of their pieces, routes as planned ones', async () => {
    const { features, leftOut } = await readGpx(
      gpx(`<metadata><name>Out</name><time>2026-05-01T08:00:00Z</time></metadata>
        <wpt lat="46.01" lon="-30.02"><ele>41.5</ele><name>Mill &amp; hedge</name><desc>gate</desc></wpt>
        <rte><name>Plan</name><rtept lat="46" lon="-30"><name>a</name></rtept><rtept lat="46.1" lon="-30"/></rte>
        <trk><name>Walk</name><trkseg><trkpt lat="46" lon="-30"><time>2026-05-02T09:00:00Z</time></trkpt><trkpt lat="46.01" lon="-30"/></trkseg><trkseg><trkpt lat="46.02" lon="-30.01"/><trkpt lat="0" lon="0"/><trkpt lat="46.03" lon="-30.01"/></trkseg><trkseg><trkpt lat="46.04" lon="-30"/></trkseg></trk>`),
    );
    expect(leftOut).to.deep.equal([
      { at: 3, reason: 'pointsDropped' },
      { at: 3, reason: 'shortPieces' },
    ]);
    expect(features.map((f) => [f.name, f.path, f.geometry.type])).to.deep.equal([
      ['Mill & hedge', null, 'Point'],
      ['Plan', 'route', 'LineString'],
      ['Walk 1', 'track', 'LineString'],
      ['Walk 2', 'track', 'LineString'],
    ]);
    expect(features[0]).to.deep.include({ heightM: 41.5, note: 'gate', day: null });
    expect(features[2]!.day).to.equal('2026-05-02');
    expect(features.slice(2).map((f) => f.geometry.coordinates.length)).to.deep.equal([2, 2]);
  });
  it('says nothing of a piece in which there is nothing', async () => {
    const piece = '<trkseg><trkpt lat="46" lon="-30"/><trkpt lat="46.01" lon="-30"/></trkseg>';
    const { features, leftOut } = await readGpx(gpx(`<trk><trkseg/>${piece}<trkseg/></trk>`));
    expect([features.length, leftOut]).to.deep.equal([1, []]);
  });
  it('keeps the beginning of a text without end, so that what is cut can be said', async () => {
    const { features } = await readGpx(
      gpx(`<wpt lat="46" lon="-30"><name>A</name><desc>${'long '.repeat(9000)}</desc></wpt>`),
    );
    expect(features[0]!.note.length).to.be.within(9_990, 10_000);
  });
  it('says which were left out: outside the world, without a position', async () => {
    const { features, leftOut } = await readGpx(
      gpx('<wpt lat="96" lon="0"/><wpt lat="x" lon="0"/><wpt lat="1" lon="1"/><trk><trkseg/></trk>'),
    );
    expect(features).to.have.length(1);
    expect(leftOut).to.deep.equal([
      { at: 1, reason: 'swapped' },
      { at: 2, reason: 'outsideTheWorld' },
      { at: 4, reason: 'noPosition' },
    ]);
  });
  it('refuses entities and document types, what is cut off, and what is no GPX', async () => {
    const bomb = '<!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;">]>';
    expect(await reasonOf(() => readGpx(gpx('<wpt lat="1" lon="1"><name>&b;</name></wpt>', bomb)))).to.equal(
      'xmlEntities',
    );
    expect(await reasonOf(() => readGpx(gpx('<wpt lat="1" lon="1"><name>x').subarray(0, 90)))).to.equal('brokenXml');
    expect(await reasonOf(() => readGpx(Buffer.from('<kml/>')))).to.equal('notGpx');
    expect(await reasonOf(() => readGpx(Buffer.from([0x3c, 0xff, 0xfe])))).to.equal('notUtf8');
  });
  it('reads letters that lie across two pieces of the file, and stops when nobody waits any more', async () => {
    const long = gpx(
      `<wpt lat="1" lon="1"><name>${'ö'.repeat(200_000)}</name></wpt><wpt lat="2" lon="2"><name>ü</name></wpt>`,
    );
    expect((await readGpx(long)).features[1]!.name).to.equal('ü');
  });
  it('thins a path without moving its ends, and within its limit', () => {
    const line = Array.from({ length: 50_000 }, (_, i): Position => [i / 1e4, Math.sin(i) / 100]);
    const kept = thinned(line);
    expect(kept.length).to.be.at.most(4000);
    expect([kept[0], kept.at(-1)]).to.deep.equal([
      [0, 0],
      [4.9999, Math.round((Math.sin(49_999) / 100) * 1e6) / 1e6],
    ]);
  });
});

describe('GeoJSON', () => {
  it('opens collections and parts of areas, and leaves out what is no place', () => {
    const square = [
      [
        [0, 0],
        [0, 1],
        [1, 1],
        [0, 0],
      ],
    ];
    const { features, leftOut } = readGeoJson(
      JSON.stringify({
        type: 'FeatureCollection',
        features: [
          {
            type: 'Feature',
            properties: { name: 'Two' },
            geometry: { type: 'MultiPolygon', coordinates: [square, square] },
          },
          { type: 'Feature', properties: null, geometry: { type: 'Point', coordinates: [5, 6, 70] } },
          { type: 'Feature', properties: {}, geometry: null },
          { type: 'Feature', properties: {}, geometry: { type: 'Circle', coordinates: [1, 2] } },
          { type: 'Feature', properties: {}, geometry: { type: 'Point', coordinates: [200, 2] } },
        ],
      }),
    );
    expect(features.map((f) => f.name)).to.deep.equal(['Two 1', 'Two 2', '']);
    expect(leftOut.map((l) => l.reason)).to.deep.equal(['noPosition', 'unknownGeometry', 'outsideTheWorld']);
  });
  it('refuses what is cut off or is other JSON', async () => {
    expect(await reasonOf(() => readGeoJson('{"type":"FeatureCollection","features":['))).to.equal('brokenJson');
    expect(await reasonOf(() => readGeoJson('[1,2]'))).to.equal('notGeoJson');
    expect(await reasonOf(() => readGeoJson('{"type":"Topology","arcs":[]}'))).to.equal('topology');
  });
  it('never fails otherwise, whatever JSON it is given', () => {
    fc.assert(
      fc.property(fc.json(), (text) => {
        try {
          readGeoJson(`{"type":"FeatureCollection","features":[${text}]}`);
          return true;
        } catch (error) {
          return error instanceof AppError;
        }
      }),
    );
  });
});

describe('KML and KMZ', () => {
  const text =
    '<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Document><Placemark><name>Rim</name><Point><coordinates>-30.01,46.02,12</coordinates></Point></Placemark></Document></kml>';
  it('give their placemarks', () => {
    expect(readKml(text).features.map((f) => [f.name, f.geometry.coordinates])).to.deep.equal([
      ['Rim', [-30.01, 46.02]],
    ]);
    expect(unpackKmz(Buffer.from(zipSync({ 'doc.kml': strToU8(text), 'a.png': new Uint8Array(9) })))).to.equal(text);
  });
  it('are refused with entities, cut off, or of another kind', async () => {
    expect(await reasonOf(() => readKml(`<!DOCTYPE kml SYSTEM "file:///etc/passwd">${text}`))).to.equal('xmlEntities');
    expect(await reasonOf(() => readKml(text.slice(0, 120)))).to.equal('brokenXml');
    expect(await reasonOf(() => readKml('<html/>'))).to.equal('notKml');
  });
  it('are refused as archives that lead out, grow without end, or hold no KML', async () => {
    const zip = (files: Record<string, Uint8Array>) => Buffer.from(zipSync(files));
    expect(await reasonOf(() => unpackKmz(zip({ '../../doc.kml': strToU8(text) })))).to.equal('archivePath');
    expect(await reasonOf(() => unpackKmz(zip({ '/doc.kml': strToU8(text) })))).to.equal('archivePath');
    expect(await reasonOf(() => unpackKmz(zip({ 'doc.kml': new Uint8Array(20 * 1024 * 1024) })))).to.equal(
      'archiveTooLarge',
    );
    expect(await reasonOf(() => unpackKmz(zip({ 'a.txt': strToU8('x') })))).to.equal('noKmlInside');
    expect(await reasonOf(() => unpackKmz(zip({ 'doc.kml': strToU8(text) }).subarray(0, 60)))).to.equal(
      'brokenArchive',
    );
  });
});

describe('what a file is', () => {
  it('is told by its content, and a name that says otherwise is refused', async () => {
    const kml = Buffer.from('<?xml version="1.0"?><kml></kml>');
    expect(detectFormat(kml, 'a.kml')).to.equal('kml');
    expect(detectFormat(gpx(''), 'noname')).to.equal('gpx');
    expect(detectFormat(Buffer.from('{"type":"x"}'), 'a.json')).to.equal('geojson');
    expect(detectFormat(Buffer.from('a;b\n1;2'), 'a.csv')).to.equal('csv');
    for (const [content, name] of [
      [kml, 'a.gpx'],
      [Buffer.from('a,b'), 'a.geojson'],
      [Buffer.from([0, 1, 2, 3, 4]), 'a.csv'],
      [Buffer.from('<html></html>'), 'x'],
    ] as const)
      expect(await reasonOf(() => detectFormat(content, name)), name).to.equal('notWhatItsNameSays');
    expect(await reasonOf(() => detectFormat(Buffer.alloc(0), 'a.gpx'))).to.equal('emptyFile');
  });
});
