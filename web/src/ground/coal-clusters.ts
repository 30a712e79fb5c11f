import type Feature from 'ol/Feature.js';
import type { FeatureLike } from 'ol/Feature.js';
import { Cluster } from 'ol/source.js';
import type VectorSource from 'ol/source/Vector.js';
import { Fill, Icon, Style, Text } from 'ol/style.js';
import { coalSvg } from '../kit/coal-svg.ts';
import { FONT, palette } from '../platform/theme.ts';
import type { GroundPlace } from './ground-places.ts';

/** Coals nearer than this would lie over each other. */
const NEAR_PX = 26;
export const coalClusters = (coals: VectorSource): Cluster => new Cluster({ source: coals, distance: NEAR_PX });

/** The places of a cluster, as features that hold `place` and its `rank` in the list; of anything else none. */
export const membersOf = (cluster: FeatureLike): readonly Feature[] => (cluster.get('features') ?? []) as Feature[];

/** Pictures are kept: a place looks like many others. */
const pictures = new Map<string, Style>();
function coalStyle({ hottest }: GroundPlace): Style | undefined {
  if (!hottest) return undefined;
  const svg = coalSvg(hottest.outlook.readiness, hottest.outlook.thorns, palette.value);
  const kept = pictures.get(svg);
  if (kept) return kept;
  const style = new Style({ image: new Icon({ src: `data:image/svg+xml,${encodeURIComponent(svg)}`, scale: 0.85 }) });
  pictures.set(svg, style);
  return style;
}

/** The coal of the hottest place, and how many they are where they are several. */
export function clusterStyle(cluster: FeatureLike): Style[] {
  const members = membersOf(cluster);
  const rankOf = (f: Feature): number => f.get('rank') as number;
  const [first, ...others] = [...members].sort((a, b) => rankOf(a) - rankOf(b));
  const coal = first && coalStyle(first.get('place') as GroundPlace);
  const { char, sheet } = palette.value;
  const count = new Text({
    text: String(members.length),
    font: `700 14px ${FONT}`,
    offsetX: 15,
    offsetY: -14,
    fill: new Fill({ color: sheet }),
    backgroundFill: new Fill({ color: char }),
    padding: [1, 4, 0, 5],
  });
  return [...(coal ? [coal] : []), ...(others.length > 0 ? [new Style({ text: count, zIndex: 2 })] : [])];
}
