import { english } from './en/messages.ts';

export interface Messages {
  [key: string]: string | Messages;
}

/** All messages by language. A second language is a second folder beside `en`. */
export const MESSAGES: Readonly<Record<string, Messages>> = { en: english };
