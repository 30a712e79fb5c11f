import type { Phase, Severity, ShownSign } from '@emberfield/core/identity';
import type { Text } from '../platform/schema.ts';
import type { LookAlikeSeverity, PlantProfile } from '@emberfield/core/plants';

/** All that identifying needs to know of a plant, at one place. */
export interface IdentityRow {
  readonly key: string;
  readonly names: Text;
  readonly scientific: string;
  readonly family: string;
  readonly habit: PlantProfile['habit'];
  readonly severity: Severity;
  readonly gathered: boolean;
  /** Not known to grow in the group's regions, and nobody of it has noted it. */
  readonly elsewhere: boolean;
  readonly shows: readonly ShownSign[];
  readonly decides?: PlantProfile['decides'];
  /** Its stages there, this season and the next, with the days they are likely reached, in order. */
  readonly stages: readonly { readonly name: Text; readonly phase: Phase; readonly day: string }[];
  readonly lookAlikes: readonly {
    readonly plantKey: string | null;
    readonly name: Text;
    readonly severity: LookAlikeSeverity;
    readonly separatedBy: Text;
  }[];
}
export interface IdentityTable {
  readonly day: string;
  readonly basis: 'weather' | 'calendar';
  readonly plants: readonly IdentityRow[];
}
