/** A form's own objects are watched; what is kept and sent is a plain copy. */
export const plain = <T>(body: T): T => JSON.parse(JSON.stringify(body)) as T;
