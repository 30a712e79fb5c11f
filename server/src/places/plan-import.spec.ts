import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { TABLE_FIELDS, type PlaceReading } from '@emberfield/contract';
import type { ReadFeature } from '../formats/feature.ts';
import { tableOf } from '../formats/read-table.ts';
import { planImport } from './operations/plan-import.ts';
import type { Existing } from './operations/plan.ts';
import { firstReading, type Holding } from './operations/read-import.ts';

const GROUP = '01900000-0000-7000-8000-00000000000a';
const KEY = '01900000-0000-7000-8000-0000000000';
const plants = new Map(CATALOGUE.map((profile) => [profile.key, { profile, revision: 0, copiedFrom: null }]));
const existing = (over: Partial<Existing> = {}): Existing => ({
  plants,
  patches: [],
  stations: [],
  paths: new Set(),
  stands: [],
  takenPatches: new Map(),
  takenStands: new Set(),
  ...over,
});
const NO_COLUMNS = Object.fromEntries(TABLE_FIELDS.map((f) => [f, null])) as PlaceReading['columns'];
const plan = (holding: Holding, over: Partial<Existing> = {}, reading: Partial<PlaceReading> = {}) =>
  planImport(holding, {
    seed: `${KEY}ff`,
    groupId: GROUP,
    zone: 'UTC',
    today: '2026-05-15',
    madeAt: '2026-05-15T10:00:00.000Z',
    fileName: 'file.gpx',
    reading: { ...firstReading(holding), ...reading },
    existing: existing(over),
  });
const point = (over: Partial<ReadFeature> = {}): ReadFeature => ({
  at: 1,
  name: 'Mill',
  note: '',
  heightM: null,
  geometry: { type: 'Point', coordinates: [-30, 46] },
  path: null,
  day: null,
  own: null,
  ...over,
});
const places = (...features: ReadFeature[]): Holding => ({ kind: 'places', places: { features, leftOut: [] } });

