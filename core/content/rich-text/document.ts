import { isSafeAddress } from '../fields/address'
import { unstorable } from '../../schemas'
import { isStorable } from '../../storable'
import { faulty } from '../../parsing'
import type { Parsed } from '../../parsing'

/**
 * Rich text as a document: a tree of the few kinds of node below and nothing else, so that no script
 * can be in it, whatever comes in. The form is that of ProseMirror's JSON, which editors read.
 */
export interface RichText {
  readonly type: 'doc'
  readonly content: readonly BlockNode[]
}

export type BlockNode =
  | { readonly type: 'paragraph'; readonly content?: readonly InlineNode[] }
  | {
      readonly type: 'heading'
      readonly attrs: { readonly level: 2 | 3 | 4 }
      readonly content?: readonly InlineNode[]
    }
  | { readonly type: 'blockquote' | 'bulletList' | 'listItem'; readonly content: readonly BlockNode[] }
  | {
      readonly type: 'orderedList'
      readonly attrs: { readonly start: number }
      readonly content: readonly BlockNode[]
    }
  | { readonly type: 'horizontalRule' }

export type InlineNode =
  | { readonly type: 'text'; readonly text: string; readonly marks?: readonly Mark[] }
  | { readonly type: 'hardBreak' }

export type Mark =
  | { readonly type: 'bold' | 'italic' | 'strike' | 'code' }
  | { readonly type: 'link'; readonly attrs: { readonly href: string } }

export const emptyDocument: RichText = { type: 'doc', content: [{ type: 'paragraph' }] }

const mostCharacters = 200_000
const mostNodes = 20_000
const deepest = 16

/** A document of plain paragraphs: blank lines part them, single line ends break lines. */
export function documentOfText(text: string): RichText {
  const paragraphs = text
    .replace(/\r\n?/g, '\n')
    .split(/\n[ \t]*(?:\n[ \t]*)+/)
    .map((one) => one.trim())
    .filter((one) => one !== '')
  if (paragraphs.length === 0) return emptyDocument
  return { type: 'doc', content: paragraphs.map((one) => ({ type: 'paragraph', content: linesOf(one) })) }
}

function linesOf(paragraph: string): readonly InlineNode[] {
  return paragraph
    .split('\n')
    .flatMap((line, at): InlineNode[] => [
      ...(at > 0 ? [{ type: 'hardBreak' } as const] : []),
      ...(line.trim() === '' ? [] : [{ type: 'text', text: line.trim() } as const]),
    ])
}

/** Whether a document shows nothing. */
export function isEmptyDocument(document: RichText): boolean {
  return document.content.every(
    (block) =>
      block.type === 'paragraph' &&
      (block.content ?? []).every((one) => one.type === 'text' && one.text.trim() === ''),
  )
}

/** Thrown inside this file only; `parseRichText` turns it into a fault. */
class NotRichText extends Error {}

interface Budget {
  characters: number
  nodes: number
}

/**
 * Reads a document. Kinds of node and mark that are not known are refused, attributes that are not
 * known are dropped, and links must be safe to follow. What comes out is accepted again unchanged.
 */
export function parseRichText(input: unknown): Parsed<RichText> {
  try {
    const { type, content } = nodeOf(input)
    if (type !== 'doc') throw new NotRichText('This takes a document of rich text.')
    const budget: Budget = { characters: mostCharacters, nodes: mostNodes }
    const blocks = blocksOf(content, topBlocks, budget, 0)
    return { ok: true, value: blocks.length === 0 ? emptyDocument : { type: 'doc', content: blocks } }
  } catch (error) {
    if (error instanceof NotRichText) return faulty('', error.message)
    throw error
  }
}

const topBlocks = new Set([
  'paragraph',
  'heading',
  'blockquote',
  'bulletList',
  'orderedList',
  'horizontalRule',
])
const itemsOnly = new Set(['listItem'])

function nodeOf(input: unknown): Readonly<Record<string, unknown>> {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    throw new NotRichText('This takes a document of rich text.')
  return input as Readonly<Record<string, unknown>>
}

function childrenOf(content: unknown): readonly unknown[] {
  if (content === undefined || content === null) return []
  if (!Array.isArray(content)) throw new NotRichText('The document is not whole.')
  return content as readonly unknown[]
}

