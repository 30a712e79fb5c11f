import type { Ref, WritableComputedRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { MOST_PAST_YEARS } from '@emberfield/contract';
import { isPhone } from '../platform/theme.ts';
import { useQueryText, useQueryValue } from '../session/use-query.ts';
import { PART_KINDS, type PartKind } from './year-lines.ts';
import { ZOOMS, type Zoom } from './year-frame.ts';

/** What of the year is shown and how: all of it stands in the address, so that it can be kept and gone back to. */
export function useYearView(): {
  readonly zoom: WritableComputedRef<Zoom>;
  readonly kind: WritableComputedRef<PartKind | null>;
  readonly use: WritableComputedRef<string | null>;
  readonly text: Ref<string>;
  readonly past: WritableComputedRef<number>;
  readonly asTable: WritableComputedRef<boolean>;
  /** Looks into the month of a day. */
  readonly openMonth: (iso: string) => void;
} {
  const route = useRoute();
  const router = useRouter();
  /** A year across is too fine for a hand: there it is looked through month by month. */
  const usual = (): Zoom => (isPhone.value ? 'month' : 'year');
  return {
    openMonth: (iso) => void router.replace({ query: { ...route.query, zoom: 'month', day: iso } }),
    zoom: useQueryValue<Zoom>(
      'zoom',
      (t) => ZOOMS.find((z) => z === t) ?? usual(),
      (z) => (z === usual() ? undefined : z),
    ),
    kind: useQueryValue<PartKind | null>(
      'part',
      (t) => (t && t in PART_KINDS ? (t as PartKind) : null),
      (k) => k ?? undefined,
    ),
    use: useQueryValue<string | null>(
      'use',
      (t) => t ?? null,
      (u) => u ?? undefined,
    ),
    text: useQueryText(),
    past: useQueryValue<number>(
      'past',
      (t) => Math.min(MOST_PAST_YEARS, Math.max(0, Math.trunc(Number(t ?? 1)) || 0)),
      (n) => (n === 1 ? undefined : String(n)),
    ),
    asTable: useQueryValue<boolean>(
      'as',
      (t) => t === 'table',
      (on) => (on ? 'table' : undefined),
    ),
  };
}
