import { computed, ref, watch } from 'vue';
import { useHearth } from '../hearth/queries.ts';
import { setPlanned } from '../session/planned.ts';
import { useEfforts, useSeasonWants } from '../session/queries.ts';
import { useDay } from '../session/use-day.ts';
import { useDraft } from '../session/use-draft.ts';
import { useGroup } from '../session/use-group.ts';
import { plannedHere } from './planned-here.ts';
import { layOut } from './season-task.ts';
import { useSeasonPlan } from './use-season-plan.ts';

const MINUTES = 60;

/** What is wanted, and the plan of it for the day that is looked at; it is made anew whenever something moves. */
export function useSeason({ asksWhy = true }: { readonly asksWhy?: boolean } = {}) {
  const { groupId } = useGroup();
  const { asked } = useDay();
  const wants = useSeasonWants(groupId);
  const hearth = useHearth(groupId, asked, ref(false));
  const efforts = useEfforts(groupId);
  /** Hours a week for taking; `null`: as many as it takes. What is no number yet is none. */
  const hours = useDraft<number | null>('season-hours', null);
  const laid = computed(() => {
    if (!wants.data.value || wants.data.value.length === 0 || !hearth.data.value || !efforts.data.value) return null;
    const given = hours.value !== null && hours.value > 0 ? hours.value * MINUTES : null;
    return layOut(hearth.data.value, wants.data.value, efforts.data.value, given);
  });
  const made = useSeasonPlan(laid, asksWhy);
  watch(made.planned, (planned) => setPlanned(plannedHere(planned)));
  return { wants, hearth, hours, ...made };
}
