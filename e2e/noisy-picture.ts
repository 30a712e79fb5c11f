import type { Page } from 'playwright-core';

/** A picture that packs badly, as large as those of a phone: drawn in the page. */
export async function noisyPicture(page: Page, width: number, height: number): Promise<Buffer> {
  const drawn = await page.evaluate(
    async ([w, h]) => {
      const canvas = new OffscreenCanvas(w!, h!);
      const image = new ImageData(w!, h!);
      const CHUNK = 65_536;
      for (let i = 0; i < image.data.length; i += CHUNK) crypto.getRandomValues(image.data.subarray(i, i + CHUNK));
      for (let i = 3; i < image.data.length; i += 4) image.data[i] = 255;
      canvas.getContext('2d')!.putImageData(image, 0, 0);
      const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
      let text = '';
      for (const b of bytes) text += String.fromCharCode(b);
      return btoa(text);
    },
    [width, height],
  );
  return Buffer.from(drawn, 'base64');
}
