import type { Text } from '@emberfield/core/measure';
import type { PlantingWay } from '@emberfield/core/replanting';

/** Plants that were put in together anywhere in the group, and how many of them lived a year on. */
export interface PlantingSeen {
  readonly id: string;
  readonly standId: string;
  readonly plantName: Text;
  readonly patchId: string;
  readonly patchName: string;
  readonly way: PlantingWay;
  readonly day: string;
  readonly planted: number;
  /** `null`: nobody has looked so late yet. */
  readonly alive: number | null;
}
