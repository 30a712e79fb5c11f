// Where on the page something that does not fit is said.

/** Whether a fault lies in one of a field's parts: the part itself or something within it; "days[0]$" means the part itself only. */
export const isAt = (paths: readonly string[], at: string): boolean =>
  paths.some((p) =>
    p.endsWith('$') ? at === p.slice(0, -1) : at === p || at.startsWith(`${p}.`) || at.startsWith(`${p}[`),
  );

/** The part of a form's body that the server names; `null` where it names none, or something that is no body. */
export const pathOfField = (field: string | null): string | null =>
  field?.startsWith('body.') ? field.slice('body.'.length) : null;

const CONTROLS =
  'input:not([type=hidden]):not([disabled]), textarea, select, [role=radiogroup], [role=group], button:not([disabled])';
/** What one types or picks in within a field. */
export const controlIn = (element: HTMLElement): HTMLElement | null => element.querySelector<HTMLElement>(CONTROLS);

/** What the first of some fields, as they stand on the page, is filled in by. */
export function firstOnPage(fields: readonly { readonly element: HTMLElement }[]): HTMLElement | null {
  const [first] = [...fields].sort((a, b) =>
    a.element.compareDocumentPosition(b.element) & Node.DOCUMENT_POSITION_FOLLOWING ? -1 : 1,
  );
  // Of several that share a field, the one that is marked.
  return first ? (first.element.querySelector<HTMLElement>('[aria-invalid=true]') ?? controlIn(first.element)) : null;
}