describe('what a file amounts to', () => {
  it('is the same each time it is looked at: keys hang on the file and the place in it', () => {
    const file = places(point(), point({ at: 2, name: 'Rim' }));
    const [first, again] = [plan(file), plan(file)];
    expect(first.patches.map((p) => p.id)).to.deep.equal(again.patches.map((p) => p.id));
    expect(new Set(first.patches.map((p) => p.id)).size).to.equal(2);
  });
  it('gives places without a name one of the file, cuts names and notes that are too long, and says so', () => {
    const { patches, leftOut } = plan(places(point({ name: '' }), point({ at: 2, name: 'x'.repeat(200) })));
    expect(patches.map((p) => p.name)).to.deep.equal(['file.gpx 1', 'x'.repeat(80)]);
    expect(leftOut).to.deep.equal([{ at: 2, reason: 'shortened' }]);
    const long = plan(places(point({ at: 7, note: 'y'.repeat(601) })));
    expect(long.patches[0]!.access).to.have.length(600);
    expect(long.leftOut).to.deep.equal([{ at: 7, reason: 'shortened' }]);
  });
  it('keeps the key of a place that is nobody’s or ours, and gives one of another group its own', () => {
    const own = { id: `${KEY}01`, facts: {}, stands: [] };
    expect(plan(places(point({ own }))).patches[0]!.id).to.equal(own.id);
    expect(plan(places(point({ own })), { takenPatches: new Map([[own.id, GROUP]]) })).to.deep.include({
      patches: [],
      already: 1,
      problem: 'nothingNew',
    });
    const theirs = plan(places(point({ own })), { takenPatches: new Map([[own.id, `${KEY}0b`]]) });
    expect(theirs.patches[0]!.id).not.to.equal(own.id);
  });
  it('checks facts that a file brings along as it checks anybody’s, and leaves out what does not fit', () => {
    const bad = [{ slopeDeg: 400 }, { hazards: ['dragons'] }, { secret: 'yes' }, { surprise: 1 }, { leave: 'stolen' }];
    const features = bad.map((facts, i) =>
      point({ at: i + 1, own: { id: `${KEY}0${i}`, facts: facts as object, stands: [] } }),
    );
    const { patches, leftOut } = plan(places(...features));
    expect(patches).to.deep.equal([]);
    expect(leftOut.map((l) => l.at)).to.deep.equal([1, 2, 3, 4, 5]);
  });
  it('brings stands along of plants that are known here, once', () => {
    const stand = (id: string, plantKey: string) => ({
      id: `${KEY}${id}`,
      plantKey,
      where: '',
      identity: 'confirmed' as const,
      since: null,
    });
    const own = {
      id: `${KEY}01`,
      facts: {},
      stands: [stand('11', 'elder'), stand('12', 'dragon-tree'), stand('13', 'nettle')],
    };
    const { stands, leftOut } = plan(places(point({ own })), { takenStands: new Set([`${KEY}13`]) });
    expect(stands.map((s) => [s.plantKey, s.patchId])).to.deep.equal([['elder', `${KEY}01`]]);
    expect(leftOut.map((l) => l.reason)).to.deep.equal(['unknownPlant']);
  });
  it('measures paths, and names those without a name', () => {
    const line = point({
      name: '',
      path: 'route',
      geometry: {
        type: 'LineString',
        coordinates: [
          [-30, 46],
          [-30, 46.01],
        ],
      },
    });
    expect(plan(places(line)).paths[0]).to.deep.include({ name: 'file.gpx 1', kind: 'route', lengthM: 1112 });
  });
  it('gives a place without a height that of the nearest station, and counts those; with one it keeps its own', () => {
    const at = (heightM: number, north: number) => ({ latitudeDeg: 46 + north, longitudeDeg: -30, heightM });
    const stations = [at(450, 0.3), at(20, -0.01)];
    const file = places(
      point(),
      point({ at: 2, heightM: 0 }),
      point({ at: 3, own: { id: `${KEY}01`, facts: { heightM: 7 }, stands: [] } }),
    );
    const { patches, heightGuessed } = plan(file, { stations });
    expect([patches.map((p) => p.heightM), heightGuessed]).to.deep.equal([[20, 0, 7], 1]);
    expect(plan(file).patches[0]!.heightM).to.equal(0);
  });
  it('sees latitude and longitude that have changed places by where everything else lies', () => {
    const patches = [{ id: `${KEY}09`, name: 'Rim', latitudeDeg: 46.1, longitudeDeg: -30.1 }];
    const swapped = point({ geometry: { type: 'Point', coordinates: [46, -30] } });
    const abroad = point({ at: 2, geometry: { type: 'Point', coordinates: [10, 50] } });
    const { leftOut, patches: kept } = plan(places(swapped, abroad), { patches });
    expect(leftOut).to.deep.equal([{ at: 1, reason: 'swapped' }]);
    expect(kept).to.have.length(1);
    expect(plan(places(swapped)).patches).to.have.length(1);
  });
  it('keeps holes of an area, and fills with a word those that cannot be kept', () => {
    const square = (from: number, to: number): [number, number][] => [
      [from, from],
      [to, from],
      [to, to],
      [from, to],
      [from, from],
    ];
    const area = (...rings: [number, number][][]) => point({ geometry: { type: 'Polygon', coordinates: rings } });
    const { patches, shown, leftOut } = plan(
      places(area(square(1, 1.01), square(1.002, 1.004), square(1.005, 1.02), square(1.003, 1.0035))),
    );
    const { geometry } = patches[0]!;
    expect(geometry.coordinates).to.deep.equal([square(1, 1.01), square(1.002, 1.004)]);
    expect(leftOut).to.deep.equal([{ at: 1, reason: 'holesFilled' }]);
    // A square of a hundredth of a degree is some 1.23 km² there, and the hole a twenty-fifth of it.
    const whole = plan(places(area(square(1, 1.01)))).shown[0]!.sizeM!;
    expect(shown[0]!.sizeM! / whole).to.be.closeTo(24 / 25, 0.0001);
  });
  it('closes an open boundary and says so', () => {
    const ring: [number, number][] = [
      [1, 1],
      [1.01, 1],
      [1.01, 1.01],
    ];
    const { patches, leftOut } = plan(places(point({ geometry: { type: 'Polygon', coordinates: [ring] } })));
    expect(patches[0]!.geometry.coordinates).to.deep.equal([[...ring, ring[0]]]);
    expect(leftOut).to.deep.equal([{ at: 1, reason: 'ringOpen' }]);
  });
  it('shows no more than the first sixty, and stores all', () => {
    const { patches, shown } = plan(
      places(...Array.from({ length: 90 }, (_, i) => point({ at: i + 1, name: `P${i}` }))),
    );
    expect([patches.length, shown.length]).to.deep.equal([90, 60]);
  });
});

