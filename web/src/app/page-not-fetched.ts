import { useSessionStorage } from '@vueuse/core';
import type { Router } from 'vue-router';
import { signal } from '../platform/signal.ts';

/** How browsers word it when a part of the pages cannot be fetched. */
const NOT_FETCHED =
  /preload CSS|dynamically imported module|importing a module script failed|error loading dynamically/i;

/**
 * A page whose script cannot be fetched: either the server is out of reach, which the bar says while the old page stays; or the server
 * has been renewed since these pages came, and then all of them are fetched anew, once: what is missing then is missing.
 */
export function mindPagesNotFetched(router: Router): void {
  const fetchedAnew = useSessionStorage('emberfield-fetched-anew', '');
  router.onError(async (error: unknown, to) => {
    if (!NOT_FETCHED.test(String(error))) return reportError(error);
    signal.notReached();
    const answer = await fetch('/api/session', { credentials: 'same-origin' }).catch(() => null);
    if (!answer?.ok) return;
    signal.answered();
    if (fetchedAnew.value === to.fullPath) return reportError(error);
    fetchedAnew.value = to.fullPath;
    window.location.assign(to.fullPath);
  });
  router.afterEach((_to, _from, failure) => void (failure ?? (fetchedAnew.value = '')));
}
