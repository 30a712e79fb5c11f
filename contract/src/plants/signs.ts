import type { Phase, SignPrice, SignSpec } from '@emberfield/core/identity';

const GROWN: readonly Phase[] = ['leaf', 'flower', 'fruit'];
const ALWAYS: readonly Phase[] = ['rest', 'leaf', 'flower', 'fruit'];
const WOOD: readonly Phase[] = ['rest', 'leaf', 'flower', 'fruit'];
const BODY: readonly Phase[] = ['flower', 'fruit'];

interface Rest {
  readonly price?: SignPrice;
  readonly when?: readonly Phase[];
  readonly ofPlace?: boolean;
}
const sign = (
  key: string,
  organ: string,
  states: string,
  { price = 'glance', when = GROWN, ofPlace = false }: Rest = {},
) => ({ key, organ, price, ofPlace, when, states: states.split(' ') }) as const satisfies SignSpec;

/**
 * The signs that plants and fungi are told apart by: each of one organ, with its states and the price of a look. What they
 * are called stands in the words, how they look in the drawings, and which taxon shows them in the profiles. Taste is none.
 * A fungus bears its signs while its fruit bodies stand, which the profiles call flower and fruit.
 */
export const SIGNS: readonly SignSpec[] = [
  sign(
    'growth',
    'wholePlant',
    'rosette leafyStem fromGround climber bush tree creeping reed fern cap weed cushion crust',
    {
      when: ALWAYS,
    },
  ),
  sign('leafShape', 'leaf', 'strap lance oval heart arrow round needle scale hand threeLeaflets feather fineFeather'),
  sign('leafEdge', 'leaf', 'smooth fineTeeth coarseTeeth lobed spiny'),
  sign('leafBase', 'leafStalk', 'wedge heartBase clasping runsDown stalkless sheath'),
  sign('stalkSection', 'leafStalk', 'round grooved threeEdged hollow none', { price: 'cut' }),
  sign('leafSet', 'stem', 'opposite alternate whorl basal'),
  sign('leafVeins', 'leaf', 'net parallel arched'),
  sign('leafUnder', 'surface', 'dull glossy whiteFelt paleBands'),
  sign('hairs', 'surface', 'bare soft felt bristles stinging'),
  sign('leafSection', 'leaf', 'flat fan halfMoon tube', { price: 'cut' }),
  sign('stemSection', 'stem', 'solid hollow square ribbed threeEdged pith', { price: 'cut' }),
  sign('stemSkin', 'surface', 'plain hairy blotched prickles thorns hooks', { when: ALWAYS }),
  sign('sap', 'stem', 'clear milk orange', { price: 'cut' }),
  sign('smell', 'smell', 'none garlic aniseed carrot mouse cucumber mint resin apricot rank'),
  sign('flowerForm', 'flower', 'star5 star6 cross4 bell lipped pea daisy strapHead hood threePart', {
    when: ['flower'],
  }),
  sign('flowerSet', 'flowerHead', 'single spike oneSided umbel twiceUmbel flatHead plume ball catkin', {
    when: ['flower', 'fruit'],
  }),
  sign('flowerColour', 'flower', 'white yellow pink blue green brown', { when: ['flower'] }),
  sign('bracts', 'flowerHead', 'noBracts fewBracts featherBracts beardedBracts', { when: ['flower', 'fruit'] }),
  sign('fruit', 'fruit', 'berry stoneFruit nut capsule pod winged burr hip pome parachutes pairedSeeds manyDrupes', {
    when: ['fruit', 'rest'],
  }),
  sign('berryColour', 'fruit', 'red black blueBloom orange green', { when: ['fruit', 'rest'] }),
  sign('seedShape', 'seed', 'flatWinged wavyRibs fatRibs longSmooth bristly', {
    price: 'loupe',
    when: ['fruit', 'rest'],
  }),
  sign('root', 'root', 'bulb corm taproot fibres creeping chambered tubers', { price: 'cut', when: ALWAYS }),
  sign('bark', 'bark', 'smoothBark bands peeling furrowed corky', { when: WOOD }),
  sign('bud', 'bud', 'scaled blackPairs longPointed sticky naked', { when: ['rest'] }),
  sign('branching', 'twig', 'oppositeTwigs alternateTwigs tiers', { when: WOOD }),
  sign('needles', 'leaf', 'pegs suckers pairs tufts twoRows scaleLeaves sharpThrees allRound', { when: ALWAYS }),
  sign('cone', 'fruit', 'hanging upright tongued redCup blueBerry', { when: ALWAYS }),
  sign('deadStalk', 'stem', 'umbelRibs burrsLeft squareStalk tallSpike cigar plumeLeft podsLeft noStalk', {
    when: ['rest'],
  }),
  sign('crozier', 'bud', 'brownScales grooved furry', { when: ['leaf'] }),
  sign('frond', 'leaf', 'once twice thrice', { when: GROWN }),
  sign('cap', 'cap', 'domed flat funnel bellCap shelf honeycomb brain ball coral', { when: BODY }),
  sign('capSize', 'cap', 'coin palm plate', { when: BODY }),
  sign('capColour', 'cap', 'whiteCap greyCap brownCap yellowCap greenCap redCap', { when: BODY }),
  sign('underCap', 'gills', 'freeGills runningGills ridges pores spines noneBeneath', { when: BODY }),
  sign('gillColour', 'gills', 'white pink brown dark orange', { when: BODY }),
  sign('stipe', 'stipe', 'bareStem ring slidingRing ringAndBag netted velvet', { when: BODY }),
  sign('foot', 'foot', 'bag bulb plain tufted', { price: 'cut', when: BODY }),
  sign('inside', 'inside', 'oneHollow chambers full loose outline', { price: 'cut', when: BODY }),
  sign('sporePrint', 'sporePrint', 'whitePrint pinkPrint rustPrint darkPrint', { price: 'overnight', when: BODY }),
  sign('flesh', 'flesh', 'unchanged blues yellows milky reddens', { price: 'cut', when: BODY }),
  sign('host', 'ground', 'deadBroadleaf deadConifer broadleafSoil coniferSoil grass', { when: BODY, ofPlace: true }),
  sign('thallusForm', 'thallus', 'ribbon sheet hand bladders leafy tufts', { when: ALWAYS }),
  sign('thallusColour', 'thallusColour', 'olive redBrown bright grey', { when: ALWAYS }),
  sign('holdfast', 'holdfast', 'disc claws none', { price: 'cut', when: ALWAYS }),
];

/** The signs by key. */
export const VOCABULARY: ReadonlyMap<string, SignSpec> = new Map(SIGNS.map((s) => [s.key, s]));
export const signOf = (key: string): SignSpec | undefined => VOCABULARY.get(key);
export const isSignState = (key: string, state: string): boolean =>
  VOCABULARY.get(key)?.states.includes(state) ?? false;
