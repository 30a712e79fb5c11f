import { string, type Schema } from 'yup';
import { exactly, finite, given, isoDay, listOf, oneOf, orNull, uuid, nameOf } from '../platform/schema.ts';

export interface NewStation {
  readonly id: string;
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly heightM: number;
  /** Where its days come from; a table or one's own readings when left out. */
  readonly source?: 'csv' | 'service';
}
export const STATION_SOURCES = ['csv', 'service'] as const;
export const newStationSchema: Schema<NewStation> = exactly({
  id: uuid(),
  name: nameOf(80),
  latitudeDeg: finite(-90, 90),
  longitudeDeg: finite(-180, 180),
  heightM: finite(-430, 8850),
  source: string().oneOf(STATION_SOURCES, 'notOneOf'),
}).required('missing');

/** Why the weather service gave nothing. */
export type FetchProblem = 'unreachable' | 'refused' | 'tooLarge' | 'notJson' | 'noDays';

/** Readings of one's own thermometer. */
export interface HandDays {
  readonly days: readonly {
    readonly day: string;
    readonly minC: number;
    readonly maxC: number;
    readonly rainMm: number | null;
  }[];
}
const COLDEST_C = -90;
const WARMEST_C = 65;
export const handDaysSchema: Schema<HandDays> = exactly({
  days: listOf(
    exactly({
      day: isoDay(),
      minC: finite(COLDEST_C, WARMEST_C),
      maxC: finite(COLDEST_C, WARMEST_C),
      rainMm: orNull(finite(0, 2000)),
    })
      .required('missing')
      .test(
        'order',
        'minAboveMax',
        given((d) => !(d.minC > d.maxC)),
      ),
    62,
  ).min(1, 'missing'),
}).required('missing');

export interface StationView extends Omit<NewStation, 'source'> {
  readonly source: 'csv' | 'simulated' | 'service';
  /** Days that look like a fault of the station, newest first, of the last year. */
  readonly odd: readonly { readonly day: string; readonly why: 'farFromUsual' | 'leap' | 'stuck' }[];
  /** Of a station that a service feeds: when it was asked last, and what went wrong. */
  readonly fetchedAt: string | null;
  readonly fetchProblem: FetchProblem | null;
  readonly dayCount: number;
  readonly firstDay: string | null;
  readonly lastDay: string | null;
  /** No longer reckoned from, since this day. */
  readonly retiredOn: string | null;
  /** Whether places nearby are reckoned from it: not retired, and its record long enough (or no other's is). */
  readonly reckonedFrom: boolean;
  readonly outlookDays: number;
  readonly missingDays: number;
}
export interface StationDayView {
  readonly day: string;
  readonly minC: number;
  readonly maxC: number;
  readonly rainMm: number | null;
  readonly outlook: boolean;
}
export interface StationDays {
  readonly days: readonly StationDayView[];
}

export const COLUMN_MEANINGS = ['day', 'min', 'max', 'mean', 'rain', 'ignore'] as const;
export type ColumnMeaning = (typeof COLUMN_MEANINGS)[number];
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** How a file is read; guessed first, then what the user makes of it. */
export interface ImportReading {
  readonly delimiter: ',' | ';' | '\t';
  readonly decimal: '.' | ',';
  readonly dateOrder: DateOrder;
  readonly temperature: 'C' | 'F';
  readonly rain: 'mm' | 'inch';
  readonly columns: readonly ColumnMeaning[];
}
export const importReadingSchema: Schema<ImportReading> = exactly({
  delimiter: oneOf([',', ';', '\t'] as const),
  decimal: oneOf(['.', ','] as const),
  dateOrder: oneOf(DATE_ORDERS),
  temperature: oneOf(['C', 'F'] as const),
  rain: oneOf(['mm', 'inch'] as const),
  columns: listOf(oneOf(COLUMN_MEANINGS), 60).min(2, 'tooFew'),
}).required('missing');

export interface LeftOutLine {
  readonly line: number;
  readonly text: string;
  readonly reason: string;
}

export interface ImportPreview {
  readonly id: string;
  readonly stationId: string;
  readonly fileName: string;
  readonly reading: ImportReading;
  readonly headers: readonly string[];
  readonly sample: readonly (readonly string[])[];
  /** Whether the file can be stored as it is read now, and if not what stands in the way. */
  readonly problem: string | null;
  readonly dayCount: number;
  readonly firstDay: string | null;
  readonly lastDay: string | null;
  readonly gapDays: number;
  readonly coldestC: number | null;
  readonly warmestC: number | null;
  readonly leftOut: readonly LeftOutLine[];
  readonly leftOutCount: number;
  readonly understood: readonly StationDayView[];
  readonly replacesDays: number;
  /** Of these so many that say something else than what is there. */
  readonly differingDays: number;
  readonly storedAt: string | null;
}
export interface StoredImport {
  readonly storedDays: number;
  readonly station: StationView;
}
