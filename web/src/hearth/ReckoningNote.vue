<script setup lang="ts">
import { Progress } from 'ant-design-vue';
import { computed } from 'vue';
import { useWords } from '../session/words.ts';

/** Of thousands of stands: how many are reckoned by now. */
const props = defineProps<{ stands: number; waiting: number }>();
const words = useWords();
const reckoned = computed(() => props.stands - props.waiting);
</script>

<template>
  <div class="soft" role="status">
    <Progress :percent="(100 * reckoned) / stands" :show-info="false" size="small" />
    {{
      words.t('hearth.reckoning', {
        n: words.format.number(reckoned),
        all: words.format.number(stands),
      })
    }}
  </div>
</template>
