import { expect } from 'chai';
import type { HearthView, PartOutlook, PatchView, StandKit, StandRef, StandView } from '@emberfield/contract';
import { dayNumber } from '@emberfield/core/measure';
import { outlooksFor, seasonsOf, standDay, unpackBook } from '@emberfield/core/stand';
import { islandDatabase, startServer, type RunningServer } from './application.ts';

/** What the demo island is there to show, asked of the running server as its people would see it. */
describe('the cases of the demo island', () => {
  let server: RunningServer;
  let group: string;
  let hearth: HearthView;
  const cookies = new Map<string, string>();
  const ask = async <T>(path: string, who = 'tavi'): Promise<T> => {
    const answer = await fetch(`${server.url}${path}`, { headers: { cookie: cookies.get(who)! } });
    expect(answer.status, path).to.equal(200);
    return (await answer.json()) as T;
  };
  const stands = (plant: string, place: RegExp): readonly StandRef[] =>
    hearth.stands.filter((s) => s.plantKey === plant && place.test(s.patchName));
  const outlooks = (stand: StandRef): readonly PartOutlook[] => hearth.outlooks.filter((o) => o.standId === stand.id);
  const page = (stand: Pick<StandRef, 'id'>, day = ''): Promise<StandView> =>
    ask(`${group}/stands/${stand.id}${day && `?day=${day}`}`);
  const held = (o: PartOutlook): string | undefined => o.allowance.ceilings.find((c) => c.binding)?.kind;

  before(async () => {
    const databaseUrl = await islandDatabase('emberfield_e2e_island');
    server = await startServer(databaseUrl, { EMBERFIELD_PORT: '0', EMBERFIELD_DEMO: '1' });
    for (const signInName of ['tavi', 'mirel', 'ode', 'brannoc']) {
      const answer = await fetch(`${server.url}/api/demo-session`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ signInName }),
      });
      cookies.set(signInName, answer.headers.get('set-cookie')!.split(';')[0]!);
    }
    const { groups } = await ask<{ groups: { id: string }[] }>('/api/session');
    group = `/api/groups/${groups[0]!.id}`;
    // A cold Hearth reckons the rest behind its first answer.
    do hearth = await ask(`${group}/hearth`);
    while (hearth.waiting > 0);
  });
  after(() => server.stop());

  it('a window that closes on the demo day', () => {
    const [birch] = stands('birch', /Carr/);
    const leaf = outlooks(birch!).find((o) => o.part === 'leaf')!;
    expect(leaf.readiness).to.include({ state: 'fading', daysLeft: 0 });
    expect(leaf.closes.p50).to.equal('2026-05-15');
  });
  it('two pickers near a shared limit', async () => {
    const [spruce] = stands('spruce', /planting/);
    const tips = outlooks(spruce!)[0]!;
    expect([tips.allowance.amount, tips.allowance.amountLeft]).to.deep.equal([160, 12]);
    const { entries } = await page(spruce!);
    const thisYear = entries.filter((e) => e.kind === 'take' && e.day >= '2026-01-01');
    expect(new Set(thisYear.map((e) => e.by))).to.deep.equal(new Set(['Mirel', 'Ode']));
  });
  it('a window missed by four days last year, with the note that says so', async () => {
    const [lime] = stands('lime', /avenue/);
    const { entries } = await page(lime!);
    expect(entries.some((e) => e.kind === 'note' && /four days too late/.test(e.body.text))).to.equal(true);
    // On the day of last year's visit the blossom's window had just closed.
    const then = (await page(lime!, '2025-08-04')).outlooks.find((o) => o.part === 'flower')!;
    expect(then.readiness.state).to.equal('ash');
  });
  it('a stand that rests until autumn 2028 after it was dug too hard', async () => {
    const [valerian] = stands('valerian', /./);
    const view = await page(valerian!);
    expect(view.restUntil).to.match(/^2028-/);
    expect(view.outlooks.every((o) => o.readiness.state === 'banked' && o.allowance.kind === 'none')).to.equal(true);
    expect(view.entries.some((e) => e.kind === 'take' && e.take?.verdict === 'over')).to.equal(true);
  });
  it('a protected plant to watch only, by law', () => {
    const guarded = hearth.outlooks.filter((o) => o.allowance.ceilings.some((c) => c.kind === 'protected'));
    expect(guarded).not.to.deep.equal([]);
    for (const o of guarded) expect([o.allowance.kind, held(o)]).to.deep.equal(['none', 'protected']);
  });
  it('an umbel that nobody has settled: thorns, nothing to take, and a day to look again', () => {
    const [umbel] = hearth.stands.filter((s) => s.identity === 'unconfirmed');
    expect(outlooks(umbel!).every((o) => o.thorns && o.allowance.kind === 'none')).to.equal(true);
    const duty = hearth.duties.find((d) => d.standId === umbel!.id);
    expect(duty).to.include({ kind: 'settleIdentity' });
    expect(duty?.kind === 'settleIdentity' && duty.lookAgain?.p50).to.match(/^2026-/);
  });
  it('a deadly look-alike inside a confirmed patch, which closes it and names it', () => {
    const barred = stands('ramsons', /./)
      .flatMap(outlooks)
      .filter((o) => held(o) === 'lookAlikeSeen');
    expect(barred).not.to.deep.equal([]);
    for (const o of barred) {
      expect(o.thorns).to.equal(true);
      expect(o.allowance.ceilings.find((c) => c.binding)!.values['name']).to.include({ en: 'Autumn crocus' });
    }
  });
  it('an invader of which everything may go', () => {
    expect(hearth.outlooks.some((o) => o.allowance.kind === 'all')).to.equal(true);
  });
  it('something in every state of the coal within the year', async () => {
    const states = new Set<string>();
    for (const day of ['2026-01-15', '2026-04-20', '2026-05-15', '2026-08-20', '2026-11-10'])
      for (const o of (await ask<HearthView>(`${group}/hearth?day=${day}`)).outlooks) states.add(o.readiness.state);
    expect([...states].sort()).to.deep.equal(['ash', 'banked', 'cold', 'fading', 'glowing', 'kindling']);
  });
  it('says on a device with nothing but its book, of every stand and on any day, what the server says', async () => {
    let compared = 0;
    for (const { id } of hearth.stands) {
      const { book: packed, clearance } = await ask<StandKit>(`${group}/stands/${id}/kit`);
      const book = unpackBook(packed);
      const seasons = seasonsOf(book);
      for (const iso of ['2026-05-15', '2026-07-20', '2026-11-30']) {
        const view = await page({ id }, iso);
        const day = dayNumber(iso);
        const own = outlooksFor(book, seasons, standDay(book, day, seasons), { day, clearance });
        expect(own, `${view.plantName['en']} ${iso}`).to.deep.equal(view.outlooks);
        compared += own.length;
      }
    }
    expect(compared).to.be.above(100);
  }).timeout(120_000);
  it('a secret place, which the watcher sees only about', async () => {
    const [mine, theirs] = [
      await ask<PatchView[]>(`${group}/patches`),
      await ask<PatchView[]>(`${group}/patches`, 'brannoc'),
    ];
    const secret = mine.filter((p) => p.secret);
    expect(secret).not.to.deep.equal([]);
    for (const { id, geometry } of secret) {
      const seen = theirs.find((p) => p.id === id)!;
      expect(seen.blurred).to.equal(true);
      expect(seen.geometry).not.to.deep.equal(geometry);
    }
  });
});
