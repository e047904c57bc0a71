import type { PageDocument } from '~~/core/edits/document'
import { parseListing } from '~~/core/listing/definition'
import { parsePage } from '~~/core/pages/definition'

/** A document that was not saved yet, and the version of the page that it was made from. */
export interface Backup {
  readonly version: number
  readonly document: PageDocument
}

/** What somebody did to a page and nobody saved, in this browser; each account has its own. */
export function draftBackup(account: string, pageId: number) {
  const key = `bushel.draft.${account}.${pageId}`
  return {
    read: (): Backup | null => readBackup(localStorage.getItem(key)),
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

/**
 * Reads what a browser kept as any other input: an older Bushel may have left it, and anybody can
 * write there. What can't be read whole is not used.
 */
export function readBackup(text: string | null): Backup | null {
  const kept = parsedJson(text)
  if (!isRecord(kept) || !isRecord(kept.document) || !isRecord(kept.document.listings)) return null
  const { version } = kept
  const page = parsePage(kept.document.page)
  const listings = Object.entries(kept.document.listings).map(([id, one]) => [id, parseListing(one)] as const)
  if (typeof version !== 'number' || !page.ok || listings.some(([, parsed]) => !parsed.ok)) return null
  const read = listings.flatMap(([id, parsed]) => (parsed.ok ? [[id, parsed.value] as const] : []))
  return { version, document: { page: page.value, listings: Object.fromEntries(read) } }
}

function parsedJson(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text)
  } catch {
    return null
  }
}

function isRecord(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
