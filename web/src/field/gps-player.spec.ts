import { expect } from 'chai';
import type { Position } from '../platform/position.ts';
import { alongWay, gpsPlayer } from './gps-player.ts';

const METRE = 1 / 111_320;
const at = (northM: number) => ({ latitudeDeg: northM * METRE, longitudeDeg: 0 });
const northOf = ({ latitudeDeg }: { readonly latitudeDeg: number }): number => Math.round(latitudeDeg / METRE);

describe('a way that is played', () => {
  const way = [at(0), at(100), at(100), at(40)];
  it('is gone along leg by leg, turned where it turns, and ends at its end', () => {
    expect([0, 60, 100, 130, 160, 900].map((m) => northOf(alongWay(way, m)))).to.deep.equal([0, 60, 100, 70, 40, 40]);
    expect(northOf(alongWay([at(7)], 50))).to.equal(7);
  });
  it('tells where it is at its speed, and nothing while it has no fix', async () => {
    const player = gpsPlayer(way);
    player.speedKmh = 36;
    const found: Position[] = [];
    let lost = 0;
    const playing = player.source(
      (p) => found.push(p),
      () => lost++,
    );
    expect(northOf(found[0]!)).to.equal(5);
    player.hasFix = false;
    await new Promise((go) => setTimeout(go, 700));
    playing.stop();
    expect([found.length, lost]).to.deep.equal([1, 1]);
    player.hasFix = true;
    player.goTo(100);
    player.speedKmh = 0;
    player
      .source(
        (p) => found.push(p),
        () => undefined,
      )
      .stop();
    expect(northOf(found.at(-1)!)).to.equal(100);
  });
});
