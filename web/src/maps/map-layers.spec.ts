import { expect } from 'chai';
import { isShown, layersFor } from './map-layers.ts';

describe('layers of the ground', () => {
  it('hide the kinds they stand for, and nothing else', () => {
    expect(isShown('contour', [])).to.equal(false);
    expect(isShown('contour', ['contours'])).to.equal(true);
    expect(isShown('road', ['contours'])).to.equal(false);
    expect(['land', 'house', 'name', 'something'].every((k) => isShown(k, []))).to.equal(true);
  });
  it('are offered only where there is something to show', () => {
    const none = { baseMap: false, hazards: false, walked: false, archive: false, tiles: false };
    expect(layersFor(none)).to.deep.equal([]);
    expect(layersFor({ ...none, walked: true })).to.deep.equal(['walked']);
    expect(layersFor({ ...none, baseMap: true }))
      .to.include.members(['contours', 'tide'])
      .and.not.include('tiles');
  });
});
