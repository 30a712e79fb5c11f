import { expect } from 'chai';
import { fitting, shrunk } from './shrunk.ts';

describe('a picture as it goes out', () => {
  const size = (w: number, h: number) => Object.values(fitting(w, h));
  it('is no larger than it is kept, in its proportions, and never larger than it is', () => {
    expect(size(4000, 2000)).to.deep.equal([2048, 1024]);
    expect(size(3000, 4000)).to.deep.equal([1536, 2048]);
    expect(size(640, 480)).to.deep.equal([640, 480]);
    expect(size(9000, 1)).to.deep.equal([2048, 1]);
  });
  it('goes as it is where nothing can read it', async () => {
    const file = new Blob(['no picture']);
    expect(await shrunk(file)).to.equal(file);
  });
});
