import { centreOf, type PatchFacts } from '@emberfield/contract';
import type { Words } from '@emberfield/words';

/** A fact of a place by its name and its value in words, to be compared with another version of it. */
export function sayFact(
  words: Words,
  key: keyof PatchFacts,
  facts: PatchFacts,
): { readonly label: string; readonly value: string } {
  const { t, format } = words;
  const value = facts[key];
  const label = ['name', 'height', 'tended', 'secret', 'seenBy'].includes(key)
    ? t(`patch.${key}`)
    : key === 'geometry'
      ? t('patch.place')
      : key === 'heightM'
        ? t('patch.height')
        : t(`patch.facts.${FACT_NAMES[key] ?? key}`);
  const said = (): string => {
    if (value === null || value === undefined || value === '') return '';
    switch (key) {
      case 'geometry': {
        const { latitudeDeg, longitudeDeg } = centreOf(facts.geometry);
        return `${latitudeDeg.toFixed(5)}, ${longitudeDeg.toFixed(5)}`;
      }
      case 'heightM':
        return format.height(facts.heightM);
      case 'hazards':
        return format.list(facts.hazards.map((h) => t(`patch.hazard.${h}`)));
      case 'substrate':
      case 'canopy':
      case 'aspect':
      case 'moisture':
      case 'leave':
        return t(`patch.${key}.${facts[key]}`);
      case 'leaveUntil':
        return format.dayAndYear(facts.leaveUntil!);
      case 'leaveDays':
        return `${facts.leaveDays!.from} – ${facts.leaveDays!.to}`;
      case 'openHours':
        return `${facts.openHours!.from} – ${facts.openHours!.to}`;
      case 'secret':
      case 'tended':
        return t(facts[key] ? 'group.on' : 'group.off');
      case 'seenBy':
        return String(facts.seenBy?.length ?? 0);
      default:
        return typeof value === 'string' ? value : String(Number(value));
    }
  };
  return { label, value: said() };
}

const FACT_NAMES: Partial<Record<keyof PatchFacts, string>> = { slopeDeg: 'slope', tideLevelM: 'tideLevel' };
