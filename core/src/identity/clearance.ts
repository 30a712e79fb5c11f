/** What a person may do with a family of plants: nothing said, cleared for leaf-by-leaf takes, or kept from it. */
export const CLEARANCES = ['none', 'cleared', 'closed'] as const;
export type Clearance = (typeof CLEARANCES)[number];
