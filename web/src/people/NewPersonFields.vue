<script setup lang="ts">
import { Input } from 'ant-design-vue';
import FormField from '../form/FormField.vue';
import type { FieldsForm } from '../form/use-form.ts';
import { useWords } from '../session/words.ts';

/** Who comes in for the first time. `within`: where in the body the person is, for the faults. */
const props = defineProps<{ form: FieldsForm; within?: string }>();
const name = defineModel<string>('name', { required: true });
const signInName = defineModel<string>('signInName', { required: true });
const password = defineModel<string>('password', { required: true });
const words = useWords();
const at = (field: string): string => (props.within ? `${props.within}.${field}` : field);
</script>

<template>
  <FormField :form="form" :at="at('name')" :label="words.t('founding.yourName')">
    <Input v-model:value="name" autocomplete="name" :maxlength="60" />
  </FormField>
  <FormField :form="form" :at="at('signInName')" :label="words.t('founding.signInName')">
    <Input v-model:value="signInName" autocomplete="username" />
  </FormField>
  <FormField :form="form" :at="at('password')" :label="words.t('founding.password')">
    <Input v-model:value="password" type="password" autocomplete="new-password" />
  </FormField>
</template>
