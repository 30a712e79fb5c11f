import '@fontsource-variable/fraunces/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import './app/theme.css';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { mindPagesNotFetched } from './app/page-not-fetched.ts';
import { router } from './app/router.ts';
import { breath } from './platform/after-paint.ts';
import { answerOrKept } from './platform/answer-or-kept.ts';
import { shelf } from './platform/kept.ts';
import { keepPages } from './offline/worker.ts';
import { ApiError, useNotReachedText } from './platform/api.ts';
import { signal } from './platform/signal.ts';
import { speakAtStart } from './session/use-language.ts';
import { i18n, translate } from './session/words.ts';

useNotReachedText(() => translate('common.notReached'));
const MOST_RETRIES = 2;
const isNotReached = (error: unknown): boolean => error instanceof ApiError && error.code === 'notReached';
const askOrKept = answerOrKept({ shelf, signal, isNotReached });

mindPagesNotFetched(router);
await speakAtStart();
await breath();
createApp(App)
  .use(createPinia())
  .use(i18n)
  .use(router)
  .use(VueQueryPlugin, {
    queryClientConfig: {
      defaultOptions: {
        queries: {
          staleTime: 20_000,
          // Asked whatever the browser believes of the network: what was read last is given where nothing answers.
          networkMode: 'always',
          persister: (ask, context, query) => askOrKept(() => ask(context), query),
          // What the server refused it will refuse again; only a lost connection is worth another try.
          retry: (count, error) => isNotReached(error) && count < MOST_RETRIES,
        },
      },
    },
  })
  .mount('#app');

keepPages();
