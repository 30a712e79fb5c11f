import type { Language, PlantProfile } from '@emberfield/contract';
import type { Words } from '@emberfield/words';
import type { WorkerPool } from './workers/index.ts';
import type { Answers } from './answers/index.ts';
import type { Clock } from './platform/clock.ts';
import type { Database } from './platform/database/database.ts';
import type { WeatherService } from './weather/weather-service.ts';
import type { Live } from './platform/http/live.ts';
import type { Log } from './platform/log.ts';

/** Everything the server is made of, handed in by whoever starts it. */
export interface Dependencies {
  readonly db: Database;
  readonly clock: Clock;
  readonly log: Log;
  /** Threads for work that must not keep others waiting. */
  readonly workers: WorkerPool;
  /** Answers that were reckoned before; they can be dropped at any time. */
  readonly answers: Answers;
  /** Open pages that are told of changes. */
  readonly live: Live;
  /** What is said, in the language of whoever reads it. */
  readonly words: (language: Language) => Words;
  readonly catalogue: readonly PlantProfile[];
  readonly sources: Readonly<Record<string, string>>;
  readonly demo: boolean;
  readonly publicUrl: string | null;
  /** Built web application to serve, if any. */
  readonly webFolder: string | null;
  /** GeoJSON of the base map, if any. */
  readonly baseMap: string | null;
  /** Address of map tiles that the operator chose; off without. */
  readonly tilesUrl: string | null;
  /** Daily weather that stations can be fed from; none without. */
  readonly weatherService: WeatherService | null;
  readonly requestsPerMinute: number;
}
