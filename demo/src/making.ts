import type { Dependencies } from '@emberfield/server';
import { seededId } from './ids.ts';
import type { PersonName } from './island/places.ts';
import type { islandWeather } from '@emberfield/core/truth';

/** What everything on the island is made with. */
export interface Making {
  readonly db: Dependencies['db'];
  readonly groupId: string;
  readonly madeAt: Date;
  readonly today: string;
  readonly todayNumber: number;
  readonly weather: ReturnType<typeof islandWeather>;
}
export const accountOf = (name: PersonName): string => seededId(18262, 'person', name);
