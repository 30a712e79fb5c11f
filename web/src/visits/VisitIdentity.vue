<script setup lang="ts">
import { RadioButton, RadioGroup } from 'ant-design-vue';
import GoButton from '../kit/GoButton.vue';
import type { LookAlikeView, StandView } from '@emberfield/contract';
import CatalogueText from '../kit/CatalogueText.vue';
import { useWords } from '../session/words.ts';
import type { VisitDraft } from '../entries/visit-draft.ts';

/** Look-alikes looked for, each found or not; what the plant is by its signs is settled on a screen of its own. */
defineProps<{ stand: StandView }>();
const visit = defineModel<VisitDraft>({ required: true });
const words = useWords();
const nameOf = (l: LookAlikeView): string => words.value.text(l.name);
const saidOf = (l: LookAlikeView): string => visit.value.looked[nameOf(l)] ?? 'notLooked';
function say(l: LookAlikeView, said: string): void {
  const { [nameOf(l)]: _, ...others } = visit.value.looked;
  visit.value.looked = said === 'found' || said === 'notFound' ? { ...others, [nameOf(l)]: said } : others;
}
</script>

<template>
  <section v-if="stand.lookAlikes.length">
    <h2>{{ words.t('visit.search') }}</h2>
    <div
      v-for="l in stand.lookAlikes"
      :key="nameOf(l)"
      class="look"
      role="radiogroup"
      :aria-label="words.t('visit.searchOf', { name: nameOf(l) })">
      <h3>{{ nameOf(l) }}</h3>
      <p class="soft"><CatalogueText :text="l.separatedBy" /></p>
      <RadioGroup :value="saidOf(l)" :name="`look-${nameOf(l)}`" @update:value="say(l, String($event))">
        <RadioButton value="notLooked">{{ words.t('visit.notLooked') }}</RadioButton>
        <RadioButton value="notFound">{{ words.t('visit.notFound') }}</RadioButton>
        <RadioButton value="found">{{ words.t('visit.found') }}</RadioButton>
      </RadioGroup>
      <p v-if="!l.showsNow && saidOf(l) === 'notFound'" class="warn">{{ words.t('lookAlike.notNow') }}</p>
    </div>
  </section>
  <section>
    <h2>{{ words.t('visit.identity') }}</h2>
    <GoButton :to="{ name: 'identifyStand', params: { standId: stand.id } }">{{ words.t('identify.open') }}</GoButton>
  </section>
</template>

<style scoped>
.look + .look {
  border-top: 1px solid var(--hair);
  margin-top: 10px;
  padding-top: 10px;
}
.look :deep(.ant-radio-group) {
  display: grid;
  grid-template-columns: 1.2fr 1fr 1fr;
}
.look :deep(.ant-radio-button-wrapper) {
  height: 48px;
  padding-inline: 6px;
  line-height: 46px;
  text-align: center;
  font-size: 16px;
}
</style>
