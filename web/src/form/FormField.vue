<script setup lang="ts">
import { FormItem } from 'ant-design-vue';
import { computed, nextTick, onMounted, onScopeDispose, ref, useId, watch } from 'vue';
import { useWords } from '../session/words.ts';
import { controlIn } from './fault-places.ts';
import type { FieldsForm } from './use-form.ts';

/**
 * A field with its name above and what is wrong with it below, told to those who hear the page as well. `at`: the parts of the body that
 * it fills in; `unit` stands behind the name.
 */
const props = defineProps<{
  form: FieldsForm;
  at: string | readonly string[];
  label: string;
  unit?: string;
  optional?: boolean;
  /** Its name stands beside it already. */
  bare?: boolean;
}>();
const words = useWords();
const paths = computed(() => (typeof props.at === 'string' ? [props.at] : props.at));
const fault = computed(() => props.form.faultAt(paths.value));
const root = ref<HTMLElement | null>(null);
const own = useId();
const controlId = ref<string>();
const faultId = `${own}-fault`;
const name = computed(
  () =>
    props.label +
    (props.unit ? `, ${props.unit}` : '') +
    (props.optional ? ` (${words.value.t('common.optional')})` : ''),
);
function tell(): void {
  const control = root.value && controlIn(root.value);
  if (!control) return;
  if (fault.value) {
    control.setAttribute('aria-invalid', 'true');
    control.setAttribute('aria-describedby', faultId);
  } else {
    control.removeAttribute('aria-invalid');
    control.removeAttribute('aria-describedby');
  }
}
onMounted(() => {
  const control = controlIn(root.value!);
  if (control && control.tagName !== 'BUTTON') controlId.value = control.id ||= own;
  onScopeDispose(props.form.join({ paths: () => paths.value, element: root.value! }));
  tell();
});
watch(fault, () => void nextTick(tell));
function left({ relatedTarget }: FocusEvent): void {
  if (!root.value?.contains(relatedTarget as Node | null)) props.form.leave(paths.value);
}
</script>

<template>
  <div ref="root" class="form-field" @focusout="left">
    <FormItem
      :label="bare ? undefined : name"
      :html-for="controlId"
      :colon="false"
      :validate-status="fault ? 'error' : undefined">
      <slot />
      <template v-if="fault" #help
        ><span :id="faultId" role="alert">{{ fault }}</span></template
      >
    </FormItem>
  </div>
</template>
