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

/** A colour for light or for dark pages, or a length, under a name. */
type Taken =
  | { readonly of: 'palette' | 'dark'; readonly name: string; readonly colour: string }
  | { readonly of: 'letterSizes' | 'spaces'; readonly step: ScaleStep }

/**
 * Reads the colours and lengths of a file in the format of the Design Tokens Community Group. Lengths under
 * the names of letters are sizes of those, all others spaces; all else is left. Colours in the group for dark
 * pages are those of the same names there.
 */
export function readTokens(file: unknown): ReadTokens {
  const found = tokensIn(file)
  const left: Fault[] =
    found.length > mostTokens ? [fault([], `More than ${mostTokens} tokens are not read.`)] : []
  const kept = new Map<string, { readonly path: readonly string[]; readonly taken: Taken }>()
  for (const token of found.slice(0, mostTokens)) {
    const read = takenFrom(token)
    if ('refused' in read) left.push(fault(token.path, read.refused))
    else if (kept.has(nameOf(read.value)))
      left.push(
        fault(token.path, `There is another of the name “${nameOf(read.value).split(' ')[1] ?? ''}”.`),
      )
    else kept.set(nameOf(read.value), { path: token.path, taken: read.value })
  }
  for (const [name, { path }] of kept)
    if (name.startsWith('dark ') && !kept.has(name.replace('dark', 'palette')))
      left.push(fault(path, 'There is no colour of this name for light pages.'))
  return { tokens: siteTokens([...kept.values()].map(({ taken }) => taken)), left }
}

function siteTokens(all: readonly Taken[]): SiteTokens {
  const colours = (of: 'palette' | 'dark') =>
    all.flatMap((one) => (one.of === of && 'colour' in one ? [one] : []))
  const steps = (of: 'letterSizes' | 'spaces') =>
    all.flatMap((one) => (one.of === of && 'step' in one ? [one.step] : []))
  const dark = new Map(colours('dark').map(({ name, colour }) => [name, colour]))
  return {
    palette: colours('palette').map(({ name, colour }): PaletteColour => ({
      name,
      light: colour,
      dark: dark.get(name) ?? null,
    })),
    letterSizes: steps('letterSizes'),
    spaces: steps('spaces'),
  }
}

/** What tells apart all that is taken: its kind and its name. */
function nameOf(taken: Taken): string {
  return `${taken.of} ${'step' in taken ? taken.step.name : taken.name}`
}

function takenFrom({ path, type, value, lost }: FoundToken): ReadValue<Taken> {
  if (lost !== null) return { refused: lost }
  if (type === 'color') return colourFrom(path, value)
  if (type === 'dimension') return lengthFrom(path, value)
  return { refused: type === null ? 'It has no type.' : `Nothing is made of the type “${type}” here.` }
}

function colourFrom(path: readonly string[], value: unknown): ReadValue<Taken> {
  const isDark = path[0] === groups.dark
  const name = tokenNameOf(isDark || path[0] === groups.palette ? path.slice(1) : path)
  return named(name, readTokenColour(value), (own, colour) => ({
    of: isDark ? 'dark' : 'palette',
    name: own,
    colour: colourText(colour),
  }))
}

function lengthFrom(path: readonly string[], value: unknown): ReadValue<Taken> {
  const isOwn = path[0] === groups.letterSizes || path[0] === groups.spaces
  const isOfLetters = isOwn ? path[0] === groups.letterSizes : path.some((one) => letterWords.test(one))
  return named(tokenNameOf(isOwn ? path.slice(1) : path), readTokenLength(value), (name, length) => ({
    of: isOfLetters ? 'letterSizes' : 'spaces',
    step: { name, ...length },
  }))
}

function named<T>(
  name: string | null,
  read: ReadValue<T>,
  taken: (name: string, value: T) => Taken,
): ReadValue<Taken> {
  if ('refused' in read) return read
  return name === null
    ? { refused: 'Its name has no letters that a name here can have.' }
    : { value: taken(name, read.value) }
}

function fault(path: readonly string[], message: string): Fault {
  return { path: path.join('.'), message }
}
