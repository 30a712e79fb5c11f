import { expect } from 'chai';
import { createSignal } from './signal.ts';
import { answerOrKept, type Asked } from './answer-or-kept.ts';
import type { AnswerShelf, KeptAnswer } from './kept-answers.ts';

const NOT_REACHED = new Error('not reached');
const REFUSED = new Error('refused');
const HEARTH = ['group', 'g', 'hearth', 'today'];

describe('answers kept for a day without signal', () => {
  let kept: Map<string, KeptAnswer>;
  let signal = createSignal();
  let clock = 0;
  const shelf: AnswerShelf = {
    get: async (hash) => kept.get(hash),
    put: async (answer) => kept.set(answer.hash, answer),
    takeAlong: async () => undefined,
    clear: async () => kept.clear(),
  };
  const asked = (queryKey: readonly unknown[], data: unknown = undefined): Asked => ({
    queryKey,
    queryHash: JSON.stringify(queryKey),
    state: { data },
  });
  const means = () => ({
    shelf: Promise.resolve<AnswerShelf | null>(shelf),
    signal,
    isNotReached: (e: unknown) => e === NOT_REACHED,
    now: () => clock,
    patienceMs: 20,
  });
  const ask = <T>(answer: () => Promise<T>, of: Asked) => answerOrKept(means())(answer, of);
  const failing = (error: Error) => () => Promise.reject<unknown>(error);
  const failureOf = (work: Promise<unknown>): Promise<unknown> =>
    work.then(
      () => null,
      (e: unknown) => e,
    );
  beforeEach(() => {
    kept = new Map();
    signal = createSignal();
    clock = 1000;
  });

  it('are fresh while the server answers, whatever is kept', async () => {
    expect(await ask(async () => 'old', asked(HEARTH))).to.equal('old');
    expect(await ask(async () => 'new', asked(HEARTH))).to.equal('new');
    expect(signal.reached.value).to.equal(true);
    expect([...kept.values()].map((k) => k.data)).to.deep.equal(['new']);
  });
  it('are the last that was read once it does not, and say from when', async () => {
    await ask(async () => 'read', asked(HEARTH));
    clock = 9000;
    expect(await ask(failing(NOT_REACHED), asked(HEARTH))).to.equal('read');
    expect(signal.reached.value).to.equal(false);
    expect(signal.keptFrom.value).to.equal(1000);
    signal.answered();
    expect([signal.reached.value, signal.keptFrom.value]).to.deep.equal([true, null]);
  });
  it('keep nobody waiting while the shelf is opened, and are on it once it is', async () => {
    let opened: (s: AnswerShelf) => void = () => undefined;
    const opening = new Promise<AnswerShelf | null>((resolve) => (opened = resolve));
    const ask = answerOrKept({ ...means(), shelf: opening });
    expect(await ask(async () => 'at the start', asked(HEARTH))).to.equal('at the start');
    expect(kept.size).to.equal(0);
    clock = 5000;
    opened(shelf);
    await new Promise((resolve) => setTimeout(resolve));
    expect([...kept.values()].map((k) => [k.data, k.readAt])).to.deep.equal([['at the start', 1000]]);
  });
  it('name the oldest of what is shown', async () => {
    await ask(async () => 1, asked(['group', 'g', 'patches']));
    clock = 500;
    await ask(async () => 2, asked(HEARTH));
    await ask(failing(NOT_REACHED), asked(['group', 'g', 'patches']));
    await ask(failing(NOT_REACHED), asked(HEARTH));
    expect(signal.keptFrom.value).to.equal(500);
  });
  it('do not stand in for a refusal: what one may not see any more is not shown', async () => {
    await ask(async () => 'read', asked(HEARTH));
    expect(await failureOf(ask(failing(REFUSED), asked(HEARTH)))).to.equal(REFUSED);
    expect(signal.keptFrom.value).to.equal(null);
  });
  it('come when the server takes too long, and not sooner', async () => {
    await ask(async () => 'read', asked(HEARTH));
    const slow = (ms: number) => () => new Promise((r) => setTimeout(() => r('slow'), ms));
    expect(await ask(slow(1), asked(HEARTH))).to.equal('slow');
    await ask(async () => 'read', asked(HEARTH));
    expect(await ask(slow(60), asked(HEARTH))).to.equal('read');
    // Nobody who has nothing else is made to give up.
    expect(await ask(slow(40), asked(['group', 'g', 'plants']))).to.equal('slow');
  });
  it('do not replace what is on the screen already', async () => {
    await ask(async () => 'read', asked(HEARTH));
    expect(await failureOf(ask(failing(NOT_REACHED), asked(HEARTH, 'on the screen')))).to.equal(NOT_REACHED);
  });
  it('are of today: neither other days nor what was searched for are kept, nor anything outside the group', async () => {
    for (const key of [
      ['group', 'g', 'hearth', '2026-06-01'],
      ['group', 'g', 'ribbon', '2025'],
      ['group', 'g', 'find', 'elder'],
      ['invitation', 'secret'],
      ['sessions'],
    ])
      await ask(async () => 'x', asked(key));
    expect(kept.size).to.equal(0);
  });
  it('never hold the token of a session', async () => {
    const session = { account: { id: 'a' }, token: 'secret' };
    expect(await ask(async () => session, asked(['session']))).to.deep.equal(session);
    expect(await ask(failing(NOT_REACHED), asked(['session']))).to.deep.equal({ account: { id: 'a' }, token: null });
  });
  it('are gone after a sign-out', async () => {
    await ask(async () => 'read', asked(HEARTH));
    await shelf.clear();
    expect(await failureOf(ask(failing(NOT_REACHED), asked(HEARTH)))).to.equal(NOT_REACHED);
  });
  it('never keep a fresh one waiting: not while the shelf is opened, read or written', async () => {
    const never = <T>() => new Promise<T>(() => undefined);
    for (const slow of [
      never<AnswerShelf>(),
      Promise.resolve({ ...shelf, get: () => never<KeptAnswer>() }),
      Promise.resolve({ ...shelf, put: () => never() }),
    ]) {
      const asking = answerOrKept({ ...means(), shelf: slow, patienceMs: 2_000 });
      expect(await asking(async () => 'fresh', asked(HEARTH))).to.equal('fresh');
    }
    // Nor one that comes late, where the shelf never says what it has.
    const stuck = answerOrKept({ ...means(), shelf: never<AnswerShelf>() });
    expect(await stuck(() => new Promise((r) => setTimeout(() => r('late'), 60)), asked(HEARTH))).to.equal('late');
  });
  it('are of an answer that came when something older was shown already', async () => {
    await ask(async () => 'read', asked(HEARTH));
    expect(await ask(() => new Promise((r) => setTimeout(() => r('late'), 60)), asked(HEARTH))).to.equal('read');
    await new Promise((r) => setTimeout(r, 80));
    expect(kept.get(JSON.stringify(HEARTH))!.data).to.equal('late');
  });
  it('work without a shelf, and with one that is full', async () => {
    const none = answerOrKept({ ...means(), shelf: Promise.resolve(null) });
    expect(await none(async () => 'x', asked(HEARTH))).to.equal('x');
    const full = { ...shelf, put: () => Promise.reject(new Error('QuotaExceededError')) };
    expect(await answerOrKept({ ...means(), shelf: Promise.resolve(full) })(async () => 'x', asked(HEARTH))).to.equal(
      'x',
    );
  });
  it('are given sooner where nothing answered before', async () => {
    await ask(async () => 'read', asked(HEARTH));
    signal.notReached();
    const patient = answerOrKept({ ...means(), patienceMs: 600_000, withoutSignalMs: 5 });
    expect(await patient(() => new Promise<string>(() => undefined), asked(HEARTH))).to.equal('read');
  });
  it('know a clock that is wrong by more than minutes, and when it was set right', () => {
    let now = 10_000_000;
    const { answered, clockOff } = createSignal(() => now);
    answered(now - 60_000);
    expect(clockOff.value).to.equal(null);
    answered(now - 7_200_000);
    expect(clockOff.value).to.equal(7_200_000);
    // An answer that does not say when it was given tells nothing of it.
    answered();
    expect(clockOff.value).to.equal(7_200_000);
    now -= 7_200_000 + 86_400_000;
    answered(now + 86_400_000);
    expect(clockOff.value).to.equal(-86_400_000);
    answered(now);
    expect(clockOff.value).to.equal(null);
  });
});
