import { generate, parse } from 'css-tree'
import type { Atrule, Block, CssNode, Declaration, Rule, StyleSheet } from 'css-tree'
import type { StyleTarget } from '../../style/targets'
import { isMoving, refusedDeclaration } from './declarations'
import { targetNames } from './names'
import type { TargetName } from './names'
import { refusal } from './refusal'
import type { Refusal } from './refusal'
import { scopedSelector } from './selectors'

/** What holds of a text of own CSS, and what of it is left out. */
export interface ReadCss {
  /** Rules for the box that a scope finds, one to a line; empty where none holds. */
  readonly rules: readonly string[]
  readonly refused: readonly Refusal[]
}

/** What own CSS is read for. */
export interface CssPlace {
  readonly targets: readonly StyleTarget[]
  /** Finds the box that nothing of it leaves. */
  readonly scope: string
}

/** Conditions under which rules may hold; all else that begins with an at sign is of the whole page. */
const conditions = new Set(['media', 'container', 'supports'])

/** So many conditions stand in each other at most. */
const deepest = 8

/**
 * Reads own CSS: what touches nothing but its listing holds, everything else is left out with why. What is
 * returned is written anew from what was understood, so that no text ends a rule or the style sheet early.
 */
export function readOwnCss(text: string, { targets, scope }: CssPlace): ReadCss {
  const refused: Refusal[] = []
  const sheet = parse(text, {
    positions: true,
    parseCustomProperty: true,
    onParseError: (error, node) => refused.push(refusal(node, `This can’t be read: ${plain(error.message)}`)),
  }) as StyleSheet
  const names = new Map(targetNames(targets).map((one) => [one.name, one]))
  const reading: Reading = { names, scope, refused, moves: false }
  const rules = sheet.children.toArray().flatMap((node) => read(node, reading, 0))
  return {
    rules: reading.moves && rules.length > 0 ? [...rules, stillness(scope)] : rules,
    refused: onePerPlace(refused),
  }
}

interface Reading {
  readonly names: ReadonlyMap<string, TargetName>
  readonly scope: string
  readonly refused: Refusal[]
  moves: boolean
}

/** Nothing in a scope moves for those who ask for less motion (WCAG 2.2, 2.3.3). */
function stillness(scope: string): string {
  const all = ['*', '::before', '::after'].map((one) => `${scope} ${one}`).join(',')
  return `@media (prefers-reduced-motion:reduce){${all}{animation:none!important;transition:none!important}}`
}

function read(node: CssNode, reading: Reading, depth: number): readonly string[] {
  if (node.type === 'Rule') return readRule(node, reading)
  if (node.type === 'Atrule') return readCondition(node, reading, depth)
  if (node.type === 'Comment' || node.type === 'WhiteSpace' || node.type === 'CDO' || node.type === 'CDC')
    return []
  // What is no rule has been told of where it was parsed.
  if (node.type !== 'Raw') reading.refused.push(refusal(node, 'This is no rule.'))
  return []
}

function readRule({ prelude, block }: Rule, reading: Reading): readonly string[] {
  if (prelude.type !== 'SelectorList') return []
  const selectors = prelude.children.toArray().flatMap((one) => {
    if (one.type !== 'Selector') return []
    const scoped = scopedSelector(one, reading.names, reading.scope)
    if ('selector' in scoped) return [scoped.selector]
    reading.refused.push(scoped.refused)
    return []
  })
  const declared = declarationsOf(block, reading)
  if (selectors.length === 0 || declared.length === 0) return []
  reading.moves ||= declared.some(isMoving)
  return [safe(`${selectors.join(',')}{${declared.map(written).join(';')}}`)]
}

function declarationsOf(block: Block, reading: Reading): readonly Declaration[] {
  return block.children.toArray().flatMap((node) => {
    if (node.type === 'Rule' || node.type === 'Atrule') {
      reading.refused.push(refusal(node, 'Write rules one after another, not in each other.'))
      return []
    }
    if (node.type !== 'Declaration') return []
    const refused = refusedDeclaration(node)
    if (refused !== null) {
      reading.refused.push(refused)
      return []
    }
    return [node]
  })
}

function written({ property, value, important }: Declaration): string {
  return `${property}:${generate(value)}${important === false ? '' : '!important'}`
}

function readCondition(rule: Atrule, reading: Reading, depth: number): readonly string[] {
  const refuse = (message: string) => {
    reading.refused.push(refusal(rule, message))
    return []
  }
  const name = rule.name.toLowerCase()
  if (!conditions.has(name)) return refuse(`“@${rule.name}” is of the whole page. Leave it out.`)
  if (rule.prelude?.type !== 'AtrulePrelude' || rule.block === null) return refuse('Say when it holds.')
  if (depth >= deepest) return refuse('These stand too deep in each other.')
  const condition = generate(rule.prelude)
  if (/\\|["'{};]|url\(/i.test(condition)) return refuse('This condition can’t be read.')
  const inner = rule.block.children.toArray().flatMap((node) => read(node, reading, depth + 1))
  return inner.length === 0 ? [] : [`@${name} ${condition}{${inner.join('')}}`]
}

/** In a style element, nothing but this ends it (HTML, 13.2.5.3); in strings, a slash may be escaped. */
function safe(css: string): string {
  return css.replaceAll('</', '<\\/')
}

/** What the parser says, without where: that is said beside it. */
function plain(message: string): string {
  return message.charAt(0).toLowerCase() + message.slice(1)
}

/** The first of what is said of each place, in the order of the text. */
function onePerPlace(refused: readonly Refusal[]): readonly Refusal[] {
  return [...new Map([...refused].reverse().map((one) => [one.from, one])).values()].sort(
    (one, other) => one.from - other.from,
  )
}
