import type { EntryView } from '@emberfield/contract';

export type SightingView = Extract<EntryView, { kind: 'stageSighting' }>;
