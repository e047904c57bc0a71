import type { Fault } from '../../parsing'
import { colourText } from '../colour'
import { tokenNameOf } from './site-tokens'
import type { PaletteColour, ScaleStep, SiteTokens } from './site-tokens'
import { readTokenColour, readTokenLength } from './token-values'
import type { ReadValue } from './token-values'
import { mostTokens, tokensIn } from './walk'
import type { FoundToken } from './walk'
import { groups } from './write'

/** What a file of design tokens has for a site, and what of it is not taken, each with why. */
export interface ReadTokens {
  readonly tokens: SiteTokens
  readonly left: readonly Fault[]
}

/** Words that tell that lengths are sizes of letters. */
const letterWords = /(?:^|[-_ ])(?:font|letters?|text|type)(?:[-_ ]|$)/i

/**
 * Reads the colours and lengths of a file in the format of the Design Tokens Community Group. Lengths under
 * the names of letters are sizes of those, all others spaces; all else is left. What a name has after `dark`
 * is the same colour on dark pages.
 */
export function readTokens(file: unknown): ReadTokens {
  const found = tokensIn(file)
  const left: Fault[] =
    found.length > mostTokens ? [fault([], `More than ${mostTokens} tokens are not read.`)] : []
  const named = new Set<string>()
  const kept = { palette: [] as PaletteColour[], letterSizes: [] as ScaleStep[], spaces: [] as ScaleStep[] }
  const dark = new Map<string, string>()
  for (const token of found.slice(0, mostTokens)) {
    const taken = takenFrom(token)
    if ('refused' in taken) left.push(fault(token.path, taken.refused))
    else if (taken.kind === 'dark') dark.set(taken.name, taken.colour)
    else if (named.has(`${taken.kind} ${taken.name}`))
      left.push(fault(token.path, `There is another of the name “${taken.name}”.`))
    else {
      named.add(`${taken.kind} ${taken.name}`)
      if (taken.kind === 'palette') kept.palette.push({ name: taken.name, light: taken.colour, dark: null })
      else kept[taken.kind].push({ name: taken.name, ...taken.length })
    }
  }
  const palette = kept.palette.map((one) => ({ ...one, dark: dark.get(one.name) ?? null }))
  return { tokens: { ...kept, palette }, left }
}

type Taken =
  | { readonly kind: 'palette' | 'dark'; readonly name: string; readonly colour: string }
  | {
      readonly kind: 'letterSizes' | 'spaces'
      readonly name: string
      readonly length: Omit<ScaleStep, 'name'>
    }
  | { readonly refused: string }

function takenFrom({ path, type, value, lost }: FoundToken): Taken {
  if (lost !== null) return { refused: lost }
  if (type === 'color') return colourFrom(path, value)
  if (type === 'dimension') return lengthFrom(path, value)
  return { refused: type === null ? 'It has no type.' : `Nothing is made of the type “${type}” here.` }
}

function colourFrom(path: readonly string[], value: unknown): Taken {
  const isDark = path[0] === groups.dark
  const name = tokenNameOf(isDark || path[0] === groups.palette ? path.slice(1) : path)
  return named(name, readTokenColour(value), (own, colour) => ({
    kind: isDark ? 'dark' : 'palette',
    name: own,
    colour: colourText(colour),
  }))
}

function lengthFrom(path: readonly string[], value: unknown): Taken {
  const isOwn = path[0] === groups.letterSizes || path[0] === groups.spaces
  const kind = path[0] === groups.letterSizes || (!isOwn && path.some((one) => letterWords.test(one)))
  return named(tokenNameOf(isOwn ? path.slice(1) : path), readTokenLength(value), (name, length) => ({
    kind: kind ? 'letterSizes' : 'spaces',
    name,
    length,
  }))
}

function named<T>(name: string | null, read: ReadValue<T>, taken: (name: string, value: T) => Taken): Taken {
  if ('refused' in read) return read
  return name === null
    ? { refused: 'Its name has no letters that a name here can have.' }
    : taken(name, read.value)
}

function fault(path: readonly string[], message: string): Fault {
  return { path: path.join('.'), message }
}
