<script setup lang="ts">
import { Button, Form, Input } from 'ant-design-vue';
import { v7 as newId } from 'uuid';
import { ROUTES, type NewSought, newSoughtSchema } from '@emberfield/contract';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import DataTable from '../kit/DataTable.vue';
import { call } from '../platform/api.ts';
import { useWords } from '../session/words.ts';
import { useChange, useSought } from '../session/queries.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';

const words = useWords();
const { groupId, mayPick } = useGroup();
const sought = useSought(groupId);
const values = useDraft('sought', { id: newId(), what: '', note: '' });
const form = useForm({ schema: newSoughtSchema, body: () => ({ ...values.value, what: values.value.what.trim() }) });
const add = useChange((body: NewSought) => call(ROUTES.seek, { params: { groupId: groupId.value! }, body }));
const end = useChange((soughtId: string) =>
  call(ROUTES.stopSeeking, { params: { groupId: groupId.value!, soughtId } }),
);
async function keep(): Promise<void> {
  if ((await form.send(add.mutateAsync)) !== undefined) values.value = { id: newId(), what: '', note: '' };
}
</script>

<template>
  <section class="section">
    <h2>{{ words.t('group.sought') }}</h2>
    <p class="soft">{{ words.t('group.soughtLead') }}</p>
    <p v-if="!sought.data.value?.length" class="soft">{{ words.t('group.nothingSought') }}</p>
    <DataTable
      v-else
      bare
      :columns="[
        { key: 'what', title: words.t('group.what') },
        { key: 'since', title: '', text: (s) => words.t('group.since', { day: words.format.day(s.since), by: s.by }) },
        { key: 'act', title: '' },
      ]"
      :rows="sought.data.value"
      :row-key="(s) => s.id"
      :label="words.t('group.sought')">
      <template #what="{ row }">
        <b>{{ row.what }}</b><br /><span class="soft small">{{ row.note }}</span>
      </template>
      <template #act="{ row }">
        <Button v-if="mayPick" type="link" @click="end.mutate(row.id)">{{ words.t('group.found') }}</Button>
      </template>
    </DataTable>
    <Form v-if="mayPick" layout="vertical" class="add" @submit="keep">
      <FormField :form="form" at="what" :label="words.t('group.what')">
        <Input v-model:value="values.what" :maxlength="120" />
      </FormField>
      <FormField :form="form" at="note" :label="words.t('group.note')" optional>
        <Input v-model:value="values.note" :maxlength="600" />
      </FormField>
      <Button html-type="submit" :loading="form.busy.value">{{ words.t('group.seek') }}</Button>
    </Form>
    <FormFailure :said="form.failure.value || end.error.value?.message" />
  </section>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 0 12px;
  margin-top: 8px;
}
.add > .ant-btn {
  grid-column: 1 / -1;
  justify-self: start;
}
</style>
