import fc from 'fast-check'
import sanitizeHtml from 'sanitize-html'
import { describe, expect, it } from 'vitest'
import { documents } from '~~/tests/support/rich-text'
import { documentOfText, emptyDocument, isEmptyDocument, parseRichText } from './document'
import { htmlOfDocument } from './html'
import { textOfDocument } from './text'

const paragraph = (node: object) => ({ type: 'doc', content: [{ type: 'paragraph', content: [node] }] })
const linked = (href: string) =>
  paragraph({ type: 'text', text: 'here', marks: [{ type: 'link', attrs: { href } }] })

describe('rich text', () => {
  it('accepts what it gave out, unchanged', () => {
    fc.assert(
      fc.property(documents, (document) => {
        const parsed = parseRichText(document)
        expect(parsed.ok && parseRichText(JSON.parse(JSON.stringify(parsed.value)))).toEqual(parsed)
      }),
    )
  })

  // Referee: sanitize-html. Taking out whatever is not allowed must take out nothing.
  it('becomes HTML of known tags and attributes only, whatever its texts hold', () => {
    const tags = [
      'p',
      'h2',
      'h3',
      'h4',
      'ul',
      'ol',
      'li',
      'blockquote',
      'hr',
      'br',
      'strong',
      'em',
      's',
      'code',
      'a',
    ]
    const tagsOf = (html: string) => html.match(/<[^>]*>/g)?.map((tag) => tag.replace(' /', ''))
    fc.assert(
      fc.property(documents, (document) => {
        const html = htmlOfDocument(document)
        const cleaned = sanitizeHtml(html, {
          allowedTags: tags,
          allowedAttributes: { a: ['href'], ol: ['start'] },
          allowedSchemes: ['http', 'https', 'mailto', 'tel'],
        })
        expect(tagsOf(cleaned)).toEqual(tagsOf(html))
        expect(html).not.toMatch(/<script|onerror=[^&]*>(?<!&gt;)/i)
      }),
    )
  })

  it.each([
    [
      'a script',
      { type: 'doc', content: [{ type: 'script', content: [] }] },
      '“script” cannot stand here in a text.',
    ],
    [
      'an image among words',
      paragraph({ type: 'image', attrs: { src: 'x' } }),
      '“image” cannot stand in a line of text.',
    ],
    [
      'an unknown mark',
      paragraph({ type: 'text', text: 'x', marks: [{ type: 'blink' }] }),
      '“blink” is no formatting of a text here.',
    ],
    [
      'a link that runs',
      linked('javascript:alert(1)'),
      'A link in the text leads nowhere safe. Use http, https, mailto, tel or a path of this site.',
    ],
    [
      'a text that cannot be stored',
      paragraph({ type: 'text', text: 'a\0' }),
      'The text holds a character that cannot be stored. Paste it as plain text.',
    ],
    ['no document', 'hello', 'This takes a document of rich text.'],
    [
      'a list without items',
      { type: 'doc', content: [{ type: 'bulletList', content: [] }] },
      'A list or a quotation in the text is empty.',
    ],
    [
      'too much',
      paragraph({ type: 'text', text: 'x'.repeat(200_001) }),
      'Keep the text within 200,000 characters.',
    ],
  ])('refuses %s', (_, document, message) => {
    const parsed = parseRichText(document)
    expect(parsed.ok ? null : parsed.faults[0]?.message).toBe(message)
  })

  it('refuses nesting without end instead of failing', () => {
    let deep: object = { type: 'paragraph' }
    for (let at = 0; at < 5000; at += 1) deep = { type: 'blockquote', content: [deep] }
    const parsed = parseRichText({ type: 'doc', content: [deep] })
    expect(parsed.ok ? null : parsed.faults[0]?.message).toBe(
      'The text is nested too deeply. Flatten its lists.',
    )
  })

  it('drops attributes it does not know and keeps marks in one order', () => {
    const parsed = parseRichText(
      paragraph({
        type: 'text',
        text: 'x',
        marks: [
          { type: 'link', attrs: { href: '/a', target: '_blank', onclick: 'x' } },
          { type: 'bold', attrs: { style: 'x' } },
        ],
      }),
    )
    expect(parsed).toEqual({
      ok: true,
      value: paragraph({
        type: 'text',
        text: 'x',
        marks: [{ type: 'bold' }, { type: 'link', attrs: { href: '/a' } }],
      }),
    })
  })

  it('is read from plain text and gives its words back', () => {
    expect(textOfDocument(documentOfText('One.\n\nTwo,\nbroken.\n\n\n'))).toBe('One.\n\nTwo,\nbroken.')
    expect(documentOfText('  \n ')).toEqual(emptyDocument)
    expect(isEmptyDocument(emptyDocument)).toBe(true)
  })

  it('writes the markup one would write by hand', () => {
    expect(htmlOfDocument(documentOfText('Beans & <peas>\nand more'))).toBe(
      '<p>Beans &amp; &lt;peas&gt;<br>and more</p>',
    )
    expect(
      htmlOfDocument({
        type: 'doc',
        content: [
          {
            type: 'orderedList',
            attrs: { start: 3 },
            content: [
              {
                type: 'listItem',
                content: [
                  {
                    type: 'heading',
                    attrs: { level: 3 },
                    content: [
                      {
                        type: 'text',
                        text: 'Sow',
                        marks: [{ type: 'italic' }, { type: 'link', attrs: { href: '/a' } }],
                      },
                    ],
                  },
                ],
              },
            ],
          },
        ],
      }),
    ).toBe('<ol start="3"><li><h3><a href="/a"><em>Sow</em></a></h3></li></ol>')
  })
})
