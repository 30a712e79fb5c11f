export { ALL_BITS, asShare, chanceOf, fillBits, fillState, type Chance } from './chance.ts';
