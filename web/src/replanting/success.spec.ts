import { expect } from 'chai';
import type { PlantingSeen } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { compared } from './success.ts';

const planting = (
  way: PlantingSeen['way'],
  patchName: string,
  planted: number,
  alive: number | null,
): PlantingSeen => ({
  ...{ id: `${way}${patchName}`, standId: 's', plantName: { en: 'Valerian' }, patchId: patchName, patchName },
  ...{ way, day: '2025-10-01', planted, alive },
});

describe('what was put back, compared', () => {
  const words = createWords('en');
  const all = [
    planting('crown', 'Carr', 10, 8),
    planting('seed', 'Carr', 200, 4),
    planting('crown', 'Mill', 10, 1),
    planting('division', 'Mill', 6, null),
  ];
  it('by way: what lived best and is known comes first, what nobody knows yet last', () => {
    const rows = compared(all, 'way', words);
    expect(rows.map((r) => [r.name, r.known.planted, r.known.alive])).to.deep.equal([
      ['crowns', 20, 9],
      ['seed', 200, 4],
      ['divisions', 0, 0],
    ]);
    expect(rows.at(-1)!.share).to.equal(null);
  });
  it('by place and by plant', () => {
    expect(compared(all, 'place', words).map((r) => [r.name, r.cohorts])).to.deep.equal([
      ['Carr', 2],
      ['Mill', 2],
    ]);
    expect(compared(all, 'plant', words).map((r) => r.planted)).to.deep.equal([226]);
  });
});
