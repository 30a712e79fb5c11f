export const IDENTITY_STATUSES = ['unconfirmed', 'provisional', 'confirmed'] as const;
export type IdentityStatus = (typeof IDENTITY_STATUSES)[number];
