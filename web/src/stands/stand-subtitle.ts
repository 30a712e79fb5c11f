import type { StandView } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

const daysOf = (words: Words, { from, to }: { readonly from: string; readonly to: string }) => ({
  from: words.format.day(`2025-${from}`),
  to: words.format.day(`2025-${to}`),
});

/** What stands under a stand's name: how many, how settled, since when, whose, and by whose leave. */
export function standSubtitle(words: Words, stand: StandView): string {
  const { patch, count, identity, since } = stand;
  return [
    stand.where,
    count ? words.t('plantCount', { n: count.value }) : '',
    words.t(`stand.${identity}`),
    since ? words.t('stand.growsSince', { year: since }) : '',
    patch.owner ? words.t('stand.owner', { owner: patch.owner }) : '',
    patch.leave === 'given' && patch.leaveUntil
      ? words.t('stand.givenUntil', { day: words.format.dayAndYear(patch.leaveUntil) })
      : words.t(`stand.${patch.leave}`),
    patch.leaveDays ? words.t('stand.takenWithin', daysOf(words, patch.leaveDays)) : '',
  ]
    .filter(Boolean)
    .join(' · ');
}
