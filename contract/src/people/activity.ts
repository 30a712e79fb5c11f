/** What keepers can read of who changed what: every kind that is written. */
export const ACTIVITIES = [
  'groupFounded',
  'groupChanged',
  'invited',
  'joined',
  'left',
  'memberRemoved',
  'personForgotten',
  'roleChanged',
  'resetLinkMade',
  'ruleSet',
  'permitSaved',
  'permitRemoved',
  'clearanceSet',
  'plantSaved',
  'plantRemoved',
  'placesImported',
  'placeImportUndone',
  'weatherImported',
  'weatherImportUndone',
  'exported',
  'archived',
  'photoForgotten',
  'patchRetired',
  'patchBack',
  'patchRemoved',
  'standRetired',
  'standBack',
  'standRemoved',
  'stationRetired',
  'stationBack',
  'stationRemoved',
  'stationAssigned',
] as const;
export type ActivityKind = (typeof ACTIVITIES)[number];

export interface ActivityItem {
  readonly id: string;
  readonly at: string;
  /** Empty where nobody is named any more. */
  readonly by: string;
  readonly kind: ActivityKind;
  /** A name, a file, a role: what it was done to. */
  readonly about: string;
}
export interface ActivityPage {
  readonly items: readonly ActivityItem[];
  /** Key to go on from; `null` at the end. */
  readonly next: string | null;
}
