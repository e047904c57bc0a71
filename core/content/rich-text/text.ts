import type { BlockNode, InlineNode, RichText } from './document'

/** The words of a document: blank lines between blocks, line ends where lines break. */
export function textOfDocument(document: RichText): string {
  return document.content
    .map(textOfBlock)
    .filter((text) => text !== '')
    .join('\n\n')
}

function textOfBlock(block: BlockNode): string {
  switch (block.type) {
    case 'horizontalRule':
      return ''
    case 'paragraph':
    case 'heading':
      return (block.content ?? []).map(textOfInline).join('')
    default:
      return block.content.map(textOfBlock).join('\n')
  }
}

function textOfInline(node: InlineNode): string {
  return node.type === 'hardBreak' ? '\n' : node.text
}
