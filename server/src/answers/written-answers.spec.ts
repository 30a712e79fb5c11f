import { expect } from 'chai';
import { gunzipSync } from 'node:zlib';
import { WrittenAnswers } from './written-answers.ts';

describe('answers kept as they travel', () => {
  it('are made once for all who ask while they are made, and for whoever asks later', async () => {
    const written = new WrittenAnswers();
    let made = 0;
    const make = async () => ({ n: ++made });
    const [one, other] = await Promise.all([written.get('a', make), written.get('a', make)]);
    expect(one).to.equal(other);
    expect((await written.get('a', make)).bytes.toString()).to.equal('{"n":1}');
    expect((await written.get('b', make)).bytes.toString()).to.equal('{"n":2}');
  });
  it('are not kept where whoever made them says that they are not whole yet', async () => {
    const written = new WrittenAnswers();
    let waiting = 2;
    const ask = async () =>
      JSON.parse(
        (
          await written.get(
            'a',
            async () => ({ waiting: --waiting }),
            (a) => a.waiting === 0,
          )
        ).bytes.toString(),
      ) as { readonly waiting: number };
    expect([await ask(), await ask(), await ask()].map((a) => a.waiting)).to.deep.equal([1, 0, 0]);
  });
  it('are packed where they are large', async () => {
    const written = new WrittenAnswers();
    const long = 'nettle '.repeat(20_000);
    const { bytes, packed } = await written.get('a', async () => long);
    expect(packed).to.equal(true);
    expect(bytes.length).to.be.lessThan(long.length / 10);
    expect(JSON.parse(gunzipSync(bytes).toString())).to.equal(long);
  });
  it('are packed once they were given some times while nothing changed, where that is worth it, and say the same', async () => {
    const written = new WrittenAnswers();
    const said = 'nettle '.repeat(1_000);
    expect((await written.get('a', async () => said)).packed).to.equal(false);
    expect((await written.get('short', async () => 'nettle')).packed).to.equal(false);
    const soon = () => new Promise((resolve) => setTimeout(resolve, 50));
    await written.get('a', async () => '');
    await soon();
    expect((await written.get('a', async () => '')).packed).to.equal(false);
    for (let i = 0; i < 4; i++) {
      await written.get('a', async () => '');
      await written.get('short', async () => '');
    }
    await soon();
    const { bytes, packed } = await written.get('a', async () => '');
    expect(packed).to.equal(true);
    expect(JSON.parse(gunzipSync(bytes).toString())).to.equal(said);
    expect((await written.get('short', async () => '')).packed).to.equal(false);
  });
  it('that fail are asked for again', async () => {
    const written = new WrittenAnswers();
    const failed = await written.get('a', () => Promise.reject(new Error('away'))).catch((e: Error) => e.message);
    expect(failed).to.equal('away');
    expect((await written.get('a', async () => 1)).bytes.toString()).to.equal('1');
  });
});