describe('what a table amounts to', () => {
  const table = (text: string): Holding => ({ kind: 'table', table: tableOf(text) });
  it('enters a plant by any of its names, and two lines of one place are one place', () => {
    const text = 'name,lat,lon,plant\nMill,46,-30,Elder\nmill,46,-30,Urtica dioica L.\nMill,46,-30,hazel\n';
    const { patches, stands, already } = plan(table(text));
    expect(patches).to.have.length(1);
    expect(stands.map((s) => s.plantKey)).to.deep.equal(['elder', 'nettle', 'hazel']);
    expect(new Set(stands.map((s) => s.patchId))).to.deep.equal(new Set([patches[0]!.id]));
    expect(already).to.equal(2);
  });
  it('names the first column that is needed and missing', () => {
    expect(plan(table('a,b\n1,2')).problem).to.equal('noColumn.name');
    expect(plan(table('name,b\n1,2')).problem).to.equal('noColumn.latitude');
    expect(
      plan(table('a,b\n1,2'), {}, { kind: 'takes', columns: { ...NO_COLUMNS, day: 0, name: 9 } }).problem,
    ).to.equal('noColumn.name');
  });
  it('judges lines of visits one by one, each with its reason', () => {
    const patches = [{ id: `${KEY}01`, name: 'Mill', latitudeDeg: 46, longitudeDeg: -30 }];
    const text =
      'day,name,note\n2026-05-01,Mill,Frost\n2026-05-01,Mill,\nyesterday,Mill,x\n2026-06-01,Mill,x\n2026-05-01,Rim,x\n';
    const { entries, leftOut } = plan(table(text), { patches });
    expect(entries.map((e) => [e.kind, e.day, e.patchId, e.standId])).to.deep.equal([
      ['note', '2026-05-01', `${KEY}01`, null],
    ]);
    expect(leftOut.map((l) => [l.at, l.reason])).to.deep.equal([
      [3, 'noNote'],
      [4, 'notADay'],
      [5, 'futureDay'],
      [6, 'unknownPlace'],
    ]);
  });
  it('reads the stage and the count of a visit beside its note, each an entry of its own', () => {
    const over = {
      patches: [{ id: `${KEY}01`, name: 'Mill', latitudeDeg: 46, longitudeDeg: -30 }],
      stands: [{ id: `${KEY}02`, patchId: `${KEY}01`, plantKey: 'elder', where: '' }],
    };
    const [stage] = [...plants.get('elder')!.profile.stages];
    const text = `day,name,plant,stage,count,note\n5/1/26,Mill,Elder,${stage!.name['en']},12,fine\n5/14/26,Mill,Elder,${stage!.key},,\n5/2/26,Mill,Elder,melting,,\n5/2/26,Mill,Elder,,many,\n5/2/26,Mill,,,3,\n5/2/26,Mill,Elder,,,\n`;
    const { entries, leftOut } = plan(table(text), over);
    expect(entries.map((e) => [e.kind, e.day])).to.deep.equal([
      ['note', '2026-05-01'],
      ['stageSighting', '2026-05-01'],
      ['census', '2026-05-01'],
      ['stageSighting', '2026-05-14'],
    ]);
    expect(new Set(entries.map((e) => e.id)).size).to.equal(4);
    expect(entries[2]!.body).to.deep.equal({ method: 'complete', plants: 12, mature: null, flowering: null });
    expect(leftOut.map((l) => l.reason)).to.deep.equal(['unknownStage', 'noCount', 'noPlant', 'noNote']);
    // Whoever wrote another word than the profile has is told which it has.
    expect(leftOut[0]!.said).to.equal('melting');
    expect(leftOut[0]!.known).to.deep.include(stage!.name);
  });
  it('reads a take by its part’s name or key, with a decimal comma, and refuses amounts below nothing', () => {
    const over = {
      patches: [{ id: `${KEY}01`, name: 'Mill', latitudeDeg: 46, longitudeDeg: -30 }],
      stands: [{ id: `${KEY}02`, patchId: `${KEY}01`, plantKey: 'elder', where: '' }],
    };
    const text =
      'day;name;plant;part;amount\n2026-05-01;Mill;Elder;flower heads;2,5\n2026-05-02;Mill;Elder;flower;-1\n2026-05-03;Mill;Elder;fruit;many\n';
    const { entries, leftOut } = plan(table(text), over);
    expect(entries).to.have.length(1);
    expect(entries[0]!.body).to.include({ part: 'flower', amount: 2.5, measure: 'unit' });
    expect(leftOut.map((l) => l.reason)).to.deep.equal(['noAmount', 'noAmount']);
  });
});
