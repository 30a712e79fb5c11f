// When, why then, and what moved it, in words.
import type { ClockShare } from '@emberfield/core/clocks';
import { dayNumber } from '@emberfield/core/measure';
import type { LearnedView, LowerStand, PartOutlook, PartWish, Text } from '@emberfield/contract';
import type { Format } from './format.ts';
import type { Translate } from './translate.ts';

export interface WindowWords {
  readonly window: (outlook: WindowSaid, day: string) => string;
  /** The same where the heading above says the rest: "8 days left (0–17)". */
  readonly windowShort: (outlook: WindowSaid, day: string) => string;
  readonly windowReasons: (outlook: PartOutlook, day: string, station: string | null) => readonly string[];
  /** What its dates were learned from, and what moved them. */
  readonly learnedReasons: (
    said: { readonly learned: LearnedView; readonly lower: LowerStand | null },
    window: Pick<PartOutlook, 'part' | 'use'>,
    day: string,
  ) => readonly string[];
  /** Lengths wanted. */
  readonly wish: (lengths: Pick<PartWish, 'fromCm' | 'toCm'>) => string;
  /** What is said openly beside it: the tide, days for taking, lengths, a cut. */
  readonly windowNotes: (o: PartOutlook, day: string) => readonly string[];
}

type WindowSaid = Pick<PartOutlook, 'readiness' | 'opens' | 'closes'> & Partial<Pick<PartOutlook, 'opensAgain'>>;

interface Saying {
  readonly t: Translate;
  readonly format: Format;
  readonly text: (of: Text) => string;
  readonly days: (n: number) => string;
}

export const createWindowWords = (saying: Saying): WindowWords => ({
  window: sayWindow(saying, 'window'),
  windowShort: sayWindow(saying, 'windowShort'),
  windowReasons: sayReasons(saying),
  learnedReasons: sayLearned(saying),
  windowNotes: sayNotes(saying),
  wish: sayLengths(saying),
});

/** A range is never torn at its dash. */
const TO = '\u2060–\u2060';

function sayWindow({ t, format, days }: Saying, how: 'window' | 'windowShort'): WindowWords['window'] {
  const dash = how === 'window' ? '–' : TO;
  const between = (from: string | null, to: string | null, day: string): string =>
    `${from === null ? '?' : Math.max(0, dayNumber(from) - dayNumber(day))}${dash}${to === null ? '?' : Math.max(0, dayNumber(to) - dayNumber(day))}`;

  return ({ readiness, opens, closes, opensAgain }: WindowSaid, day: string): string => {
    switch (readiness.state) {
      case 'cold':
        if (readiness.daysToOpen === null || opens.p50 === null) return t(`${how}.maybeNever`);
        return t(`${how}.opensOn`, { day: format.day(opens.p50, day) });
      case 'kindling':
        return t(`${how}.opensIn`, {
          n: readiness.daysToOpen,
          days: days(readiness.daysToOpen),
          range: between(opens.p10, opens.p90, day),
        });
      case 'glowing':
      case 'fading':
        if (!Number.isFinite(readiness.daysLeft) || closes.p50 === null) return t(`${how}.openLong`);
        if (readiness.daysLeft === 0) return t(`${how}.closesToday`);
        return t(`${how}.${readiness.state === 'fading' ? 'lastCall' : 'closesIn'}`, {
          days: days(readiness.daysLeft),
          range: between(closes.p10, closes.p90, day),
        });
      case 'ash': {
        const over = closes.p50 === null ? '' : t(`${how}.over`, { day: format.day(closes.p50, day) });
        const again = opensAgain?.p50 ? t(`${how}.opensAgain`, { day: format.day(opensAgain.p50, day) }) : '';
        return [over, again].filter(Boolean).join(' · ');
      }
      case 'banked':
        return opens.p50 === null || closes.p50 === null
          ? ''
          : t(`${how}.fromTo`, { from: format.day(opens.p50, day), to: format.day(closes.p50, day) });
    }
  };
}

