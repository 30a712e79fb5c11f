import { expect } from 'chai';
import { isUuid } from '@emberfield/contract';
import { v7 as newId } from 'uuid';
import { derivedId } from './derived-id.ts';

describe('keys of the parts of a draft', () => {
  const key = newId();
  it('are the same however often they are asked for, and differ by part and by draft', () => {
    expect(derivedId(key, 'take')).to.equal(derivedId(key, 'take'));
    expect(derivedId(key, 'take')).not.to.equal(derivedId(key, 'visit'));
    expect(derivedId(key, 'take')).not.to.equal(derivedId(newId(), 'take'));
  });
  it('are keys that the server takes, and lie with the draft in time', () => {
    expect(isUuid(derivedId(key, 'take'))).to.equal(true);
    expect(derivedId(key, 'take').slice(0, 13)).to.equal(key.slice(0, 13));
  });
});
