export { mountCalendar } from './routes.ts';
export { sweepAnnouncements } from './repository.ts';
