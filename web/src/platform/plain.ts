/**
 * A form's own objects are watched; what is kept and sent is a plain copy. A number that is none would become nothing on the way: it is
 * not sent at all. @throws RangeError
 */
export const plain = <T>(body: T): T =>
  JSON.parse(
    JSON.stringify(body, (key, value: unknown) => {
      if (typeof value === 'number' && !Number.isFinite(value)) throw new RangeError(`${key} is no number`);
      return value;
    }),
  ) as T;
