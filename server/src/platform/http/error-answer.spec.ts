import { expect } from 'chai';
import express from 'express';
import request from 'supertest';
import { ERROR_CODES, type ErrorBody } from '@emberfield/contract';
import { createWords } from '@emberfield/words';
import { AppError } from '../errors.ts';
import type { Log } from '../log.ts';
import { errorAnswer, STATUS } from './error-answer.ts';

describe('a refusal', () => {
  const logged: { readonly logId: string; readonly err: unknown }[] = [];
  const log = {
    error: (line: (typeof logged)[number]) => void logged.push(line),
    warn: () => undefined,
  } as unknown as Log;
  const answerTo = async (error: unknown) => {
    const app = express();
    app.get('/', (_request, _response, next) => next(error));
    app.use(errorAnswer(log, createWords));
    const answer = await request(app).get('/');
    return { status: answer.status, ...(answer.body as ErrorBody).error };
  };
  beforeEach(() => (logged.length = 0));

  it('has a status of its own kind for every code', () => {
    expect(Object.keys(STATUS).sort()).to.deep.equal([...ERROR_CODES].sort());
    for (const code of ERROR_CODES) expect(STATUS[code]).to.be.within(400, 503);
  });
  it('carries its code, field, reason and a sentence', async () => {
    const answer = await answerTo(new AppError('badInput', { field: 'body.name', reason: 'missing' }));
    expect(answer).to.include({ status: 400, code: 'badInput', field: 'body.name', reason: 'missing', logId: null });
    expect(answer.message).to.match(/\.$/);
    expect(logged).to.deep.equal([]);
  });
  it('of something unexpected tells a log number and not a word of the cause', async () => {
    const answer = await answerTo(new Error('ER_BAD_FIELD: SELECT password FROM account'));
    expect(answer).to.include({ status: 500, code: 'internal', field: null, reason: null });
    expect(JSON.stringify(answer)).not.to.match(/password|SELECT|ER_BAD/);
    expect(answer.message).to.include(answer.logId);
    expect(logged.map((l) => l.logId)).to.deep.equal([answer.logId]);
  });
  it('of a database in trouble asks to try again', async () => {
    for (const errno of [1213, 1205, 1047]) {
      const cause = Object.assign(new Error('deadlock'), { errno });
      expect(await answerTo(new Error('query failed', { cause }))).to.include({ status: 503, code: 'busy' });
    }
    for (const code of ['ECONNREFUSED', 'PROTOCOL_CONNECTION_LOST', 'ETIMEDOUT']) {
      const cause = Object.assign(new Error('connect'), { code });
      expect(await answerTo(new Error('query failed', { cause })), code).to.include({ status: 503, code: 'busy' });
    }
  });
  it('of a body reader is known by its type', async () => {
    const typed = (type: string) => Object.assign(new Error('x'), { type });
    expect(await answerTo(typed('entity.too.large'))).to.include({ status: 413, code: 'tooLarge' });
    expect(await answerTo(typed('entity.parse.failed'))).to.include({ status: 400, code: 'badJson' });
    expect(await answerTo(typed('encoding.unsupported'))).to.include({ status: 400, code: 'badJson' });
    expect(await answerTo(new URIError('%E0'))).to.include({ status: 400, code: 'badInput' });
  });
  it('of something thrown that is no error at all is still one of ours', async () => {
    for (const thrown of ['a text', 42, { some: 'thing' }])
      expect(await answerTo(thrown)).to.include({ status: 500, code: 'internal' });
  });
});
