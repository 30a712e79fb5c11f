// The warnings of a plant: what a copy keeps of them, and what a plant of one's own has to say before anything of it is opened.
import { isDangerous, isPoison, type Severity } from '../identity/index.ts';
import { LOOK_ALIKE_SEVERITIES } from './kinds.ts';
import { binomialOf } from './names.ts';
import { NEVER, type PlantProfile } from './profile.ts';

type Twin = PlantProfile['lookAlikes'][number];
type Caution = PlantProfile['cautions'][number];
type Window = PlantProfile['windows'][number];
type Warned = Pick<PlantProfile, 'cautions' | 'lookAlikes' | 'ceilings' | 'windows'>;

/** Nobody has said what a plant of one's own could be taken for: nothing of it is confirmed or opened. */
export const lookAlikesUnnamed = ({ origin, lookAlikes }: Pick<PlantProfile, 'origin' | 'lookAlikes'>): boolean =>
  origin === 'own' && lookAlikes.length === 0;

/** Deadly and poisonous look-alikes whose signs nobody knows, since they have no profile: no look can rule them out. */
export const twinsWithoutSigns = (
  { lookAlikes }: Pick<PlantProfile, 'lookAlikes'>,
  hasProfile: (twin: Twin) => boolean,
): readonly Twin[] => lookAlikes.filter((l) => isPoison(l.severity) && !hasProfile(l));

const rank = (severity: Severity): number =>
  severity === 'none' ? LOOK_ALIKE_SEVERITIES.length : LOOK_ALIKE_SEVERITIES.indexOf(severity);
/** Whether one severity is said to be milder than another. */
export const isMilder = (said: Severity, known: Severity): boolean => rank(said) > rank(known);

const sameTwin = (a: Twin, b: Twin): boolean => binomialOf(a.scientific) === binomialOf(b.scientific);
const keepsTwin = (twins: readonly Twin[], of: Twin): boolean =>
  twins.some((t) => sameTwin(t, of) && !isMilder(t.severity, of.severity) && keepsApart(t, of));
/** When it can be told apart is not loosened either; a copy may be stricter. */
const keepsApart = (t: Twin, of: Twin): boolean =>
  (t.apartFrom === of.apartFrom || t.apartFrom === NEVER) && (t.pieceByPiece !== true || of.pieceByPiece === true);
/** A window of a copy whose lock opens earlier than its model's. */
const isLoosened =
  (base: Warned) =>
  (window: Window): boolean => {
    const lock = lockOf(base, window);
    return lock !== undefined && window.separableFrom !== lock && window.separableFrom !== NEVER;
  };
/** The lock that a window of a copy keeps: that of the same use; of a use that the model does not have, the part's. */
function lockOf({ windows }: Warned, { part, use }: Window): string | undefined {
  const same = windows.filter((w) => w.part === part);
  const named = same.find((w) => w.use === use);
  return named ? named.separableFrom : same.find((w) => w.separableFrom !== undefined)?.separableFrom;
}
const sameCaution = (a: Caution, b: Caution): boolean => a.class === b.class && a.text['en'] === b.text['en'];
const isProtected = ({ ceilings }: Pick<Warned, 'ceilings'>): boolean =>
  ceilings.some((c) => c.rule.kind === 'protected');

/** What a copy lacks of the warnings of the plant it was made from. */
export interface MissingWarnings {
  readonly cautions: readonly Caution[];
  readonly lookAlikes: readonly Twin[];
  readonly protection: boolean;
  readonly loosened: readonly Window[];
}
/**
 * Cautions, look-alikes (or their severity), locks of windows and a protection that a copy has left out. A warning that somebody took
 * away is missed by everybody: these can be added to and made stricter, not thinned out.
 */
export const missingWarnings = (base: Warned, copy: Warned): MissingWarnings => ({
  cautions: base.cautions.filter((c) => !copy.cautions.some((x) => sameCaution(x, c))),
  lookAlikes: base.lookAlikes.filter((l) => !keepsTwin(copy.lookAlikes, l)),
  protection: isProtected(base) && !isProtected(copy),
  loosened: copy.windows.filter(isLoosened(base)),
});
export const countMissing = ({ cautions, lookAlikes, protection, loosened }: MissingWarnings): number =>
  cautions.length + lookAlikes.length + Number(protection) + loosened.length;

/** A copy with what it lacks of its model's warnings put back, before its own. */
export function withWarningsOf<P extends Warned>(base: Warned, copy: P): P {
  const { cautions, lookAlikes, protection, loosened } = missingWarnings(base, copy);
  return {
    ...copy,
    windows: copy.windows.map((w) => (loosened.includes(w) ? { ...w, separableFrom: lockOf(base, w) } : w)),
    cautions: [...cautions, ...copy.cautions],
    lookAlikes: [...lookAlikes, ...copy.lookAlikes.filter((t) => !lookAlikes.some((l) => sameTwin(l, t)))],
    ceilings: protection ? [{ parts: null, rule: { kind: 'protected' } }, ...copy.ceilings] : copy.ceilings,
  };
}

/** Whether a warning came along from the plant that a copy was made from. */
export const hasCaution = (base: Pick<Warned, 'cautions'>, caution: Caution): boolean =>
  base.cautions.some((c) => sameCaution(c, caution));
export const hasTwin = (base: Pick<Warned, 'lookAlikes'>, twin: Twin): boolean =>
  base.lookAlikes.some((l) => sameTwin(l, twin));

/**
 * Dangerous look-alikes of somebody's own of which nobody said from when on they can be told apart. Left out it would mean "always", which
 * of a deadly one nobody may say by silence.
 */
export const twinsWithoutApart = (
  base: Warned | null,
  { lookAlikes }: Pick<PlantProfile, 'lookAlikes'>,
): readonly Twin[] =>
  lookAlikes.filter((l) => isDangerous(l.severity) && l.apartFrom === undefined && !(base && hasTwin(base, l)));

/** Whether it names as decisive what the plant it was copied from does not: that takes somebody who has seen many, and no group is asked to. */
export const decidesAnew = (
  base: Pick<PlantProfile, 'decides'> | null,
  { decides = {} }: Pick<PlantProfile, 'decides'>,
): boolean => Object.entries(decides).some(([other, signs]) => signs.some((s) => !base?.decides?.[other]?.includes(s)));

/** Signs of so many organs must be known of something dangerous: with fewer nothing could ever be ruled out against it. */
export const ORGANS_OF_DANGER = 2;
