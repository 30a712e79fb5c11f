<script setup lang="ts">
import { Button, Tag } from 'ant-design-vue';
import { computed } from 'vue';
import { isPhone } from '../platform/theme.ts';
import { useDay } from '../session/use-day.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** The day that all screens look at, and the way back where it is not today. */
const words = useWords();
const { group } = useGroup();
const { day, today, lookingAway, lookAt } = useDay();
const said = computed(() => {
  const { format } = words.value;
  if (lookingAway.value) return format.day(day.value, today.value);
  return isPhone.value ? format.shortWeekday(day.value) : format.weekday(day.value);
});
</script>

<template>
  <span class="day" :role="lookingAway ? 'status' : undefined">
    <b>{{ said }}</b>
    <Tag v-if="lookingAway" class="tag">{{ words.t(day > today ? 'day.ahead' : 'day.behind') }}</Tag>
    <Button v-if="lookingAway" size="small" type="link" @click="lookAt(null)">{{ words.t('day.backToToday') }}</Button>
    <small
      v-else-if="group?.dayIsSet"
      class="soft"
      :title="words.t('day.demoDay', { day: words.format.dayAndYear(today) })"
      >{{ words.t('day.demo') }}</small
    >
  </span>
</template>

<style scoped>
.day {
  display: flex;
  align-items: center;
  gap: 4px 10px;
  white-space: nowrap;
}
b {
  font: 560 17px var(--serif);
}
small {
  font-size: 14px;
}
.tag {
  margin: 0;
  font-size: 13px;
}
.day :deep(.ant-btn) {
  padding-inline: 4px;
}
</style>
