import type { BatchView } from '@emberfield/contract';
import type { Words } from '@emberfield/words';
import type { DryingNow } from './shelf.ts';

/** What a batch is called: by its own name, else by what it is. */
export const batchName = (
  { body, plantName, partName }: Pick<BatchView, 'body' | 'plantName' | 'partName'>,
  words: Pick<Words, 'text'>,
): string => body.name || `${words.text(plantName)} · ${words.text(partName)}`;

/** How it stands, in a line. */
export function sayBatch(batch: BatchView, { t, format }: Words, today: string): string {
  const { state, spoilt, leftG, storedOn, where, bestBefore, body } = batch;
  if (state === 'gone') return t(spoilt ? 'larder.goneSpoilt' : 'larder.goneUsed');
  const due = bestBefore === null || state === 'drying' ? '' : bestBefore;
  return [
    state === 'drying' ? '' : t(`larder.ways.${body.way}`),
    leftG === null ? '' : t('larder.left', { mass: format.mass(leftG) }),
    storedOn === null ? '' : t('larder.since', { day: format.day(storedOn, today) }),
    where === '' ? '' : t('larder.at', { where }),
    due === '' ? '' : t(due < today ? 'larder.overdue' : 'larder.bestBefore', { day: format.dayAndYear(due) }),
  ]
    .filter(Boolean)
    .join(' · ');
}

/** When it will be dry and how heavy, and what speaks for mould. @param dayOf so many hours after it began, in words */
export function sayDrying(
  { fit, maybeDry, mould }: DryingNow,
  { t, format }: Pick<Words, 't' | 'format'>,
  dayOf: (hours: number) => string,
): { readonly about: string; readonly mould: string } {
  const { dryHours, finalG } = fit;
  const about = t('larder.dryAbout', {
    ...{ day: dayOf(dryHours.p50), from: dayOf(dryHours.p10), to: dayOf(dryHours.p90) },
    ...{ mass: format.mass(finalG.p50), low: format.mass(finalG.p10), high: format.mass(finalG.p90) },
  });
  const why = format.list(mould.signs.map((s) => t(`larder.mouldSigns.${s}`)));
  return {
    about: maybeDry ? t('larder.dryNow') : about,
    mould: t(`larder.mould.${mould.level}`, { why }),
  };
}
