import type { Readiness } from '@emberfield/core/windows';
import type { Palette } from '../platform/palette.ts';
import { fillTop, LUMP, sparksFor, THORNS } from './coal-shapes.ts';

type CoalTones = Pick<Palette, 'ember' | 'glow' | 'loam' | 'mark' | 'bar' | 'char' | 'sheet'>;

/** The coal as a picture of its own, the same shapes as the mark in the lists. */
export function coalSvg(readiness: Readiness, thorns: boolean, tones: CoalTones): string {
  const ring = thorns
    ? `<circle cx="16" cy="16" r="17" fill="none" stroke="${tones.char}" stroke-width="1.3"/><path d="${THORNS}" fill="${tones.char}"/>`
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="44" height="44" viewBox="-6 -6 44 44">${body(readiness, tones)}${ring}</svg>`;
}

function body(readiness: Readiness, t: CoalTones): string {
  const lump = (attributes: string): string => `<path d="${LUMP}" ${attributes}/>`;
  switch (readiness.state) {
    case 'cold':
      return lump(`fill="${t.sheet}" stroke="${t.mark}" stroke-width="1.8"`);
    case 'kindling': {
      const clip = `<clipPath id="c"><rect x="0" y="${fillTop(readiness.fill)}" width="32" height="32"/></clipPath>`;
      const rim = lump(`fill="none" stroke="${t.loam}" stroke-width="1.8"`);
      return `${clip}${lump(`fill="${t.sheet}"`)}${lump(`fill="${t.glow}" clip-path="url(#c)"`)}${rim}`;
    }
    case 'glowing': {
      const sparks = sparksFor(readiness.quality)
        .map(({ x1, y1, x2, y2 }) => `<path d="M${x1} ${y1}L${x2} ${y2}"/>`)
        .join('');
      const glint = `<path d="M10.5 19C11.5 12.5 16.5 9.5 20.5 10.6" fill="none" stroke="${t.glow}" stroke-width="3.4"/>`;
      return `<g stroke="${t.ember}" stroke-width="2.6" stroke-linecap="round">${sparks}</g><g transform="translate(2.6 7.4) scale(.82)">${lump(`fill="${t.ember}"`)}${glint}</g>`;
    }
    case 'fading': {
      const clip = '<clipPath id="c"><path d="M0 0H32V6L6 32H0Z"/></clipPath>';
      return `${clip}${lump(`fill="${t.sheet}" stroke="${t.ember}" stroke-width="1.6"`)}${lump(`fill="${t.ember}" clip-path="url(#c)"`)}`;
    }
    case 'ash':
      return `<g fill="${t.mark}"><circle cx="10" cy="20" r="3"/><circle cx="17.5" cy="22" r="2.2"/><circle cx="22.5" cy="18.4" r="2.6"/><circle cx="14.5" cy="14.5" r="1.8"/></g><path d="M6 26.5H26" stroke="${t.mark}" stroke-width="1.8"/>`;
    case 'banked':
      return `<path d="M1.5 27C7 25.5 9.5 11 16 10 22.5 11 25 25.5 30.5 27Z" fill="${t.bar}" stroke="${t.char}" stroke-width="2"/><path d="M11.5 26.5C12 20.5 20 20.5 20.5 26.5Z" fill="${t.ember}"/>`;
  }
}
