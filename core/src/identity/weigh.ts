import { chanceOf, neverShows, type Looked } from './reading.ts';
import { statesOf, type IdentityTaxon, type SeenSign, type Severity, type SignSpec } from './sign.ts';

/** Evidence of one organ for one taxon and against another. */
interface OrganEvidence {
  readonly organ: string;
  /** The strongest that speaks against the other, as how many times likelier it is for the first: 1 to 100. */
  readonly against: number;
  /** The strongest that speaks for the other, 0–1. */
  readonly inFavour: number;
  /** It is one of the two organs that ruling out takes. */
  readonly speaks: boolean;
  /** What speaks loudest of it the other never shows. */
  readonly never: boolean;
}
export interface Weighing {
  /** How many times likelier everything that was seen is for the first than for the other, organ by organ. */
  readonly factor: number;
  readonly organs: readonly OrganEvidence[];
  /** What was looked for and not found says so much, together. */
  readonly notFound: number;
  readonly excluded: boolean;
}

/** No organ says more than this, however well the tables know it. */
const MOST_AN_ORGAN_SAYS = 100;
/** "Not so" may be an oversight: all of it that speaks against a taxon says no more than this, and each that speaks for it. */
const MOST_NOT_FOUND_SAYS = 2;
/** So much an organ must say by itself to be one of the two. */
const AN_ORGAN_SPEAKS = 2.5;
const ORGANS_NEEDED = 2;
/** So many times likelier must the first be before the other is ruled out, by what the other does. Estimates; the proof measures them. */
const OUTWEIGHS: Readonly<Record<Severity, number>> = {
  deadly: 50,
  poisonous: 10,
  harmful: 10,
  nuisance: 10,
  none: 10,
};
/**
 * So much less likely does something stand where it is not known to grow: it is not left out, but less rules it out, and one organ is
 * enough. An estimate.
 */
export const ELSEWHERE = 1 / 20;
type Other = Pick<IdentityTaxon, 'severity' | 'elsewhere'>;

/** How many times likelier the first must be before the other is ruled out. */
export const outweighs = ({ severity, elsewhere }: Other): number =>
  elsewhere ? Math.max(AN_ORGAN_SPEAKS, OUTWEIGHS[severity] * ELSEWHERE) : OUTWEIGHS[severity];
/** So many organs must speak against it. */
export const organsNeeded = ({ elsewhere }: Other): number => (elsewhere ? 1 : ORGANS_NEEDED);

const NOTHING: Weighing = { factor: 1, organs: [], notFound: 1, excluded: false };

/**
 * Weighs what was seen between two taxa: the likelihood ratio with misreadings inside. Signs of one organ go together and count once: the
 * strongest against the other, times the strongest for it. Smell and place never speak against anything, only for it. Ruled out is the
 * other where that outweighs it and two organs speak, or one that decides by itself: a print over night, a fungus that is no plant, or what the
 * other never shows (which of what kills has to be looked at twice: once it may be misread).
 *
 * More that speaks for the other never rules it out.
 * @param first what the other is held against
 * @param signs vocabulary by key; what is not in it counts for nothing
 * Source: weight of evidence after Good, I. J. (1950), Probability and the Weighing of Evidence; caps and organs are this tool's own.
 */
export function weigh(
  [first, other]: readonly [IdentityTaxon, IdentityTaxon],
  signs: ReadonlyMap<string, SignSpec>,
  seen: readonly SeenSign[],
  looked: Looked,
): Weighing {
  let against = 1;
  let inFavour = 1;
  let weighing = NOTHING;
  for (const one of seen) {
    const sign = signs.get(one.sign);
    if (!sign?.states.includes(one.state)) continue;
    const mine = chanceOf(first, sign, one, looked);
    const theirs = chanceOfOther([first, other], sign, one, looked);
    if (mine === null || theirs === null) continue;
    const ratio = mine / theirs;
    if (one.present)
      weighing = withRatio(weighing, { sign, ratio, other, never: isExcluding([first, other], sign, one.state) });
    else if (ratio < 1) inFavour *= Math.max(1 / MOST_NOT_FOUND_SAYS, ratio);
    else if (!isNoWitness(sign)) against *= ratio;
  }
  return judged(weighing.organs, Math.min(MOST_NOT_FOUND_SAYS, against) * inFavour, other);
}

/** The other may stand in another phase than one thinks: the most that it shows in any is held against it. */
export const chanceOfOther = (
  [first, other]: readonly [IdentityTaxon, IdentityTaxon],
  sign: SignSpec,
  one: SeenSign,
  looked: Looked,
): number | null =>
  chanceOf(other, sign, one, { ...looked, phase: null }, one.present && isDecisive(first, other, sign.key));

/** The first names the sign as one that the other cannot have. */
export const isDecisive = ({ decides }: IdentityTaxon, { key }: IdentityTaxon, sign: string): boolean =>
  decides?.[key]?.includes(sign) ?? false;

/** The other never shows it: the pair names it as decisive and its table leaves it out, or its kind has it not. */
export const isExcluding = (
  [first, other]: readonly [IdentityTaxon, IdentityTaxon],
  sign: SignSpec,
  state: string,
): boolean =>
  neverShows(other, sign, state) || (isDecisive(first, other, sign.key) && !statesOf(other, sign.key).has(state));

/** Of the place, or of the nose, which the fingers take in: it speaks for a taxon and never against one. */
const isNoWitness = (sign: SignSpec): boolean => sign.ofPlace || sign.organ === 'smell';

interface Witness {
  readonly sign: SignSpec;
  readonly ratio: number;
  readonly other: Other;
  readonly never: boolean;
}
/** A weighing with one more sign that was seen. */
export function withRatio({ organs, notFound }: Weighing, { sign, ratio, other, never }: Witness): Weighing {
  const before = organs.find((o) => o.organ === sign.organ);
  const said = before ?? { organ: sign.organ, against: 1, inFavour: 1, speaks: false, never: false };
  const louder = ratio > said.against && !isNoWitness(sign);
  const against = louder ? Math.min(MOST_AN_ORGAN_SAYS, ratio) : said.against;
  const inFavour = Math.min(said.inFavour, ratio);
  const now: OrganEvidence = {
    organ: sign.organ,
    against,
    inFavour,
    speaks: against * inFavour >= AN_ORGAN_SPEAKS,
    never: louder ? never : said.never,
  };
  return judged([...organs.filter((o) => o !== before), now], notFound, other);
}

function judged(organs: readonly OrganEvidence[], notFound: number, other: Other): Weighing {
  const factor = organs.reduce((product, o) => product * o.against * o.inFavour, notFound);
  const enough =
    organs.filter((o) => o.speaks).length >= organsNeeded(other) ||
    organs.some((o) => o.against * o.inFavour >= (o.never ? outweighs(other) : OUTWEIGHS.deadly));
  return { factor, organs, notFound, excluded: enough && factor >= outweighs(other) };
}
