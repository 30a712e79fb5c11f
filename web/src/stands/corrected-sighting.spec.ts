import { expect } from 'chai';
import { correctedSighting } from './corrected-sighting.ts';
import type { SightingView } from '../kit/sighting-view.ts';

const SEEN = {
  id: 'e',
  kind: 'stageSighting',
  patchId: 'p',
  standId: 's',
  visitId: 'v',
  day: '2026-05-02',
  body: { stage: 'flowering', reached: true, share: 0.5 },
} as SightingView;
const AS_IT_IS = { day: SEEN.day, said: 'reached', share: 0.5 } as const;

describe('a sighting corrected', () => {
  it('is none while nothing is different, or while the day is still being typed', () => {
    expect(correctedSighting(SEEN, AS_IT_IS)).to.equal(null);
    expect(correctedSighting(SEEN, { ...AS_IT_IS, day: '' })).to.equal(null);
  });
  it('keeps its place and visit', () =>
    expect(correctedSighting(SEEN, { ...AS_IT_IS, day: '2026-05-05' })).to.deep.equal({
      kind: 'stageSighting',
      patchId: 'p',
      standId: 's',
      visitId: 'v',
      day: '2026-05-05',
      body: { stage: 'flowering', reached: true, share: 0.5 },
    }));
  it('has no share of what is not there yet', () =>
    expect(correctedSighting(SEEN, { ...AS_IT_IS, said: 'notYet' })?.body).to.deep.equal({
      stage: 'flowering',
      reached: false,
      share: null,
    }));
  it('can be one out of season, and back', () => {
    const flush = correctedSighting(SEEN, { ...AS_IT_IS, said: 'flush' })!;
    expect(flush.body).to.deep.equal({ stage: 'flowering', reached: true, share: 0.5, offSeason: true });
    const again = { ...SEEN, body: flush.body } as SightingView;
    expect(correctedSighting(again, { ...AS_IT_IS, said: 'flush' })).to.equal(null);
    expect(correctedSighting(again, AS_IT_IS)?.body).to.deep.equal(SEEN.body);
  });
});
