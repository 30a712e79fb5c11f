<script setup lang="ts">
import { Button, Input } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { ROUTES } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useChange, useSought } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';

const words = useWords();
const { groupId, mayPick } = useGroup();
const sought = useSought(groupId);
const form = useDraft('sought', { id: newId(), what: '', note: '' });
const add = useChange(() =>
  call(ROUTES.seek, {
    params: { groupId: groupId.value! },
    body: { id: form.value.id, what: form.value.what.trim(), note: form.value.note },
  }),
);
const end = useChange((soughtId: string) =>
  call(ROUTES.stopSeeking, { params: { groupId: groupId.value!, soughtId } }),
);
const keep = (): Promise<void> =>
  add.mutateAsync(undefined).then(
    () => void (form.value = { id: newId(), what: '', note: '' }),
    () => undefined,
  );
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.sought') }}</h2>
    <p class="soft">{{ words.t('group.soughtLead') }}</p>
    <p v-if="!sought.data.value?.length" class="soft">{{ words.t('group.nothingSought') }}</p>
    <table v-else class="plain">
      <tbody>
        <tr v-for="s in sought.data.value" :key="s.id">
          <td>
            <b>{{ s.what }}</b><br /><span class="soft small">{{ s.note }}</span>
          </td>
          <td class="soft small">{{ words.t('group.since', { day: words.format.day(s.since), by: s.by }) }}</td>
          <td>
            <Button v-if="mayPick" type="link" @click="end.mutate(s.id)">
              {{ words.t('group.found') }}
            </Button>
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="mayPick" class="add" @submit.prevent="keep">
      <Input
        v-model:value="form.what"
        :maxlength="120"
        required
        :placeholder="words.t('group.what')"
        :aria-label="words.t('group.what')" /><Input
        v-model:value="form.note"
        :maxlength="600"
        :placeholder="words.t('group.note')"
        :aria-label="words.t('group.note')" /><Button
        html-type="submit"
        :disabled="!form.what.trim() || add.isPending.value">
        {{ words.t('group.seek') }}
      </Button>
    </form>
    <p v-if="add.error.value" class="warn" role="alert">{{ add.error.value.message }}</p>
  </section>
</template>

<style scoped>
.add {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  margin-top: 8px;
}
input {
  flex: 1;
  min-width: 150px;
}
</style>
