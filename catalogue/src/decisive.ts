// Signs that decide a pair by themselves: the look-alike is so built that it never shows this, whatever its age, place or year. Written
// pair by pair, and only what stands in every flora as the mark of the pair; everything else is weighed.

const UMBELLIFERS_WITHOUT_HAIR = ['hemlock', 'water-dropwort', 'cowbane', 'fools-parsley'] as const;
const each = (others: readonly string[], signs: string): Readonly<Record<string, string>> =>
  Object.fromEntries(others.map((other) => [other, signs]));

/** Of what is gathered, by what it is taken for: keys of the signs. */
const WRITTEN: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  // Umbellifers: hair on leaf and stalk, which the smooth killers never have; fruits; colour of the flower.
  alexanders: { hemlock: 'flowerColour seedShape', 'water-dropwort': 'flowerColour' },
  angelica: {
    hemlock: 'seedShape',
    cowbane: 'seedShape',
    'water-dropwort': 'seedShape',
    monkshood: 'flowerForm flowerSet leafBase',
  },
  'cow-parsley': { ...each(UMBELLIFERS_WITHOUT_HAIR, 'hairs'), hemlock: 'hairs seedShape' },
  'ground-elder': {
    // Not the root: what is dug beside it is ground elder's own runners.
    hemlock: 'stalkSection',
    cowbane: 'stalkSection',
    'water-dropwort': 'stalkSection',
    'fools-parsley': 'stalkSection',
  },
  hogweed: { hemlock: 'hairs seedShape' },
  pignut: { hemlock: 'root seedShape' },
  samphire: { 'water-dropwort': 'flowerColour' },
  'sweet-cicely': { ...each(['hemlock', 'cowbane'], 'hairs seedShape'), 'water-dropwort': 'hairs' },
  'wild-carrot': { ...each(UMBELLIFERS_WITHOUT_HAIR, 'hairs bracts seedShape'), 'rough-chervil': 'bracts seedShape' },
  'wild-parsnip': each(['hemlock', 'water-dropwort', 'cowbane'], 'hairs flowerColour seedShape'),

  // Other herbs beside umbellifers: leaves in pairs, four petals, daisies.
  // Not leaves in pairs: the uppermost of umbellifers stand so too.
  valerian: each(['hemlock', 'water-dropwort', 'cowbane'], 'fruit flowerColour'),
  watercress: each(['hemlock', 'water-dropwort', 'cowbane'], 'flowerForm fruit'),
  meadowsweet: { 'water-dropwort': 'flowerSet' },
  yarrow: each(['hemlock', 'fools-parsley'], 'hairs flowerForm'),
  'cutleaf-coneflower': { 'water-hemlock': 'flowerForm', monkshood: 'flowerForm' },
  arrowhead: { 'water-hemlock': 'leafShape flowerForm' },

  // Beside foxglove and nightshade: heart-shaped leaf bases, ribs side by side, four petals, prickles.
  'garlic-mustard': { foxglove: 'leafBase flowerForm' },
  burdock: { foxglove: 'leafBase fruit', 'deadly-nightshade': 'leafBase fruit' },
  'broad-dock': { foxglove: 'leafBase fruit', 'lords-and-ladies': 'root leafSet' },
  plantain: { foxglove: 'leafVeins' },
  'evening-primrose': { foxglove: 'flowerForm', ragwort: 'flowerForm' },
  'purple-coneflower': { foxglove: 'flowerForm' },
  cowslip: { foxglove: 'flowerSet' },
  mullein: { foxglove: 'flowerForm' },
  bilberry: { 'deadly-nightshade': 'leafEdge berryColour', 'herb-paris': 'leafEdge flowerForm' },
  bramble: { 'deadly-nightshade': 'stemSkin leafShape fruit' },
  sloe: { 'deadly-nightshade': 'stemSkin fruit', 'alder-buckthorn': 'stemSkin' },
  goosefoot: { 'black-nightshade': 'leafUnder' },
  'wild-geranium': { monkshood: 'leafSet flowerForm' },

  // Bulbs, and leaves that grow like theirs.
  camas: { 'death-camas': 'flowerColour' },
  ramsons: {
    'autumn-crocus': 'stalkSection flowerSet',
    'lily-of-the-valley': 'flowerForm flowerSet',
    'white-hellebore': 'leafBase stalkSection flowerSet',
    'lords-and-ladies': 'flowerForm',
  },
  'wild-leek': { 'false-hellebore': 'root flowerSet', 'lily-of-the-valley': 'flowerForm flowerSet' },
  'spring-beauty': { 'star-of-bethlehem': 'leafSet leafVeins' },
  sorrel: { 'lords-and-ladies': 'root leafSet flowerSet fruit' },
  'sea-beet': { 'lords-and-ladies': 'root leafSet' },
  reedmace: { 'yellow-flag': 'leafSection deadStalk', 'water-dropwort': 'leafShape leafVeins' },
  lingonberry: { 'lily-of-the-valley': 'leafVeins', mezereon: 'flowerForm' },
  dandelion: { ragwort: 'sap flowerForm' },

  // Climbers and bushes: hooks and prickles, leaves in pairs, toothed leaves.
  hop: { 'white-bryony': 'leafSet fruit', 'black-bryony': 'stemSkin fruit' },
  'dog-rose': each(['white-bryony', 'black-bryony'], 'stemSkin fruit'),
  'wild-grape': { moonseed: 'leafEdge' },
  chokecherry: { moonseed: 'leafEdge' },
  'ground-nut': { moonseed: 'leafShape sap flowerForm' },
  elder: { hemlock: 'stemSection fruit' },
  'american-elder': { 'water-hemlock': 'stemSection fruit', pokeweed: 'leafSet leafShape' },
  hawthorn: { spindle: 'stemSkin branching' },
  serviceberry: { 'alder-buckthorn': 'fruit' },
  'sweet-chestnut': { 'horse-chestnut': 'leafShape leafSet' },
  'american-chestnut': { 'ohio-buckeye': 'leafShape leafSet' },
  'shagbark-hickory': { 'ohio-buckeye': 'leafShape leafSet' },

  // Needles that stand in pairs or tufts, or leave a round foot; cones of wood, which no yew has.
  larch: { yew: 'needles cone' },
  pine: { yew: 'needles cone' },
  spruce: { yew: 'cone' },
  'silver-fir': { yew: 'cone' },
  'douglas-fir': { yew: 'cone' },
  'eastern-hemlock': { 'canada-yew': 'cone' },
  'white-pine': { 'canada-yew': 'needles cone' },
  'balsam-fir': { 'canada-yew': 'needles cone' },

  // Fungi, beside the spore print, which decides any pair by itself: pores, and gills that have colour where the killers’ stay white.
  'field-mushroom': each(['death-cap', 'destroying-angel'], 'gillColour'),
  'chicken-of-the-woods': { 'jack-o-lantern': 'underCap' },
  'oyster-mushroom': { 'jack-o-lantern': 'gillColour' },
  'honey-fungus': { 'jack-o-lantern': 'gillColour' },
};

/** Signs that decide between a plant and what it is taken for, by the key of the other; `undefined` where there are none. */
export function decisive(key: string): Readonly<Record<string, readonly string[]>> | undefined {
  const written = WRITTEN[key];
  return written && Object.fromEntries(Object.entries(written).map(([other, signs]) => [other, signs.split(' ')]));
}
export const PLANTS_WITH_DECISIVE = Object.keys(WRITTEN);
