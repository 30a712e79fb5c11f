import { plainLetters } from '@emberfield/words';

/** A key from a name: small letters and hyphens. */
export const keyFrom = (name: string): string =>
  plainLetters(name)
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 60);
