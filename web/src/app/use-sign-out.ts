import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useEnter } from '../session/queries.ts';

/** The way out, on this device. */
export function useSignOut(): () => Promise<void> {
  const enter = useEnter();
  return async () => {
    await call(ROUTES.signOut);
    enter(await call(ROUTES.session));
  };
}
