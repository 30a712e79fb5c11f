import type { PlantProfile } from '@emberfield/contract';
import { arnica } from '../taxa/arnica.ts';
import { bilberry } from '../taxa/bilberry.ts';
import { birch } from '../taxa/birch.ts';
import { bramble } from '../taxa/bramble.ts';
import { burdock } from '../taxa/burdock.ts';
import { dandelion } from '../taxa/dandelion.ts';
import { dogRose } from '../taxa/dog-rose.ts';
import { elder } from '../taxa/elder.ts';
import { garlicMustard } from '../taxa/garlic-mustard.ts';
import { groundElder } from '../taxa/ground-elder.ts';
import { hawthorn } from '../taxa/hawthorn.ts';
import { hazel } from '../taxa/hazel.ts';
import { lime } from '../taxa/lime.ts';
import { nettle } from '../taxa/nettle.ts';
import { ramsons } from '../taxa/ramsons.ts';
import { reedmace } from '../taxa/reedmace.ts';
import { sloe } from '../taxa/sloe.ts';
import { spruce } from '../taxa/spruce.ts';
import { valerian } from '../taxa/valerian.ts';
import { velvetShank } from '../taxa/velvet-shank.ts';

export { SOURCES } from './sources.ts';

/** The shipped profiles, in the order of their English names. */
export const CATALOGUE: readonly PlantProfile[] = [
  arnica,
  bilberry,
  birch,
  bramble,
  burdock,
  dandelion,
  dogRose,
  elder,
  garlicMustard,
  groundElder,
  hawthorn,
  hazel,
  lime,
  nettle,
  ramsons,
  reedmace,
  sloe,
  spruce,
  valerian,
  velvetShank,
].sort((a, b) => a.names['en']!.localeCompare(b.names['en']!));
