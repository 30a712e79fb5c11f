import { expect } from 'chai';
import { languageWanted } from './language-wanted.ts';

describe('the language of the screens', () => {
  it('is the one that was chosen, whatever the browser speaks', () => {
    expect(languageWanted('de', ['en-GB'])).to.equal('de');
    expect(languageWanted('en', ['de-AT', 'en'])).to.equal('en');
  });
  it('is else the first of the browser’s that is known, of any country', () => {
    expect(languageWanted('device', ['de-AT', 'en'])).to.equal('de');
    expect(languageWanted('device', ['fi', 'DE'])).to.equal('de');
    expect(languageWanted('device', ['en-US', 'de'])).to.equal('en');
  });
  it('is English where none is known, and where the device keeps something else', () => {
    expect(languageWanted('device', ['fi'])).to.equal('en');
    expect(languageWanted('device', [])).to.equal('en');
    expect(languageWanted('xx' as never, ['de'])).to.equal('de');
  });
});
