import type { PackedSeason, WindowShifts } from '@emberfield/core/phenology';

/** All that a stand's season is forecast from, to take along where there is no signal. */
export interface StandKit {
  readonly season: PackedSeason;
  /** By window of the profile: what the stand's takes say of its edges. */
  readonly shifts: readonly WindowShifts[];
}
