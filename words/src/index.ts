export { createFormat, type Format, type UnitSystem } from './format.ts';
export { createWords, MESSAGES } from './languages.ts';
export type { Messages } from './messages.ts';
export type { Thing } from './en/errors.ts';
export { plainLetters } from './plain-letters.ts';
export { sayUse } from './say-use.ts';
export type { Sentences } from './sentences.ts';
export type { Translate, Values } from './translate.ts';
export { withShownNumber, wordsWith, type Words } from './words.ts';
