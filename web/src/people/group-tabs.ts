const TABS = ['people', 'rules', 'calendar', 'activity', 'group', 'account'] as const;
export type GroupTab = (typeof TABS)[number];
const FOR_KEEPERS: readonly GroupTab[] = ['activity', 'group'];

/** The tabs of the group's page that somebody has; the first is the page itself. */
export const groupTabs = (isKeeper: boolean): readonly [GroupTab, ...GroupTab[]] => [
  TABS[0],
  ...TABS.slice(1).filter((t) => isKeeper || !FOR_KEEPERS.includes(t)),
];
