/** Longest side of what the server keeps of a picture, px: more of it would only wait for a signal. */
const LONGEST_PX = 2048;
const QUALITY = 0.85;

/** How large a picture goes out; never larger than it is. */
export function fitting(widthPx: number, heightPx: number): { readonly widthPx: number; readonly heightPx: number } {
  const by = Math.min(1, LONGEST_PX / Math.max(widthPx, heightPx, 1));
  return { widthPx: Math.max(1, Math.round(by * widthPx)), heightPx: Math.max(1, Math.round(by * heightPx)) };
}

/**
 * A picture as it goes out: upright, no larger than it is kept, and without where and by which camera it was taken. What the browser cannot read, or would only
 * make larger, goes as it is: the server judges it.
 */
export async function shrunk(file: Blob): Promise<Blob> {
  try {
    const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const { widthPx, heightPx } = fitting(bitmap.width, bitmap.height);
    const canvas = new OffscreenCanvas(widthPx, heightPx);
    canvas.getContext('2d')!.drawImage(bitmap, 0, 0, widthPx, heightPx);
    bitmap.close();
    const made = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
    return made.size < file.size ? made : file;
  } catch {
    return file;
  }
}
