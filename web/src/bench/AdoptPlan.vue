<script setup lang="ts">
import { Button, Form, Textarea } from 'ant-design-vue';
import { ref } from 'vue';
import { ROUTES, setRuleSchema, type PartKey, type SetRule } from '@emberfield/contract';
import type { MethodKey } from '@emberfield/core/plants';
import type { DatedRule } from '@emberfield/core/stand';
import FormFailure from '../form/FormFailure.vue';
import FormField from '../form/FormField.vue';
import { useForm } from '../form/use-form.ts';
import { call } from '../platform/api.ts';
import { useUndo } from '../platform/use-undo.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';
import { useWords } from '../session/words.ts';

/** Makes a plan the rule of the stand for a part, with the reason that stands beside it from then on. */
const props = defineProps<{
  standId: string;
  part: PartKey;
  /** The way of taking that it was played with. */
  method: MethodKey;
  /** Of the counted plants. */
  share: number;
  everyYears: number;
  /** The plan that is in force for the part now. */
  before: Pick<DatedRule, 'rule' | 'reason'> | undefined;
}>();
const words = useWords();
const undo = useUndo();
const { groupId } = useGroup();
const open = ref(false);
const reason = ref('');
/** Never more than was played: to the thousandth below. */
const body = (): SetRule => ({
  on: true,
  rule: {
    kind: 'plan',
    part: props.part,
    share: Math.floor(1000 * props.share) / 1000,
    everyYears: props.everyYears,
    ...(props.method === 'usual' ? {} : { method: props.method }),
  },
  standId: props.standId,
  plantKey: null,
  reason: reason.value.trim(),
});
const form = useForm({ schema: setRuleSchema, body });
const set = useChange((rule: SetRule) => call(ROUTES.setRule, { params: { groupId: groupId.value! }, body: rule }));
async function keep(): Promise<void> {
  const { before } = props;
  const done = await form.send(async (rule) => {
    await set.mutateAsync(rule);
    return rule;
  });
  if (!done) return;
  open.value = false;
  reason.value = '';
  // Taken back, the plan before it holds again.
  const back = before ? { ...done, rule: before.rule, reason: before.reason ?? '' } : { ...done, on: false };
  undo.say(words.value.t('bench.adopted'), async () => void (await set.mutateAsync(back)));
}
</script>

<template>
  <Button v-if="!open" class="no-print" @click="open = true">{{ words.t('bench.adopt') }}</Button>
  <Form v-else layout="vertical" class="no-print" @submit="keep">
    <FormField :form="form" at="reason" :label="words.t('bench.because')" optional>
      <Textarea v-model:value="reason" :auto-size="{ minRows: 1, maxRows: 4 }" :maxlength="200" />
    </FormField>
    <FormFailure :said="form.failure.value" />
    <Button html-type="submit" type="primary" :loading="form.busy.value">{{ words.t('bench.adopt') }}</Button>
    <Button type="text" @click="open = false">{{ words.t('common.cancel') }}</Button>
  </Form>
</template>
