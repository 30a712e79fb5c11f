import type { IdentityTaxon, Phase, SeenSign, Severity, SignSpec } from './sign.ts';

// For specs only: a small vocabulary and taxa in one line.

export const sign = (key: string, organ: string, states: string, over: Partial<SignSpec> = {}): SignSpec => ({
  key,
  organ,
  states: states.split(' '),
  price: 'glance',
  ofPlace: false,
  when: ['leaf', 'flower', 'fruit'],
  ...over,
});
export const taxon = (
  key: string,
  severity: Severity,
  shows: Readonly<Record<string, Readonly<Record<string, number>>>>,
  when: readonly Phase[] | null = null,
): IdentityTaxon => ({
  key,
  severity,
  shows: Object.entries(shows).map(([of, states]) => ({ sign: of, states, when })),
});
export const saw = (signAndState: string): SeenSign => {
  const [of, state] = signAndState.replace('!', '').split('.');
  return { sign: of!, state: state!, present: !signAndState.startsWith('!') };
};
