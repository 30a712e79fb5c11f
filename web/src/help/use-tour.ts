import { ref, type Ref } from 'vue';

/** Whether somebody is being shown round. */
const touring = ref(false);
export const useTour = (): { readonly touring: Ref<boolean> } => ({ touring });
