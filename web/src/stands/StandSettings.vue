<script setup lang="ts">
import { Typography } from 'ant-design-vue';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import type { StandView } from '@emberfield/contract';
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
  <Typography.Paragraph :copyable="{ text: address }">{{ words.t('stand.link') }}</Typography.Paragraph>
  <section v-if="isKeeper" class="section">
    <h2>{{ words.t('stand.rules') }}</h2>
    <RestForm :stand="stand" />
  </section>
  <StandEnd :stand="stand" />
</template>
