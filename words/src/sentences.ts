import { dayNumber } from '@emberfield/core/measure';
import type {
  AllowanceView,
  Conditions,
  Duty,
  LearnedView,
  LowerStand,
  PartOutlook,
  Text,
  UnitKey,
} from '@emberfield/contract';
import type { Format } from './format.ts';
import { createAllowanceWords, type AllowanceWords } from './say-allowance.ts';
import type { Translate } from './translate.ts';

/** Every sentence that is made from codes with values, in one place. */
export interface Sentences {
  /** The text in the reader's language, else in English. */
  readonly text: (text: Text) => string;
  readonly amount: (n: number, unit: UnitKey) => string;
  readonly days: (n: number) => string;
  readonly window: (outlook: WindowSaid, day: string) => string;
  readonly windowReasons: (outlook: PartOutlook, day: string, station: string | null) => readonly string[];
  /** What its dates were learned from, and what moved them. */
  readonly learnedReasons: (
    said: { readonly learned: LearnedView; readonly lower: LowerStand | null },
    window: Pick<PartOutlook, 'part' | 'use'>,
    day: string,
  ) => readonly string[];
  /** What is said openly beside it: the tide, days for taking, lengths, a cut. */
  readonly windowNotes: (o: PartOutlook, day: string) => readonly string[];
  readonly coal: (readiness: PartOutlook['readiness'], thorns: boolean) => string;
  readonly allowance: (allowance: AllowanceView) => string;
  readonly heldBy: (allowance: AllowanceView) => string;
  readonly ceiling: AllowanceWords['ceiling'];
  readonly steps: AllowanceWords['steps'];
  readonly sum: AllowanceWords['sum'];
  readonly duty: (duty: Duty, day: string) => { readonly what: string; readonly why: string };
  readonly yearLead: (daysAhead: number) => string;
  readonly temperatures: (conditions: Conditions) => string;
}

type WindowSaid = Pick<PartOutlook, 'readiness' | 'opens' | 'closes'> & Partial<Pick<PartOutlook, 'opensAgain'>>;

