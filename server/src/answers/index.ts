export { Answers, cacheOf, laterCacheOf, type CacheKind } from './answers.ts';
export { WRITTEN } from './written-answers.ts';
export { Pauses } from './pauses.ts';
