/** What the screen of looks says. */
export const words = {
  title: 'Looks',
  hint: 'How listings look that share a look. It is changed from a listing that is in it: style that, then put it into the look.',
  new: 'New look',
  shownWith: 'Shown with',
  loading: 'Looking up the looks…',
  none: 'There is no look yet. Make one, and put a listing in it.',
  noListing: 'No listing stands on a page yet. What the looks make of entries is shown here once one does.',
  unused: 'No listing is in it.',
  usedBy: 'Listings in it',
  open: (name: string, page: string) => `${name} on ${page}`,
  more: (name: string) => `What to do with ${name}`,
  rename: 'Rename',
  copy: 'Make a copy',
  copyOf: (name: string) => `${name}, copied`,
  delete: 'Delete',
  deleteTitle: (name: string) => `Delete “${name}”?`,
  deleteText: (listings: string) =>
    listings === ''
      ? 'No listing is in it.'
      : `In the site’s look by then, for visitors at once: ${listings}.`,
  deleted: (name: string) => `“${name}” is deleted`,
  isBack: (name: string) => `“${name}” is back`,
} as const
