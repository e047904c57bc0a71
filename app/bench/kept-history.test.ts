import { describe, expect, it } from 'vitest'
import type { PageDocument } from '~~/core/edits/document'
import { beginHistory, edited, undone } from '~~/core/edits/history'
import { newPage } from '~~/core/pages/definition'
import { readHistory } from './kept-history'

const begun: PageDocument = { page: newPage('Orchard', ''), listings: {} }
const titled = (title: string) => (draft: { page: { title: string } }) => void (draft.page.title = title)
const once = edited(beginHistory(begun), { title: 'Title', at: 1 }, titled('The orchard'))
const twice = edited(once, { title: 'Title', at: 5000 }, titled('Our orchard'))

describe('what can be undone after a reload', () => {
  it('is what could be before, step by step', () => {
    const read = readHistory(JSON.stringify(undone(twice)), once.present)
    if (read === null) throw new Error('Nothing was read.')
    expect(undone(read).present.page.title).toBe('Orchard')
    expect([read.past.length, read.future.length]).toEqual([1, 1])
  })

  it('is nothing where the page is another by now', () => {
    expect(readHistory(JSON.stringify(twice), begun)).toBeNull()
  })

  it('is nothing where what was kept can’t be read, or can’t be gone', () => {
    expect(readHistory(null, begun)).toBeNull()
    expect(readHistory('{"present":', begun)).toBeNull()
    const [first] = twice.past
    const broken = { ...first, backward: [{ op: 'replace', path: ['nowhere', 'at', 'all'], value: 1 }] }
    expect(readHistory(JSON.stringify({ ...twice, past: [broken] }), twice.present)).toBeNull()
  })
})
