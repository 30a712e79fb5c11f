import { expect } from 'chai';
import { readConfig } from './config.ts';

const DATABASE_URL = 'mysql://u:p@127.0.0.1:3306/e';

describe('the configuration', () => {
  it('needs no more than a database, and stays on loopback', () => {
    expect(readConfig({ DATABASE_URL })).to.deep.include({
      host: '127.0.0.1',
      port: 4180,
      demo: false,
      today: null,
      publicUrl: null,
      webFolder: null,
    });
  });
  it('names the variable that is wrong', () => {
    const wrong: readonly [Record<string, string>, string][] = [
      [{}, 'DATABASE_URL'],
      [{ DATABASE_URL, EMBERFIELD_PORT: 'eighty' }, 'EMBERFIELD_PORT'],
      [{ DATABASE_URL, EMBERFIELD_PORT: '70000' }, 'EMBERFIELD_PORT'],
      [{ DATABASE_URL, EMBERFIELD_TODAY: '2026-02-30' }, 'EMBERFIELD_TODAY'],
      [{ DATABASE_URL, EMBERFIELD_PUBLIC_URL: 'ember.example' }, 'EMBERFIELD_PUBLIC_URL'],
      [{ DATABASE_URL, EMBERFIELD_PUBLIC_URL: 'https://ember.example/app' }, 'EMBERFIELD_PUBLIC_URL'],
    ];
    for (const [env, name] of wrong) expect(() => readConfig(env), name).to.throw(name);
  });
  it('takes an empty variable for one that is not set', () => {
    const config = readConfig({ DATABASE_URL, EMBERFIELD_TODAY: '', EMBERFIELD_PUBLIC_URL: '', EMBERFIELD_WEB: '' });
    expect(config).to.deep.include({ today: null, publicUrl: null, webFolder: null });
  });
  it('switches the demo on by 1 and by nothing else', () => {
    expect(readConfig({ DATABASE_URL, EMBERFIELD_DEMO: '1' }).demo).to.equal(true);
    expect(readConfig({ DATABASE_URL, EMBERFIELD_DEMO: 'true' }).demo).to.equal(false);
  });
  it('takes an address of tiles only where it is one', () => {
    const of = (EMBERFIELD_TILES: string) => readConfig({ DATABASE_URL: 'mysql://x', EMBERFIELD_TILES }).tilesUrl;
    expect(of('https://tiles.example/{z}/{x}/{y}.png')).to.equal('https://tiles.example/{z}/{x}/{y}.png');
    expect(of('')).to.equal(null);
    for (const wrong of [
      'tiles',
      'ftp://x/{z}',
      'https://x/{z}; script-src *',
      "https://x/{z}' 'unsafe-eval",
      'https://x/a.png',
    ])
      expect(() => of(wrong), wrong).to.throw(/EMBERFIELD_TILES/);
  });
});
