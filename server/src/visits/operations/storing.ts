// Who stores, and for which group.
import type { InGroup, SignedIn } from '../../platform/http/context.ts';

export interface Storing {
  readonly group: InGroup;
  readonly account: Pick<SignedIn, 'accountId' | 'name'>;
}
