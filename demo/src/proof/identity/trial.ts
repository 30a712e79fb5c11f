import { CATALOGUE } from '@emberfield/catalogue';
import { SIGNS, VOCABULARY } from '@emberfield/contract';
import {
  confirmation,
  identify,
  mayConfirm,
  weigh,
  type IdentityTaxon,
  type Phase,
  type SeenSign,
} from '@emberfield/core/identity';
import { growsIn, type Region } from '@emberfield/core/plants';
import { chanceFrom, seedOf } from '@emberfield/core/truth';
import { lookAt } from './observer.ts';
import { commonest, FIELD_TABLES, specimenOf } from './specimens.ts';

/** After so many looks it is counted what is offered. */
export const LOOKS = [1, 2, 3, 5, 8, 12] as const;
const MOST_LOOKS = 12;

export interface Case {
  readonly wanted: string;
  /** What stands there; the wanted plant itself, or what is taken for it. */
  readonly standing: string;
  readonly phase: Phase;
}
/** Of so many specimens. */
export interface Told {
  readonly specimens: number;
  /** "Confirmed" offered at any look up to the k-th, by place in `LOOKS`. */
  readonly confirmed: readonly number[];
  /** What stands there ruled out at the k-th look, by place in `LOOKS`. */
  readonly ruledOut: readonly number[];
}

const lists = new Map<string, readonly IdentityTaxon[]>();
/** The list as a group sees it that gathers wherever the wanted plant grows. */
function listFor(wanted: string): readonly IdentityTaxon[] {
  const made =
    lists.get(wanted) ??
    CATALOGUE.map((p) => ({ ...p, elsewhere: !growsIn(p, Object.keys(BY_KEY.get(wanted)!.regions!) as Region[]) }));
  lists.set(wanted, made);
  return made;
}

interface Page {
  readonly next: readonly { readonly sign: string; readonly again: boolean }[];
  readonly confirmed: boolean;
  readonly isOut: (key: string) => boolean;
}

/** What the page says once these signs were seen, as the screen reckons it. */
function pageOf({ wanted, phase }: Case, seen: readonly SeenSign[]): Page {
  const list = listFor(wanted);
  const { standings, next } = identify(list, SIGNS, seen, { phase, wanted });
  const said = confirmation(list, VOCABULARY, { key: wanted, seen, phase });
  const out = new Set(standings.filter((s) => s.ruledOut).map((s) => s.key));
  const openNow = new Set(said.open);
  return {
    next,
    confirmed: mayConfirm(said),
    isOut: (key) => (key === wanted ? said.itselfRuledOut : out.has(key) && !openNow.has(key)),
  };
}

/** Draws specimens of what stands there and looks at each as the page proposes. Pages are reckoned once for what was seen. */
export function tried(of: Case, specimens: number): Told {
  const draw = chanceFrom(seedOf(of.wanted, of.standing, of.phase)).uniform;
  const pages = new Map<string, Page>();
  const page = (seen: readonly SeenSign[]): Page => {
    const hash = seen
      .map((s) => `${s.present ? '' : '!'}${s.again ? '*' : ''}${s.sign}.${s.state}`)
      .sort()
      .join(' ');
    const known = pages.get(hash) ?? pageOf(of, seen);
    pages.set(hash, known);
    return known;
  };
  // Of a sign that the field tables leave out nobody can say anything: it is no look.
  const table = FIELD_TABLES.get(of.standing)!.get(of.phase)!;
  const confirmed = LOOKS.map(() => 0);
  const ruledOut = LOOKS.map(() => 0);
  for (let i = 0; i < specimens; i++) {
    const specimen = specimenOf(of.standing, of.phase, draw);
    const passed = new Set<string>();
    let seen: readonly SeenSign[] = [];
    let offered = false;
    for (let look = 1; look <= MOST_LOOKS; look++) {
      const next = page(seen).next.find((n) => !passed.has(n.sign) && table.has(n.sign));
      if (next) {
        const said = lookAt(specimen, VOCABULARY.get(next.sign)!, { ...of, draw });
        seen = next.again ? readAgain(seen, next.sign, said) : said ? [...seen, said] : seen;
        if (!said?.present) passed.add(next.sign);
      }
      const now = page(seen);
      offered ||= now.confirmed;
      const at = LOOKS.indexOf(look as (typeof LOOKS)[number]);
      if (at < 0) continue;
      if (offered) confirmed[at]!++;
      if (now.isOut(of.standing)) ruledOut[at]!++;
    }
  }
  return { specimens, confirmed, ruledOut };
}

/** The same at a second look stands firmer; something else, and neither is held to. */
function readAgain(seen: readonly SeenSign[], sign: string, said: SeenSign | null): readonly SeenSign[] {
  return seen.flatMap((s) => {
    if (s.sign !== sign || !s.present) return [s];
    return said?.present && said.state === s.state ? [{ ...s, again: true }] : [];
  });
}

/** Every phase in which both can be looked at. */
export function casesOf(wanted: string, twin: string): readonly Case[] {
  const phases = [...FIELD_TABLES.get(twin)!.keys()].filter((p) => FIELD_TABLES.get(wanted)!.has(p));
  return phases.map((phase) => ({ wanted, standing: twin, phase }));
}

const BY_KEY = new Map(CATALOGUE.map((p) => [p.key, p]));
/** A taxon as the field tables know it. */
function fieldTaxon(key: string): IdentityTaxon {
  const { severity, habit } = BY_KEY.get(key)!;
  const shows = [...FIELD_TABLES.get(key)!].flatMap(([phase, rows]) =>
    [...rows].map(([sign, row]) => ({
      sign,
      states: Object.fromEntries(row.map(([state, share]) => [state, share / 100])),
      when: [phase],
    })),
  );
  return { key, severity, habit, shows };
}

/**
 * Whether a typical specimen can be told from everything that is taken for it, in a phase, if every sign that the field tables know of it were
 * read rightly. By the field tables alone: what the profiles know of it is what is tried.
 */
export function separable(wanted: string, twins: readonly string[], phase: Phase): boolean {
  const table = FIELD_TABLES.get(wanted)!.get(phase)!;
  const seen = [...table.keys()].flatMap((sign) => {
    const state = commonest(wanted, phase, sign);
    return state && VOCABULARY.get(sign)!.when.includes(phase) ? [{ sign, state, present: true }] : [];
  });
  const mine = fieldTaxon(wanted);
  return twins.every((twin) => weigh([mine, fieldTaxon(twin)], VOCABULARY, seen, { phase, wanted: mine }).excluded);
}
