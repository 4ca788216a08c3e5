/** The field that is written into first; `autofocus` alone does nothing where the page is not loaded anew. */
export const vFocus = { mounted: (field: HTMLElement): void => field.focus() }
