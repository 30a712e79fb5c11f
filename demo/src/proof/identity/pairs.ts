import { DEADLY_PAIRS_OF_EUROPE, MILDER_PAIRS_OF_EUROPE } from './field-tables.ts';
import { DEADLY_PAIRS_OF_AMERICA, MILDER_PAIRS_OF_AMERICA } from './field-tables-of-america.ts';

/** What is taken for what, and would kill, or harm. */
export const DEADLY_PAIRS = [...DEADLY_PAIRS_OF_EUROPE, ...DEADLY_PAIRS_OF_AMERICA];
export const MILDER_PAIRS = [...MILDER_PAIRS_OF_EUROPE, ...MILDER_PAIRS_OF_AMERICA];
