import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import type { PatchDetail, PatchFacts } from '@emberfield/contract';
import { differs, merge } from './merge.ts';

/** A place as it is edited: the facts as typed, and the version that they were begun on. */
interface PlaceDraft {
  readonly version: number;
  readonly base: PatchFacts;
  readonly facts: PatchFacts;
}

/** Of a place's answer the facts that are edited. */
function factsOf(place: PatchDetail): PatchFacts {
  const { name, geometry, heightM, substrate, canopy, aspect, slopeDeg, moisture, owner } = place;
  const { leave, leaveUntil, leaveDays, openHours, tideLevelM, access, hazards, neighbours, tended, secret, seenBy } =
    place;
  return {
    ...{ name, geometry, heightM, substrate, canopy, aspect, slopeDeg, moisture, owner },
    ...{ leave, leaveUntil, access, hazards, neighbours, secret },
    ...(leaveDays === undefined ? {} : { leaveDays }),
    ...(openHours === undefined ? {} : { openHours }),
    ...(tideLevelM === undefined ? {} : { tideLevelM }),
    ...(tended === undefined ? {} : { tended }),
    ...(seenBy === undefined ? {} : { seenBy }),
  };
}

/**
 * The form of a place. What is typed is kept on the device until it is saved; when somebody else saves meanwhile, what only they
 * changed is taken over and the rest stays open to be settled.
 */
export function usePlaceForm(
  place: ComputedRef<PatchDetail | undefined>,
  accountId: ComputedRef<string | null>,
): {
  readonly facts: Ref<PatchFacts | null>;
  readonly version: ComputedRef<number>;
  /** As it was when the form was begun. */
  readonly base: ComputedRef<PatchFacts | null>;
  readonly dirty: ComputedRef<boolean>;
  /** What somebody else saved meanwhile, and which fields both changed; `null` while nobody did. */
  readonly theirs: Ref<{ readonly facts: PatchFacts; readonly open: readonly (keyof PatchFacts)[] } | null>;
  readonly settle: (picked: Readonly<Record<string, 'mine' | 'theirs'>>) => void;
  /** Lets what was typed go: it was saved, or is not wanted. */
  readonly clear: () => void;
} {
  const facts = ref<PatchFacts | null>(null);
  const began = ref<Omit<PlaceDraft, 'facts'> | null>(null);
  const theirs = ref<{ readonly facts: PatchFacts; readonly open: readonly (keyof PatchFacts)[] } | null>(null);
  const dirty = computed(() => facts.value !== null && began.value !== null && differs(facts.value, began.value.base));
  const name = (): string => `emberfield-place:${accountId.value ?? ''}:${place.value?.id ?? ''}`;

  function begin(now: PatchDetail): void {
    facts.value = factsOf(now);
    began.value = { version: now.version, base: factsOf(now) };
    theirs.value = null;
  }
  function meet(now: PatchDetail, draft: PlaceDraft): void {
    const other = factsOf(now);
    const { merged, open } = merge(draft.base, draft.facts, other);
    facts.value = merged;
    began.value = { version: now.version, base: other };
    theirs.value = { facts: other, open };
  }
  watch(
    () => [place.value?.id, place.value?.version, accountId.value] as const,
    ([id], before) => {
      const now = place.value;
      if (!now || accountId.value === null) return;
      if (before?.[0] !== id || !facts.value || !began.value) {
        const draft = keptDraft(name());
        if (!draft) begin(now);
        else if (draft.version === now.version) {
          facts.value = draft.facts;
          began.value = draft;
        } else meet(now, draft);
      } else if (began.value.version !== now.version) {
        if (dirty.value) meet(now, { ...began.value, facts: facts.value });
        else begin(now);
      }
    },
    { immediate: true },
  );
  watch(
    facts,
    () => {
      if (!facts.value || !began.value || !place.value) return;
      if (dirty.value) localStorage.setItem(name(), JSON.stringify({ ...began.value, facts: facts.value }));
      else localStorage.removeItem(name());
    },
    { deep: true },
  );
  return {
    facts,
    version: computed(() => began.value?.version ?? 0),
    base: computed(() => began.value?.base ?? null),
    dirty,
    theirs,
    settle: (picked) => {
      if (!theirs.value || !facts.value) return;
      const next: Record<string, unknown> = { ...facts.value };
      for (const key of theirs.value.open) if (picked[key] === 'theirs') next[key] = theirs.value.facts[key];
      facts.value = next as unknown as PatchFacts;
      theirs.value = null;
    },
    clear: () => {
      localStorage.removeItem(name());
      if (place.value) begin(place.value);
    },
  };
}

function keptDraft(name: string): PlaceDraft | null {
  try {
    return JSON.parse(localStorage.getItem(name) ?? 'null') as PlaceDraft | null;
  } catch {
    // Not ours, or cut off: there is no draft then.
    return null;
  }
}
