import type { Request } from 'express';
import { isLanguage, LANGUAGES, type Language } from '@emberfield/contract';

/** The language that an answer is wanted in, as the request says; English where it wants none that is known. */
export function languageOf(request: Request): Language {
  const wanted = request.acceptsLanguages([...LANGUAGES]);
  return isLanguage(wanted) ? wanted : 'en';
}
