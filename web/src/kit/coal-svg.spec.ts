import { expect } from 'chai';
import type { Readiness } from '@emberfield/core/windows';
import { PALETTES } from '../platform/palette.ts';
import { coalSvg } from './coal-svg.ts';

const STATES: readonly Readiness[] = [
  { state: 'cold', daysToOpen: null },
  { state: 'kindling', daysToOpen: 6, fill: 0.5 },
  { state: 'glowing', daysLeft: 9, quality: 0.6 },
  { state: 'fading', daysLeft: 2, quality: 0.5 },
  { state: 'ash', daysSince: 3 },
  { state: 'banked', reason: 'resting' },
];

describe('the coal on the map', () => {
  it('has a shape of its own for every state, which holds without colours', () => {
    const grey = (svg: string): string => svg.replace(/#[0-9A-F]{6}/gi, '#000000');
    expect(new Set(STATES.map((s) => grey(coalSvg(s, false, PALETTES.day)))).size).to.equal(STATES.length);
  });
  it('wears thorns over any of them', () => {
    for (const s of STATES)
      expect(coalSvg(s, true, PALETTES.day))
        .to.include('r="17"')
        .and.have.lengthOf.above(coalSvg(s, false, PALETTES.day).length);
  });
  it('has its colours by day and by night', () => {
    for (const s of STATES) expect(coalSvg(s, true, PALETTES.day)).not.to.equal(coalSvg(s, true, PALETTES.night));
  });
  it('is a whole picture that a canvas can draw', () => {
    for (const s of STATES) {
      const svg = coalSvg(s, true, PALETTES.day);
      expect(svg)
        .to.match(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"[^>]*>.*<\/svg>$/)
        .and.not.match(/undefined|NaN/);
      for (const tag of ['g', 'clipPath']) expect(svg.split(`<${tag}`).length).to.equal(svg.split(`</${tag}>`).length);
    }
  });
});
