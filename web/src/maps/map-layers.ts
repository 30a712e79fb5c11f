/** What can be shown on the ground besides the places, each switched on or off. */
const MAP_LAYERS = ['contours', 'ways', 'water', 'habitat', 'tide', 'hazards', 'walked', 'archive', 'tiles'] as const;
export type MapLayer = (typeof MAP_LAYERS)[number];
export const LAYERS_AT_FIRST: readonly MapLayer[] = [
  'contours',
  'ways',
  'water',
  'habitat',
  'tide',
  'hazards',
  'walked',
  'archive',
  'tiles',
];

const LAYER_OF_KIND: Readonly<Record<string, MapLayer>> = {
  contour: 'contours',
  path: 'ways',
  road: 'ways',
  stream: 'water',
  water: 'water',
  mud: 'tide',
  wood: 'habitat',
  moor: 'habitat',
  bog: 'habitat',
  down: 'habitat',
  meadow: 'habitat',
  quarry: 'habitat',
};

/** Whether a feature of the base map is shown; the land itself, houses and names always are. */
export function isShown(kind: string, on: readonly MapLayer[]): boolean {
  const layer = LAYER_OF_KIND[kind];
  return layer === undefined || on.includes(layer);
}

/** The layers there is anything for. */
export const layersFor = (has: {
  readonly baseMap: boolean;
  readonly hazards: boolean;
  readonly walked: boolean;
  readonly archive: boolean;
  readonly tiles: boolean;
}): readonly MapLayer[] =>
  MAP_LAYERS.filter((l) => {
    if (l === 'hazards' || l === 'walked' || l === 'archive' || l === 'tiles') return has[l];
    return has.baseMap;
  });
