/** Colours of the house by name, as the style sheets know them (`--paper`); the parts of the library and the charts take them from here too. */
export interface Palette {
  /** The ground of a page. */
  readonly paper: string;
  /** What lies on it: fields, what is chosen, a dialog. */
  readonly sheet: string;
  /** A strip across the page. */
  readonly band: string;
  readonly ash: string;
  /** Hairlines between lines: they divide and say nothing. */
  readonly hair: string;
  /** Edges of what can be pressed or typed in: at least 3 : 1 on every ground. */
  readonly edge: string;
  readonly char: string;
  readonly soft: string;
  readonly ember: string;
  /** Ember as writing, and under white writing. */
  readonly 'ember-ink': string;
  readonly glow: string;
  readonly moss: string;
  readonly loam: string;
  readonly rime: string;
  readonly 'rime-ink': string;
  readonly bar: string;
  readonly 'on-ember': string;
  readonly mark: string;
  readonly wrong: string;
}

export type Light = 'day' | 'night' | 'glare';

export const PALETTES: Readonly<Record<Light, Palette>> = {
  day: {
    paper: '#f7f3ec',
    sheet: '#fffdf8',
    band: '#efe8dc',
    ash: '#e4ddd1',
    hair: '#ddd3c4',
    edge: '#8b8174',
    char: '#2b2622',
    soft: '#6b6259',
    ember: '#c2481b',
    'ember-ink': '#a53c16',
    glow: '#f0a03c',
    moss: '#3f5f2e',
    loam: '#6e4b33',
    rime: '#56788a',
    'rime-ink': '#45626f',
    bar: '#cfc4b3',
    'on-ember': '#ffffff',
    mark: '#8b8174',
    wrong: '#a11d12',
  },
  night: {
    paper: '#1e1a17',
    sheet: '#262019',
    band: '#2b251f',
    ash: '#3a332b',
    hair: '#41392f',
    edge: '#8c8175',
    char: '#ede4d6',
    soft: '#b7ab9b',
    ember: '#d8592a',
    'ember-ink': '#f08355',
    glow: '#f0a03c',
    moss: '#8db07a',
    loam: '#b08a6b',
    rime: '#86a9bb',
    'rime-ink': '#a7c3d1',
    bar: '#5a4f43',
    'on-ember': '#1e1a17',
    mark: '#8c8175',
    wrong: '#ffb199',
  },
  // In full sun: black on white, no half tones that the light swallows.
  glare: {
    paper: '#ffffff',
    sheet: '#ffffff',
    band: '#f0f0f0',
    ash: '#dcdcdc',
    hair: '#8a8a8a',
    edge: '#333333',
    char: '#000000',
    soft: '#2e2e2e',
    ember: '#a83205',
    'ember-ink': '#8a2900',
    glow: '#e88a10',
    moss: '#1f4a12',
    loam: '#4d2e18',
    rime: '#23495c',
    'rime-ink': '#183a4b',
    bar: '#9a9a9a',
    'on-ember': '#ffffff',
    mark: '#444444',
    wrong: '#8a0f05',
  },
};

const variables = (palette: Palette): string =>
  Object.entries(palette)
    .map(([name, value]) => `--${name}:${value}`)
    .join(';');

/** The palettes as a style sheet. It stands in the page itself, so that nothing is drawn before it; what is printed is printed as by day. */
export const paletteCss = (): string =>
  [
    `:root{color-scheme:light;${variables(PALETTES.day)}}`,
    `:root[data-theme=night]{color-scheme:dark;${variables(PALETTES.night)}}`,
    `:root[data-theme=glare]{${variables(PALETTES.glare)}}`,
    `@media print{:root:root{color-scheme:light;${variables({ ...PALETTES.day, paper: '#ffffff', sheet: '#ffffff' })}}}`,
    'html,body{background:var(--paper)}',
  ].join('\n');
