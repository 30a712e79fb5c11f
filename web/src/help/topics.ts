import { plainLetters, type Translate } from '@emberfield/words';

/** What the help speaks of, in the order in which one meets it. */
export const TOPICS = [
  'first',
  'day',
  'ahead',
  'visit',
  'take',
  'much',
  'when',
  'what',
  'round',
  'larder',
  'season',
  'practice',
  'signal',
  'secret',
  'rules',
  'undo',
] as const;

export interface Topic {
  readonly key: string;
  readonly title: string;
  readonly text: string;
}

/** The topics that speak of all that was typed, word by word; all of them where nothing was. */
export function topicsAbout(typed: string, t: Translate): readonly Topic[] {
  const asked = plainLetters(typed).split(/\s+/).filter(Boolean);
  return TOPICS.map((key) => ({
    key,
    title: t(`help.topics.${key}.title`),
    text: t(`help.topics.${key}.text`),
  })).filter(({ title, text }) => asked.every((word) => plainLetters(`${title} ${text}`).includes(word)));
}
