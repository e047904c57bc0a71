import type { PageDocument } from '~~/core/edits/document'
import { fetched } from '../shared/fetched-later'

/** A document that was not saved yet, and the version of the page that it was made from. */
export interface Backup {
  readonly version: number
  readonly document: PageDocument
}

/** What somebody did to a page and nobody saved, in this browser; each account has its own. */
export function draftBackup(account: string, pageId: number) {
  const key = `bushel.draft.${account}.${pageId}`
  return {
    /** What reads it is fetched where there is something to read. */
    async read(): Promise<Backup | null> {
      const text = localStorage.getItem(key)
      return text === null ? null : (await fetched(() => import('./read-backup'))).readBackup(text)
    },
    write(backup: Backup): void {
      try {
        localStorage.setItem(key, JSON.stringify(backup))
      } catch {
        // The browser's store is full: the server still gets the draft.
      }
    },
    drop: (): void => localStorage.removeItem(key),
  }
}
