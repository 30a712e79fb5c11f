import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';

/** A secret for a cookie, a link or a code: 256 random bits, never stored itself. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** A code that a person types: four groups of four, without letters that look alike. */
export function newCode(): string {
  const letters = 'abcdefghjkmnpqrstuvwxyz23456789';
  const code = Array.from(randomBytes(16), (b) => letters[b % letters.length]).join('');
  return code.replace(/(.{4})(?=.)/g, '$1-');
}

export const digestOf = (text: string): Buffer => createHash('sha256').update(text).digest();

/** Digest of a row's content, whatever the order of its keys: the same request sent twice is known by it. */
export const contentDigest = (content: unknown): Buffer => digestOf(stableJson(content));

function stableJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(stableJson).join(',')}]`;
  if (value !== null && typeof value === 'object') {
    const entries = Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1));
    return `{${entries.map(([k, v]) => `${JSON.stringify(k)}:${stableJson(v)}`).join(',')}}`;
  }
  return JSON.stringify(value) ?? 'null';
}

export function sameText(a: string, b: string): boolean {
  const [x, y] = [digestOf(a), digestOf(b)];
  return timingSafeEqual(x, y);
}
