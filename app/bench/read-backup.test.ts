import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { newListing } from '~~/core/listing/definition'
import { newPage } from '~~/core/pages/definition'
import { readBackup } from './read-backup'

const kept = {
  version: 3,
  document: { page: newPage('A page'), listings: { one: newListing('A listing', 1) } },
}

describe('what a browser kept of a page', () => {
  it('is read as it was written', () => {
    expect(readBackup(JSON.stringify(kept))).toEqual(kept)
  })

  it('is left alone where it can’t be read, whatever stands there', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        expect(readBackup(text)).toBeNull()
      }),
    )
    for (const broken of [
      { ...kept, version: '3' },
      { ...kept, document: null },
      { ...kept, document: { ...kept.document, page: { title: 5 } } },
      { ...kept, document: { ...kept.document, listings: { one: { name: '' } } } },
      { ...kept, document: { ...kept.document, listings: [] } },
    ])
      expect(readBackup(JSON.stringify(broken))).toBeNull()
  })
})
