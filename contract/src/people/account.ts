// One's own account: its password, a link to choose another, and what is left when somebody goes.
import { string, type Schema } from 'yup';
import { exactly, line } from '../platform/schema.ts';

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
