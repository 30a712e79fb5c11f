import type { PlantProfile } from '@emberfield/contract';
import { germanByEnglish, withGerman } from './german/index.ts';
import { byPhase } from './phases.ts';
import { alderBuckthorn } from '../taxa/alder-buckthorn.ts';
import { alexanders } from '../taxa/alexanders.ts';
import { angelWing } from '../taxa/angel-wing.ts';
import { angelica } from '../taxa/angelica.ts';
import { arnica } from '../taxa/arnica.ts';
import { autumnCrocus } from '../taxa/autumn-crocus.ts';
import { balsam } from '../taxa/balsam.ts';
import { beech } from '../taxa/beech.ts';
import { bilberry } from '../taxa/bilberry.ts';
import { birch } from '../taxa/birch.ts';
import { bitterBolete } from '../taxa/bitter-bolete.ts';
import { bittercress } from '../taxa/bittercress.ts';
import { blackBryony } from '../taxa/black-bryony.ts';
import { blackNightshade } from '../taxa/black-nightshade.ts';
import { bogBilberry } from '../taxa/bog-bilberry.ts';
import { bogRosemary } from '../taxa/bog-rosemary.ts';
import { bracken } from '../taxa/bracken.ts';
import { bramble } from '../taxa/bramble.ts';
import { broadDock } from '../taxa/broad-dock.ts';
import { brownParasol } from '../taxa/brown-parasol.ts';
import { buckshornPlantain } from '../taxa/buckshorn-plantain.ts';
import { burdock } from '../taxa/burdock.ts';
import { butterbur } from '../taxa/butterbur.ts';
import { cep } from '../taxa/cep.ts';
import { chanterelle } from '../taxa/chanterelle.ts';
import { charlock } from '../taxa/charlock.ts';
import { chickweed } from '../taxa/chickweed.ts';
import { cleavers } from '../taxa/cleavers.ts';
import { comfrey } from '../taxa/comfrey.ts';
import { cowParsley } from '../taxa/cow-parsley.ts';
import { cowbane } from '../taxa/cowbane.ts';
import { cowslip } from '../taxa/cowslip.ts';
import { crabApple } from '../taxa/crab-apple.ts';
import { cranberry } from '../taxa/cranberry.ts';
import { dandelion } from '../taxa/dandelion.ts';
import { deadlyDapperling } from '../taxa/deadly-dapperling.ts';
import { deadlyNightshade } from '../taxa/deadly-nightshade.ts';
import { deadlyWebcap } from '../taxa/deadly-webcap.ts';
import { deathCap } from '../taxa/death-cap.ts';
import { destroyingAngel } from '../taxa/destroying-angel.ts';
import { devilsBolete } from '../taxa/devils-bolete.ts';
import { dogRose } from '../taxa/dog-rose.ts';
import { douglasFir } from '../taxa/douglas-fir.ts';
import { dwarfElder } from '../taxa/dwarf-elder.ts';
import { elder } from '../taxa/elder.ts';
import { eveningPrimrose } from '../taxa/evening-primrose.ts';
import { falseChanterelle } from '../taxa/false-chanterelle.ts';
import { falseMorel } from '../taxa/false-morel.ts';
import { fieldMushroom } from '../taxa/field-mushroom.ts';
import { foolsParsley } from '../taxa/fools-parsley.ts';
import { foxglove } from '../taxa/foxglove.ts';
import { funeralBell } from '../taxa/funeral-bell.ts';
import { garlicMustard } from '../taxa/garlic-mustard.ts';
import { giantHogweed } from '../taxa/giant-hogweed.ts';
import { glasswort } from '../taxa/glasswort.ts';
import { goosefoot } from '../taxa/goosefoot.ts';
import { groundElder } from '../taxa/ground-elder.ts';
import { hawthorn } from '../taxa/hawthorn.ts';
import { hazel } from '../taxa/hazel.ts';
import { hedgehog } from '../taxa/hedgehog.ts';
import { hemlock } from '../taxa/hemlock.ts';
import { hempAgrimony } from '../taxa/hemp-agrimony.ts';
import { herbParis } from '../taxa/herb-paris.ts';
import { hogweed } from '../taxa/hogweed.ts';
import { hop } from '../taxa/hop.ts';
import { horseChestnut } from '../taxa/horse-chestnut.ts';
import { jackOLantern } from '../taxa/jack-o-lantern.ts';
import { jellyEar } from '../taxa/jelly-ear.ts';
import { juniper } from '../taxa/juniper.ts';
import { knotweed } from '../taxa/knotweed.ts';
import { larch } from '../taxa/larch.ts';
import { lilyOfTheValley } from '../taxa/lily-of-the-valley.ts';
import { lime } from '../taxa/lime.ts';
import { lingonberry } from '../taxa/lingonberry.ts';
import { lividPinkgill } from '../taxa/livid-pinkgill.ts';
import { lordsAndLadies } from '../taxa/lords-and-ladies.ts';
import { maleFern } from '../taxa/male-fern.ts';
import { mallow } from '../taxa/mallow.ts';
import { marshMallow } from '../taxa/marsh-mallow.ts';
import { meadowsweet } from '../taxa/meadowsweet.ts';
import { mezereon } from '../taxa/mezereon.ts';
import { monkshood } from '../taxa/monkshood.ts';
import { morel } from '../taxa/morel.ts';
import { mullein } from '../taxa/mullein.ts';
import { nettle } from '../taxa/nettle.ts';
import { oak } from '../taxa/oak.ts';
import { ostrichFern } from '../taxa/ostrich-fern.ts';
import { oxEyeDaisy } from '../taxa/ox-eye-daisy.ts';
import { oysterMushroom } from '../taxa/oyster-mushroom.ts';
import { parasol } from '../taxa/parasol.ts';
import { pennyroyal } from '../taxa/pennyroyal.ts';
import { pettySpurge } from '../taxa/petty-spurge.ts';
import { pignut } from '../taxa/pignut.ts';
import { pine } from '../taxa/pine.ts';
import { plantain } from '../taxa/plantain.ts';
import { ragwort } from '../taxa/ragwort.ts';
import { ramsons } from '../taxa/ramsons.ts';
import { raspberry } from '../taxa/raspberry.ts';
import { reed } from '../taxa/reed.ts';
import { reedmace } from '../taxa/reedmace.ts';
import { roughChervil } from '../taxa/rough-chervil.ts';
import { rowan } from '../taxa/rowan.ts';
import { rush } from '../taxa/rush.ts';
import { samphire } from '../taxa/samphire.ts';
import { savin } from '../taxa/savin.ts';
import { scarletPimpernel } from '../taxa/scarlet-pimpernel.ts';
import { seaBeet } from '../taxa/sea-beet.ts';
import { seaBuckthorn } from '../taxa/sea-buckthorn.ts';
import { seaPurslane } from '../taxa/sea-purslane.ts';
import { seaRadish } from '../taxa/sea-radish.ts';
import { silverFir } from '../taxa/silver-fir.ts';
import { sloe } from '../taxa/sloe.ts';
import { sorrel } from '../taxa/sorrel.ts';
import { spearThistle } from '../taxa/spear-thistle.ts';
import { spindle } from '../taxa/spindle.ts';
import { spruce } from '../taxa/spruce.ts';
import { sulphurTuft } from '../taxa/sulphur-tuft.ts';
import { sweetChestnut } from '../taxa/sweet-chestnut.ts';
import { sweetCicely } from '../taxa/sweet-cicely.ts';
import { sweetFlag } from '../taxa/sweet-flag.ts';
import { thimbleMorel } from '../taxa/thimble-morel.ts';
import { valerian } from '../taxa/valerian.ts';
import { velvetShank } from '../taxa/velvet-shank.ts';
import { waterDropwort } from '../taxa/water-dropwort.ts';
import { waterMint } from '../taxa/water-mint.ts';
import { watercress } from '../taxa/watercress.ts';
import { weld } from '../taxa/weld.ts';
import { whiteBryony } from '../taxa/white-bryony.ts';
import { whiteHellebore } from '../taxa/white-hellebore.ts';
import { wildCarrot } from '../taxa/wild-carrot.ts';
import { wildParsnip } from '../taxa/wild-parsnip.ts';
import { wildStrawberry } from '../taxa/wild-strawberry.ts';
import { willow } from '../taxa/willow.ts';
import { woad } from '../taxa/woad.ts';
import { woodSorrel } from '../taxa/wood-sorrel.ts';
import { yarrow } from '../taxa/yarrow.ts';
import { yellowFlag } from '../taxa/yellow-flag.ts';
import { yellowGentian } from '../taxa/yellow-gentian.ts';
import { yellowStainer } from '../taxa/yellow-stainer.ts';
import { yew } from '../taxa/yew.ts';

