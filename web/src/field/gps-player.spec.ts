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
  it('tells where it is at its speed, once however many listen, and nothing while it has no fix', () => {
    let now = 0;
    const player = gpsPlayer(way, () => now);
    player.speedKmh = 36;
    /** What one more listener is told at once. */
    const told = (): number | null => {
      const found: Position[] = [];
      player
        .source(
          (p) => found.push(p),
          () => undefined,
        )
        .stop();
      return found[0] ? northOf(found[0]) : null;
    };
    expect([told(), told()]).to.deep.equal([0, 0]);
    now += 5000;
    expect([told(), told()]).to.deep.equal([50, 50]);
    player.hasFix = false;
    expect(told()).to.equal(null);
    player.hasFix = true;
    player.goTo(100);
    expect(told()).to.equal(100);
  });
  it('goes on by itself while somebody listens', async () => {
    const player = gpsPlayer(way);
    player.speedKmh = 3600;
    const found: Position[] = [];
    const playing = player.source(
      (p) => found.push(p),
      () => undefined,
    );
    await new Promise((go) => setTimeout(go, 700));
    playing.stop();
    expect(found.length).to.equal(2);
    expect(northOf(found[1]!)).to.be.within(40, 100);
  });
});
