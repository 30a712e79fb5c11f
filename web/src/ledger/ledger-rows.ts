// The ledger as rows: of the places that are chosen, with the names that may stand on paper.
import type { LedgerLine, LedgerStand, LedgerView, SuggestionView } from '@emberfield/contract';

export interface LedgerRow {
  readonly key: string;
  readonly line: LedgerLine;
  readonly stand: LedgerStand;
  /** Taken of what was allowed; `null`: no amount was. */
  readonly share: number | null;
}
export interface Shown {
  readonly rows: readonly LedgerRow[];
  /** Open, over, and nothing was taken. */
  readonly missed: readonly LedgerRow[];
  readonly stands: readonly LedgerStand[];
  readonly suggestions: readonly { readonly suggestion: SuggestionView; readonly stand: LedgerStand }[];
  /** Suggestions that were left. */
  readonly left: number;
}

/** What a suggestion is known by, from one look to the next. */
export const keyOf = (season: number, s: SuggestionView): string =>
  `${season}:${s.kind}:${s.standId}:${'part' in s ? s.part : ''}`;

/** @param patchIds the places that are shown; none: all @param left keys of suggestions that somebody left */
export function shownOf(view: LedgerView, patchIds: readonly string[], left: readonly string[]): Shown {
  const stands = view.stands.filter((s) => patchIds.length === 0 || patchIds.includes(s.patchId));
  const byId = new Map(stands.map((s) => [s.id, s]));
  const all = view.lines.flatMap((line): readonly LedgerRow[] => {
    const stand = byId.get(line.standId);
    if (!stand) return [];
    const share = line.allowed === null || line.allowed === 0 ? null : line.amount / line.allowed;
    return [{ key: `${line.standId}:${line.part}`, line, stand, share }];
  });
  const suggested = view.suggestions.flatMap((suggestion) => {
    const stand = byId.get(suggestion.standId);
    return stand ? [{ suggestion, stand }] : [];
  });
  const open = suggested.filter(({ suggestion }) => !left.includes(keyOf(view.season, suggestion)));
  return {
    rows: all.filter((r) => r.line.takes > 0),
    missed: all.filter((r) => r.line.takes === 0 && r.line.state === 'over'),
    stands,
    suggestions: open,
    left: suggested.length - open.length,
  };
}

/** More was taken than allowed. */
export const isOver = ({ share }: LedgerRow): boolean => share !== null && share > 1 + 1e-9;
