import { expect } from 'chai';
import { ROUTES } from '@emberfield/contract';
import { ApiError, call, useNotReachedText, useToken } from './api.ts';

interface Sent {
  readonly url: string;
  readonly init: RequestInit & { readonly headers: Readonly<Record<string, string>> };
}

describe('the typed client', () => {
  const real = globalThis.fetch;
  let sent: Sent[] = [];
  const answering = (answer: () => Response | Promise<Response>): void => {
    sent = [];
    globalThis.fetch = (async (url: string, init: Sent['init']) => {
      sent.push({ url, init });
      return answer();
    }) as typeof fetch;
  };
  const json =
    (body: unknown, status = 200) =>
    () =>
      new Response(JSON.stringify(body), { status });
  const failed = async (work: Promise<unknown>): Promise<ApiError> => {
    const error = await work.then(
      () => null,
      (e: unknown) => e,
    );
    expect(error).to.be.instanceOf(ApiError);
    return error as ApiError;
  };
  beforeEach(() => useToken('secret'));
  before(() => useNotReachedText(() => 'The server does not answer.'));
  afterEach(() => {
    globalThis.fetch = real;
    useToken(null);
  });

  it('fills the address, escapes what it is filled with, and leaves out what was not asked', async () => {
    answering(json({}));
    await call(ROUTES.stand, { params: { groupId: 'a/b', standId: 's 1' }, query: { day: undefined } });
    await call(ROUTES.find, { params: { groupId: 'g' }, query: { text: 'wild garlic & co' } });
    expect(sent[0]!.url).to.equal('/api/groups/a%2Fb/stands/s%201');
    expect(sent[1]!.url).to.equal('/api/groups/g/find?text=wild+garlic+%26+co');
  });
  it('sends the session’s token with every change and with no reading', async () => {
    answering(json({}));
    await call(ROUTES.session);
    await call(ROUTES.signOut);
    expect(sent.map((s) => s.init.headers['x-emberfield-token'])).to.deep.equal([undefined, 'secret']);
  });
  it('asks for a token before the first change after a start without signal, and only then', async () => {
    useToken(null);
    answering(json({ token: 'given' }));
    await call(ROUTES.signOut);
    await call(ROUTES.signOut);
    expect(sent.map((s) => [s.init.method, s.init.headers['x-emberfield-token']])).to.deep.equal([
      ['GET', undefined],
      ['DELETE', 'given'],
      ['DELETE', 'given'],
    ]);
    useToken(null);
    answering(json({ token: null }));
    await call(ROUTES.signIn, { body: { signInName: 'ode', password: 'x' } });
    expect(sent.map((s) => s.init.method)).to.deep.equal(['POST']);
  });
  it('sends a body as JSON, and a file as it is', async () => {
    answering(json({}));
    await call(ROUTES.signIn, { body: { signInName: 'ode', password: 'x' } });
    expect(sent[0]!.init.body).to.equal('{"signInName":"ode","password":"x"}');
    const file = new Blob(['day;min']);
    await call(ROUTES.newImport, { params: { groupId: 'g', stationId: 's', importId: 'i' }, body: file });
    expect(sent[1]!.init.body).to.equal(file);
    expect(sent[1]!.init.headers['content-type']).to.equal('application/octet-stream');
  });
  it('answers nothing where there is nothing', async () => {
    answering(() => new Response(null, { status: 204 }));
    expect(await call(ROUTES.signOut)).to.equal(null);
  });
  it('rebuilds what the server refused: its code, field, reason and sentence', async () => {
    const error = {
      code: 'badInput',
      message: 'The day is no day.',
      field: 'body.day',
      reason: 'notADay',
      logId: null,
    };
    answering(json({ error }, 400));
    const refused = await failed(call(ROUTES.session));
    expect(refused).to.include({
      code: 'badInput',
      field: 'body.day',
      reason: 'notADay',
      message: 'The day is no day.',
    });
  });
  it('says so when the server does not answer, or when something else answers in its place', async () => {
    answering(() => Promise.reject(new TypeError('fetch failed')));
    expect(await failed(call(ROUTES.session))).to.include({
      code: 'notReached',
      message: 'The server does not answer.',
    });
    answering(() => new Response('<html>bad gateway</html>', { status: 502 }));
    expect(await failed(call(ROUTES.session))).to.include({ code: 'internal', message: 'The server does not answer.' });
  });
  it('passes on that it was called off, which is no failure', async () => {
    const stop = new AbortController();
    answering(() => {
      stop.abort();
      return Promise.reject(new DOMException('stopped', 'AbortError'));
    });
    const error = await call(ROUTES.session, { signal: stop.signal }).catch((e: unknown) => e);
    expect(error).not.to.be.instanceOf(ApiError);
    expect((error as Error).name).to.equal('AbortError');
  });
});
