import { mixed, number, object } from 'yup'
import { parseListing } from '~~/core/listing/definition'
import { parsePage } from '~~/core/pages/parse-page'
import { parseWith } from '~~/core/parsing'
import { keptJson } from '../shared/kept-json'
import type { Backup } from './draft-backup'

const schema = object({
  version: number().required(),
  document: object({ page: mixed().required(), listings: object().required() }).required(),
}).required()

/**
 * Reads what a browser kept as any other input: an older Bushel may have left it, and anybody can
 * write there. What can't be read whole is not used.
 */
export function readBackup(text: string): Backup | null {
  const kept = parseWith<{
    readonly version: number
    readonly document: Readonly<Record<'page' | 'listings', object>>
  }>(schema, keptJson(text))
  if (!kept.ok) return null
  const { version, document } = kept.value
  const page = parsePage(document.page)
  const listings = Object.entries(document.listings).map(([id, one]) => [id, parseListing(one)] as const)
  const read = listings.flatMap(([id, parsed]) => (parsed.ok ? [[id, parsed.value] as const] : []))
  if (!page.ok || read.length < listings.length) return null
  return { version, document: { page: page.value, listings: Object.fromEntries(read) } }
}
