/** Encodings of Europe that older programs declare; UTF-16 says what it is by its first two bytes. */
const DECLARED = /^<\?xml[^>]*encoding=["'](iso-8859-1|iso-8859-15|latin1|windows-1252|us-ascii)["']/i;
const LONGEST_DECLARATION = 200;

/** A text file in UTF-8, whatever it declares itself to be; what declares nothing stays as it is. */
export function inUtf8(content: Buffer): Buffer {
  const encoding = encodingOf(content);
  return encoding === null ? content : Buffer.from(new TextDecoder(encoding).decode(content));
}

function encodingOf(content: Buffer): string | null {
  if (content[0] === 0xff && content[1] === 0xfe) return 'utf-16le';
  if (content[0] === 0xfe && content[1] === 0xff) return 'utf-16be';
  return DECLARED.exec(content.subarray(0, LONGEST_DECLARATION).toString('latin1'))?.[1]?.toLowerCase() ?? null;
}

/** A coordinate or a height as files write it; what is empty, or a number only to a program, is none. */
export const decimalIn = (text: string | undefined): number =>
  /^\s*[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?\s*$/i.test(text ?? '') ? Number(text) : NaN;
