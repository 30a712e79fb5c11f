// How a password is judged and kept.
import { hash } from '@node-rs/argon2';
import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { AppError } from '../../platform/errors.ts';

/** Argon2id with the library's defaults (19 MiB, 2 passes). */
export const hashPassword = (password: string): Promise<string> => hash(password);

/** 2 of 0 to 4: more than a million guesses, which the limit on tries makes years of. */
const LEAST_SCORE = 2;
/** Guessing looks at so many characters: the time it takes grows faster than the text. */
const MOST_LOOKED_AT = 64;
let judge: ZxcvbnFactory | null = null;

/**
 * Refuses what is guessed early: passwords that many have, rows of keys, repeats, and one's own names.
 * @throws AppError `passwordWeak`
 */
export function assertStrong(password: string, field: string, own: readonly string[]): void {
  judge ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs, maxLength: MOST_LOOKED_AT });
  if (judge.check(password, [...own, 'emberfield']).score < LEAST_SCORE)
    throw new AppError('badInput', { field, reason: 'passwordWeak' });
}
