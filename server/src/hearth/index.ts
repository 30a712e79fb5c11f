export { mountHearth } from './routes.ts';
export { dutiesOf } from './operations/duties.ts';
