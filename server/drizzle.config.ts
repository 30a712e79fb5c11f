import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'mysql',
  schema: [
    './server/src/people/table.ts',
    './server/src/people/rule-table.ts',
    './server/src/plants/table.ts',
    './server/src/patches/table.ts',
    './server/src/permits/table.ts',
    './server/src/supply/table.ts',
    './server/src/larder/table.ts',
    './server/src/stands/table.ts',
    './server/src/entries/table.ts',
    './server/src/weather/table.ts',
    './server/src/tide/table.ts',
    './server/src/places/table.ts',
    './server/src/photos/table.ts',
    './server/src/calendar/table.ts',
    './server/src/platform/http/rate-limit-table.ts',
  ],
  out: './server/migrations',
});
