import { expect } from 'chai';
import { scalePlayer } from './scale-player.ts';
import { linesOf } from './scale.ts';
import { isStill, type Reading } from './scale-line.ts';

describe('the lines of a scale', () => {
  const lines = async (...pieces: readonly string[]): Promise<readonly string[]> => {
    const all: string[] = [];
    async function* given(): AsyncGenerator<string> {
      yield* pieces;
    }
    for await (const line of linesOf(given())) all.push(line);
    return all;
  };
  it('are whole however they come, and half a line at the end is none', async () => {
    expect(await lines('12', '5.0 g\r\n126', '.0 g\n127.0 g\r128')).to.deep.equal(['125.0 g', '126.0 g', '127.0 g']);
  });
  it('begin anew where a device never ends one', async () => {
    expect(await lines('x'.repeat(500), '1.0 g\n2.0 g\n')).to.deep.equal(['1.0 g', '2.0 g']);
  });
});

describe('a scale that is played', () => {
  it('wavers when something is put on it, and comes to rest at its weight', async function () {
    this.timeout(5000);
    const player = scalePlayer();
    player.put(412);
    const readings: Reading[] = [];
    const playing = player.source(
      (r) => readings.push(r),
      () => undefined,
    );
    await new Promise((go) => setTimeout(go, 1100));
    playing.stop();
    expect(isStill(readings.slice(0, 1))).to.equal(false);
    expect(readings.at(-1)).to.deep.equal({ massG: 412, still: true });
    expect(isStill(readings)).to.equal(true);
  });
});
