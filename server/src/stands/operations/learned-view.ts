// What the dates of a stand were learned from, for whoever asks why.
import type { LearnedView } from '@emberfield/contract';
import { isoDay } from '@emberfield/core/measure';
import { clockShares, seenSeasons } from '@emberfield/core/clocks';
import { cameBy, historyOf, lookedFor } from '@emberfield/core/learning';
import { movedEdges, seenStand } from '@emberfield/core/stand';
import type { Dependencies } from '../../dependencies.ts';
import { placeKey } from '../../patches/index.ts';
import type { Dossier } from './dossier.ts';
import { stageDaysFor } from './stand-answers.ts';
import { hundredth } from './stand-trials.ts';

export function learnedView(
  { answers }: Pick<Dependencies, 'answers'>,
  { book, knowledge, patch, weather }: Dossier,
): LearnedView {
  const keyed = { book, placeKey: placeKey(patch), weatherKey: weather?.key ?? '-', knowledge };
  const stageDays = stageDaysFor(answers, keyed);
  const seen = seenStand(book);
  const inVain = lookedFor(seen.place, seenSeasons(seen, { until: book.today })).flatMap((of, stage) =>
    of.inVain > 0 ? [{ stageName: book.profile.stages[stage]!.name, ...of }] : [],
  );
  return {
    // Its own count at once; what the others saw is learned behind the answers.
    here: cameBy(historyOf(seen, { until: book.today })),
    elsewhere: knowledge.learning.heardElsewhere(seen),
    clocks: clockShares(knowledge.learning.clocksOf(seen)).map(({ form, share }) => ({
      form,
      share: hundredth(share),
    })),
    ...(inVain.length > 0 ? { inVain } : {}),
    moved: movedEdges(book, stageDays).map((m) => ({ ...m, day: isoDay(m.day) })),
  };
}
