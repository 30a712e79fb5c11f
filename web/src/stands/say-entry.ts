import type { EntryView, PlantProfile } from '@emberfield/contract';
import type { Words } from '@emberfield/words';
import { sayLook } from '../kit/say-seen.ts';

/** One line of the record in words. */
export function sayEntry(entry: EntryView, profile: PlantProfile, words: Words): string {
  const { t, format } = words;
  const joined = (...pieces: readonly (string | null | false)[]): string => pieces.filter(Boolean).join(' · ');
  const partOf = (key: string): string => {
    const part = profile.parts.find((p) => p.key === key);
    return part ? words.text(part.name) : key;
  };
  switch (entry.kind) {
    case 'stageSighting': {
      const stage = profile.stages.find((s) => s.key === entry.body.stage);
      const name = stage ? words.text(stage.name) : entry.body.stage;
      return joined(
        `${name}: ${t(entry.body.reached ? 'visit.reached' : 'visit.notYet')}`,
        entry.body.offSeason === true && t('stand.flush'),
        entry.body.share !== null && `${format.percent(entry.body.share)} %`,
      );
    }
    case 'census':
      if (entry.body.method === 'eye') return joined(t('visit.byEye'), t(`visit.eye.${entry.body.eye}`));
      if (entry.body.method === 'quadrats')
        return joined(t('visit.quadrats'), format.list(entry.body.counts.map(String)));
      if (entry.body.method === 'belts')
        return joined(t('visit.belts'), format.list(entry.body.belts.map((b) => `${b.plants} / ${b.lengthM} m`)));
      if (entry.body.method === 'clumps')
        return joined(t('visit.clumps'), String(entry.body.clumps), format.list(entry.body.shoots.map(String)));
      if (entry.body.method === 'trees')
        return joined(
          t('visit.trees'),
          format.list(
            entry.body.trees.map((tree, i) =>
              [tree.name || i + 1, tree.girthCm !== null && format.length(tree.girthCm), tree.tips]
                .filter((said) => said !== null && said !== false)
                .join(' '),
            ),
          ),
        );
      return joined(t('plantCount', { n: entry.body.plants }), t('visit.complete'));
    case 'take':
      return joined(...takePieces(entry, profile, words));
    case 'hold': {
      const part = profile.parts.find((p) => p.key === entry.body.part);
      return joined(partOf(entry.body.part), words.amount(entry.body.amount, part?.unit ?? 'leaf'), t('hold.entry'));
    }
    case 'measurement':
      return joined(partOf(entry.body.part), format.list(entry.body.lengthsCm.map((cm) => format.length(cm))));
    case 'wish':
      return joined(partOf(entry.body.part), t('wish.entry', { lengths: words.wish(entry.body) }));
    case 'loss':
      return joined(
        t('visit.loss'),
        t(`visit.lossCause.${entry.body.cause}`),
        `${format.percent(entry.body.share)} %`,
        entry.body.note,
      );
    case 'planting':
    case 'plantingCheck':
    case 'tending':
      return joined(...plantingPieces(entry, words), entry.body.note);
    case 'search':
      return joined(t('visit.search'), entry.body.lookedFor, t(entry.body.found ? 'visit.found' : 'visit.notFound'));
    case 'provenance':
      return joined(t('visit.shownBy'), entry.body.shownBy, entry.body.calledThere);
    case 'identity':
      return joined(
        t('visit.identity'),
        t(`stand.${entry.body.status}`),
        ...entry.body.seen.map((seen) => sayLook(words, seen)),
        ...entry.body.signs,
        entry.body.note,
      );
    case 'awaited':
      return joined(
        t('duty.awaited', { sign: t(`sign.${entry.body.sign}`), day: format.day(entry.body.due) }),
        entry.body.note,
      );
    case 'ground':
      return `${t('visit.ground.title')}: ${t(entry.body.frozen ? 'visit.ground.frozen' : 'visit.ground.open')}`;
    case 'find':
      return joined(
        t('walk.title'),
        entry.body.condition && t(`find.conditionOf.${entry.body.condition}`),
        entry.body.note,
      );
    case 'note':
      return entry.body.text;
    case 'batch':
    case 'batchWeighing':
    case 'batchStep':
      return joined(...larderPieces(entry, words));
    case 'visit':
      return entry.body.note;
    case 'withdrawal':
      return t('stand.withdrawn');
  }
}

