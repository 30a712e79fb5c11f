// A round as a GPX file: its places as waypoints and as a route in their order.
import { xmlText, type PatchView } from '@emberfield/contract';
import { centreOf } from '@emberfield/core/stand';
import { clockOf } from '../platform/clock.ts';

const SIX = 6;
export interface PlaceOnRound {
  readonly patch: Pick<PatchView, 'name' | 'geometry' | 'heightM' | 'secret' | 'blurred'>;
  readonly begins: number;
  readonly what: string;
}
/** Secret places stay at home: a file travels on. @returns the file, and how many places it leaves out */
export function roundGpx(
  name: string,
  places: readonly PlaceOnRound[],
): { readonly text: string; readonly left: number } {
  const shown = places.filter(({ patch }) => !patch.secret && !patch.blurred);
  const point = (tag: 'wpt' | 'rtept') =>
    shown.map(({ patch, begins, what }) => {
      const { latitudeDeg, longitudeDeg } = centreOf(patch.geometry);
      const at = `lat="${latitudeDeg.toFixed(SIX)}" lon="${longitudeDeg.toFixed(SIX)}"`;
      return `<${tag} ${at}><ele>${patch.heightM}</ele><name>${xmlText(patch.name)}</name><desc>${xmlText(`${clockOf(begins)} ${what}`)}</desc></${tag}>`;
    });
  const text = `<?xml version="1.0" encoding="UTF-8"?>
<gpx version="1.1" creator="Emberfield" xmlns="http://www.topografix.com/GPX/1/1">
${point('wpt').join('\n')}
<rte><name>${xmlText(name)}</name>${point('rtept').join('')}</rte>
</gpx>
`;
  return { text, left: places.length - shown.length };
}
