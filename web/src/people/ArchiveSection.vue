<script setup lang="ts">
import { Button } from 'ant-design-vue';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** All that the group has entered, to be kept elsewhere. A browser saves it: it may be large. */
const words = useWords();
const { groupId } = useGroup();
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.archive') }}</h2>
    <p class="soft">{{ words.t('group.archiveLead') }}</p>
    <p class="soft">{{ words.t('group.archiveBack') }}</p>
    <p>
      <Button :href="`/api/groups/${groupId}/archive`" download>{{ words.t('group.archiveSave') }}</Button>
    </p>
  </section>
</template>
