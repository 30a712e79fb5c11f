import { bend, blob, heightAt, lonLat, type Km } from './geometry.ts';

interface Feature {
  readonly type: 'Feature';
  readonly properties: Readonly<Record<string, string | number>>;
  readonly geometry: { readonly type: string; readonly coordinates: unknown };
}

const area = (kind: string, name: string, ring: readonly Km[]): Feature => ({
  type: 'Feature',
  properties: { kind, name },
  geometry: { type: 'Polygon', coordinates: [ring.map(lonLat)] },
});
const line = (kind: string, name: string, points: readonly Km[]): Feature => ({
  type: 'Feature',
  properties: { kind, name },
  geometry: { type: 'LineString', coordinates: points.map(lonLat) },
});
const place = (name: string, at: Km): Feature => ({
  type: 'Feature',
  properties: { kind: 'name', name },
  geometry: { type: 'Point', coordinates: lonLat(at) },
});

/** Base map of the Isle of Ostrey as GeoJSON: coast, heights, water, woods, meadows, moor, ways, houses, names. */
export function islandMap(): { readonly type: 'FeatureCollection'; readonly features: readonly Feature[] } {
  return {
    type: 'FeatureCollection',
    features: [
      area('land', 'Isle of Ostrey', blob('coast', [0, 0], [13.6, 8.8], { corners: 90, wobble: 0.13 })),
      area('moor', 'Brackmoor', blob('moor', [-0.8, 2.5], [3.4, 2.1])),
      area('down', 'Limestone down', blob('down', [3.6, 1.6], [3.2, 2])),
      area('meadow', 'Water meadows', blob('meadows', [-2.6, -0.9], [2.6, 1.5])),
      area('wood', 'Withen Wood', blob('withen', [1.2, 0.6], [2.6, 1.9])),
      area('wood', 'Tannet Coppice', blob('tannet', [3.4, -1], [1.6, 1.1])),
      area('wood', 'The Carr', blob('carr', [-1, 0.9], [1.2, 0.8])),
      area('bog', 'Sallow bog', blob('bog', [-1.5, 2.6], [0.9, 0.6])),
      area('water', 'Larkmere', blob('mere', [-3.4, 0.5], [1.7, 0.9])),
      area('mud', 'Ostrey estuary', blob('estuary', [-5.3, -1.1], [1.8, 1.1])),
      area('quarry', 'Old quarry', blob('quarry', [4.7, 0.2], [0.6, 0.5], { corners: 16 })),
      ...[50, 100, 150, 200].map((level) => contour(level)).flat(),
      line(
        'stream',
        'Lark Water',
        bend('lark', [
          [2.4, 2.2],
          [0.4, 1.7],
          [-1.2, 1.1],
          [-2.6, 0.7],
          [-3.3, 0.5],
        ]),
      ),
      line(
        'stream',
        'Mill brook',
        bend('mill', [
          [-3.6, 0.2],
          [-3.9, -0.4],
          [-4.6, -0.9],
          [-5.3, -1.1],
        ]),
      ),
      line(
        'road',
        'Harbour road',
        bend(
          'harbour',
          [
            [0.4, -3.3],
            [0.6, -2.3],
            [1.9, -1.5],
            [3.3, -0.4],
            [4.4, 0.1],
          ],
          0.06,
        ),
      ),
      line(
        'road',
        'Moor road',
        bend(
          'moorroad',
          [
            [0.6, -2.3],
            [-0.5, -0.9],
            [-0.4, 0.9],
            [-0.5, 2.2],
          ],
          0.06,
        ),
      ),
      line(
        'path',
        'Reed path',
        bend(
          'reed',
          [
            [-0.5, -0.9],
            [-1.7, -0.3],
            [-2.6, 0.1],
            [-3.2, 0.1],
          ],
          0.05,
        ),
      ),
      line(
        'path',
        'Old railway',
        bend(
          'rail',
          [
            [0.6, -2.6],
            [-1.3, -2.3],
            [-2.9, -1.9],
            [-4.2, -1.5],
          ],
          0.03,
        ),
      ),
      line(
        'path',
        'Wood path',
        bend(
          'wood',
          [
            [-0.4, 0.6],
            [0.7, 0.5],
            [1.8, 0.9],
            [3, 1.3],
          ],
          0.05,
        ),
      ),
      ...houses(),
      place('Ostrey harbour', [0.4, -3.1]),
      place('Larkmere', [-3.4, 0.5]),
      place('Withen Wood', [1.2, 0.6]),
      place('Brackmoor', [-0.8, 2.5]),
      place('Limestone down', [3.9, 1.7]),
      place('Tannet Coppice', [3.4, -1]),
      place('Moor Farm', [-0.2, 1.6]),
      place('Mill Farm', [-3.4, -0.8]),
      place('Estuary', [-5.3, -1.1]),
    ],
  };
}

/** Rings of equal height round the two tops, found by walking outward from each in every direction. */
function contour(level: number): Feature[] {
  const tops: readonly Km[] = [
    [3.2, 1.2],
    [-0.8, 2.4],
  ];
  return tops
    .filter((top) => heightAt(top) > level)
    .map((top) => {
      const ring = Array.from({ length: 48 }, (_, i): Km => {
        const a = (2 * Math.PI * i) / 48;
        let r = 0.05;
        while (r < 3 && heightAt([top[0] + r * Math.cos(a), top[1] + r * Math.sin(a)]) > level) r += 0.05;
        return [top[0] + r * Math.cos(a), top[1] + r * Math.sin(a)];
      });
      return {
        ...line('contour', `${level} m`, [...ring, ring[0]!]),
        properties: { kind: 'contour', name: `${level} m`, heightM: level },
      };
    });
}

function houses(): Feature[] {
  const yards: readonly (readonly [string, Km, number])[] = [
    ['harbour', [0.4, -3.05], 16],
    ['moorfarm', [-0.2, 1.5], 3],
    ['millfarm', [-3.4, -0.85], 4],
  ];
  return yards.flatMap(([name, [e, n], count]) =>
    Array.from({ length: count }, (_, i) => {
      const at: Km = [
        e + 0.11 * ((i % 6) - 2.5) + 0.02 * Math.sin(i * 5),
        n + 0.13 * (Math.floor(i / 6) - 1) + 0.02 * Math.cos(i * 3),
      ];
      return area('house', '', blob(`${name}${i}`, at, [0.05, 0.035], { corners: 4, wobble: 0, turn: i }));
    }),
  );
}
