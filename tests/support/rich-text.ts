import fc from 'fast-check'
import type { RichText } from '~~/core/content/rich-text/document'
import { plainText } from './field-promises'

const hostile = fc.constantFrom(
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  '&lt;b&gt;',
  "' onclick='x",
  '<!--',
  ']]>',
)
const marks = fc
  .subarray(['bold', 'italic', 'strike', 'code'] as const)
  .chain((plain) =>
    fc
      .option(
        fc.constantFrom('https://example.org/?a=1&b="2"', '/field-notes', 'mailto:ink@sorrelhill.example'),
      )
      .map((href) => [
        ...plain.map((type) => ({ type })),
        ...(href === null || href.includes('"') ? [] : [{ type: 'link' as const, attrs: { href } }]),
      ]),
  )
const inline = fc.oneof(
  fc
    .tuple(fc.oneof(plainText, hostile), marks)
    .map(([text, given]) =>
      given.length === 0 ? { type: 'text', text } : { type: 'text', text, marks: given },
    ),
  fc.constant({ type: 'hardBreak' }),
)
const lines = fc.array(inline, { minLength: 1, maxLength: 4 }).map((content) => ({ content }))

const { block } = fc.letrec<{ block: object }>((tie) => ({
  block: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    lines.map((line) => ({ type: 'paragraph', ...line })),
    fc
      .tuple(fc.constantFrom(2, 3, 4), lines)
      .map(([level, line]) => ({ type: 'heading', attrs: { level }, ...line })),
    fc.constant({ type: 'horizontalRule' }),
    fc
      .array(tie('block'), { minLength: 1, maxLength: 2 })
      .map((content) => ({ type: 'blockquote', content })),
    fc
      .array(tie('block'), { minLength: 1, maxLength: 2 })
      .map((content) => ({ type: 'bulletList', content: [{ type: 'listItem', content }] })),
    fc.tuple(fc.nat(9), fc.array(tie('block'), { minLength: 1, maxLength: 2 })).map(([start, content]) => ({
      type: 'orderedList',
      attrs: { start },
      content: [{ type: 'listItem', content }],
    })),
  ),
}))

/** Documents of every node and mark, with texts that would be markup if they were not escaped. */
export const documents = fc.array(block, { minLength: 1, maxLength: 5 }).map(
  (content) =>
    ({
      type: 'doc',
      content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Beginning.' }] }, ...content],
    }) as unknown as RichText,
)
