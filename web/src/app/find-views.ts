import { plainLetters, type Translate } from '@emberfield/words';
import { groupTabs } from '../people/group-tabs.ts';
import { MORE_VIEWS, VIEWS } from './shortcuts.ts';

/** A view, or a tab of one, as the search finds it. */
export interface FoundView {
  readonly label: string;
  /** Of the view that it is a tab of. */
  readonly detail: string;
  readonly name: string;
  readonly tab?: string;
}

/** What one begins, besides the views. */
const BEGUN = ['walk', 'newPatch'] as const;

/** The views of which a word begins with what was typed. They are no part of what the server knows. */
export function viewsCalled(typed: string, t: Translate, isKeeper: boolean): readonly FoundView[] {
  const asked = plainLetters(typed.trim());
  if (asked === '') return [];
  const group = t('nav.group');
  const all: readonly FoundView[] = [
    ...[...new Set([...VIEWS.map((v) => v.name), ...MORE_VIEWS, ...BEGUN])].map((name) => ({
      name,
      label: t(name === 'walk' || name === 'newPatch' ? `log.${name}` : `nav.${name}`),
      detail: '',
    })),
    // The first tab is the view itself.
    ...groupTabs(isKeeper)
      .slice(1)
      .map((tab) => ({ name: 'group', tab, label: t(`group.tab.${tab}`), detail: group })),
  ];
  return all.filter(({ label }) => ` ${plainLetters(label)}`.includes(` ${asked}`));
}
