import { expect } from 'chai';
import type { Entry, EntryResult, NewPatch, NewStand } from '@emberfield/contract';
import { deliver, nextToGo, type Answer, type OutCall, type Waiting } from './outbox.ts';

const entry = (id: string) => ({ id, kind: 'note' }) as unknown as Entry;
const sync = (...ids: string[]): OutCall => ({ route: 'sync', body: { entries: ids.map(entry) } });
const patch: OutCall = { route: 'newPatch', body: { id: 'p' } as unknown as NewPatch };
const stand: OutCall = { route: 'newStand', body: { id: 's' } as unknown as NewStand };
const waiting = (calls: readonly OutCall[], over: Partial<Waiting> = {}): Waiting => ({
  id: 'w',
  accountId: 'ode',
  groupId: 'g',
  putAt: 1,
  label: '',
  calls,
  lastTry: null,
  problem: '',
  ...over,
});
const stored = (id: string): EntryResult => ({ id, status: 'stored', take: null });
const refused = (id: string, message: string): EntryResult => ({
  id,
  status: 'needsAttention',
  code: 'x',
  message,
  field: null,
});
/** A server that answers in turn, and remembers what it was asked. */
function server(...answers: readonly Answer[]) {
  const asked: string[] = [];
  let at = 0;
  return { asked, send: async (call: OutCall) => (asked.push(call.route), answers[at++]!) };
}
const answered = (...results: readonly EntryResult[]): Answer => ({ kind: 'answered', results });

describe('what waits to be sent', () => {
  it('goes request by request, in the order in which they hang on each other', async () => {
    const { asked, send } = server(answered(), answered(), answered(stored('a')));
    const { left, results } = await deliver(waiting([patch, stand, sync('a')]), send, 9);
    expect([asked, left, results]).to.deep.equal([['newPatch', 'newStand', 'sync'], null, [stored('a')]]);
  });
  it('stays whole where nobody answers, and without what was answered before', async () => {
    const item = waiting([patch, stand, sync('a')]);
    const lost = await deliver(item, server({ kind: 'notReached' }).send, 9);
    expect(lost.left).to.deep.equal({ ...item, lastTry: 9 });
    const half = await deliver(item, server(answered(), { kind: 'notReached' }).send, 9);
    expect(half.left?.calls).to.deep.equal([stand, sync('a')]);
    expect(half.left?.problem).to.equal('');
  });
  it('stays with its reason where it is refused, and nothing that hangs on it goes', async () => {
    const { asked, send } = server({ kind: 'refused', message: 'no' });
    const { left } = await deliver(waiting([patch, stand]), send, 9);
    expect([asked, left?.problem, left?.calls.length]).to.deep.equal([['newPatch'], 'no', 2]);
  });
  it('keeps of a batch only the entries that need attention', async () => {
    const { left } = await deliver(
      waiting([sync('a', 'b', 'c')]),
      server(answered(stored('a'), refused('b', 'not so'), stored('c'))).send,
      9,
    );
    expect(left?.calls).to.deep.equal([sync('b')]);
    expect(left?.problem).to.equal('not so');
  });
  it('sends again what the server failed on, without calling it refused', async () => {
    const busy: EntryResult = { id: 'b', status: 'needsAttention', code: 'busy', message: 'later', field: null };
    const { left } = await deliver(waiting([sync('a', 'b')]), server(answered(stored('a'), busy)).send, 9);
    expect([left?.calls, left?.problem]).to.deep.equal([[sync('b')], '']);
  });
  it('goes oldest first, of one person alone, past what was refused', () => {
    const all = [
      waiting([patch], { id: 'later', putAt: 5 }),
      waiting([patch], { id: 'first', putAt: 2 }),
      waiting([patch], { id: 'refused', putAt: 1, problem: 'no' }),
      waiting([patch], { id: 'hers', putAt: 0, accountId: 'ivo' }),
    ];
    expect(nextToGo(all, 'ode')?.id).to.equal('first');
    expect(nextToGo(all, 'nobody')).to.equal(null);
  });
});
