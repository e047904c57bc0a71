import { brotliDecompressSync } from 'node:zlib'
import { fromBuffer } from '@capsizecss/unpack'
import { create } from 'fontkitten'
import type { Font } from 'fontkitten'
import type { FontFacts } from '../../core/looks/fonts/own-fonts'
import type { FontKind } from '../../core/looks/fonts/site-fonts'
import { refused } from '../http/problem'
import { compressedPart } from './woff2-container'

/** So large is a font at most once it is unpacked, in bytes. */
const largestUnpacked = 30_000_000

/**
 * What a WOFF2 file says of the font in it (W3C WOFF File Format 2.0). Throws 422 for what is none or is
 * broken: before anything reads further, it is unpacked within bounds.
 */
export async function readWoff2(bytes: Buffer): Promise<FontFacts> {
  const packed = compressedPart(bytes)
  if (packed === null)
    throw unusable('This is no font that browsers read as WOFF2. Save it as WOFF2, one style in a file.')
  try {
    brotliDecompressSync(packed, { maxOutputLength: largestUnpacked })
    return await factsOf(bytes)
  } catch (error) {
    const isTooLarge = error instanceof Error && 'code' in error && error.code === 'ERR_BUFFER_TOO_LARGE'
    throw unusable(
      isTooLarge
        ? `This font is of more than ${largestUnpacked / 1_000_000} MB unpacked. Bring one of fewer letters.`
        : 'This font is broken or cut off. Bring the file anew from where it is from.',
    )
  }
}

function unusable(message: string) {
  return refused([{ path: 'file', message }])
}

async function factsOf(bytes: Buffer): Promise<FontFacts> {
  const font = create(bytes)
  if (font.isCollection) throw new Error('Several fonts in a file.')
  const { ascent, descent, lineGap, unitsPerEm, xWidthAvg } = await fromBuffer(bytes)
  // OpenType, `head`: 16 to 16384 units in an em.
  const isSound =
    [ascent, descent, lineGap].every((one) => Number.isFinite(one)) &&
    unitsPerEm >= 16 &&
    unitsPerEm <= 16_384 &&
    xWidthAvg > 0
  if (!isSound) throw new Error('Measures that no font has.')
  return {
    title: titleOf(font),
    kind: kindOf(font),
    weights: weightsOf(font),
    slant: font['OS/2'].fsSelection.italic || font['OS/2'].fsSelection.oblique ? 'slanted' : 'upright',
    metrics: { ascent, descent, lineGap, unitsPerEm, xWidthAvg },
  }
}

/** What files of one style add to the name of their family where they say no other (OpenType, `name`, 1). */
const styleWords =
  /(?:\s+(?:\d+pt|thin|hairline|(?:extra|ultra|semi|demi)?-?(?:light|bold)|regular|medium|black|heavy|italic|oblique))+$/i

/** Sizes for which letters are drawn are no part of what a family is called. */
const opticalSizes = /(?:\s+\d+pt)+$/

/** The family as designers call it: beyond the four styles that old programs knew (OpenType, `name`, 16). */
function titleOf(font: Font): string {
  const title = (font.getName('preferredFamily') ?? font.familyName.replace(styleWords, ''))
    .replace(opticalSizes, '')
    .replace(/\p{C}/gu, '')
    .trim()
    .slice(0, 60)
  return title === '' ? 'Font' : title
}

/** All weights of a variable font (OpenType, `fvar`), or the one that it has (`OS/2`, usWeightClass). */
function weightsOf(font: Font): readonly [number, number] {
  const axis = font.variationAxes.wght
  const own = font['OS/2'].usWeightClass
  return axis === undefined ? [weight(own), weight(own)] : [weight(axis.min), weight(axis.max)]
}

/** Old files say 1 to 9 for 100 to 900. */
function weight(said: number): number {
  const hundreds = said >= 1 && said <= 9 ? said * 100 : said
  return Math.min(Math.max(Math.round(hundreds) || 400, 1), 1000)
}

/** What it is like by its PANOSE numbers (OpenType, `OS/2`): text or written by hand, its serifs, its spacing. */
function kindOf(font: Font): FontKind {
  const [family = 0, serifs = 0, , proportion = 0] = font['OS/2'].panose
  if (family === 3) return 'hand'
  if (family === 2 && proportion === 9) return 'mono'
  return family === 2 && serifs >= 2 && serifs <= 10 ? 'serif' : 'sans'
}
