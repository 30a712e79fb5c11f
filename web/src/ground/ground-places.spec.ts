import { expect } from 'chai';
import type { HearthView, PartOutlook, PatchView } from '@emberfield/contract';
import { groundPlaces, type GroundFilter } from './ground-places.ts';

const patch = (id: string, name: string, latitudeDeg: number) =>
  ({ id, name, geometry: { type: 'Point', coordinates: [-30, latitudeDeg] } }) as unknown as PatchView;
const outlook = (standId: string, part: string, state: PartOutlook['readiness']['state']) =>
  ({ standId, part, readiness: { state } }) as unknown as PartOutlook;
const hearth = {
  stands: [
    { id: 's1', patchId: 'p1', plantName: { en: 'Elder' } },
    { id: 's2', patchId: 'p1', plantName: { en: 'Nettle' } },
    { id: 's3', patchId: 'p2', plantName: { en: 'Elder' } },
    { id: 's4', patchId: 'elsewhere', plantName: { en: 'Sloe' } },
  ],
  outlooks: [
    outlook('s1', 'flower', 'kindling'),
    outlook('s1', 'fruit', 'cold'),
    outlook('s2', 'tip', 'glowing'),
    outlook('s3', 'flower', 'fading'),
    outlook('s4', 'fruit', 'glowing'),
  ],
} as unknown as HearthView;
const patches = [patch('p3', 'Empty hollow', 46.3), patch('p2', 'Railway', 46.1), patch('p1', 'Mill hedge', 46)];
const places = (
  part: string | null = null,
  text = '',
  heat: GroundFilter['heat'] = null,
  spot: GroundFilter['spot'] = null,
) => groundPlaces(hearth, patches, { part, heat, text, spot }, (s) => s.plantName['en']!);
const names = (list: ReturnType<typeof places>) => list.map((p) => p.patch.name);

describe('the places of the map', () => {
  it('stand by what is hottest on them, those without anything last', () => {
    expect(names(places())).to.deep.equal(['Mill hedge', 'Railway', 'Empty hollow']);
    const [mill, , empty] = places();
    expect(mill!.hottest!.outlook.part).to.equal('tip');
    expect(mill!.lines.map((l) => l.outlook.readiness.state)).to.deep.equal(['glowing', 'kindling', 'cold']);
    expect(empty).to.deep.include({ hottest: null, lines: [] });
  });
  it('keep to a part, and what has none of it goes', () => {
    expect(names(places('flower'))).to.deep.equal(['Railway', 'Mill hedge']);
    expect(places('flower')[1]!.lines).to.have.length(1);
    expect(places('sap')).to.deep.equal([]);
  });
  it('keep to a heat: what is hottest of it, and no place without', () => {
    expect(names(places(null, '', 'kindling'))).to.deep.equal(['Mill hedge']);
    expect(places(null, '', 'kindling')[0]!.hottest!.outlook.part).to.equal('flower');
  });
  it('are found by a piece of their name or of what grows there', () => {
    expect(names(places(null, 'HOLLOW'))).to.deep.equal(['Empty hollow']);
    expect(names(places(null, ' elder '))).to.deep.equal(['Railway', 'Mill hedge']);
    // Found by the plant, a place shows that plant; found by its own name, all that grows there.
    expect(places(null, 'elder')[1]!.lines.map((l) => l.stand.id)).to.deep.equal(['s1', 's1']);
    expect(places(null, 'mill')[0]!.lines).to.have.length(3);
    expect(places(null, 'nowhere')).to.deep.equal([]);
  });
  it('stand by how near they are where a position is looked for, whatever is hot on them', () => {
    const spot = { latitudeDeg: 46.12, longitudeDeg: -30 };
    expect(names(places(null, '46.12, -30', null, spot))).to.deep.equal(['Railway', 'Mill hedge', 'Empty hollow']);
    expect(names(places('flower', '46.12, -30', null, spot))).to.deep.equal(['Railway', 'Mill hedge']);
  });
  it('leave out stands whose place this reader does not have', () => {
    expect(places().flatMap((p) => p.lines.map((l) => l.stand.id))).not.to.include('s4');
  });
});
