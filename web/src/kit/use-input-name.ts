import { onMounted, watch, type ComponentPublicInstance, type Ref } from 'vue';

/** Names the input within a control of the library for those who hear the page: the library keeps `aria-label` to itself. */
export function useInputName(field: Ref<ComponentPublicInstance | null>, label: () => string | undefined): void {
  const name = (): void => {
    const input = (field.value?.$el as HTMLElement | undefined)?.querySelector('input');
    const said = label();
    if (said !== undefined) input?.setAttribute('aria-label', said);
  };
  onMounted(name);
  watch(label, name);
}
