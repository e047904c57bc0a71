import { entries } from '../counted-entries'

/** What the screen of people says. */
export const peopleWords = {
  find: 'Find an author',
  foundNone: 'No author has that in their name or their words.',
  title: 'Authors',
  hint: 'Who entries name as their author. Accounts for signing in stand under Site.',
  add: 'Add an author',
  new: 'New author',
  edit: (name: string) => `Author: ${name}`,
  name: 'Name',
  about: 'About',
  portrait: 'Portrait',
  save: 'Save the author',
  saved: (name: string) => `“${name}” is saved.`,
  delete: 'Delete the author',
  deleteTitle: (name: string) => `Delete “${name}”?`,
  deleteText: (count: string) => `${entries(count)} will name no author. You can undo this right after.`,
  deleted: (name: string) => `“${name}” was deleted.`,
  entries,
  none: 'No authors yet.',
}
