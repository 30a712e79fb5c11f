import type { Schema } from 'yup';
import { exactly, finite, line, listOf, oneOf, uuid } from '../platform/schema.ts';

export interface NewStation {
  readonly id: string;
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly heightM: number;
}
export const newStationSchema: Schema<NewStation> = exactly({
  id: uuid(),
  name: line(80),
  latitudeDeg: finite(-90, 90),
  longitudeDeg: finite(-180, 180),
  heightM: finite(-430, 8850),
}).required('missing');

export interface StationView extends NewStation {
  readonly source: 'csv' | 'simulated';
  readonly dayCount: number;
  readonly firstDay: string | null;
  readonly lastDay: string | null;
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
  readonly storedAt: string | null;
}
export interface StoredImport {
  readonly storedDays: number;
  readonly station: StationView;
}
