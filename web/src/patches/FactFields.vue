<script setup lang="ts">
import { Button, Checkbox, Input } from 'ant-design-vue';
import {
  ASPECTS,
  CANOPIES,
  CONTAMINATING,
  HAZARDS,
  LEAVES,
  MOISTURES,
  SUBSTRATES,
  type Hazard,
  type PatchFacts,
} from '@emberfield/contract';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import PickOne from '../kit/PickOne.vue';
import DayField from '../kit/DayField.vue';
import NumberField from '../kit/NumberField.vue';
import { useWords } from '../session/words.ts';

/** What people forget to write down and cannot reconstruct at home. */
const facts = defineModel<PatchFacts>({ required: true });
/** `root`: where the facts stand in the body. */
defineProps<{ form: FieldsForm; root: string }>();
const words = useWords();
const set = <K extends keyof PatchFacts>(key: K, value: PatchFacts[K]): void =>
  void (facts.value = { ...facts.value, [key]: value });
const SELECTS = [
  ['substrate', SUBSTRATES],
  ['canopy', CANOPIES],
  ['aspect', ASPECTS],
  ['moisture', MOISTURES],
  ['leave', LEAVES],
] as const;
const toggle = (h: Hazard): void =>
  set(
    'hazards',
    facts.value.hazards.includes(h) ? facts.value.hazards.filter((x) => x !== h) : [...facts.value.hazards, h],
  );
const MONTHS = Array.from({ length: 12 }, (_, m) => m + 1);
const two = (n: number): string => String(n).padStart(2, '0');
/** Days that a month has in every year. */
const daysIn = (monthDay: string | undefined): number =>
  new Date(2025, Number(monthDay?.slice(0, 2) ?? 1), 0).getDate();
/** Whichever is chosen first, the rest is the whole year until it is chosen too. */
function setLeaveDay(end: 'from' | 'to', chosen: { readonly month?: string; readonly day?: string }): void {
  const before = facts.value.leaveDays ?? { from: '01-01', to: '12-31' };
  const [month, day] = before[end].split('-');
  const next = chosen.month ?? month!;
  const last = daysIn(`${next}-01`);
  const held = two(Math.min(last, Number(chosen.day ?? day)));
  set('leaveDays', { ...before, [end]: `${next}-${held}` });
}
</script>

<template>
  <div class="facts">
    <FormField
      v-for="[key, options] in SELECTS"
      :key="key"
      :form="form"
      :at="`${root}.${key}`"
      :label="words.t(`patch.facts.${key}`)">
      <PickOne
        :model-value="facts[key] as string"
        :options="options.map((o) => ({ value: o as string, label: words.t(`patch.${key}.${o}`) }))"
        @update:model-value="$event && set(key, $event as never)" />
    </FormField>
    <FormField :form="form" :at="`${root}.slopeDeg`" :label="words.t('patch.facts.slope')">
      <NumberField :model-value="facts.slopeDeg" @update:model-value="set('slopeDeg', $event ?? NaN)" />
    </FormField>
    <FormField :form="form" :at="`${root}.owner`" :label="words.t('patch.facts.owner')">
      <Input :maxlength="120" :value="facts.owner" @update:value="set('owner', $event)" />
    </FormField>
    <FormField
      v-if="facts.leave === 'given'"
      :form="form"
      :at="`${root}.leaveUntil`"
      :label="words.t('patch.facts.leaveUntil')">
      <DayField
        optional
        :model-value="facts.leaveUntil ?? ''"
        @update:model-value="set('leaveUntil', $event || null)" />
    </FormField>
    <FormField
      v-if="facts.hazards.includes('tide')"
      class="wide"
      :form="form"
      :at="`${root}.tideLevelM`"
      :label="words.t('patch.facts.tideLevel')">
      <NumberField
        :model-value="facts.tideLevelM ?? null"
        size="large"
        :label="words.t('patch.facts.tideLevel')"
        @update:model-value="set('tideLevelM', $event ?? null)" />
      <span class="soft small">{{ words.t('patch.facts.tideLevelText') }}</span>
    </FormField>
    <div class="field wide">
      <span>{{ words.t('patch.facts.leaveDays') }}</span>
      <div class="days">
        <Button class="chip" :aria-pressed="!facts.leaveDays" @click="set('leaveDays', null)">
          {{ words.t('patch.facts.leaveAlways') }}
        </Button>
        <label v-for="end in ['from', 'to'] as const" :key="end"
          >{{ words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo') }}
          <PickOne
            :label="`${words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo')}, ${words.t('patch.facts.month')}`"
            :model-value="facts.leaveDays?.[end].slice(0, 2) ?? null"
            placeholder="–"
            :options="MONTHS.map((m) => ({ value: two(m), label: words.format.month(m - 1) }))"
            @update:model-value="$event && setLeaveDay(end, { month: $event })" />
          <PickOne
            :label="`${words.t(end === 'from' ? 'patch.facts.leaveFrom' : 'patch.facts.leaveTo')}, ${words.t('patch.facts.day')}`"
            :model-value="facts.leaveDays?.[end].slice(3) ?? null"
            placeholder="–"
            :options="
              Array.from({ length: daysIn(facts.leaveDays?.[end]) }, (_, d) => ({
                value: two(d + 1),
                label: String(d + 1),
              }))
            "
            @update:model-value="$event && setLeaveDay(end, { day: $event })"
        /></label>
      </div>
    </div>
    <FormField class="wide" :form="form" :at="`${root}.access`" :label="words.t('patch.facts.access')">
      <Input :maxlength="600" :value="facts.access" @update:value="set('access', $event)" />
    </FormField>
    <FormField class="wide" :form="form" :at="`${root}.neighbours`" :label="words.t('patch.facts.neighbours')">
      <Input :maxlength="600" :value="facts.neighbours" @update:value="set('neighbours', $event)" />
    </FormField>
    <div class="wide field">
      <span>{{ words.t('patch.facts.hazards') }}</span>
      <div class="chips">
        <Button v-for="h in HAZARDS" :key="h" class="chip" :aria-pressed="facts.hazards.includes(h)" @click="toggle(h)">
          {{ words.t(`patch.hazard.${h}`) }}
        </Button>
      </div>
      <p v-if="facts.hazards.some((h) => CONTAMINATING.includes(h))" class="warn">
        {{ words.t('patch.contaminating') }}
      </p>
    </div>
    <Checkbox class="wide" :checked="facts.tended ?? false" @update:checked="set('tended', $event)"
      >{{ words.t('patch.tended') }} <span class="soft small">{{ words.t('patch.tendedNote') }}</span></Checkbox
    >
    <Checkbox class="wide" :checked="facts.secret" @update:checked="set('secret', $event)"
      >{{ words.t('patch.secret') }} <span class="soft small">{{ words.t('patch.secretNote') }}</span></Checkbox
    >
  </div>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 0 16px;
}
.wide {
  grid-column: 1 / -1;
}
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.days label {
  display: flex;
  gap: 6px;
  align-items: center;
}
.chip {
  border-radius: 4px;
}
</style>
