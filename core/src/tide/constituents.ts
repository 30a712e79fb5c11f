import { constituents } from '@neaps/tide-predictor';

/** Whether a constituent of this name can be reckoned with: an unknown one would be left out without a word. */
export const isKnownConstituent = (name: string): boolean => Object.hasOwn(constituents, name);
