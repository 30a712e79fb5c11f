<script setup lang="ts">
import { Button, Input, Popconfirm, Space } from 'ant-design-vue';
import { ref } from 'vue';
import FoldUp from './FoldUp.vue';
import { useWords } from '../session/words.ts';
import type { useEnd } from './use-end.ts';

/** The end of something: no longer gone to, with a reason and the way back; or gone for good while nothing hangs on it. */
defineProps<{
  retiredOn: string | null;
  retiredWhy?: string;
  mayRetire: boolean;
  mayRemove: boolean;
  /** What is done about it; see `useEnd`. */
  end: ReturnType<typeof useEnd>;
}>();
const words = useWords();
const why = ref('');
</script>

<template>
  <section v-if="mayRetire || mayRemove || retiredOn" class="section no-print">
    <template v-if="retiredOn">
      <p>
        <b>{{ words.t('end.retired', { day: words.format.dayAndYear(retiredOn) }) }}</b> {{ retiredWhy }}
      </p>
      <Button v-if="mayRetire" :loading="end.busy.value" @click="end.back()">{{ words.t('end.back') }}</Button>
    </template>
    <FoldUp v-else :title="words.t('end.title')">
      <p class="soft">{{ words.t('end.lead') }}</p>
      <Space wrap>
        <template v-if="mayRetire">
          <Input
            v-model:value="why"
            class="why"
            :maxlength="200"
            :placeholder="words.t('end.why')"
            :aria-label="words.t('end.why')" />
          <Button :loading="end.busy.value" @click="end.retire(why)">{{ words.t('end.retire') }}</Button>
        </template>
        <Popconfirm
          v-if="mayRemove"
          :title="words.t('end.removeSure')"
          :ok-text="words.t('end.remove')"
          :cancel-text="words.t('common.cancel')"
          @confirm="end.remove()">
          <Button danger :loading="end.busy.value">{{ words.t('end.remove') }}</Button>
        </Popconfirm>
      </Space>
    </FoldUp>
    <p v-if="end.failure.value" class="warn" role="alert">{{ end.failure.value }}</p>
  </section>
</template>

<style scoped>
.why {
  width: 320px;
  max-width: 100%;
}
</style>
