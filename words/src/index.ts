export { createFormat, type Format, type UnitSystem } from './format.ts';
export { MESSAGES } from './messages.ts';
export { type Sentences, type Translate, type Values } from './sentences.ts';
export { createWords, withShownNumber, type Words } from './words.ts';
