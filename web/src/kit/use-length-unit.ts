import { computed, type ComputedRef } from 'vue';
import { useGroup } from '../session/use-group.ts';

const CM_PER_INCH = 2.54;
const inTenths = (n: number): number => Math.round(n * 10) / 10;

/** Lengths of parts as the group measures them; stored in centimetres. */
export function useLengthUnit(): {
  readonly unit: ComputedRef<'cm' | 'in'>;
  readonly shown: (cm: number | null) => number | null;
  readonly stored: (typed: number | null | undefined) => number | null;
} {
  const { group } = useGroup();
  const unit = computed(() => (group.value?.units === 'imperial' ? 'in' : 'cm'));
  const cmEach = (): number => (unit.value === 'in' ? CM_PER_INCH : 1);
  return {
    unit,
    shown: (cm) => (cm === null ? null : inTenths(cm / cmEach())),
    stored: (typed) => (typed == null ? null : inTenths(typed * cmEach())),
  };
}
