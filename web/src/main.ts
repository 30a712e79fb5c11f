import '@fontsource-variable/fraunces/wght.css';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import './app/theme.css';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { router } from './app/router.ts';
import { ApiError, useNotReachedText } from './platform/api.ts';
import { i18n, plainWords } from './platform/words.ts';

useNotReachedText(plainWords.t('common.notReached'));
const MOST_RETRIES = 2;

createApp(App)
  .use(createPinia())
  .use(i18n)
  .use(router)
  .use(VueQueryPlugin, {
    queryClientConfig: {
      defaultOptions: {
        queries: {
          staleTime: 20_000,
          // What the server refused it will refuse again; only a lost connection is worth another try.
          retry: (count, error) => error instanceof ApiError && error.code === 'notReached' && count < MOST_RETRIES,
        },
      },
    },
  })
  .mount('#app');
