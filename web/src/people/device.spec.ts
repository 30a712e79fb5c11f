import { expect } from 'chai';
import { deviceOf } from './device.ts';

describe('the device of a session', () => {
  const kinds: readonly (readonly [string, string])[] = [
    ['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 Mobile Safari/537.36', 'phone'],
    ['Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) Version/17.0 Mobile/15E148', 'phone'],
    ['Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 Safari/537.36', 'tablet'],
    ['Mozilla/5.0 (iPad; CPU OS 17_0 like Mac OS X) Version/17.0 Mobile/15E148', 'tablet'],
    ['Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36', 'computer'],
    ['', 'computer'],
  ];
  for (const [browser, kind] of kinds)
    it(`is a ${kind} for "${browser.slice(12, 40)}"`, () => expect(deviceOf(browser)).to.equal(kind));
});
