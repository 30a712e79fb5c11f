import type { FeatureLike } from 'ol/Feature.js';
import { Circle, Fill, RegularShape, Stroke, Style, Text } from 'ol/style.js';
import type { Light } from '../platform/palette.ts';

interface Tones {
  readonly land: string;
  readonly wood: string;
  readonly moor: string;
  readonly water: string;
  readonly line: string;
  readonly ink: string;
  readonly halo: string;
  readonly ember: string;
  readonly meadow: string;
  readonly house: string;
}
const DAY: Tones = {
  land: '#EFE9DC',
  wood: '#D9E2CA',
  moor: '#E6DECB',
  water: '#C9D8DB',
  line: '#B9AFA1',
  ink: '#2B2622',
  halo: '#F7F3EC',
  ember: '#C2481B',
  meadow: '#E6E8D3',
  house: '#8D847A',
};
const NIGHT: Tones = {
  land: '#2B251F',
  wood: '#2F3A29',
  moor: '#332C23',
  water: '#2A383E',
  line: '#5A4F43',
  ink: '#EDE4D6',
  halo: '#1E1A17',
  ember: '#E8703F',
  meadow: '#303224',
  house: '#8D847A',
};
/** In full sun: black on white; what the light would swallow is told by its line. */
const GLARE: Tones = {
  land: '#FFFFFF',
  wood: '#DDE8D2',
  moor: '#F0EADB',
  water: '#BFD6E0',
  line: '#6B6B6B',
  ink: '#000000',
  halo: '#FFFFFF',
  ember: '#A83205',
  meadow: '#EEF2DF',
  house: '#3A3A3A',
};
const TONES: Readonly<Record<Light, Tones>> = { day: DAY, night: NIGHT, glare: GLARE };
const LABEL_FONT = "560 14px 'Fraunces Variable', serif";
const NAMES_BELOW_M_PER_PIXEL = 30;

/** The own map in quiet tones, so that only what the group marked is warm. */
export function landStyle(feature: FeatureLike, resolution: number, light: Light): Style | undefined {
  const t = TONES[light];
  const fill = (color: string, z: number): Style => new Style({ fill: new Fill({ color }), zIndex: z });
  const stroke = (color: string, width: number, z: number, lineDash?: number[]): Style =>
    new Style({ stroke: new Stroke({ color, width, ...(lineDash ? { lineDash } : {}) }), zIndex: z });
  switch (feature.get('kind') as string) {
    case 'land':
      return new Style({
        fill: new Fill({ color: t.land }),
        stroke: new Stroke({ color: t.line, width: 1.5 }),
        zIndex: 0,
      });
    case 'wood':
      return fill(t.wood, 2);
    case 'moor':
    case 'bog':
    case 'down':
      return fill(t.moor, 1);
    case 'meadow':
      return fill(t.meadow, 1);
    case 'water':
    case 'mud':
      return fill(t.water, 3);
    case 'quarry':
      return fill(t.line, 2);
    case 'house':
      return fill(t.house, 6);
    case 'contour':
      return stroke(t.line, 0.7, 4);
    case 'stream':
      return stroke(t.water, 2.5, 3);
    case 'road':
      return stroke(t.house, 2.2, 5);
    case 'path':
      return stroke(t.house, 1.3, 5, [5, 4]);
    case 'name':
      return resolution > NAMES_BELOW_M_PER_PIXEL
        ? undefined
        : new Style({
            text: new Text({
              text: feature.get('name') as string,
              font: "italic 13px 'Fraunces Variable', serif",
              fill: new Fill({ color: t.house }),
              stroke: new Stroke({ color: t.halo, width: 3 }),
            }),
            zIndex: 7,
          });
    default:
      return undefined;
  }
}

/** A patch: warm and strong the one being marked, quiet the others, each with its name. */
export function patchStyle(feature: FeatureLike, own: boolean, light: Light): Style {
  const t = TONES[light];
  const color = own ? t.ember : t.ink;
  return new Style({
    fill: new Fill({ color: own ? `${t.ember}55` : `${t.house}44` }),
    stroke: new Stroke({ color, width: own ? 2.5 : 1.3 }),
    image: new Circle({
      radius: own ? 8 : 5,
      fill: new Fill({ color: own ? t.ember : t.house }),
      stroke: new Stroke({ color: t.halo, width: 2 }),
    }),
    text: new Text({
      text: (feature.get('name') as string | undefined) ?? '',
      font: LABEL_FONT,
      offsetY: -16,
      // A name is longer than most patches are wide.
      overflow: true,
      fill: new Fill({ color: t.ink }),
      stroke: new Stroke({ color: t.halo, width: 3.5 }),
    }),
    zIndex: own ? 20 : 10,
  });
}

/** A path that was walked, or dotted one that is planned. */
export function walkedStyle(feature: FeatureLike, light: Light): Style {
  const t = TONES[light];
  const lineDash = feature.get('kind') === 'route' ? [2, 6] : [];
  return new Style({ stroke: new Stroke({ color: t.ember, width: 2, lineDash }), zIndex: 8 });
}

const hazardStyles = new Map<Light, Style>();
/** A place with something wrong: a small mark beside its coal. */
export function hazardStyle(light: Light): Style {
  let style = hazardStyles.get(light);
  if (!style) {
    const t = TONES[light];
    style = new Style({
      image: new RegularShape({
        points: 3,
        radius: 7,
        displacement: [16, -12],
        fill: new Fill({ color: t.halo }),
        stroke: new Stroke({ color: t.ember, width: 2.2 }),
      }),
    });
    hazardStyles.set(light, style);
  }
  return style;
}

/** Anybody's vector map in the quiet tones of ours: water and woods by their layer's name, all else as thin lines. */
export function archiveStyle(feature: FeatureLike, light: Light): Style {
  const t = TONES[light];
  const name = String(feature.get('layer') ?? '');
  const fill = /water|ocean|sea/i.test(name)
    ? t.water
    : /wood|forest|landcover|landuse|park/i.test(name)
      ? t.wood
      : t.land;
  return /Polygon/.test(feature.getGeometry()?.getType() ?? '')
    ? new Style({ fill: new Fill({ color: fill }) })
    : new Style({ stroke: new Stroke({ color: t.line, width: 1 }) });
}

/** A position that was looked for: a cross with a hole in its middle, over everything. */
export function spotStyle(light: Light): Style[] {
  const { ink, halo } = TONES[light];
  const cross = (color: string, width: number): Style =>
    new Style({
      image: new RegularShape({ points: 4, radius: 16, radius2: 5, stroke: new Stroke({ color, width }) }),
    });
  return [cross(halo, 6), cross(ink, 2)];
}