const sayReasons =
  ({ t, format, text }: Saying): WindowWords['windowReasons'] =>
  (o, day, station) => [
    o.basis === 'weather' && station !== null
      ? t('window.byWeather', { station, n: o.yearCount })
      : t('window.byCalendar'),
    ...(o.opens.p10 && o.opens.p90
      ? [t('window.tenIn', { early: format.day(o.opens.p10, day), late: format.day(o.opens.p90, day) })]
      : []),
    ...(o.stageSeen
      ? [t('window.seen', { stage: capital(text(o.stageSeen.stageName)), day: format.day(o.stageSeen.day, day) })]
      : []),
    ...(o.neverApart ? [t('window.neverApart')] : []),
    ...(o.separable?.p50 && !o.neverApart ? [t('window.separable', { day: format.day(o.separable.p50, day) })] : []),
    ...(o.frozenFrom ? [t('window.frozenFrom', { day: format.day(o.frozenFrom, day) })] : []),
    t('window.openChance', { percent: format.percent(o.openProbability) }),
  ];

const sayLearned =
  ({ t, format, days, text }: Saying): WindowWords['learnedReasons'] =>
  ({ learned, lower }, { part, use }, day) => {
    const isIt = (w: { readonly part: string; readonly use: string }): boolean => w.part === part && w.use === use;
    const { here, elsewhere, moved, clocks = [], inVain = [] } = learned;
    const saidClock = ({ form, share }: ClockShare): string =>
      `${t(`window.clock.${form}`)} ${Math.round(100 * share)}\u00a0%`;
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
      ...inVain.map(({ stageName, inVain: n, came }) =>
        t('window.inVain', { stage: capital(text(stageName)), n, of: n + came }),
      ),
      here + elsewhere === 0 ? t('window.heardNothing') : t('window.heard', { here, elsewhere }),
      ...(clocks.length === 0 ? [] : [t('window.clocks', { ways: clocks.map(saidClock).join(', ') })]),
    ];
  };

/** "2.5 cm to 5 cm", "from 2.5 cm on", "up to 5 cm". */
const sayLengths =
  ({ t, format }: Pick<Saying, 't' | 'format'>): WindowWords['wish'] =>
  ({ fromCm, toCm }) => {
    const [from, to] = [fromCm, toCm].map((cm) => (cm === null ? '' : format.length(cm)));
    if (from && to) return t('window.wishedBetween', { from, to });
    if (!from && !to) return t('window.wishedNone');
    return from ? t('window.wishedFrom', { from }) : t('window.wishedTo', { to: to! });
  };

function sayWished(saying: Saying, wished: PartWish, day: string): string {
  const { t, format } = saying;
  const when = (key: 'reaches' | 'passes', cm: number | null): readonly string[] => {
    const on = wished[key];
    if (cm === null || on === null) return [];
    if (on.p50 === null) return [t('window.neverLong', { cm: format.length(cm) })];
    const [at, early, late] = [on.p50, on.p10, on.p90].map((d) => (d === null ? t('common.none') : format.day(d, day)));
    return [t(`window.${key}`, { cm: format.length(cm), day: at!, early: early!, late: late! })];
  };
  const days = [...when('reaches', wished.fromCm), ...when('passes', wished.toCm)];
  return t('window.wished', {
    lengths: sayLengths(saying)(wished),
    days: days.length > 0 ? format.list(days) : t('window.noDays'),
    by: days.length === 0 ? '' : t(wished.measured ? 'window.wishMeasured' : 'window.wishGuessed'),
  });
}

const sayNotes =
  (saying: Saying): WindowWords['windowNotes'] =>
  (o, day) => {
    const { t, format } = saying;
    return [
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
      ...(o.wished ? [sayWished(saying, o.wished, day)] : []),
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
  };

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
