import { expect } from 'chai';
import type { Request } from 'express';
import { AppError } from '../errors.ts';
import { assertSameSite, assertToken, TOKEN_HEADER } from './cross-site.ts';

const asked = (method: string, headers: Readonly<Record<string, string>>): Request =>
  ({
    method,
    protocol: 'http',
    get: (name: string) => ({ host: '127.0.0.1:4180', ...headers })[name],
  }) as unknown as Request;
const passes = (
  method: string,
  headers: Readonly<Record<string, string>>,
  publicUrl: string | null = null,
): boolean => {
  try {
    assertSameSite(asked(method, headers), publicUrl);
    return true;
  } catch (error) {
    if (error instanceof AppError && error.code === 'crossSite') return false;
    throw error;
  }
};

describe('a change', () => {
  it('passes from the server’s own pages, and from a program that is no browser', () => {
    expect(passes('POST', { origin: 'http://127.0.0.1:4180', 'sec-fetch-site': 'same-origin' })).to.equal(true);
    expect(passes('PUT', {})).to.equal(true);
  });
  it('does not pass from another site, another port or another scheme', () => {
    for (const origin of ['https://elsewhere.example', 'http://127.0.0.1:4181', 'https://127.0.0.1:4180', 'null'])
      expect(passes('POST', { origin }), origin).to.equal(false);
  });
  it('does not pass when the browser says so, whatever the origin', () => {
    for (const site of ['cross-site', 'same-site'])
      expect(passes('DELETE', { 'sec-fetch-site': site })).to.equal(false);
  });
  it('passes from the public address behind a proxy, where the operator named it', () => {
    const headers = { origin: 'https://ember.example' };
    expect(passes('POST', headers)).to.equal(false);
    expect(passes('POST', headers, 'https://ember.example')).to.equal(true);
  });
  it('does not pass from another host with its own origin where the operator named an address', () => {
    const headers = { host: 'elsewhere.example', origin: 'http://elsewhere.example' };
    expect(passes('POST', headers, 'https://ember.example')).to.equal(false);
  });
  it('needs the session’s own token', () => {
    const token = 'the-token-of-this-session';
    expect(() => assertToken(asked('POST', { [TOKEN_HEADER]: token }), token)).not.to.throw();
    for (const wrong of ['', 'the-token-of-this-sessio', `${token} `])
      expect(() => assertToken(asked('POST', { [TOKEN_HEADER]: wrong }), token), wrong).to.throw(AppError);
    expect(() => assertToken(asked('POST', {}), token)).to.throw(AppError);
  });
});

describe('a reading', () => {
  it('is open to links from anywhere, since it changes nothing', () => {
    expect(passes('GET', { origin: 'https://elsewhere.example', 'sec-fetch-site': 'cross-site' })).to.equal(true);
    expect(() => assertToken(asked('GET', {}), 'x')).not.to.throw();
  });
});
