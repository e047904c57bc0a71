/** What of the page is styled, null where the page has none; another value each time it may look otherwise. */
export interface Found {
  readonly element: Element | null
}
