<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useWords } from '../session/words.ts';
import type { RulesOut } from './field-left.ts';

/** What was seen, and what each rules out by itself. */
defineProps<{ rulesOut: readonly RulesOut[] }>();
const emit = defineEmits<{ press: [sign: string, state: string] }>();
const words = useWords();
const NAMED = 4;
const said = ({ seen }: RulesOut): string => {
  const what = words.value.t(`state.${seen.sign}.${seen.state}`);
  return `${words.value.t(`sign.${seen.sign}`)}: ${seen.present ? what : words.value.t('identify.notSo', { what })}`;
};
/** The dangerous are named first: what they are ruled out by is what matters. */
const named = ({ names }: RulesOut): string =>
  words.value.format.list(
    [...names]
      .sort((a, b) => Number(b.severity === 'deadly') - Number(a.severity === 'deadly'))
      .slice(0, NAMED)
      .map((n) => words.value.text(n.names)),
  );
</script>

<template>
  <table v-if="rulesOut.length" class="plain">
    <thead>
      <tr>
        <th>{{ words.t('identify.seenTitle') }}</th>
        <th>{{ words.t('identify.rulesOut') }}</th>
        <th>{{ words.t('identify.which') }}</th>
        <th />
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rulesOut" :key="r.seen.sign + r.seen.state">
        <td>{{ said(r) }}</td>
        <td>{{ words.t('identify.plants', { n: r.names.length }) }}</td>
        <td class="soft">{{ named(r) }}</td>
        <td>
          <Button
            type="link"
            :aria-label="`${words.t('common.undo')}: ${said(r)}`"
            @click="
              emit('press', r.seen.sign, r.seen.state);
              r.seen.present && emit('press', r.seen.sign, r.seen.state);
            ">
            {{ words.t('common.undo') }}
          </Button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.ant-btn {
  min-height: 28px;
  font-size: 14px;
}
@media (max-width: 900px) {
  .ant-btn {
    min-height: 48px;
  }
}
</style>
