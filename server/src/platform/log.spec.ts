import { expect } from 'chai';
import { loggedPath } from './log.ts';

describe('an address in the log', () => {
  it('has no query', () => expect(loggedPath('/api/x?text=secret+place')).to.equal('/api/x'));
  it('hides the secret of an invitation, by the API and on the page', () => {
    expect(loggedPath('/api/invitations/abc_DEF-123')).to.equal('/api/invitations/…');
    expect(loggedPath('/api/invitations/abc_DEF-123/join')).to.equal('/api/invitations/…/join');
    expect(loggedPath('/invitation/abc_DEF-123')).to.equal('/invitation/…');
    expect(loggedPath('/api/resets/abc_DEF-123')).to.equal('/api/resets/…');
    expect(loggedPath('/reset/abc_DEF-123')).to.equal('/reset/…');
  });
  it('is else as it was', () => {
    const path = '/api/groups/01900000-0000-7000-8000-000000000001/invitations';
    expect(loggedPath(path)).to.equal(path);
  });
});
