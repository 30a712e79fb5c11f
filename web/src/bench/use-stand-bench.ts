import { computed, ref, type Ref } from 'vue';
import { dayNumber } from '@emberfield/core/measure';
import { likeliestRates, seedBankYears, shareThatHolds, USUAL_LASTING } from '@emberfield/core/population';
import { isInvader, methodOr, type MethodKey } from '@emberfield/core/plants';
import { livesOf, WAY_GUIDES } from '@emberfield/core/replanting';
import {
  futureOn,
  grownShare,
  minutesAPlant,
  planOn,
  takenOfLate,
  takingPlan,
  unpackBook,
} from '@emberfield/core/stand';
import type { StandKit } from '@emberfield/contract';
import { prospectIf, USUALLY_ASSUMED, type Assumed } from './assumed.ts';
import { FIRST_OWN, ownOf, partsOf, plansOf, type OwnPlan, type PlanKey } from './plans.ts';
import type { Holding } from './say-prospect.ts';
import { useBench } from './use-bench.ts';

/** A stand on the bench: what is known of it on a day, what is chosen, and what came of the plans. */
export function useStandBench(kit: Ref<StandKit | undefined>, day: Ref<string>) {
  const years = ref<number | null>(USUAL_LASTING.years);
  const floorShare = ref<number | null>(USUAL_LASTING.floorShare);
  const assumed = ref<Assumed>(USUALLY_ASSUMED);
  const own = ref<readonly OwnPlan[]>([FIRST_OWN]);
  const picked = ref<string | null>(null);
  /** The way of taking by which the share is sought that lasts. */
  const pickedMethod = ref<MethodKey | null>(null);
  const book = computed(() => (kit.value ? unpackBook(kit.value.book) : null));
  const future = computed(() => book.value && futureOn(book.value, dayNumber(day.value)));
  const known = computed(() => (future.value && 'prospect' in future.value ? future.value : null));
  const none = computed(() => (future.value && 'none' in future.value ? future.value.none : null));
  const parts = computed(() => (book.value ? partsOf(book.value.profile) : []));
  const part = computed(() => parts.value.find((p) => p.key === picked.value) ?? parts.value[0] ?? null);
  /** A way that the part chosen has. */
  const wayOf = (method: MethodKey | null): MethodKey => methodOr(part.value ?? {}, method);
  const method = computed(() => wayOf(pickedMethod.value));
  const lately = computed(() =>
    book.value && known.value && part.value
      ? takenOfLate(book.value, known.value, { part: part.value, day: dayNumber(day.value) })
      : null,
  );
  const lasting = computed(() => ({
    floorShare: floorShare.value ?? USUAL_LASTING.floorShare,
    years: years.value ?? USUAL_LASTING.years,
    confidence: USUAL_LASTING.confidence,
  }));
  const wanted = computed(() => {
    if (!book.value || !known.value || !part.value) return null;
    const { life, prospect } = known.value;
    const { profile } = book.value;
    const of = part.value;
    const taking = (by: MethodKey) => takingPlan(life, profile, of, wayOf(by));
    return {
      prospect: prospectIf(prospect, assumed.value),
      lasting: lasting.value,
      plans: plansOf(taking, {
        lately: lately.value && { ...taking('usual'), ...lately.value },
        own: own.value,
      }),
      seek: taking(method.value),
    };
  });
  /** Of an invader: how much of it has to be taken so that it grows no more; `null` of all else. */
  const holding = computed((): Holding | null => {
    if (!book.value || !known.value || !part.value || !isInvader(book.value.profile)) return null;
    const { life, prospect } = known.value;
    const draws = livesOf(prospect.calibration, prospect.seed).map((l) => l.rates);
    return {
      share: shareThatHolds(draws, takingPlan(life, book.value.profile, part.value, method.value)),
      seedYears: seedBankYears(likeliestRates(prospect.calibration)),
    };
  });
  /** The plan that is the rule for the part, and why. */
  const inForce = computed(() =>
    part.value ? planOn(book.value?.rules ?? [], part.value.key, dayNumber(day.value)) : undefined,
  );
  const bench = useBench(wanted);
  const eachTakes = computed(() =>
    book.value && part.value ? minutesAPlant(book.value.record.takes, part.value) : null,
  );
  /** Work for each plant that a plan takes from, with what it sets back, minutes; `null`: nobody has said how long a take took. */
  const minutesEach = (key: PlanKey): number | null =>
    eachTakes.value === null
      ? null
      : eachTakes.value + (ownOf(own.value, key)?.setBack ?? 0) * WAY_GUIDES.crown.minutes;
  /** What a plan takes of the counted plants; `null`: nothing to choose, what was taken of late was chosen by nobody. */
  function chosenShare(key: PlanKey): number | null {
    if (!known.value || !part.value || key === 'lately') return null;
    const ofGrown =
      key === 'alone' ? 0 : ((key === 'lasting' ? bench.found.value?.share : ownOf(own.value, key)?.share) ?? null);
    return ofGrown === null ? null : ofGrown * grownShare(known.value, part.value);
  }
  return {
    years,
    floorShare,
    assumed,
    own,
    picked,
    pickedMethod,
    method,
    wayOf,
    book,
    known,
    none,
    parts,
    part,
    lately,
    lasting,
    holding,
    inForce,
    chosenShare,
    minutesEach,
    ...bench,
  };
}
