<script setup lang="ts">
import { Input } from 'ant-design-vue';

import { useWords } from '../session/words.ts';
import FormField from './FormField.vue';
import type { FieldsForm } from './use-form.ts';

/** Where something stands, in degrees. Left blank it stands where `near` is, which is shown in the fields. */
defineProps<{ form: FieldsForm; near: { readonly latitudeDeg: number; readonly longitudeDeg: number } | null }>();
const latitude = defineModel<string>('latitude', { required: true });
const longitude = defineModel<string>('longitude', { required: true });
const words = useWords();
const shown = (deg: number | undefined): string => (deg === undefined ? '' : String(Math.round(deg * 1e3) / 1e3));
</script>

<template>
  <FormField :form="form" at="latitudeDeg" :label="words.t('patch.latitude')">
    <Input v-model:value="latitude" inputmode="decimal" :placeholder="shown(near?.latitudeDeg)" />
  </FormField>
  <FormField :form="form" at="longitudeDeg" :label="words.t('patch.longitude')">
    <Input v-model:value="longitude" inputmode="decimal" :placeholder="shown(near?.longitudeDeg)" />
  </FormField>
</template>
