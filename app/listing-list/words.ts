/** What the list of listings says. */
export const words = {
  title: 'Listings',
  hint: 'What each shows, and the pages that it stands on. A listing on several pages changes on all of them.',
  find: 'Find a listing',
  loading: 'Looking up the listings…',
  none: 'No listing stands on a page yet. Open a page and add one there.',
  foundNone: 'No listing has these words.',
  shelved: 'on the shelf',
  live: 'Live',
  waiting: 'Changed, not live',
  changed: (date: string, by: string | null) => (by === null ? date : `${date}, ${by}`),
  open: (name: string, page: string) => `${name} on ${page}`,
  more: (name: string) => `What to do with ${name}`,
  placeOn: 'Place it on',
} as const
