import { array, boolean, number, object, string, type AnyObject, type ObjectShape, type Schema } from 'yup';
import { isIsoDay, isWithinBounds, type Figure, type Text } from '@emberfield/core/measure';

export type { Text };

/** An object with exactly these fields: an unknown key is refused, and nothing is coerced. */
export const exactly = <S extends ObjectShape>(shape: S) => object(shape).noUnknown(true, 'unknownField').strict(true);

/** A check that leaves what is missing or null to `required` and `nullable`, which say so better. */
export const given =
  <V>(check: (value: V) => boolean) =>
  (value: V | null | undefined): boolean =>
    value === undefined || value === null || check(value);

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
export const uuid = () => string().matches(UUID, 'notAnId').required('missing');

export const isUuid = (text: string): boolean => UUID.test(text);

/** Trimmed text, from one character up to `max`. */
export const line = (max: number) =>
  string()
    .required('missing')
    .max(max, 'tooLong')
    .test(
      'notBlank',
      'missing',
      given((v) => v.trim().length > 0),
    );

/** A name: one line, since it is written into calendars, files and heads that end with the line. */
export const nameOf = (max: number) =>
  line(max).test(
    'oneLine',
    'severalLines',
    given((v) => !/[\n\r\u0085\u2028\u2029]/.test(v)),
  );

/** Text that may be empty. */
export const freeText = (max: number) => string().defined('missing').max(max, 'tooLong');

/** A day of the calendar, from 1900 to ten years from now by the clock of whoever checks. */
export const isoDay = () =>
  string()
    .required('missing')
    .test('day', 'notADay', given(isIsoDay))
    .test(
      'bounds',
      'dayOutOfBounds',
      given((v) => !isIsoDay(v) || isWithinBounds(v, new Date().getUTCFullYear())),
    );

export const finite = (min: number, max: number) =>
  number()
    .required('missing')
    .min(min, 'tooSmall')
    .max(max, 'tooLarge')
    .test('finite', 'notANumber', given(Number.isFinite));

export const whole = (min: number, max: number) => finite(min, max).integer('notWhole');

/** A year that has begun, from 1800. */
export const yearGone = () =>
  whole(1800, 2200).test(
    'yearAhead',
    'yearAhead',
    given((v) => v > 2200 || v <= new Date().getUTCFullYear()),
  );

/** Shares run from 0 to 1. */
export const share = () => finite(0, 1);

export const flag = () => boolean().required('missing');

/** At most `max` items; more are refused rather than cut off. */
export const listOf = <T, C extends AnyObject>(item: Schema<T, C>, max: number) =>
  array(item).defined('missing').max(max, 'tooMany');

export const oneOf = <T extends string>(values: readonly T[]) => string().oneOf(values, 'notOneOf').required('missing');

/** `null` is allowed and must be said; leaving the field out is refused. */
export const orNull = <T, C extends AnyObject>(schema: Schema<T, C>): Schema<T | null, C> =>
  (schema as unknown as { nullable(): Schema<T | null, C> & { optional(): Schema<T | null, C> } }).nullable();

/** May be left out, as what came later to entries and profiles that were written before it. */
export const maybe = <T, C extends AnyObject>(schema: Schema<T, C>): Schema<T | undefined, C> =>
  (schema as unknown as { optional(): { default(value: undefined): Schema<T | undefined, C> } })
    .optional()
    .default(undefined);

export const figure = (): Schema<Figure> =>
  exactly({ value: finite(-1e6, 1e6), low: finite(-1e6, 1e6), high: finite(-1e6, 1e6), source: line(60) })
    .required('missing')
    .test(
      'ordered',
      'figureOrder',
      given((f) => !(f.low > f.value) && !(f.value > f.high)),
    );

const LANGUAGE = /^[a-z]{2}$/;
export const text = (max = 600): Schema<Text> =>
  object()
    .required('missing')
    .test(
      'languages',
      'textNeedsEnglish',
      given((v) => {
        const entries = Object.entries(v);
        return (
          typeof (v as Record<string, unknown>)['en'] === 'string' &&
          entries.every(([k, t]) => LANGUAGE.test(k) && typeof t === 'string' && t.trim() !== '' && t.length <= max)
        );
      }),
    );

/** A point in time, UTC. */
export const instant = () =>
  string()
    .required('missing')
    .matches(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/, 'notAnInstant')
    .test(
      'instant',
      'notAnInstant',
      given((v) => !Number.isNaN(Date.parse(v))),
    );

/** What a clock shows, from 00:00 to 23:59. */
export const clock = () =>
  string()
    .required('missing')
    .matches(/^([01]\d|2[0-3]):[0-5]\d$/, 'notAClock');

export const monthDay = () =>
  string()
    .required('missing')
    .matches(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'notAMonthDay');