function blocksOf(
  content: unknown,
  allowed: ReadonlySet<string>,
  budget: Budget,
  depth: number,
): readonly BlockNode[] {
  if (depth > deepest) throw new NotRichText('The text is nested too deeply. Flatten its lists.')
  return childrenOf(content).map((child) => blockOf(nodeOf(child), allowed, budget, depth))
}

function blockOf(
  node: Readonly<Record<string, unknown>>,
  allowed: ReadonlySet<string>,
  budget: Budget,
  depth: number,
): BlockNode {
  spend(budget, 'nodes', 1, 'The text has too many parts.')
  const type = String(node.type)
  if (!allowed.has(type)) throw new NotRichText(`“${type.slice(0, 40)}” cannot stand here in a text.`)
  const attrs = nodeOf(node.attrs ?? {})
  switch (type) {
    case 'horizontalRule':
      return { type }
    case 'paragraph':
      return { type, ...inline(node.content, budget) }
    case 'heading':
      return { type, attrs: { level: headingLevel(attrs.level) }, ...inline(node.content, budget) }
    case 'orderedList': {
      const start =
        Number.isInteger(attrs.start) && Number(attrs.start) >= 0 && Number(attrs.start) < 1e6
          ? Number(attrs.start)
          : 1
      return { type, attrs: { start }, content: filled(blocksOf(node.content, itemsOnly, budget, depth + 1)) }
    }
    case 'bulletList':
      return { type, content: filled(blocksOf(node.content, itemsOnly, budget, depth + 1)) }
    default:
      return {
        type: type === 'listItem' ? 'listItem' : 'blockquote',
        content: filled(blocksOf(node.content, topBlocks, budget, depth + 1)),
      }
  }
}

function filled(content: readonly BlockNode[]): readonly BlockNode[] {
  if (content.length === 0) throw new NotRichText('A list or a quotation in the text is empty.')
  return content
}

function headingLevel(level: unknown): 2 | 3 | 4 {
  return level === 3 || level === 4 ? level : 2
}

function inline(content: unknown, budget: Budget): { readonly content?: readonly InlineNode[] } {
  const nodes = childrenOf(content).map((child) => inlineNode(nodeOf(child), budget))
  return nodes.length === 0 ? {} : { content: nodes }
}

function inlineNode(node: Readonly<Record<string, unknown>>, budget: Budget): InlineNode {
  spend(budget, 'nodes', 1, 'The text has too many parts.')
  if (node.type === 'hardBreak') return { type: 'hardBreak' }
  if (node.type !== 'text')
    throw new NotRichText(`“${String(node.type).slice(0, 40)}” cannot stand in a line of text.`)
  const { text } = node
  if (typeof text !== 'string' || text === '') throw new NotRichText('A piece of the text is missing.')
  if (!isStorable(text)) throw new NotRichText(unstorable)
  spend(
    budget,
    'characters',
    text.length,
    `Keep the text within ${mostCharacters.toLocaleString('en')} characters.`,
  )
  const marks = marksOf(node.marks)
  return marks.length === 0 ? { type: 'text', text } : { type: 'text', text, marks }
}

const plainMarks = ['bold', 'italic', 'strike', 'code'] as const

/** Marks in one order, each once, so that equal texts are equal documents. */
function marksOf(input: unknown): readonly Mark[] {
  const given = childrenOf(input).map(nodeOf)
  const known = new Set<unknown>([...plainMarks, 'link'])
  const stray = given.find((mark) => !known.has(mark.type))
  if (stray !== undefined)
    throw new NotRichText(`“${String(stray.type).slice(0, 40)}” is no formatting of a text here.`)
  const plain = plainMarks
    .filter((type) => given.some((mark) => mark.type === type))
    .map((type): Mark => ({ type }))
  const link = given.find((mark) => mark.type === 'link')
  if (link === undefined) return plain
  const { href } = nodeOf(link.attrs ?? {})
  if (typeof href !== 'string' || !isSafeAddress(href))
    throw new NotRichText(
      'A link in the text leads nowhere safe. Use http, https, mailto, tel or a path of this site.',
    )
  return [...plain, { type: 'link', attrs: { href } }]
}

function spend(budget: Budget, what: keyof Budget, amount: number, message: string): void {
  budget[what] -= amount
  if (budget[what] < 0) throw new NotRichText(message)
}
