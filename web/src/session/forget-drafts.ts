const PREFIX = 'emberfield-draft:';
/** How a draft is called on a device. */
export const draftKey = (accountId: string, name: string): string => `${PREFIX}${accountId}:${name}`;

/** Lets those of one name go, whoever's they are. */
export function forgetDrafts(name: string): void {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(PREFIX) && key.endsWith(`:${name}`)) localStorage.removeItem(key);
}
