// Permits and quotas: an amount that stands share, for some days.
import type { Ceiling } from '../allowance/index.ts';
import { dayNumber, isoDay, type DayNumber, type IsoDay } from '../measure/index.ts';
import type { PartKey, ProfilePart } from '../plants/index.ts';
import type { RecordedTake, StandRecord } from './record.ts';
import { inUnit } from './takes.ts';

/** Of a permit as far as it holds for one stand. */
export interface SharedPermit {
  readonly id: string;
  /** As its holders call it; empty for whoever may not know which places it is for. */
  readonly name: string;
  /** `permit`: somebody gave it, and without one nothing may be taken. `own`: a limit that the group sets itself; it just ends. */
  readonly kind: 'permit' | 'own';
  readonly part: PartKey;
  /** In the part's unit, or weighed. */
  readonly measure: 'unit' | 'gram';
  /** In all, by everyone, at all stands that it is for; above 0. */
  readonly amount: number;
  /** First and last day. */
  readonly from: IsoDay;
  readonly until: IsoDay;
  /** Taken at its other stands, by day, in the permit's measure; `null`: so much that nobody can turn to it. */
  readonly elsewhere: readonly { readonly day: DayNumber; readonly amount: number | null }[];
  /** Set aside at its other stands for a day, by person, in the permit's measure. */
  readonly asideElsewhere: readonly { readonly day: DayNumber; readonly byId: string; readonly amount: number }[];
}

interface Asked {
  readonly part: ProfilePart;
  readonly day: DayNumber;
  readonly takesUpTo: DayNumber;
  /** Whoever takes: what they have set aside elsewhere is theirs to take here. */
  readonly who?: string | undefined;
  /** What the part's takes come to that the allowance counts already, in its unit; `null` where nobody knows. */
  readonly counted: number | null;
}

/**
 * The ceilings that permits and quotas set for a part on a day. Of one that is in force: what is left of it after the takes of everyone at all its stands,
 * and with it what the allowance counts as taken here, since that is taken off once more. Where there are permits and none is in force, nothing may be taken:
 * the next that begins is named, else the last that ended.
 */
export function permitCeilings(
  permits: readonly SharedPermit[],
  { takes }: Pick<StandRecord, 'takes'>,
  asked: Asked,
): Ceiling[] {
  const iso = isoDay(asked.day);
  const own = permits.filter((p) => p.part === asked.part.key);
  const inForce = own.filter((p) => p.from <= iso && iso <= p.until);
  const needed = own.filter((p) => p.kind === 'permit');
  const shut: Ceiling[] =
    needed.length > 0 && !inForce.some((p) => p.kind === 'permit')
      ? [{ source: 'permit', rule: { kind: 'permitShut', ...nearest(needed, iso) } }]
      : [];
  return [
    ...shut,
    ...inForce.map((permit): Ceiling => {
      const perUnit = gramsPer(permit, asked.part);
      const left = leftOf(permit, takes, asked) / perUnit;
      const atLeast0 = (amount: number): number => Math.max(0, Math.floor(1000 * amount + 1e-6) / 1000);
      return {
        source: permit.kind === 'permit' ? 'permit' : 'houseRule',
        rule: {
          kind: 'quota',
          permit: permit.id,
          amount: atLeast0(left + (asked.counted ?? 0)),
          left: atLeast0(left),
          name: permit.name,
          // Of grams nobody has to reckon back: said as it was given.
          total: permit.amount,
          measure: permit.measure,
          until: dayNumber(permit.until),
        },
      };
    }),
  ];
}

/** What is left of a permit before anything more is taken, in its measure; below 0 where it was overdrawn. */
function leftOf(permit: SharedPermit, takes: StandRecord['takes'], { part, day, takesUpTo, who }: Asked): number {
  const [from, until] = [dayNumber(permit.from), Math.min(dayNumber(permit.until), takesUpTo)];
  const within = (t: { readonly day: DayNumber }): boolean => t.day >= from && t.day <= until;
  const perUnit = gramsPer(permit, part);
  const here = takes
    .filter((t) => t.part === part.key && within(t))
    .reduce((sum, t) => sum + (inUnit(t, part) ?? Infinity) * perUnit, 0);
  const elsewhere = permit.elsewhere.filter(within).reduce((sum, t) => sum + (t.amount ?? Infinity), 0);
  const aside = permit.asideElsewhere
    .filter((h) => h.day === day && h.byId !== who)
    .reduce((sum, h) => sum + h.amount, 0);
  return Math.max(permit.amount - here - elsewhere - aside, -permit.amount);
}

/** What one unit of a part comes to in a permit's measure. A part that nobody knows the weight of has no permit by weight. */
export const gramsPer = ({ measure }: Pick<SharedPermit, 'measure'>, { unit, massG }: ProfilePart): number =>
  measure === 'unit' || unit === 'gram' ? 1 : (massG?.value ?? Infinity);

/** A take at another stand that a book does not have yet, with the permits that it draws on, by id. */
export interface DrawnTake extends Pick<RecordedTake, 'day' | 'part' | 'amount' | 'measure'> {
  readonly permits: readonly string[];
}
/** Permits with takes at other stands as well; of parts that the profile has not, nothing is drawn. */
export const withDrawn = (
  permits: readonly SharedPermit[],
  parts: readonly ProfilePart[],
  takes: readonly DrawnTake[],
): readonly SharedPermit[] =>
  permits.map((permit) => {
    const part = parts.find((p) => p.key === permit.part);
    const drawn = takes.filter((t) => t.part === permit.part && t.permits.includes(permit.id));
    if (!part || drawn.length === 0) return permit;
    const elsewhere = drawn.map((t) => {
      const amount = inUnit(t, part);
      return { day: t.day, amount: amount === null ? null : amount * gramsPer(permit, part) };
    });
    return { ...permit, elsewhere: [...permit.elsewhere, ...elsewhere] };
  });

/** The permit that begins next, else the one that ended last. */
function nearest(
  permits: readonly SharedPermit[],
  iso: IsoDay,
): { readonly name: string; readonly from: DayNumber | null; readonly until: DayNumber | null } {
  const [next] = permits.filter((p) => p.from > iso).sort((a, b) => (a.from < b.from ? -1 : 1));
  if (next) return { name: next.name, from: dayNumber(next.from), until: null };
  const [last] = [...permits].sort((a, b) => (a.until > b.until ? -1 : 1));
  return { name: last!.name, from: null, until: dayNumber(last!.until) };
}
