import type { PhotoView } from '@emberfield/contract';

export interface PhotoSeason {
  readonly year: string;
  /** Through the year, so that the same weeks of several years lie below each other in the same order. */
  readonly photos: readonly PhotoView[];
}

/** Photos by calendar year, the last year first. */
export function bySeason(photos: readonly PhotoView[]): readonly PhotoSeason[] {
  const years = [...new Set(photos.map((p) => p.day.slice(0, 4)))].sort().reverse();
  return years.map((year) => ({
    year,
    photos: photos
      .filter((p) => p.day.startsWith(year))
      .sort((a, b) => a.day.localeCompare(b.day) || a.id.localeCompare(b.id)),
  }));
}

/** The photo so many further through time; `null` beyond the first and the last. */
export function photoBeside(photos: readonly PhotoView[], id: string, by: 1 | -1): PhotoView | null {
  const inTime = [...bySeason(photos)].reverse().flatMap((s) => s.photos);
  const at = inTime.findIndex((p) => p.id === id);
  return at < 0 ? null : (inTime[at + by] ?? null);
}
