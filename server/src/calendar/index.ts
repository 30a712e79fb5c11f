export { mountCalendar } from './routes.ts';
