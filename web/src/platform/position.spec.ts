import { expect } from 'chai';
import { once, type Position, type PositionSource } from './position.ts';

const here: Position = { latitudeDeg: 46, longitudeDeg: -30, heightM: null, accuracyM: 5, at: 0 };
describe('a position asked for once', () => {
  const told: unknown[] = [];
  let stopped = 0;
  const source =
    (...what: readonly (Position | string)[]): PositionSource =>
    (found, lost) => {
      for (const w of what)
        if (typeof w === 'string') lost(w);
        else found(w);
      return { stop: () => void stopped++ };
    };
  const ask = async (from: PositionSource): Promise<readonly unknown[]> => {
    told.length = stopped = 0;
    once(
      from,
      (p) => told.push(p),
      (why) => told.push(why),
    );
    await Promise.resolve();
    return told;
  };
  it('is the first that is told, and then nothing is listened to', async () => {
    expect(await ask(source(here, { ...here, accuracyM: 3 }, 'lost'))).to.deep.equal([here]);
    expect(stopped).to.equal(1);
    expect(await ask(source('no sensor', here))).to.deep.equal(['no sensor']);
    expect(stopped).to.equal(1);
  });
  it('is waited for', async () => {
    expect(await ask(source())).to.deep.equal([]);
    expect(stopped).to.equal(0);
  });
});
