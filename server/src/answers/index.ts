export { Answers, Cache, cacheOf, LaterCache, laterCacheOf, type CacheKind } from './answers.ts';
export { Pauses } from './pauses.ts';
