import { describe, expect, it } from 'vitest'
import { frameCode, loneAddress, loneListingAt } from './listing-elsewhere'

const id = '00000000-0000-4000-8000-000000000001'

describe('a listing shown elsewhere', () => {
  it('has an address of its own, and no other leads to it', () => {
    expect(loneListingAt(loneAddress(id))).toBe(id)
    for (const path of ['/', '/listing', '/listing/', `/listing/${id}/more`, '/listing/latest', `/${id}`])
      expect(loneListingAt(path)).toBeNull()
  })

  it('is set into a page by code that holds, whatever it is called', () => {
    const code = frameCode('https://hill.example', id, 'Beans & "peas" <script>')
    expect(code).toContain(`src="https://hill.example/listing/${id}"`)
    expect(code).toContain('title="Beans &amp; &quot;peas&quot; &lt;script&gt;"')
    expect(code.match(/<script/g)).toHaveLength(1)
  })
})
