import type { CallNumber, Language, Role } from '@emberfield/contract';
import type { Region } from '@emberfield/core/plants';

export interface SignedIn {
  readonly sessionId: string;
  readonly accountId: string;
  readonly name: string;
  readonly signInName: string;
  readonly language: Language | null;
  readonly token: string;
}

export interface InGroup {
  readonly id: string;
  readonly name: string;
  readonly zone: string;
  readonly units: 'metric' | 'imperial';
  readonly regions: readonly Region[];
  readonly numbers: readonly CallNumber[];
  readonly hasBaseMap: boolean;
  readonly revision: number;
  readonly role: Role;
  readonly today: string;
  /** Who asks: what they may see goes by it. */
  readonly viewer: { readonly role: Role; readonly accountId: string; readonly language: Language };
}

/** What an endpoint is handed: everything checked, nothing of Express. */
export interface Context<Body> {
  readonly body: Body;
  readonly params: Readonly<Record<string, string>>;
  readonly query: Readonly<Record<string, string | undefined>>;
  readonly account: SignedIn | null;
  readonly group: InGroup | null;
  readonly browser: string;
  /** Whoever asked has gone away, or stopped it. */
  readonly gone: () => boolean;
  readonly setSession: (token: string | null) => void;
}

export interface GroupContext<Body> extends Context<Body> {
  readonly account: SignedIn;
  readonly group: InGroup;
}

export interface AccountContext<Body> extends Context<Body> {
  readonly account: SignedIn;
}
