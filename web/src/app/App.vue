<script setup lang="ts">
import { ConfigProvider } from 'ant-design-vue';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import StateNote from '../kit/StateNote.vue';
import UndoBar from '../kit/UndoBar.vue';
import SignalBar from '../offline/SignalBar.vue';
import { useSession } from '../session/queries.ts';
import { afterPaint } from '../platform/after-paint.ts';
import { libraryWords } from '../platform/language.ts';
import { antTheme } from '../platform/theme.ts';
import { useChosenElsewhere } from '../session/use-language.ts';
import { useWords } from '../session/words.ts';
import AppShell from './AppShell.vue';
import OutsideFrame from './OutsideFrame.vue';

const SignInView = afterPaint(() => import('../people/SignInView.vue'));
const session = useSession();
const route = useRoute();
const words = useWords();
useChosenElsewhere();
const inside = computed(() => Boolean(session.data.value?.account) && (session.data.value?.groups.length ?? 0) > 0);
</script>

<template>
  <ConfigProvider :theme="antTheme" :locale="libraryWords">
    <SignalBar />
    <StateNote
      v-if="session.isLoadingError.value"
      state="failed"
      :text="session.error.value?.message"
      @retry="session.refetch()" />
    <StateNote v-else-if="session.isPending.value" state="loading" />
    <OutsideFrame v-else-if="route.meta['open']"
      ><main><RouterView /></main
    ></OutsideFrame>
    <OutsideFrame v-else-if="!inside"><SignInView :session="session.data.value!" /></OutsideFrame>
    <AppShell v-else><RouterView /></AppShell>
    <UndoBar />
    <span class="hidden-visually">{{ words.t('common.emberfield') }}</span>
  </ConfigProvider>
</template>
