import { expect } from 'chai';
import type { PhotoView } from '@emberfield/contract';
import { bySeason, photoBeside } from './photo-seasons.ts';

const photo = (id: string, day: string): PhotoView => ({
  id,
  day,
  standId: null,
  by: 'Ode',
  mine: true,
  widthPx: 4,
  heightPx: 3,
});
const photos = [photo('c', '2026-06-01'), photo('a', '2025-04-02'), photo('d', '2026-06-01'), photo('b', '2026-03-01')];

describe('photos through the seasons', () => {
  it('lie by year, the last first, and through the year in their order', () => {
    expect(bySeason(photos).map((s) => [s.year, s.photos.map((p) => p.id).join('')])).to.deep.equal([
      ['2026', 'bcd'],
      ['2025', 'a'],
    ]);
    expect(bySeason([])).to.deep.equal([]);
  });
  it('are stepped through in time, over the end of a year, and end at the ends', () => {
    expect(photoBeside(photos, 'a', 1)?.id).to.equal('b');
    expect(photoBeside(photos, 'b', -1)?.id).to.equal('a');
    expect(photoBeside(photos, 'a', -1)).to.equal(null);
    expect(photoBeside(photos, 'd', 1)).to.equal(null);
    expect(photoBeside(photos, 'gone', 1)).to.equal(null);
  });
});
