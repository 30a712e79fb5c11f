/** What a photo says of itself when it comes in: offered to whoever sends it, and not kept with it. */
export interface PhotoTaken {
  readonly id: string;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly takenOn: string | null;
  readonly position: { readonly latitudeDeg: number; readonly longitudeDeg: number } | null;
}
export interface PhotoView {
  readonly id: string;
  readonly standId: string | null;
  readonly day: string;
  readonly by: string;
  readonly mine: boolean;
  readonly widthPx: number;
  readonly heightPx: number;
}
/** A photo of which it is known what it shows: the stand is confirmed. */
export interface KnownPhoto {
  readonly id: string;
  readonly plantKey: string;
  /** Stage of which somebody said within a few days that it was reached, the furthest; `null`: nobody did. */
  readonly stage: string | null;
}
export const PHOTO_SIZES = ['small', 'large'] as const;
export type PhotoSize = (typeof PHOTO_SIZES)[number];
export const LARGEST_PHOTO_BYTES = 15 * 1024 * 1024;
/** A file may come in pieces of so much, the last one shorter. */
export const PHOTO_PIECE_BYTES = 128 * 1024;
export const MOST_PHOTO_PIECES = Math.ceil(LARGEST_PHOTO_BYTES / PHOTO_PIECE_BYTES);
/** Which pieces of a file have come, by their numbers from 0. */
export interface ArrivedPieces {
  readonly arrived: readonly number[];
  /** It was whole, and is stored: nothing has to be sent. */
  readonly stored: boolean;
}
