import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { VOCABULARY } from '@emberfield/contract';
import { canBeTold, phaseOfBbch, type Phase } from '../identity/index.ts';
import { dayNumber, isoDay, type DayNumber } from '../measure/index.ts';
import { binomialOf, type PlantProfile } from '../plants/index.ts';
import { bookOf, entry } from './made-book.ts';
import type { Book } from './book.ts';
import { outlooksFor, standDay } from './outlook.ts';
import { seasonsOf, type Seasons } from './season.ts';

const kin = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));
const twinsOf = (profile: PlantProfile): readonly PlantProfile[] =>
  profile.lookAlikes.flatMap((l) => (l.severity === 'deadly' ? (kin.get(binomialOf(l.scientific)) ?? []) : []));
const GATHERED = CATALOGUE.filter((p) => p.severity === 'none' && twinsOf(p).length > 0);
const [FIRST, LAST] = [dayNumber('2026-01-01'), dayNumber('2026-12-31')];

/** The phase in which the plant stands on a day, as its own season is forecast. */
function phaseOn({ profile }: Book, seasons: Seasons, day: DayNumber): Phase {
  for (const season of [2026, 2025]) {
    const { stages } = seasons.of(season).forecast;
    const at = stages.findLastIndex((s) => s.reached.p50 !== null && s.reached.p50 <= day);
    if (at >= 0) return phaseOfBbch(profile.stages[at]!.bbch);
  }
  return 'rest';
}

interface Open {
  readonly part: string;
  readonly day: DayNumber;
  readonly phase: Phase;
}
/** Parts that are eaten and that somebody who is not cleared may take, day by day. */
function openDays(book: Book): readonly Open[] {
  const seasons = seasonsOf(book);
  const open: Open[] = [];
  for (let day = FIRST; day <= LAST; day++) {
    const said = outlooksFor(book, seasons, standDay(book, day, seasons), { day, clearance: 'none' });
    for (const o of said) {
      const { eating } = book.profile.parts.find((p) => p.key === o.part)!;
      if (eating !== 'none' && o.openProbability >= 0.5 && o.allowance.kind !== 'none')
        open.push({ part: o.part, day, phase: phaseOn(book, seasons, day) });
    }
  }
  return open;
}

describe('locks, walked day by day through a year', function () {
  this.timeout(300_000);
  it('hold a settled stand shut, for whoever is not cleared, on every day on which no look could tell a deadly twin', () => {
    expect(GATHERED.length).to.be.at.least(30);
    const fooled = GATHERED.flatMap((profile) =>
      openDays(bookOf(profile.key)).flatMap(({ part, day, phase }) =>
        twinsOf(profile)
          .filter((twin) => !canBeTold([profile, twin], VOCABULARY, phase))
          .map((twin) => `${profile.key} ${part}, ${isoDay(day)}, ${phase}: ${twin.key}`),
      ),
    );
    expect(fooled).to.deep.equal([]);
  });
  it('hold every part shut all year where a deadly twin was seen', () => {
    const open = GATHERED.flatMap((profile) => {
      const [twin] = twinsOf(profile);
      const seen = entry('search', '2025-05-01', {
        lookedFor: twin!.scientific,
        plantKey: twin!.key,
        found: true,
        stage: '',
        deadly: true,
      });
      return openDays(bookOf(profile.key, { entries: [seen] })).map((o) => `${profile.key} ${o.part}`);
    });
    expect(open).to.deep.equal([]);
  });
  it('open in time where every twin that can be absent was looked for in vain while it shows', () => {
    const WAITS = new Set(['fungus']);
    const shut = GATHERED.filter((p) => !WAITS.has(p.habit)).flatMap((profile) => {
      const looked = twinsIn(profile).flatMap((twin) =>
        ['2025-05-05', '2025-07-05', '2025-10-25'].map((day) =>
          entry('search', day, {
            lookedFor: twin.scientific,
            plantKey: twin.key,
            found: false,
            stage: '',
            deadly: twin.severity === 'deadly',
          }),
        ),
      );
      const open = new Set(openDays(bookOf(profile.key, { entries: looked })).map((o) => o.part));
      const gathered = profile.windows.filter((w) => isEaten(profile, w.part) && !isBarred(profile, w.part));
      return gathered.filter((w) => !open.has(w.part)).map((w) => `${profile.key} ${w.part}`);
    });
    expect(shut).to.deep.equal([]);
  });
});

const twinsIn = (profile: PlantProfile): readonly PlantProfile[] =>
  profile.lookAlikes.flatMap((l) => kin.get(binomialOf(l.scientific)) ?? []);
const isEaten = (profile: PlantProfile, part: string): boolean =>
  profile.parts.find((p) => p.key === part)!.eating !== 'none';
/** What is shut for another reason: by law, or since nobody knows how old the plants are. */
const isBarred = (profile: PlantProfile, part: string): boolean =>
  profile.ceilings.some((c) => c.rule.kind === 'protected') ||
  (profile.parts.find((p) => p.key === part)!.kills &&
    profile.ceilings.some((c) => c.rule.kind === 'age' && (c.parts === null || c.parts.includes(part as never))));
