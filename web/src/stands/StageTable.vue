<script setup lang="ts">
import type { StandView } from '@emberfield/contract';
import { useWords } from '../session/words.ts';

defineProps<{ stand: StandView; day: string }>();
const words = useWords();
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th>{{ words.t('stand.stage') }}</th>
        <th>{{ words.t('stand.early') }}</th>
        <th>{{ words.t('stand.likely') }}</th>
        <th>{{ words.t('stand.late') }}</th>
        <th>{{ words.t('stand.seen') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(s, i) in stand.profile.stages" :key="s.key">
        <td>{{ words.text(s.name) }}</td>
        <template v-if="stand.ladder.season.stages[i]"
          ><td v-for="q in ['p10', 'p50', 'p90'] as const" :key="q">
            {{
              stand.ladder.season.stages[i]!.reached[q]
                ? words.format.day(stand.ladder.season.stages[i]!.reached[q]!, day)
                : words.t('common.none')
            }}
          </td>
          <td>
            {{
              stand.ladder.season.stages[i]!.seenBy ? words.format.day(stand.ladder.season.stages[i]!.seenBy!, day) : ''
            }}
          </td></template
        >
      </tr>
    </tbody>
  </table>
</template>
