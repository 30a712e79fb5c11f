import type { TideSource } from '@emberfield/core/tide';

/** The tide at Ostrey quay, made up: a large half-day tide that springs and neaps, levels above the quay's own datum. */
export const QUAY = { name: 'Ostrey quay', at: [-4.6, -1.6] } as const;
export const QUAY_TIDE: TideSource = {
  kind: 'harmonic',
  meanLevelM: 2.3,
  constituents: [
    { name: 'M2', amplitudeM: 1.45, phaseDeg: 95 },
    { name: 'S2', amplitudeM: 0.5, phaseDeg: 131 },
    { name: 'N2', amplitudeM: 0.3, phaseDeg: 76 },
    { name: 'K2', amplitudeM: 0.14, phaseDeg: 129 },
    { name: 'K1', amplitudeM: 0.08, phaseDeg: 61 },
    { name: 'O1', amplitudeM: 0.07, phaseDeg: 312 },
    { name: 'M4', amplitudeM: 0.09, phaseDeg: 140 },
  ],
};
