/** A text as it may stand in XML, in an element or an attribute: what no XML may hold is left out, what means something in it is written by number. */
export const xmlText = (text: string): string =>
  text
    .replace(/[^\t\n\r\u0020-\uD7FF\uE000-\uFFFD\u{10000}-\u{10FFFF}]/gu, '')
    .replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
