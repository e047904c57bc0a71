import type { EntryPart } from '~~/core/content/answers'
import { entries } from '../counted-entries'

/** What the history of an entry says. */
export const versionWords = {
  title: (title: string) => `History of “${title}”`,
  actions: {
    found: 'As it was',
    added: 'Added',
    copied: 'Made as a copy',
    saved: 'Saved',
    restored: 'Brought back',
    bulk: 'Changed with others',
  },
  by: (who: string | null) => (who === null ? '' : `by ${who}`),
  parts: {
    title: 'title',
    slug: 'address',
    summary: 'summary',
    body: 'text',
    status: 'state',
    publishedAt: 'published from',
    expiresAt: 'published until',
    authorId: 'author',
    pictureId: 'picture',
    pinned: 'pinned',
    termIds: 'terms',
  } satisfies Record<EntryPart, string>,
  changed: (what: string) => `Changed: ${what}`,
  present: 'As it stands',
  back: 'Go back to this',
  none: 'Nothing was kept yet. Every save from now on is.',
  done: (date: string) => `This is the entry as of ${date} again.`,
}

/** What is said where many entries are changed at once. */
export const bulkWords = {
  chosen: (count: string) => `${count} chosen`,
  chooseAll: (count: string) => `Choose all ${count} found`,
  clear: 'Choose none',
  publish: 'Publish',
  draft: 'Back to draft',
  archive: 'Archive',
  addTerms: 'Add terms',
  removeTerms: 'Take terms off',
  author: 'Set the author',
  delete: 'Delete',
  more: 'More to do with them',
  deleteTitle: (count: string) => `Delete ${entries(count)}?`,
  deleteText: 'They leave every listing at once. You can undo this right after.',
  apply: 'Apply',
  done: (count: string) => `${entries(count)} changed.`,
  goesOn: (count: string) => `${entries(count)} changed so far. The rest follows by itself.`,
  undoGoesOn: 'They are being changed back. That goes on by itself.',
  undone: (count: number, kept: number) =>
    `Undone for ${count}${kept > 0 ? `; ${kept} were changed since and stay as they are` : ''}.`,
  chooseTerms: 'Terms',
  chooseRow: (title: string) => `Choose “${title}”`,
  choosePage: 'Choose all on this page',
}
