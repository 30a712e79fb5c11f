import { chanceFrom, seedOf } from '@emberfield/core/truth';

const MS_PER_DAY = 86_400_000;

/** A key in the form of a UUIDv7 that is the same at every start: its time is a day, its chance a name. */
export function seededId(day: number, ...names: readonly (string | number)[]): string {
  const chance = chanceFrom(seedOf('id', ...names));
  const hex = (digits: number): string =>
    Array.from({ length: digits }, () => Math.floor(chance.uniform() * 16).toString(16)).join('');
  const time = Math.max(0, Math.round(day * MS_PER_DAY))
    .toString(16)
    .padStart(12, '0');
  const variant = '89ab'[Math.floor(chance.uniform() * 4)]!;
  return `${time.slice(0, 8)}-${time.slice(8, 12)}-7${hex(3)}-${variant}${hex(3)}-${hex(12)}`;
}
