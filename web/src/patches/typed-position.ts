import type { OnTheGround } from '@emberfield/core/measure';

/**
 * Latitude and longitude from one line, "46.01, -30.02" or with degree letters. "46,5" is one number with a decimal comma
 * and no position: a lone comma parts two numbers only where one of them shows that it is a number of its own.
 */
export function typedPosition(text: string): OnTheGround | null {
  if (/^\s*[+-]?\d+,\d+\s*$/.test(text)) return null;
  const found =
    /^\s*([+-]?\d{1,2}(?:[.]\d+)?)\s*°?\s*([NnSs]?)\s*[,; ]\s*([+-]?\d{1,3}(?:[.]\d+)?)\s*°?\s*([EeWw]?)\s*$/.exec(
      text,
    );
  if (!found) return null;
  const latitudeDeg = Number(found[1]) * (/s/i.test(found[2]!) ? -1 : 1);
  const longitudeDeg = Number(found[3]) * (/w/i.test(found[4]!) ? -1 : 1);
  return Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180 ? { latitudeDeg, longitudeDeg } : null;
}
