<script setup lang="ts">
import { CalendarOutlined } from '@ant-design/icons-vue';
import { DatePicker } from 'ant-design-vue';
import { computed, ref, useId, type ComponentPublicInstance } from 'vue';
import { dayNumber, dayOfYear, firstOfYear, isoDay } from '@emberfield/core/measure';
import { spoken } from '../platform/language.ts';
import { useInputName } from './use-input-name.ts';

/**
 * A day of every year, picked or typed without a year, as its number in a year without a leap day. A figure may lie beyond the year's ends
 * (a low end in December of something in January), and what is picked stays on that side.
 */
const props = defineProps<{ label?: string; id?: string; optional?: boolean; size?: 'small' | 'middle' | 'large' }>();
const model = defineModel<number | null>({ required: true });
const YEAR = 2025;
const DAYS = 365;
const own = useId();
const field = ref<ComponentPublicInstance | null>(null);
useInputName(field, () => props.label);
const FORMATS = computed(() => [spoken.value === 'de' ? 'D. MMM' : 'D MMM', 'D.M.', 'D/M', 'MM-DD']);
const shown = computed(() =>
  model.value === null || Number.isNaN(model.value)
    ? undefined
    : isoDay(firstOfYear(YEAR) + Math.round(model.value) - 1),
);
function pick(value: unknown): void {
  if (typeof value !== 'string' || value === '') return void (model.value = props.optional ? null : NaN);
  // 29 February is the day before 1 March, as in every other year.
  const day = dayOfYear(dayNumber(`${YEAR}-${value === '02-29' ? '02-28' : value}`));
  const before = model.value;
  model.value = before === null || Number.isNaN(before) ? day : day + DAYS * Math.round((before - day) / DAYS);
}
</script>

<template>
  <DatePicker
    :id="id ?? own"
    ref="field"
    :value="shown"
    value-format="YYYY-MM-DD"
    :format="FORMATS"
    :allow-clear="optional"
    placeholder=""
    :show-today="false"
    :size="size ?? 'middle'"
    dropdown-class-name="of-every-year"
    @update:value="pick(typeof $event === 'string' ? $event.slice(5) : $event)">
    <template #suffixIcon><CalendarOutlined aria-hidden="true" /></template>
  </DatePicker>
</template>

<style>
/* A day of every year has neither a year nor a day of the week. */
.of-every-year .ant-picker-year-btn,
.of-every-year .ant-picker-header-super-prev-btn,
.of-every-year .ant-picker-header-super-next-btn,
.of-every-year .ant-picker-content thead {
  display: none;
}
</style>
