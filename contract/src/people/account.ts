// One's own account: its password, a link to choose another, and what is left when somebody goes.
import { string, type Schema } from 'yup';
import { LANGUAGES, type Language } from '../platform/language.ts';
import { exactly, line, oneOf, orNull } from '../platform/schema.ts';

/** Ten characters or more; how easily it is guessed the server judges. */
export const newPassword = () => string().required('missing').min(10, 'passwordShort').max(200, 'tooLong');

export interface ChangePassword {
  readonly current: string;
  readonly next: string;
}
export const changePasswordSchema: Schema<ChangePassword> = exactly({
  current: line(200),
  next: newPassword(),
}).required('missing');

/** The language that one reads; `null` for the one of each device. */
export interface ChooseLanguage {
  readonly language: Language | null;
}
export const chooseLanguageSchema: Schema<ChooseLanguage> = exactly({ language: orNull(oneOf(LANGUAGES)) }).required(
  'missing',
);

/** A link to choose another password, made by a keeper; its secret is told once. */
export interface MadeResetLink {
  readonly token: string;
  readonly expiresAt: string;
}
export interface ResetGreeting {
  readonly name: string;
  readonly signInName: string;
}
export interface ResetPassword {
  readonly password: string;
}
export const resetPasswordSchema: Schema<ResetPassword> = exactly({ password: newPassword() }).required('missing');
