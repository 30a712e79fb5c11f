<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { StandView } from '@emberfield/contract';
import CopyField from '../kit/CopyField.vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';
import RestForm from './RestForm.vue';
import StandEnd from './StandEnd.vue';

/** A stand's address, its rest, age and end. */
const props = defineProps<{ stand: StandView }>();
const words = useWords();
const { isKeeper } = useGroup();
const router = useRouter();
const address = computed(
  () => new URL(router.resolve({ name: 'stand', params: { standId: props.stand.id } }).href, location.origin).href,
);
</script>

<template>
  <section class="section">
    <p>{{ words.t('stand.link') }}</p>
    <CopyField :text="address" :label="words.t('stand.link')" />
  </section>
  <section v-if="isKeeper" class="section">
    <h2>{{ words.t('stand.rules') }}</h2>
    <RestForm :stand="stand" />
  </section>
  <StandEnd :stand="stand" />
</template>
