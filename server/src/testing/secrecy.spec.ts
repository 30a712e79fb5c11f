import { expect } from 'chai';
import { ROUTES, type Route } from '@emberfield/contract';
import { v7 as newId } from 'uuid';
import { openedGroup } from './opened-group.ts';
import { entryOf, person, type Person } from './test-server.ts';

/** What must not be seen by whoever is not to know the place: its position to a few metres, its name, owner, way and neighbours, and where in it something grows. */
const TELLTALE =
  /29\.98765|46\.01234|-29\.9877|46\.0123|Owlet|Halvard|behind the kiln|One yew|under the third beech|hollow oak/;

const GROUP = '/api/groups/:groupId';
const reads = Object.entries(ROUTES as unknown as Readonly<Record<string, Route>>).filter(
  ([, r]) => r.method === 'get' && r.path.startsWith(GROUP),
);

describe('a secret place', () => {
  const group = openedGroup();

  /** A secret place of the keeper's with all that can be noted of it, and everything that reads it. */
  async function secret(over: object = {}) {
    const place = await group.stand('elder', {
      where: 'round the hollow oak',
      patch: {
        name: 'Owlet hollow',
        secret: true,
        owner: 'Halvard',
        access: 'behind the kiln',
        neighbours: 'One yew',
        heightM: 137,
        geometry: { type: 'Point', coordinates: [-29.98765, 46.01234] },
        ...over,
      },
    });
    const photoless = { day: '2026-05-10' };
    await group.tell(
      entryOf(place, 'note', { text: 'under the third beech' }, photoless),
      entryOf(place, 'loss', { cause: 'grazed', share: 0.2, note: 'under the third beech' }, photoless),
      entryOf({ ...place, standId: null as unknown as string }, 'search', {
        lookedFor: 'Morel',
        plantKey: null,
        found: false,
        stage: '',
        deadly: false,
      }),
    );
    await group.ask('post', 'sought').send({ id: newId(), what: 'Morel', note: '' }).expect(200);
    return place;
  }

  /** Every answer of a group that can be read, by route. */
  async function everything(who: Person, place: { readonly patchId: string; readonly standId: string }) {
    const queries: Readonly<Record<string, readonly string[]>> = {
      exportFile: ['format=geojson&secret=exact', 'format=gpx&secret=exact', 'format=kml', 'format=csv&secret=exact'],
      find: ['text=owlet', 'text=elder', 'text=place'],
      photos: [`patch=${place.patchId}`],
      hearth: ['', 'near=1'],
      signs: [`patch=${place.patchId}`],
      prospects: ['plants=elder,nettle'],
      stationDays: ['from=2026-01-01&to=2026-02-01'],
    };
    const out: { readonly route: string; readonly status: number; readonly text: string }[] = [];
    for (const [name, route] of reads) {
      const whats = route.path.includes(':what') ? ['places', 'stands', 'visits', 'takes'] : [''];
      for (const what of whats)
        for (const query of queries[name] ?? ['']) {
          const path = route.path
            .slice(GROUP.length + 1)
            .replace(':patchId', place.patchId)
            .replace(':standId', place.standId)
            .replace(':plantKey', 'elder')
            .replace(':what', what)
            .replace(/:\w+Id/g, newId());
          const answer = await group
            .ask('get', `${path}${query ? `?${query}` : ''}`, who)
            .buffer(true)
            .parse((res, done) => {
              let text = '';
              res.on('data', (d: Buffer) => (text += d.toString('latin1')));
              res.on('end', () => done(null, text));
            });
          out.push({ route: `${name} ${what} ${query}`, status: answer.status, text: String(answer.body) });
        }
    }
    return out;
  }

  for (const role of ['watcher', 'picker'] as const)
    it(`tells a ${role} on no route where it is, what it is called, whose it is or what people wrote of it`, async () => {
      const place = await secret();
      const told = await everything(await group.join(role), place);
      expect(told.filter((t) => t.status < 300).length).to.be.at.least(20);
      for (const { route, text } of told) expect(TELLTALE.exec(text)?.[0], route).to.equal(undefined);
    }).timeout(60_000);
  it('is seen on the routes that show it by members named for it, and by keepers', async () => {
    const named = await group.join('picker');
    const place = await secret({ seenBy: [named.accountId] });
    for (const who of [named, group.keeper]) {
      const told = await everything(who, place);
      expect(told.filter((t) => TELLTALE.test(t.text)).length).to.be.at.least(5);
    }
  }).timeout(60_000);
  it('lies in one cell whatever is asked: no two answers together say more', async () => {
    const place = await secret();
    const watcher = await group.join('watcher');
    const told = await everything(watcher, place);
    const positions = new Set(told.flatMap((t) => t.text.match(/46\.0\d+/g) ?? []));
    expect([...positions]).to.deep.equal(['46.01']);
    await group.ask('get', 'exports/places?radius=100', watcher).expect(400);
  }).timeout(60_000);
  it('is no path’s end in anybody’s file who does not see it', async () => {
    await secret();
    const way = Buffer.from(
      '<gpx version="1.1" creator="x"><trk><name>To the kiln</name><trkseg><trkpt lat="46.2" lon="-29.8"/><trkpt lat="46.0125" lon="-29.9875"/></trkseg></trk>' +
        '<trk><name>Elsewhere</name><trkseg><trkpt lat="46.2" lon="-29.8"/><trkpt lat="46.21" lon="-29.81"/></trkseg></trk></gpx>',
    );
    const id = newId();
    await group
      .ask('post', `place-imports/${id}?fileName=way.gpx`)
      .type('application/octet-stream')
      .send(way)
      .expect(200);
    await group.ask('post', `place-imports/${id}/store`).expect(200);
    const paths = async (who: Person) =>
      (await group.get<readonly { readonly name: string }[]>('paths', who)).map((p) => p.name).sort();
    expect(await paths(group.keeper)).to.deep.equal(['Elsewhere', 'To the kiln']);
    expect(await paths(await group.join('picker'))).to.deep.equal(['Elsewhere']);
    expect(await paths(await group.join('watcher'))).to.deep.equal([]);
    for (const [role, names] of [
      ['picker', /Elsewhere/],
      ['watcher', /^(?!.*(Elsewhere|kiln))/s],
    ] as const) {
      const out = await group.ask('get', 'exports/places?format=geojson', await group.join(role));
      expect(JSON.stringify(out.body)).to.match(names).and.not.to.include('kiln');
    }
  });
  it('stays closed to another group, named or not', async () => {
    const stranger = await person(group.server, []);
    const place = await secret({ seenBy: [stranger.accountId] });
    await group.ask('get', `patches/${place.patchId}`, stranger).expect(404);
  });
});
