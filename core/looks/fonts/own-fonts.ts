import type { FontMetrics } from '@capsizecss/core'
import { slants } from '../properties/letters'
import { tokenNameOf } from '../tokens/site-tokens'
import { fontFace, fontStack, standInFace } from './faces'
import { fontProperty, fontUses, shippedFonts } from './site-fonts'
import type { FontKind, SiteFont } from './site-fonts'

export type FontSlant = (typeof slants)[number]

/** What a file of a font holds, as it says itself. */
export interface FontFacts {
  readonly title: string
  readonly kind: FontKind
  /** The lightest and the heaviest that it has, 1 to 1000; the same for one of a single weight. */
  readonly weights: readonly [number, number]
  readonly slant: FontSlant
  readonly metrics: Pick<FontMetrics, 'ascent' | 'descent' | 'lineGap' | 'unitsPerEm' | 'xWidthAvg'>
}

/** A file of a font that a site brought with it. */
export interface FontFile extends Pick<FontFacts, 'weights' | 'slant' | 'metrics'> {
  /** Names its bytes. */
  readonly hash: string
}

/** A font that a site brought with it. */
export interface OwnFont extends SiteFont {
  /** One for each of its weights and slants. */
  readonly files: readonly FontFile[]
  /** Taken away, but for as long as it can be put back. */
  readonly isRemoved: boolean
}

/** So many fonts a site brings with it at most. */
export const mostOwnFonts = 12
/** So many files each of them has at most: nine weights, upright and slanted. */
export const mostFontFiles = 18
/** So large is a file at most, in bytes. */
export const largestFont = 2_000_000

/** The address of a file of a font. */
export function fontAddress({ hash }: Pick<FontFile, 'hash'>): string {
  return `/media/fonts/${hash}.woff2`
}

/** The fonts that are there. */
export function presentFonts(fonts: readonly OwnFont[]): readonly OwnFont[] {
  return fonts.filter(({ isRemoved }) => !isRemoved)
}

/**
 * The fonts of a site with one file more, which goes to the font that it says it is of; in place of the file
 * for the same weights and slant, if there is one.
 */
export function withFontFile(
  fonts: readonly OwnFont[],
  facts: FontFacts,
  hash: string,
): { readonly fonts: readonly OwnFont[]; readonly font: OwnFont } {
  const { title, kind, ...file } = facts
  const known = fonts.find((one) => one.title === title && !one.isRemoved)
  const name = known?.name ?? freeName(fonts, title)
  const others = (known?.files ?? []).filter((one) => !isSameCut(one, file))
  const files = [...others, { hash, ...file }].sort((a, b) => compareCuts(a, b))
  const font = { name, title, kind: known?.kind ?? kind, family: `of-site ${name}`, files, isRemoved: false }
  return { fonts: [...fonts.filter((one) => one !== known), font].sort(byTitle), font }
}

/** What a font is called in looks: nothing that another is, or that means something else. */
function freeName(fonts: readonly OwnFont[], title: string): string {
  const taken = new Set([...fontUses, ...[...shippedFonts, ...fonts].map(({ name }) => name)])
  const wanted = (tokenNameOf([title]) ?? 'font').slice(0, 34).replace(/-+$/, '')
  const names = [
    wanted,
    ...Array.from({ length: fonts.length + taken.size }, (_, at) => `${wanted}-${at + 2}`),
  ]
  return names.find((name) => !taken.has(name)) ?? wanted
}

function isSameCut(one: Omit<FontFile, 'hash'>, other: Omit<FontFile, 'hash'>): boolean {
  return compareCuts(one, other) === 0
}

/** Upright before slanted, light before heavy. */
function compareCuts(one: Omit<FontFile, 'hash'>, other: Omit<FontFile, 'hash'>): number {
  return (
    slants.indexOf(one.slant) - slants.indexOf(other.slant) ||
    one.weights[0] - other.weights[0] ||
    one.weights[1] - other.weights[1]
  )
}

function byTitle(one: OwnFont, other: OwnFont): number {
  return one.title < other.title ? -1 : one.title > other.title ? 1 : 0
}

/** The file that text is set in where nothing else is said; undefined for a font without any. */
export function plainestFile({ files }: OwnFont): FontFile | undefined {
  const farness = ({ weights: [least, most], slant }: FontFile) =>
    (slant === 'slanted' ? 1000 : 0) + Math.max(least - 400, 400 - most, 0)
  return [...files].sort((a, b) => farness(a) - farness(b))[0]
}

/** A style sheet that gives pages the fonts that a site brought with it. */
export function ownFontsCss(fonts: readonly OwnFont[]): string {
  const present = presentFonts(fonts)
  if (present.length === 0) return ''
  const faces = present.flatMap((font) => {
    const plain = plainestFile(font)
    return [
      ...font.files.map((file) => fontFace(font, { ...file, address: fontAddress(file) })),
      ...(plain === undefined ? [] : [standInFace(font, plain.metrics)]),
    ]
  })
  const named = present.map((font) => `${fontProperty(font.name)}:${fontStack(font)}`)
  return [...faces, `@layer layout{:root{${named.join(';')}}}`].join('\n')
}
