import { expect } from 'chai';
import { CATALOGUE } from '@emberfield/catalogue';
import { binomialOf, type PlantProfile } from '@emberfield/contract';
import { phaseOfBbch } from '@emberfield/core/identity';
import { ALWAYS, NEVER, type ProfileWindow } from '@emberfield/core/plants';
import { apartStage } from '@emberfield/core/stand';
import { FIELD_TABLES } from './specimens.ts';
import { separable } from './trial.ts';

const kin = new Map(CATALOGUE.map((p) => [binomialOf(p.scientific), p]));

/** Stages of a plant during which a window is open: a stage that it only ends with is none. */
function stagesIn({ stages }: PlantProfile, { opens, closes }: ProfileWindow) {
  const at = (key: string): number => stages.findIndex((s) => s.key === key);
  const last = closes.offsetDays > 0 ? at(closes.stage) : at(closes.stage) - 1;
  return stages.slice(at(opens.stage), Math.max(at(opens.stage), last) + 1);
}

/** Whether a look-alike may still shut a window at a stage, or what tells it apart stands on every piece. */
function isGuarded(
  { stages }: PlantProfile,
  window: ProfileWindow,
  twin: PlantProfile['lookAlikes'][number],
  stage: string,
): boolean {
  const from = apartStage(twin, window);
  if (twin.pieceByPiece || from === NEVER) return true;
  return from !== ALWAYS && stages.findIndex((s) => s.key === from) > stages.findIndex((s) => s.key === stage);
}

describe('locks, held against the field tables', () => {
  it('guard every window of something eaten, at every stage at which the tables cannot tell a deadly twin', () => {
    let compared = 0;
    const open = CATALOGUE.filter((p) => p.severity === 'none' && FIELD_TABLES.has(p.key)).flatMap((profile) =>
      profile.windows
        .filter((w) => profile.parts.find((p) => p.key === w.part)!.eating !== 'none')
        .flatMap((window) =>
          profile.lookAlikes.flatMap((twin) => {
            const other = kin.get(binomialOf(twin.scientific));
            if (twin.severity !== 'deadly' || !other || !FIELD_TABLES.has(other.key)) return [];
            return stagesIn(profile, window).flatMap(({ key, bbch }) => {
              const phase = phaseOfBbch(bbch);
              if (!FIELD_TABLES.get(profile.key)!.has(phase)) return [];
              compared++;
              if (separable(profile.key, [other.key], phase) || isGuarded(profile, window, twin, key)) return [];
              return [`${profile.key}, ${window.part} ${window.use}, ${key}: ${other.key}`];
            });
          }),
        ),
    );
    expect(compared).to.be.at.least(60);
    expect(open).to.deep.equal([]);
  });
});
