// How a plant lives from year to year, in stages: what a population model is made of.
import type { Figure } from '../measure/index.ts';

/** In the order of a life. Counted in a stand are those above ground past the seedling. */
export type LifeStage = 'seed' | 'seedling' | 'juvenile' | 'mature' | 'flowering' | 'old';
const UNCOUNTED: ReadonlySet<LifeStage> = new Set(['seed', 'seedling']);
/** Whether somebody who counts a stand counts it. */
export const isCounted = (stage: LifeStage): boolean => !UNCOUNTED.has(stage);

/** From seed, or as a shoot, bulb or runner of the plant itself. */
export type BirthKind = 'seed' | 'offset';

/** Of those that live through the year this share is in another stage at its end; the rest stays. */
interface Move {
  readonly from: LifeStage;
  readonly to: LifeStage;
  /** 0–1. */
  readonly share: Figure;
}
/** New ones a year of one plant, as are there at the end of it. */
interface Birth {
  readonly from: LifeStage;
  readonly to: LifeStage;
  readonly kind: BirthKind;
  /** From 0 up. */
  readonly number: Figure;
}
/** How much years differ. */
export interface YearSpread {
  /** Standard deviation of survival between years, on the logit scale. */
  readonly survival: number;
  /** Of births, on the log scale. */
  readonly births: number;
  /** Between the two, −1 to 1. */
  readonly correlation: number;
}

export interface LifeHistory {
  /** Growth of stands of it that have stood in one place for years, in natural logarithms; left out: only the rates say. */
  readonly persists?: { readonly meanLog: number; readonly sdLog: number };
  readonly stages: readonly LifeStage[];
  /** Chance to live through a year, 0–1, by stage. */
  readonly survival: Readonly<Partial<Record<LifeStage, Figure>>>;
  readonly moves: readonly Move[];
  readonly births: readonly Birth[];
  readonly years: YearSpread;
}

/** The rates of a life history as plain numbers, one draw of what is known of them. */
export interface Rates {
  readonly stages: readonly LifeStage[];
  /** By place of the stage, 0–1. */
  readonly survival: readonly number[];
  readonly moves: readonly { readonly from: number; readonly to: number; readonly share: number }[];
  readonly births: readonly {
    readonly from: number;
    readonly to: number;
    readonly kind: BirthKind;
    readonly number: number;
  }[];
}

/**
 * The likeliest rates of a life history.
 * @throws RangeError for a stage that it does not have, a rate out of its range, or moves from a stage that sum above 1.
 */
export const ratesOf = (history: LifeHistory): Rates => ratesWith(history, (f) => f.value);

/** Its rates where every figure is read by `read`: as likely, at its low end, or drawn. @throws as `ratesOf` */
export function ratesWith(history: LifeHistory, read: (figure: Figure) => number): Rates {
  const { stages } = history;
  const at = (stage: LifeStage): number => {
    const i = stages.indexOf(stage);
    if (i < 0) throw new RangeError(`the life history has no stage "${stage}"`);
    return i;
  };
  const share = (figure: Figure): number => within(read(figure), 1);
  const rates: Rates = {
    stages,
    survival: stages.map((s) => {
      const figure = history.survival[s];
      if (!figure) throw new RangeError(`nothing is said of how "${s}" lives on`);
      return share(figure);
    }),
    moves: history.moves.map((m) => ({ from: at(m.from), to: at(m.to), share: share(m.share) })),
    births: history.births.map((b) => ({
      from: at(b.from),
      to: at(b.to),
      kind: b.kind,
      number: within(read(b.number), Infinity),
    })),
  };
  for (const [i, s] of stages.entries())
    if (leaving(rates, i) > 1 + 1e-9) throw new RangeError(`more than all of "${s}" move on`);
  return rates;
}

/** Share of the survivors of a stage that are in another at the end of the year. */
const leaving = ({ moves }: Rates, stage: number): number =>
  moves.reduce((sum, m) => sum + (m.from === stage ? m.share : 0), 0);

function within(value: number, most: number): number {
  if (!(value >= 0 && value <= most)) throw new RangeError(`${value} is no rate from 0 to ${most}`);
  return value;
}

/** A place of the projection matrix that is not always 0, and what it is made of. */
export interface MatrixEntry {
  readonly to: number;
  readonly from: number;
  /** Part of it that is survivors, as a share of them. */
  readonly share: number;
  /** Births of it, by place in the rates. */
  readonly births: readonly number[];
}

/** The places of the projection matrix of some rates, column by column. */
export function entriesOf(rates: Rates): readonly MatrixEntry[] {
  return rates.stages.flatMap((_, from) =>
    rates.stages.flatMap((_s, to): MatrixEntry[] => {
      const moved = rates.moves.reduce((sum, m) => sum + (m.from === from && m.to === to ? m.share : 0), 0);
      const share = from === to ? moved + Math.max(0, 1 - leaving(rates, from)) : moved;
      const births = rates.births.flatMap((b, i) => (b.from === from && b.to === to ? [i] : []));
      return share > 0 || births.length > 0 ? [{ to, from, share, births }] : [];
    }),
  );
}

/**
 * Projection matrix (Lefkovitch 1965): entry [to][from] is how many of stage `to` there are next year for each of stage `from` this year; survivors
 * that move or stay, and births.
 * Source: Caswell, H. (2001), Matrix Population Models, 2nd ed., chapter 4.
 */
export function projectionMatrix(rates: Rates): readonly (readonly number[])[] {
  const matrix = rates.stages.map(() => rates.stages.map(() => 0));
  for (const { to, from, share, births } of entriesOf(rates))
    matrix[to]![from] = rates.survival[from]! * share + births.reduce((sum, b) => sum + rates.births[b]!.number, 0);
  return matrix;
}