export { SOURCES } from './sources.ts';

const WRITTEN: readonly PlantProfile[] = [
  alderBuckthorn,
  alexanders,
  angelica,
  angelWing,
  arnica,
  autumnCrocus,
  balsam,
  beech,
  bilberry,
  birch,
  bitterBolete,
  bittercress,
  blackBryony,
  blackNightshade,
  bogBilberry,
  bogRosemary,
  bracken,
  bramble,
  broadDock,
  brownParasol,
  buckshornPlantain,
  burdock,
  butterbur,
  cep,
  chanterelle,
  charlock,
  chickweed,
  cleavers,
  comfrey,
  cowbane,
  cowParsley,
  cowslip,
  crabApple,
  cranberry,
  dandelion,
  deadlyDapperling,
  deadlyNightshade,
  deadlyWebcap,
  deathCap,
  destroyingAngel,
  devilsBolete,
  dogRose,
  douglasFir,
  dwarfElder,
  elder,
  eveningPrimrose,
  falseChanterelle,
  falseMorel,
  fieldMushroom,
  foolsParsley,
  foxglove,
  funeralBell,
  garlicMustard,
  giantHogweed,
  glasswort,
  goosefoot,
  groundElder,
  hawthorn,
  hazel,
  hedgehog,
  hemlock,
  hempAgrimony,
  herbParis,
  hogweed,
  hop,
  horseChestnut,
  jackOLantern,
  jellyEar,
  juniper,
  knotweed,
  larch,
  lilyOfTheValley,
  lime,
  lingonberry,
  lividPinkgill,
  lordsAndLadies,
  maleFern,
  mallow,
  marshMallow,
  meadowsweet,
  mezereon,
  monkshood,
  morel,
  mullein,
  nettle,
  oak,
  ostrichFern,
  oxEyeDaisy,
  oysterMushroom,
  parasol,
  pennyroyal,
  pettySpurge,
  pignut,
  pine,
  plantain,
  ragwort,
  ramsons,
  raspberry,
  reed,
  reedmace,
  roughChervil,
  rowan,
  rush,
  samphire,
  savin,
  scarletPimpernel,
  seaBeet,
  seaBuckthorn,
  seaPurslane,
  seaRadish,
  silverFir,
  sloe,
  sorrel,
  spearThistle,
  spindle,
  spruce,
  sulphurTuft,
  sweetChestnut,
  sweetCicely,
  sweetFlag,
  thimbleMorel,
  valerian,
  velvetShank,
  watercress,
  waterDropwort,
  waterMint,
  weld,
  whiteBryony,
  whiteHellebore,
  wildCarrot,
  wildParsnip,
  wildStrawberry,
  willow,
  woad,
  woodSorrel,
  yarrow,
  yellowFlag,
  yellowGentian,
  yellowStainer,
  yew,
];

const germanNames = germanByEnglish(WRITTEN);
/** The shipped profiles, in the order of their English names. */
export const CATALOGUE: readonly PlantProfile[] = WRITTEN.map((p) => withGerman(byPhase(p), germanNames)).sort((a, b) =>
  a.names['en']!.localeCompare(b.names['en']!),
);