export function createSentences(t: Translate, format: Format, language: string): Sentences {
  const days = (n: number): string => t('window.days', { n });
  const text = (of: Text): string => of[language] ?? of['en'] ?? '';
  const amount = (n: number, unit: UnitKey): string =>
    unit === 'gram' ? format.mass(n) : t(`unit.${unit}`, { n: rounded(n) });
  const rounded = (n: number): number => (n >= 10 ? Math.round(n) : Math.round(n * 10) / 10);
  const between = (from: string | null, to: string | null, day: string): string =>
    `${from === null ? '?' : Math.max(0, dayNumber(from) - dayNumber(day))}–${to === null ? '?' : Math.max(0, dayNumber(to) - dayNumber(day))}`;

  const window = ({ readiness, opens, closes, opensAgain }: WindowSaid, day: string): string => {
    switch (readiness.state) {
      case 'cold':
        if (readiness.daysToOpen === null || opens.p50 === null) return t('window.maybeNever');
        return t('window.opensOn', { day: format.day(opens.p50, day) });
      case 'kindling':
        return t('window.opensIn', { days: days(readiness.daysToOpen), range: between(opens.p10, opens.p90, day) });
      case 'glowing':
      case 'fading':
        if (!Number.isFinite(readiness.daysLeft) || closes.p50 === null) return t('window.openLong');
        if (readiness.daysLeft === 0) return t('window.closesToday');
        return t(readiness.state === 'fading' ? 'window.lastCall' : 'window.closesIn', {
          days: days(readiness.daysLeft),
          range: between(closes.p10, closes.p90, day),
        });
      case 'ash': {
        const over = closes.p50 === null ? '' : t('window.over', { day: format.day(closes.p50, day) });
        const again = opensAgain?.p50 ? t('window.opensAgain', { day: format.day(opensAgain.p50, day) }) : '';
        return [over, again].filter(Boolean).join(' · ');
      }
      case 'banked':
        return opens.p50 === null || closes.p50 === null
          ? ''
          : t('window.fromTo', { from: format.day(opens.p50, day), to: format.day(closes.p50, day) });
    }
  };

  const windowReasons = (o: PartOutlook, day: string, station: string | null): readonly string[] => [
    o.basis === 'weather' && station !== null
      ? t('window.byWeather', { station, n: o.yearCount })
      : t('window.byCalendar'),
    ...(o.opens.p10 && o.opens.p90
      ? [t('window.tenIn', { early: format.day(o.opens.p10, day), late: format.day(o.opens.p90, day) })]
      : []),
    ...(o.stageSeen
      ? [t('window.seen', { stage: capital(text(o.stageSeen.stageName)), day: format.day(o.stageSeen.day, day) })]
      : []),
    ...(o.separable?.p50 ? [t('window.separable', { day: format.day(o.separable.p50, day) })] : []),
    ...(o.frozenFrom ? [t('window.frozenFrom', { day: format.day(o.frozenFrom, day) })] : []),
    t('window.openChance', { percent: format.percent(o.openProbability) }),
  ];

  const learnedReasons: Sentences['learnedReasons'] = ({ learned, lower }, { part, use }, day) => {
    const isIt = (w: { readonly part: string; readonly use: string }): boolean => w.part === part && w.use === use;
    const { here, elsewhere, moved } = learned;
    const later = lower?.later.find(isIt);
    return [
      ...moved.filter(isIt).map((m) =>
        t(`window.movedEdge.${m.edge}.${m.days < 0 ? 'earlier' : 'later'}`, {
          days: days(Math.abs(m.days)),
          said: t(`window.said.${m.said}`),
          day: format.day(m.day, day),
        }),
      ),
      ...(lower && later
        ? [t('window.lower', { days: days(later.days), place: lower.patchName, height: format.height(lower.belowM) })]
        : []),
      here + elsewhere === 0 ? t('window.heardNothing') : t('window.heard', { here, elsewhere }),
    ];
  };

  const windowNotes = (o: PartOutlook, day: string): readonly string[] => [
    ...(o.again ? [t('window.again')] : []),
    ...(o.bySize && o.opens.p10 && o.opens.p90 && o.closes.p50
      ? [
          t('window.longEnough', {
            early: format.day(o.opens.p10, day),
            late: format.day(o.opens.p90, day),
            to: format.day(o.closes.p50, day),
          }),
        ]
      : []),
    ...(o.tide?.spans.length
      ? [
          t('window.tide', {
            name: o.tide.name,
            spans: format.list(o.tide.spans.map((s) => t('window.tideSpan', { from: s.from, to: s.to }))),
          }),
        ]
      : []),
    ...(o.leaveEnds ? [t('window.leaveEnds', { day: format.day(o.leaveEnds, day) })] : []),
  ];

  const coal = (r: PartOutlook['readiness'], thorns: boolean): string => {
    const state = (() => {
      switch (r.state) {
        case 'kindling':
          return t('coal.kindling', { days: days(r.daysToOpen) });
        case 'glowing':
          return t(r.quality > PEAK_QUALITY ? 'coal.glowingPeak' : 'coal.glowing');
        case 'fading':
          return t('coal.fading', { days: days(r.daysLeft) });
        case 'banked':
          return t(r.reason === 'resting' ? 'coal.bankedResting' : 'coal.bankedNothingLeft');
        default:
          return t(`coal.${r.state}`);
      }
    })();
    return thorns ? `${state} · ${t('coal.thorns')}` : state;
  };

  const { allowance, ceiling, heldBy, steps, sum } = createAllowanceWords(t, format, amount);

  const duty = (d: Duty, day: string): { what: string; why: string } => {
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
    }
  };

  return {
    text,
    amount,
    days,
    window,
    windowReasons,
    learnedReasons,
    windowNotes,
    coal,
    allowance,
    heldBy,
    ceiling,
    steps,
    sum,
    duty,
    yearLead: (ahead) =>
      ahead === 0
        ? t('conditions.level')
        : t(ahead > 0 ? 'conditions.ahead' : 'conditions.behind', { days: days(Math.abs(ahead)) }),
    temperatures: ({ minC, maxC }) =>
      minC === null || maxC === null
        ? t('conditions.none')
        : t('conditions.range', { min: format.degrees(minC), max: format.temperature(maxC) }),
  };
}

const PEAK_QUALITY = 0.85;
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
