import { string, type Schema } from 'yup';
import { newPassword } from './account.ts';
import type { Language } from '../platform/language.ts';
import { REGIONS, type Region } from '@emberfield/core/plants';
import { exactly, given, line, listOf, maybe, oneOf, uuid, nameOf } from '../platform/schema.ts';

export const ROLES = ['watcher', 'picker', 'keeper'] as const;
export type Role = (typeof ROLES)[number];

export interface GroupRef {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

interface SessionAccount {
  readonly id: string;
  readonly name: string;
  readonly signInName: string;
  /** What they chose to read; `null` for the language of each device. */
  readonly language: Language | null;
}

/** Who is signed in, or what a stranger may do. */
export interface SessionView {
  readonly account: SessionAccount | null;
  readonly groups: readonly GroupRef[];
  /** Sent back with every change, against cross-site requests. */
  readonly token: string | null;
  readonly canFound: boolean;
  /** Sign-in tiles of the demo; empty elsewhere. */
  readonly demoPeople: readonly { readonly signInName: string; readonly name: string; readonly role: Role }[];
}

const SIGN_IN_NAME = /^[a-z0-9][a-z0-9._-]{1,39}$/;
const signInName = () => string().required('missing').matches(SIGN_IN_NAME, 'notASignInName');

export interface SignIn {
  readonly signInName: string;
  readonly password: string;
}
export const signInSchema: Schema<SignIn> = exactly({ signInName: line(40), password: line(200) }).required('missing');

export interface DemoSignIn {
  readonly signInName: string;
}
export const demoSignInSchema: Schema<DemoSignIn> = exactly({ signInName: line(40) }).required('missing');

export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];
const zone = () => line(60).test('zone', 'notAZone', given(isZone));

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** Somebody to call where something went wrong. */
export interface CallNumber {
  readonly who: string;
  readonly number: string;
}
export const MOST_NUMBERS = 8;
/** As people write them: digits, with what stands between. */
const TELEPHONE = /^\+?[0-9][0-9 ()/.-]{1,28}$/;
const callNumberSchema: Schema<CallNumber> = exactly({
  who: nameOf(60),
  number: line(30).matches(TELEPHONE, 'notATelephone'),
}).required('missing');

/** Where the group gathers; none: anywhere, and the whole list is held against what is seen. */
const regions = () => listOf(oneOf(REGIONS), REGIONS.length);

export interface NewAccount {
  readonly signInName: string;
  readonly name: string;
  readonly password: string;
}
const newAccount = () =>
  exactly({ signInName: signInName(), name: nameOf(60), password: newPassword() }).required('missing');

export interface Founding {
  readonly code: string;
  readonly groupId: string;
  readonly groupName: string;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly regions: readonly Region[];
  readonly keeper: NewAccount;
}
export const foundingSchema: Schema<Founding> = exactly({
  code: line(60),
  groupId: uuid(),
  groupName: nameOf(80),
  zone: zone(),
  units: oneOf(UNIT_SYSTEMS),
  regions: regions(),
  keeper: newAccount(),
}).required('missing');

export interface GroupView {
  readonly id: string;
  readonly name: string;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly regions: readonly Region[];
  /** Whom to call in need, the first first: as its keepers wrote them. */
  readonly numbers: readonly CallNumber[];
  readonly today: string;
  /** The day is set by the operator (the demo), not by the clock. */
  readonly dayIsSet: boolean;
  readonly role: Role;
  readonly hasBaseMap: boolean;
  /** Address of map tiles with {z}, {x} and {y}; `null` unless the operator set one. */
  readonly tilesUrl: string | null;
  /** The operator named a weather service that stations can be fed from. */
  readonly weatherService: boolean;
}
export interface GroupSettings {
  readonly name: string;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly regions: readonly Region[];
  /** Left out: as they are. */
  readonly numbers?: readonly CallNumber[] | undefined;
}
export const groupSettingsSchema: Schema<GroupSettings> = exactly({
  name: nameOf(80),
  zone: zone(),
  units: oneOf(UNIT_SYSTEMS),
  regions: regions(),
  numbers: maybe(listOf(callNumberSchema, MOST_NUMBERS)),
}).required('missing');

export interface MemberView {
  readonly accountId: string;
  readonly name: string;
  readonly signInName: string;
  readonly role: Role;
}
export interface ChangeRole {
  readonly role: Role;
}
export const changeRoleSchema: Schema<ChangeRole> = exactly({ role: oneOf(ROLES) }).required('missing');

export interface NewInvitation {
  readonly id: string;
  readonly role: Role;
}
export const newInvitationSchema: Schema<NewInvitation> = exactly({ id: uuid(), role: oneOf(ROLES) }).required(
  'missing',
);
export interface InvitationView {
  readonly id: string;
  readonly role: Role;
  readonly expiresAt: string;
  readonly usedBy: string | null;
}
/** The token is told once, at the making. */
export interface MadeInvitation extends InvitationView {
  readonly token: string | null;
}
export interface InvitationGreeting {
  readonly groupName: string;
  readonly role: Role;
  readonly invitedBy: string;
}
export type AcceptInvitation = NewAccount;
export const acceptInvitationSchema: Schema<AcceptInvitation> = newAccount();

export interface SessionListItem {
  readonly id: string;
  readonly madeAt: string;
  readonly lastSeenAt: string;
  readonly browser: string;
  readonly here: boolean;
}
