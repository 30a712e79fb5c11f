import { AppError } from '../../platform/errors.ts';

/**
 * Text of an uploaded file: UTF-16 or UTF-8 by its byte-order mark, else UTF-8, else Windows-1252, which reads any byte.
 * Files with zero bytes are no text and are refused.
 */
export function decodeFile(content: Buffer): string {
  if (content.length === 0) throw new AppError('unreadableFile', { reason: 'emptyFile' });
  if (content[0] === 0xff && content[1] === 0xfe) return decode('utf-16le', content);
  if (content[0] === 0xfe && content[1] === 0xff) return decode('utf-16be', content);
  if (content.includes(0)) throw new AppError('unreadableFile', { reason: 'notText' });
  try {
    return decode('utf-8', content);
  } catch {
    // Not UTF-8: older instruments write the Windows code page.
    return decode('windows-1252', content);
  }
}

const decode = (encoding: string, content: Buffer): string =>
  new TextDecoder(encoding, { fatal: true }).decode(content);
