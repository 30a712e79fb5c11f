import { errors, leftOut, reasons } from './en/errors.ts';
import { screens } from './en/screens.ts';
import { sentences } from './en/sentences.ts';

export interface Messages {
  [key: string]: string | Messages;
}

/** All messages by language. A second language is a second folder beside `en`. */
export const MESSAGES: Readonly<Record<string, Messages>> = {
  en: { ...sentences, ...screens, errors, reasons, leftOut },
};
