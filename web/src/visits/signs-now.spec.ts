import { expect } from 'chai';
import type { StandView } from '@emberfield/contract';
import { phaseNow, signsNow } from './signs-now.ts';

const sign = (organ: string, price = 'glance') => ({ organ, price, text: { en: `${organ} ${price}` } });
const profile = {
  stages: [
    { key: 'shoot', bbch: 1 },
    { key: 'flower', bbch: 6 },
    { key: 'berry', bbch: 8 },
  ],
  signs: [
    sign('flower'),
    sign('root', 'cut'),
    sign('leaf', 'microscope'),
    sign('leaf', 'loupe'),
    sign('stem'),
    sign('leaf'),
    sign('fruit'),
  ],
} as unknown as StandView['profile'];
const of = (phase: Parameters<typeof signsNow>[1], part: string, most = 9): string[] =>
  signsNow(profile, phase, part, most).map((s) => s.text['en']!);

describe('signs to look at before a hand is stretched out', () => {
  it('are those of the part that is wanted first, then what a glance tells, and none that is not there now', () => {
    expect(of('leaf', 'leaf')).to.deep.equal(['leaf glance', 'leaf loupe', 'stem glance', 'root cut']);
    expect(of('leaf', 'leaf', 2)).to.deep.equal(['leaf glance', 'leaf loupe']);
    expect(of('flower', 'root')[0]).to.equal('root cut');
    expect(of('flower', 'leaf')).to.include('flower glance').and.not.include('fruit glance');
  });
  it('are those of a fruit that is wanted, whatever is thought of the phase', () => {
    expect(of('flower', 'fruit')[0]).to.equal('fruit glance');
  });
  it('go by the stage that came last, seen or forecast', () => {
    const stand = (day: string, seenBy: string | null = null): Parameters<typeof phaseNow>[0] =>
      ({
        profile,
        day,
        ladder: {
          season: {
            stages: [
              { key: 'shoot', seenBy: null, reached: { p50: '2026-03-20' } },
              { key: 'flower', seenBy, reached: { p50: '2026-06-01' } },
              { key: 'berry', seenBy: null, reached: { p50: null } },
            ],
          },
        },
      }) as never;
    expect(phaseNow(stand('2026-02-01'))).to.equal('rest');
    expect(phaseNow(stand('2026-05-15'))).to.equal('leaf');
    expect(phaseNow(stand('2026-05-15', '2026-05-10'))).to.equal('flower');
    expect(phaseNow(stand('2026-12-01'))).to.equal('flower');
  });
});
