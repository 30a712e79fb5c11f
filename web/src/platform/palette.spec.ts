import { expect } from 'chai';
import { PALETTES, paletteCss, type Palette } from './palette.ts';

/** Relative luminance and contrast as WCAG 2.2 defines them. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
function contrast(a: string, b: string): number {
  const [dark, bright] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (bright! + 0.05) / (dark! + 0.05);
}
const GROUNDS = ['paper', 'sheet', 'band'] as const;

describe('the colours of the house', () => {
  it('measure as published: black on white is 21 : 1', () => expect(contrast('#000000', '#ffffff')).to.equal(21));
  for (const [light, palette] of Object.entries(PALETTES)) {
    const least = (names: readonly (keyof Palette)[]) =>
      Math.min(...names.flatMap((n) => GROUNDS.map((ground) => contrast(palette[n], palette[ground]))));
    it(`have edges of 3 : 1 on every ground, by ${light}`, () => expect(least(['edge'])).to.be.at.least(3));
    it(`have writing of 4.5 : 1 on every ground, by ${light}`, () =>
      expect(least(['char', 'soft', 'ember-ink', 'wrong'])).to.be.at.least(4.5));
    it(`can be read on what is pressed, by ${light}`, () =>
      expect(contrast(palette['on-ember'], palette['ember-ink'])).to.be.at.least(4.5));
  }
  it('are all in the style sheet, for every light, and print as by day', () => {
    const css = paletteCss();
    for (const palette of Object.values(PALETTES)) expect(css).to.include(`--soft:${palette.soft}`);
    expect(css.slice(css.indexOf('@media print'))).to.include(`--char:${PALETTES.day.char}`);
  });
});
