import { dayNumber } from '@emberfield/core/measure';
import type { Notice } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

/** "Elder · flower heads, Old railway hedge: open in 3 days." */
export function sayNotice(notice: Notice, today: string, { t, text, format }: Words): string {
  const what = `${text(notice.plantName)} · ${text(notice.partName)}, ${notice.patchName}`;
  return t(`notice.${notice.kind}`, {
    what,
    when: t('notice.inDays', { n: Math.max(1, dayNumber(notice.day) - dayNumber(today)) }),
    day: format.day(notice.day, today),
    found: notice.found ? text(notice.found) : '',
    before: notice.before ? format.day(notice.before, today) : '',
  });
}
