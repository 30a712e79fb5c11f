// What is to be looked after, in words.
import type { Duty, Text } from '@emberfield/contract';
import type { Format } from './format.ts';
import type { Translate } from './translate.ts';

export type SayDuty = (duty: Duty, day: string) => { readonly what: string; readonly why: string };

export function createDutyWords(t: Translate, format: Format, text: (of: Text) => string): SayDuty {
  return (d, day) => {
    switch (d.kind) {
      case 'settleIdentity':
        return {
          what:
            d.lookAgainStage && d.lookAgain?.p50
              ? t('duty.settle', { stage: text(d.lookAgainStage), day: format.day(d.lookAgain.p50, day) })
              : t('duty.settleOpen'),
          why: t('duty.notRuledOut', { names: format.list(d.notRuledOut.map(text)) }),
        };
      case 'searchLookAlike':
        return {
          what: d.showsNow
            ? t('duty.searchNow', { name: text(d.name) })
            : d.showsNext
              ? t('duty.searchFrom', { name: text(d.name), day: format.day(d.showsNext, day) })
              : t('duty.search', { name: text(d.name) }),
          why: d.last ? t('duty.searchOld', { day: format.dayAndYear(d.last) }) : t('duty.searchNever'),
        };
      case 'awaited':
        return {
          what: t('duty.awaited', { sign: t(`sign.${d.sign}`), day: format.day(d.due, day) }),
          why: t(d.due < day ? 'duty.awaitedLate' : 'duty.awaitedWhy'),
        };
      case 'checkPlanting':
        return {
          what: t('duty.checkPlanting', {
            way: t(`putBack.way.${d.way}`),
            planted: format.day(d.planted, day),
            day: format.day(d.due, day),
          }),
          why: d.due < day ? t('duty.checkPlantingLate') : t('duty.checkPlantingWhy', { n: d.number }),
        };
      case 'settleFind':
        return {
          what: t('duty.find', { day: format.day(d.day, day) }),
          why: d.mayBe.length ? t('duty.findMayBe', { names: format.list(d.mayBe.map(text)) }) : t('duty.findUnknown'),
        };
      case 'secondPerson':
        return { what: t('duty.second'), why: t('duty.secondWhy') };
      case 'countStand':
        return {
          what: d.lastCount ? t('duty.count', { day: format.day(d.lastCount, day) }) : t('duty.countFirst'),
          why: '',
        };
      case 'leaveEnds':
        return { what: t('duty.leaveEnds', { day: format.day(d.until, day) }), why: t('duty.leaveEndsWhy') };
      case 'permitEnds':
        return {
          what: t(d.name ? 'duty.permitEnds' : 'duty.permitEndsUnnamed', {
            name: d.name,
            day: format.day(d.until, day),
          }),
          why: t('duty.permitEndsWhy'),
        };
    }
  };
}
