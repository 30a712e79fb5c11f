import { ROUTES, type LedgerStand, type SetRule } from '@emberfield/contract';
import { call } from '../platform/api.ts';
import { useChange } from '../session/queries.ts';
import { useGroup } from '../session/use-group.ts';

interface Rest {
  readonly standId: string;
  readonly restUntil: string | null;
  readonly restReason: string;
}

/** Does what a suggestion says; each answers with the way back. */
export function useAccept() {
  const { groupId } = useGroup();
  const params = (standId: string) => ({ groupId: groupId.value!, standId });
  const rest = useChange(async ({ standId, ...said }: Rest) => {
    // As it is now: whoever looks back may have looked for long.
    const stand = await call(ROUTES.stand, { params: params(standId), query: {} });
    const { version, where, since } = stand;
    await call(ROUTES.changeStand, { params: params(standId), body: { version, where, since, ...said } });
    return { restUntil: stand.restUntil, restReason: stand.restReason };
  });
  const rule = useChange((body: SetRule) => call(ROUTES.setRule, { params: { groupId: groupId.value! }, body }));
  const retire = useChange(({ standId, retired, why }: { standId: string; retired: boolean; why: string }) =>
    call(ROUTES.retireStand, { params: params(standId), body: { retired, why } }),
  );
  return {
    error: () => rest.error.value ?? rule.error.value ?? retire.error.value,
    busy: () => rest.isPending.value || rule.isPending.value || retire.isPending.value,
    async rest({ id }: LedgerStand, restUntil: string, restReason: string): Promise<() => Promise<void>> {
      const before = await rest.mutateAsync({ standId: id, restUntil, restReason });
      return async () => void (await rest.mutateAsync({ standId: id, ...before }));
    },
    /** Sets a rule for the stand alone. */
    async set({ id }: LedgerStand, of: SetRule['rule'], reason: string): Promise<() => Promise<void>> {
      const rules = await call(ROUTES.rules, { params: { groupId: groupId.value! } });
      const before = rules.find((r) => r.standId === id && r.rule.kind === of.kind);
      const body: SetRule = { on: true, rule: of, standId: id, reason };
      await rule.mutateAsync(body);
      // Taken back, the rule before it holds again.
      const back = before ? { ...body, rule: before.rule, reason: before.reason } : { ...body, on: false };
      return async () => void (await rule.mutateAsync(back));
    },
    async drop({ id }: LedgerStand, why: string): Promise<() => Promise<void>> {
      await retire.mutateAsync({ standId: id, retired: true, why });
      return async () => void (await retire.mutateAsync({ standId: id, retired: false, why: '' }));
    },
  };
}
