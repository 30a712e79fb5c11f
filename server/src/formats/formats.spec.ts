import { expect } from 'chai';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { AppError } from '../platform/errors.ts';
import { detectFormat } from './detect.ts';
import { inUtf8 } from './encoding.ts';
import type { Position } from './feature.ts';
import { crossesItself, inTheWorld, repairedRing, tidyRing } from './geometry-check.ts';
import { readGeoJson } from './read-geojson.ts';
import { readGpx, thinned } from './read-gpx.ts';
import { readKml, unpackKmz } from './read-kml.ts';
import { dayIn, guessPlaceReading, linesOf, numberIn, placesOf, tableOf } from './read-table.ts';
import { writeCsv } from './write.ts';

const reasonOf = async (work: () => unknown): Promise<string | null> => {
  try {
    await work();
    return null;
  } catch (error) {
    if (error instanceof AppError) return error.reason;
    throw error;
  }
};
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
  it('gives waypoints as points, tracks as walked paths over all their pieces, routes as planned ones', async () => {
    const { features, leftOut } = await readGpx(
      gpx(`<metadata><name>Out</name><time>2026-05-01T08:00:00Z</time></metadata>
        <wpt lat="46.01" lon="-30.02"><ele>41.5</ele><name>Mill &amp; hedge</name><desc>gate</desc></wpt>
        <rte><name>Plan</name><rtept lat="46" lon="-30"><name>a</name></rtept><rtept lat="46.1" lon="-30"/></rte>
        <trk><name>Walk</name><trkseg><trkpt lat="46" lon="-30"><time>2026-05-02T09:00:00Z</time></trkpt><trkpt lat="46.01" lon="-30"/></trkseg><trkseg><trkpt lat="46.02" lon="-30.01"/></trkseg></trk>`),
    );
    expect(leftOut).to.deep.equal([]);
    expect(features.map((f) => [f.name, f.path, f.geometry.type])).to.deep.equal([
      ['Mill & hedge', null, 'Point'],
      ['Plan', 'route', 'LineString'],
      ['Walk', 'track', 'LineString'],
    ]);
    expect(features[0]).to.deep.include({ heightM: 41.5, note: 'gate', day: null });
    expect(features[2]!.day).to.equal('2026-05-02');
    expect((features[2]!.geometry.coordinates as Position[]).length).to.equal(3);
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
      { at: 1, reason: 'outsideTheWorld' },
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

describe('tables', () => {
  it('are matched by their heads, whatever parts them', () => {
    const table = tableOf('\uFEFFPlace;Lat;Lon;Species\nMill;46,01;-30,02;Elder\n;46;-30;Elder\nRim;146;-30;\n');
    const reading = guessPlaceReading(table);
    expect(reading.kind).to.equal('places');
    const { features, leftOut } = placesOf(linesOf(table, reading).lines);
    expect(features.map((f) => [f.name, f.geometry.coordinates, f.plant])).to.deep.equal([
      ['Mill', [-30.02, 46.01], 'Elder'],
    ]);
    expect(leftOut).to.deep.equal([
      { at: 3, reason: 'noName' },
      { at: 4, reason: 'outsideTheWorld' },
    ]);
  });
  it('of takes and visits are known by what they need', () => {
    const kindOf = (heads: string) => guessPlaceReading(tableOf(`${heads}\n1,2,3,4,5`)).kind;
    expect(kindOf('day,name,plant,part,amount')).to.equal('takes');
    expect(kindOf('date,place,note,x')).to.equal('visits');
    expect(linesOf(tableOf('a,b\n1,2'), guessPlaceReading(tableOf('a,b\n1,2'))).missing).to.equal('name');
  });
  it('read numbers and days as people write them', () => {
    expect(['46.5', '46,5', '-3', '1.2.3', '', 'x'].map(numberIn)).to.deep.equal([46.5, 46.5, -3, null, null, null]);
    expect(['2026-05-15', '15.05.2026', '5/6/2026', '31.02.2026', 'May'].map(dayIn)).to.deep.equal([
      '2026-05-15',
      '2026-05-15',
      '2026-06-05',
      null,
      null,
    ]);
  });
  it('are refused where a quotation mark stays open, or with one column', async () => {
    expect(await reasonOf(() => tableOf('a,b\n"1,2'))).to.equal('brokenQuotes');
    expect(await reasonOf(() => tableOf('just words'))).to.equal('notATable');
  });
  it('are written so that no cell is a formula', () => {
    const [, line] = writeCsv(['a', 'b'], [['=HYPERLINK("x")', -5]]).split('\r\n');
    expect(line).to.equal(`"'=HYPERLINK(""x"")",-5`);
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

describe('a boundary', () => {
  const bow: Position[] = [
    [0, 0],
    [2, 2],
    [2, 0],
    [0, 3],
    [0, 0],
  ];
  it('that crosses itself is seen, and its largest simple area offered', () => {
    expect(crossesItself(bow)).to.equal(true);
    const repaired = repairedRing(bow)!;
    expect(crossesItself(repaired)).to.equal(false);
    expect(repaired.length).to.equal(4);
  });
  it('that is simple is not, whichever way round', () => {
    const square: Position[] = [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
      [0, 0],
    ];
    expect(crossesItself(square)).to.equal(false);
    expect(crossesItself([...square].reverse())).to.equal(false);
  });
  it('that touches itself at a corner crosses itself too', () => {
    expect(
      crossesItself([
        [0, 0],
        [2, 0],
        [1, 1],
        [2, 2],
        [0, 2],
        [1, 1],
        [0, 0],
      ]),
    ).to.equal(true);
  });
  it('is closed and rid of repeats; with fewer than three corners it is none', () => {
    expect(
      tidyRing([
        [0, 0],
        [0, 0],
        [1, 0],
        [1, 1],
      ]),
    ).to.deep.equal([
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 0],
    ]);
    expect(
      tidyRing([
        [0, 0],
        [1, 1],
        [0, 0],
      ]),
    ).to.equal(null);
  });
  it('repaired never crosses itself', () => {
    const corner = fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 })) as fc.Arbitrary<Position>;
    fc.assert(
      fc.property(fc.array(corner, { minLength: 4, maxLength: 9 }), (points) => {
        const ring = tidyRing(points);
        const repaired = ring && repairedRing(ring);
        return !repaired || !crossesItself(repaired);
      }),
    );
  });
  it('lies in the world or not', () => {
    expect(
      [
        [0, 0],
        [180, 90],
        [181, 0],
        [0, -91],
        [NaN, 0],
      ].map((p) => inTheWorld(p as unknown as Position)),
    ).to.deep.equal([true, true, false, false, false]);
  });
});
