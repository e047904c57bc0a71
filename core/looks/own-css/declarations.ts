import { generate, isCustomProperty, lexer, property as partsOf, walk } from 'css-tree'
import type { CssNode, Declaration } from 'css-tree'
import { refusal } from './refusal'
import type { Refusal } from './refusal'

/** Functions of values that fetch something, or may (CSS Values 4, 4.5; CSS Images 4, 2). */
const fetching = new Set(['url', 'src', 'image', 'image-set', 'cross-fade', 'element', 'paint', 'expression'])

/** What runs scripts or reaches past its listing, by property. */
const reaching: Readonly<Record<string, string>> = {
  behavior: 'This runs scripts.',
  binding: 'This runs scripts.',
  'view-transition-name': 'This is of the whole page.',
  'view-transition-class': 'This is of the whole page.',
}

const moving = /^(?:animation|transition)(?:-|$)/

/** Whether something moves by a declaration. */
export function isMoving({ property }: Declaration): boolean {
  return moving.test(partsOf(property).basename.toLowerCase())
}

/** Why a declaration is left out; null where it holds. */
export function refusedDeclaration(declaration: Declaration): Refusal | null {
  const { property, value } = declaration
  const reached = reaching[partsOf(property).basename.toLowerCase()]
  if (reached !== undefined) return refusal(declaration, reached)
  if (property.includes('\\')) return refusal(declaration, 'Write properties without backslashes.')
  const unread = refusedValue(value)
  if (unread !== null) return refusal(unread.node, unread.message, declaration)
  if (isCustomProperty(property)) return null
  if (property.toLowerCase() === 'position' && /\bfixed\b/i.test(generate(value)))
    return refusal(declaration, 'A listing keeps to its own place: it can’t lie over the page.')
  if (takesRing(declaration))
    return refusal(declaration, 'Whoever goes by keys sees by the outline where they are. Set another one.')
  return mismatch(declaration)
}

/** Whether it takes away the outline that tells what holds the focus (WCAG 2.2, 2.4.7). */
function takesRing({ property, value }: Declaration): boolean {
  return (
    /^outline(?:-style|-width|-color)?$/.test(partsOf(property).basename.toLowerCase()) &&
    /(?:^|\s)(?:none|0[a-z]*|transparent|initial|unset)(?:\s|$)/i.test(generate(value))
  )
}

interface Unread {
  readonly node: CssNode
  readonly message: string
}

function refusedValue(value: CssNode): Unread | null {
  let found: Unread | null = null
  walk(value, (node: CssNode) => {
    found ??= refusedPart(node)
  })
  return found
}

function refusedPart(node: CssNode): Unread | null {
  if (node.type === 'Url') return { node, message: noAddress }
  if (node.type === 'Raw' && node.value.trim() !== '') return { node, message: 'This value can’t be read.' }
  if ('name' in node && typeof node.name === 'string' && node.name.includes('\\'))
    return { node, message: 'Write values without backslashes.' }
  if (node.type === 'Function' && fetching.has(partsOf(node.name).basename.toLowerCase()))
    return { node, message: noAddress }
  return null
}

const noAddress = 'Nothing is fetched by own CSS: it takes no addresses and no pictures.'

/** What the grammar of CSS says of a property and its value; of values that are settled later, nothing. */
function mismatch(declaration: Declaration): Refusal | null {
  const { property, value } = declaration
  if (partsOf(property).hack !== '') return refusal(declaration, `There is no property “${property}”.`)
  const { error } = lexer.matchProperty(property.toLowerCase(), value)
  if (error === null || / with var\(\)/.test(error.message)) return null
  return error.name === 'SyntaxMatchError'
    ? refusal(value, `“${generate(value)}” is no value of “${property}”.`, declaration)
    : refusal(declaration, `There is no property “${property}”.`)
}
