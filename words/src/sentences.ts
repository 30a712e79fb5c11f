import type { Conditions, PartOutlook, Text, UnitKey } from '@emberfield/contract';
import type { Format } from './format.ts';
import { createAllowanceWords, type AllowanceWords } from './say-allowance.ts';
import { createDutyWords, type SayDuty } from './say-duty.ts';
import { createReasonWords, type ReasonWords } from './say-reasons.ts';
import { createWindowWords, type WindowWords } from './say-window.ts';
import type { Translate } from './translate.ts';

/** Every sentence that is made from codes with values, in one place. */
export interface Sentences extends WindowWords, ReasonWords, AllowanceWords {
  /** The text in the reader's language, else in English. */
  readonly text: (text: Text) => string;
  /** "carrot family (Apiaceae)"; the Latin name alone where there is no other. */
  readonly family: (latin: string) => string;
  readonly amount: (n: number, unit: UnitKey) => string;
  /** Several of a unit: "leaves". */
  readonly unitName: (unit: UnitKey) => string;
  readonly days: (n: number) => string;
  readonly coal: (readiness: PartOutlook['readiness'], thorns: boolean) => string;
  readonly duty: SayDuty;
  readonly temperatures: (conditions: Conditions) => string;
}

export function createSentences(t: Translate, format: Format, language: string): Sentences {
  const days = (n: number): string => t('window.days', { n });
  const text = (of: Text): string => of[language] ?? of['en'] ?? '';
  const family = (latin: string): string => {
    const key = `family.${latin}`;
    const name = t(key);
    return name === key ? latin : `${name} (${latin})`;
  };
  const amount = (n: number, unit: UnitKey): string =>
    unit === 'gram' ? format.mass(n) : t(`unit.${unit}`, { n: rounded(n) });
  const rounded = (n: number): number => (n >= 10 ? Math.round(n) : Math.round(n * 10) / 10);
  const coal = (r: PartOutlook['readiness'], thorns: boolean): string => {
    const state = (() => {
      switch (r.state) {
        case 'kindling':
          return t('coal.kindling', { n: r.daysToOpen, days: days(r.daysToOpen) });
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

  return {
    text,
    family,
    amount,
    unitName: (unit) => t(`unit.${unit}`, { n: 2 }).replace(/^\S+\s/, ''),
    days,
    ...createWindowWords({ t, format, text, days }),
    coal,
    ...createAllowanceWords(t, format, amount, text),
    duty: createDutyWords(t, format, text),
    ...createReasonWords(t, format, days),
    temperatures: ({ minC, maxC }) =>
      minC === null || maxC === null
        ? t('conditions.none')
        : t('conditions.range', { min: format.degrees(minC), max: format.temperature(maxC) }),
  };
}

const PEAK_QUALITY = 0.85;
