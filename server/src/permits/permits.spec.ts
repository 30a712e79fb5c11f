import { expect } from 'chai';
import { v7 as newId } from 'uuid';
import type { EntryResult, PermitView, SavePermit, StandView } from '@emberfield/contract';
import { openedGroup } from '../testing/opened-group.ts';
import { entryOf, send, takeBody, TODAY, type Person } from '../testing/test-server.ts';

describe('a permit of a group', () => {
  const group = openedGroup();
  type Place = Awaited<ReturnType<typeof group.stand>>;
  const nettles = async (plants = 100): Promise<Place> => {
    const place = await group.stand('nettle');
    const body = { method: 'complete', plants, mature: null, flowering: null } as const;
    await group.tell(entryOf(place, 'census', body, { day: '2026-05-01' }));
    return place;
  };
  const permit = (over: Partial<SavePermit> = {}): SavePermit => ({
    revision: 0,
    kind: 'permit',
    name: 'Low wood',
    plantKey: 'nettle',
    part: 'tip',
    measure: 'unit',
    amount: 30,
    from: '2026-01-01',
    until: '2026-12-31',
    patchIds: null,
    note: '',
    ...over,
  });
  const save = (body: SavePermit, id = newId(), who = group.keeper) =>
    group.ask('put', `permits/${id}`, who).send(body);
  const made = async (body = permit()): Promise<string> => {
    const id = newId();
    await save(body, id).expect(204);
    return id;
  };
  const listed = async (who = group.keeper) => group.get<readonly PermitView[]>('permits', who);
  const tips = async (place: Place, who = group.keeper) =>
    (await group.get<StandView>(`stands/${place.standId}`, who)).outlooks.find((o) => o.part === 'tip')!.allowance;
  const take = async (place: Place, amount: number, who = group.keeper): Promise<EntryResult> =>
    (await send(group.server, who, group.groupId, [entryOf(place, 'take', takeBody(amount, { plants: null }))]))[0]!;
  const verdict = (r: EntryResult): string => (r.status === 'needsAttention' ? r.code : (r.take?.verdict ?? ''));

  it('is shared: what is taken at one stand is gone at the others, and comes back with what is taken back', async () => {
    const [one, other, elsewhere] = [await nettles(), await nettles(), await nettles()];
    await made(permit({ patchIds: [one.patchId, other.patchId] }));
    expect([(await tips(one)).amountLeft, (await tips(elsewhere)).amountLeft]).to.deep.equal([30, 70]);
    const entry = entryOf(one, 'take', takeBody(12, { plants: null }));
    expect(verdict((await group.tell(entry))[0]!)).to.equal('within');
    expect([(await tips(one)).amountLeft, (await tips(other)).amountLeft]).to.deep.equal([18, 18]);
    expect((await tips(other)).ceilings.find((c) => c.kind === 'quota')?.source).to.equal('permit');
    expect((await listed())[0]).to.include({ spent: 12, aside: 0, stands: 2 });
    expect(verdict(await take(other, 19))).to.equal('over');
    await group.tell(entryOf(one, 'withdrawal', { reason: '' }, { replaces: entry.id }));
    expect((await tips(other)).amountLeft).to.equal(11);
  });
  it('gives what is set aside at one stand to nobody else at another', async () => {
    const [one, other] = [await nettles(), await nettles()];
    await made();
    const picker = await group.join('picker');
    const held = entryOf(one, 'hold', { part: 'tip', amount: 25 }, { day: TODAY });
    expect((await send(group.server, picker, group.groupId, [held]))[0]).to.include({ status: 'stored' });
    expect([(await tips(other)).amountLeft, (await tips(other, picker)).amountLeft]).to.deep.equal([5, 30]);
    expect((await listed())[0]).to.include({ aside: 25 });
  });
  it('shuts its stands before its first day and after its last; a limit of one’s own only ends', async () => {
    const place = await nettles();
    const id = await made(permit({ from: '2026-06-01' }));
    expect(await tips(place)).to.include({ kind: 'none' });
    await save(permit({ revision: 1, until: '2026-05-01' }), id).expect(204);
    expect((await tips(place)).ceilings[0]).to.deep.include({ kind: 'permitShut', bars: true });
    await save(permit({ revision: 2, kind: 'own', until: '2026-05-01' }), id).expect(204);
    expect(await tips(place)).to.include({ kind: 'counted', amountLeft: 70 });
  });
  it('is removed and put back, and is edited by whoever saw it as it is', async () => {
    const place = await nettles();
    const id = await made();
    await save(permit({ revision: 0, amount: 5 }), id).expect(409);
    await group.ask('delete', `permits/${id}`).expect(204);
    expect(await listed()).to.deep.equal([]);
    expect((await tips(place)).amountLeft).to.equal(70);
    await group.ask('delete', `permits/${id}`).expect(404);
    await save(permit({ revision: 2, amount: 8 }), id).expect(204);
    expect((await tips(place)).amountLeft).to.equal(8);
  });
  it('is refused where it cannot be', async () => {
    const refused = async (over: Partial<SavePermit>, field: string, status = 400): Promise<void> => {
      const { body } = await save(permit(over)).expect(status);
      expect(body.error.field, JSON.stringify(body)).to.equal(field);
    };
    await refused({ until: '2025-12-31' }, 'body.until');
    await refused({ amount: 0 }, 'body.amount');
    await refused({ part: 'sap' }, 'body.part');
    await refused({ patchIds: [] }, 'body.patchIds');
    const elsewhere = await group.stand('valerian');
    await refused({ patchIds: [elsewhere.patchId] }, 'body.patchIds');
    await refused({ patchIds: [newId()] }, 'body.patchIds');
    await save(permit({ plantKey: 'nothing' })).expect(404);
    expect(await listed()).to.deep.equal([]);
  });
  it('does not tell by its name where a secret place is', async () => {
    const place = await group.stand('nettle', { patch: { secret: true } });
    const open = await nettles();
    await made(permit({ note: 'ask at the mill' }));
    const picker = await group.join('picker');
    expect((await listed(picker))[0]!.terms).to.include({ name: '', note: '' });
    expect((await listed())[0]!.terms).to.deep.equal(permit({ revision: 1, note: 'ask at the mill' }));
    const quota = (await tips(place, picker)).ceilings.find((c) => c.kind === 'quota');
    expect(quota?.values['name']).to.equal('');
    const beside = (await tips(open, picker)).ceilings.find((c) => c.kind === 'quota');
    expect(beside?.values['name'], 'nor at a stand that they see').to.equal('');
    const taken = await take(open, 3, picker);
    expect(JSON.stringify(taken)).not.to.include('Low wood');
    expect((await tips(open)).ceilings.find((c) => c.kind === 'quota')?.values['name']).to.equal('Low wood');
  });
  it('taken from by twenty at three stands at once gives no more than it says', async function () {
    this.timeout(120_000);
    const stands = [await nettles(), await nettles(), await nettles()];
    await made(permit({ amount: 47 }));
    const pickers: Person[] = [];
    for (let i = 0; i < 20; i++) pickers.push(await group.join('picker'));
    const results = await Promise.all(
      pickers.flatMap((p, i) => Array.from({ length: 5 }, (_, k) => take(stands[(i + k) % 3]!, 1, p))),
    );
    const said = results.map(verdict);
    expect(said.filter((v) => v === 'within')).to.have.length(47);
    expect(said.filter((v) => v === 'over')).to.have.length(53);
    expect((await tips(stands[1]!)).amountLeft).to.equal(0);
    expect((await listed())[0]).to.include({ spent: 100 });
  });
});
