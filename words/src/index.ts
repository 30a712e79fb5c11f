export { createFormat, type Format, type UnitSystem } from './format.ts';
export { MESSAGES } from './messages.ts';
export type { Sentences } from './sentences.ts';
export type { Translate, Values } from './translate.ts';
export { createWords, withShownNumber, type Words } from './words.ts';
