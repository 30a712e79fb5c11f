import { expect } from 'chai';
import { SIGNS } from '@emberfield/contract';
import { drawingOf, drawnStates } from './index.ts';

const all = SIGNS.flatMap((s) => s.states.map((state) => [s.key, state] as const));

describe('the drawings of signs', () => {
  it('are there for every state of every sign, well over eighty, and for nothing else', () => {
    expect(drawnStates().slice().sort()).to.deep.equal(all.map((x) => x.join('.')).sort());
    expect(all.length).to.be.at.least(80);
  });
  it('are all different', () => {
    const shapes = all.map(([sign, state]) => JSON.stringify(drawingOf(sign, state)));
    expect(new Set(shapes).size).to.equal(shapes.length);
  });
  it('are paths that a browser can draw, of numbers that are numbers, within their square and a little beyond', () => {
    for (const [sign, state] of all)
      for (const { d } of drawingOf(sign, state)) {
        const name = `${sign}.${state}`;
        expect(d, name).to.match(/^M[-0-9 .,MLHVCSQTAZmlhvcsqtaz]+$/);
        expect(d, name).not.to.match(/NaN|undefined|Infinity/);
        for (const [, x, y] of d.matchAll(/[ML](-?[\d.]+)[ ,](-?[\d.]+)/g)) {
          expect(Number(x), name).to.be.within(-6, 70);
          expect(Number(y), name).to.be.within(-6, 70);
        }
      }
  });
  it('tell states of one sign apart without colour: two never share all their paths', () => {
    for (const { key, states } of SIGNS) {
      if (key === 'flowerColour' || key === 'sporePrint') continue;
      const bare = states.map((s) =>
        drawingOf(key, s)
          .map((x) => x.d)
          .join('|'),
      );
      expect(new Set(bare).size, key).to.equal(states.length);
    }
  });
});
