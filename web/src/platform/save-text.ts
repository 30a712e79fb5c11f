const FREED_AFTER_MS = 10_000;

/** Hands a text to the device as a file; nothing leaves it. */
export function saveText(name: string, text: string, type: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  link.download = name;
  link.click();
  // The browser reads it after the press.
  setTimeout(() => URL.revokeObjectURL(link.href), FREED_AFTER_MS);
}
