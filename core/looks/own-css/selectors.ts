import { generate, parse, walk } from 'css-tree'
import type { CssNode, PseudoClassSelector, Selector } from 'css-tree'
import type { TargetName } from './names'
import { refusal } from './refusal'
import type { Refusal } from './refusal'

/** A selector that finds nothing outside of a scope, or why there is none. */
export type Scoped = { readonly selector: string } | { readonly refused: Refusal }

/** Whole-page things under the name of an element of it. */
const reaching = /^-?(?:webkit-|moz-)?(?:view-transition|scrollbar|backdrop)/

/**
 * A selector within the box that `scope` finds: whatever is asked of others (`:has()`, `:is()`), what it
 * finds lies within (Selectors 4, 14.1). Names of targets become what they stand for.
 */
export function scopedSelector(
  selector: Selector,
  names: ReadonlyMap<string, TargetName>,
  scope: string,
): Scoped {
  const first = selector.children.first
  if (first?.type === 'Combinator')
    return { refused: refusal(first, 'Begin with what is styled, without a sign before it.', selector) }
  const refused = refusedIn(selector, names)
  if (refused !== null) return { refused }
  return { selector: `${scope} ${generate(withNames(selector, names))}` }
}

function refusedIn(selector: Selector, names: ReadonlyMap<string, TargetName>): Refusal | null {
  let found: Refusal | null = null
  walk(selector, (node: CssNode) => {
    found ??= refusedNode(node, selector, names)
  })
  return found
}

function refusedNode(
  node: CssNode,
  selector: Selector,
  names: ReadonlyMap<string, TargetName>,
): Refusal | null {
  if (node.type === 'NestingSelector')
    return refusal(node, 'Write rules one after another, not in each other.', selector)
  if (node.type === 'Raw') return refusal(node, 'This selector can’t be read.', selector)
  if (node.type === 'PseudoElementSelector' && reaching.test(node.name.toLowerCase()))
    return refusal(node, `“::${node.name}” is of the whole page.`, selector)
  if (node.type === 'PseudoClassSelector' && node.name.startsWith('--') && !names.has(node.name.slice(2)))
    return refusal(node, `Nothing of the listing is called “:${node.name}”.`, selector)
  return null
}

function withNames(selector: Selector, names: ReadonlyMap<string, TargetName>): Selector {
  walk(selector, {
    visit: 'PseudoClassSelector',
    enter(node: PseudoClassSelector, item, list) {
      const named = names.get(node.name.slice(2))
      if (node.name.startsWith('--') && named !== undefined)
        list?.replace(item, list.createItem(standsFor(named)))
    },
  })
  return selector
}

/** What a name stands for as one thing, which more can be asked of. */
function standsFor({ selector }: TargetName): CssNode {
  const parsed = parse(`:is(${selector})`, { context: 'selector' }) as Selector
  return parsed.children.first ?? parsed
}
