import type { BlockNode, InlineNode, Mark, RichText } from './document'

const escapes: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}

/** A text as it may stand in HTML, between tags and in quoted attributes alike. */
export function escapeHtml(text: string): string {
  return text.replace(/[&<>"']/g, (character) => escapes[character] ?? character)
}

/**
 * A document as HTML. Every tag comes from the tables below and every text is escaped, so the
 * outcome holds nothing but what they name.
 */
export function htmlOfDocument(document: RichText): string {
  return document.content.map(htmlOfBlock).join('')
}

function htmlOfBlock(block: BlockNode): string {
  switch (block.type) {
    case 'horizontalRule':
      return '<hr>'
    case 'paragraph':
      return `<p>${htmlOfLine(block.content)}</p>`
    case 'heading':
      return `<h${block.attrs.level}>${htmlOfLine(block.content)}</h${block.attrs.level}>`
    case 'orderedList':
      return `<ol${block.attrs.start === 1 ? '' : ` start="${block.attrs.start}"`}>${block.content.map(htmlOfBlock).join('')}</ol>`
    default: {
      const tag = { blockquote: 'blockquote', bulletList: 'ul', listItem: 'li' }[block.type]
      return `<${tag}>${block.content.map(htmlOfBlock).join('')}</${tag}>`
    }
  }
}

function htmlOfLine(content: readonly InlineNode[] = []): string {
  return content
    .map((node) =>
      node.type === 'hardBreak' ? '<br>' : (node.marks ?? []).reduce(marked, escapeHtml(node.text)),
    )
    .join('')
}

const markTags = { bold: 'strong', italic: 'em', strike: 's', code: 'code' } as const

function marked(html: string, mark: Mark): string {
  if (mark.type === 'link') return `<a href="${escapeHtml(mark.attrs.href)}">${html}</a>`
  const tag = markTags[mark.type]
  return `<${tag}>${html}</${tag}>`
}