/** What was taken, how, and of how many plants. */
function takePieces(
  entry: Extract<EntryView, { kind: 'take' }>,
  profile: PlantProfile,
  words: Words,
): readonly (string | false | null)[] {
  const { t, format } = words;
  const part = profile.parts.find((p) => p.key === entry.body.part);
  const amount =
    entry.body.measure === 'gram'
      ? format.mass(entry.body.amount)
      : words.amount(entry.body.amount, part?.unit ?? 'leaf');
  return [
    part ? words.text(part.name) : entry.body.part,
    amount,
    entry.body.countedBy !== undefined &&
      t(`take.countedBy.${entry.body.countedBy.vessel}`, {
        n: entry.body.countedBy.count,
        holds: format.number(entry.body.countedBy.holds, 1),
      }),
    entry.body.plants !== null && t('plantCount', { n: entry.body.plants }),
    entry.body.method !== undefined && t(`take.method.${entry.body.method}`),
    Boolean(entry.body.snapped) && t('take.snappedOf', { n: entry.body.snapped! }),
    Boolean(entry.body.tried) && t('take.triedOf', { n: entry.body.tried! }),
    entry.body.quality && t(`take.qualities.${entry.body.quality}`),
    entry.body.wasteShare != null && t('take.wasteOf', { percent: format.percent(entry.body.wasteShare) }),
    entry.body.eatenOnTheSpot && t('stand.eaten'),
    entry.body.savours !== undefined && format.list(entry.body.savours.map((s) => t(`take.savours.${s}`))),
    entry.body.minutes != null && t('take.tookMinutes', { n: entry.body.minutes }),
    entry.body.overReason,
    entry.body.note ?? '',
  ];
}

type OfPlanting = Extract<EntryView, { kind: 'planting' | 'plantingCheck' | 'tending' }>;
/** What was put in, what of it lives, what was done to it; the note apart. */
function plantingPieces(entry: OfPlanting, { t }: Words): readonly (string | false)[] {
  const took = (minutes: number | null) => minutes !== null && t('take.tookMinutes', { n: minutes });
  switch (entry.kind) {
    case 'planting': {
      const { way, number, source, minutes } = entry.body;
      return [
        t('putBack.title'),
        t(`putBack.many.${way}`, { n: number }),
        t(`putBack.sources.${source}`),
        took(minutes),
      ];
    }
    case 'plantingCheck': {
      const { alive, flowering } = entry.body;
      return [
        t('putBack.look'),
        `${t('putBack.alive')}: ${alive}`,
        flowering !== null && t('putBack.flowered', { n: flowering }),
      ];
    }
    case 'tending':
      return [t('putBack.tending'), t(`putBack.works.${entry.body.work}`), took(entry.body.minutes)];
  }
}

/** What became of a take at home. */
function larderPieces(
  entry: Extract<EntryView, { kind: 'batch' | 'batchWeighing' | 'batchStep' }>,
  { t, format }: Words,
): readonly (string | false)[] {
  if (entry.kind === 'batchWeighing') return [t('larder.weighed'), format.mass(entry.body.massG)];
  const mass = entry.body.massG !== null && format.mass(entry.body.massG);
  if (entry.kind === 'batchStep') return [t(`larder.steps.${entry.body.step}`), mass, entry.body.where];
  const { name, way, out, note } = entry.body;
  const thrown = out.reduce((sum, o) => sum + o.share, 0);
  return [
    t('larder.entry'),
    name,
    t(`larder.ways.${way}`),
    mass,
    thrown > 0 && t('larder.thrownOut', { percent: format.percent(thrown) }),
    note,
  ];
}
