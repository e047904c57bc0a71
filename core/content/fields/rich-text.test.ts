import { expect, it } from 'vitest'
import fc from 'fast-check'
import { documents } from '~~/tests/support/rich-text'
import { fieldPlace, keepsPromises, messageOf } from '~~/tests/support/field-promises'
import { richText } from './rich-text'

keepsPromises(richText, fc.record({ settings: fc.constant({}), value: documents }), { exactText: false })

it('reads plain text as paragraphs and writes the words back', () => {
  const read = richText.read('First.\n\nSecond line\nand its end.', {}, fieldPlace)
  expect(read.ok && richText.write(read.value, {}, fieldPlace)).toBe('First.\n\nSecond line\nand its end.')
})

it('counts an empty document as empty', () => {
  expect(messageOf(richText.parse({ type: 'doc', content: [{ type: 'paragraph' }] }, {}))).toBe(
    'This is empty.',
  )
})
