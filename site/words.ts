/** Every fixed string of the public pages. */
export const words = {
  skip: 'Skip to the content',
  pages: 'Pages',
  nothingHere: 'Nothing here yet.',
  pagesOf: (listing: string) => `Pages: ${listing}`,
  firstPage: 'First page',
  nextPage: 'Next page',
  missingTitle: 'There is no page here',
  missingText: 'It may have moved, or the address has a slip in it.',
  backTo: 'Back to',
  by: 'By',
  captions: 'Captions',
} as const
