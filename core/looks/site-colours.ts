import { array, object, string } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { versionSchema } from '../schemas'
import { same } from '../same'
import { colourProperty } from './properties/values'
import { sitePalette } from './site-palette'
import { tokenName } from './tokens/site-tokens'
import type { PaletteColour } from './tokens/site-tokens'

/** By which set of colours pages go: one of them, or what each visitor's device is set to. */
export const pageSets = ['light', 'dark', 'visitor'] as const
export type PageSet = (typeof pageSets)[number]

/** The named colours of a site. */
export interface SiteColours {
  /** Those that every site has come first. */
  readonly palette: readonly PaletteColour[]
  readonly pages: PageSet
}

/** Colours as somebody saves them, with the version that they had seen. */
export interface SavedSiteColours extends SiteColours {
  readonly version: number
}

export const defaultColours: SiteColours = { palette: sitePalette, pages: 'light' }

/** So many colours a palette has at most. */
export const mostColours = 24

const hex = (of: string) => string().matches(/^#[\da-f]{6}$/, `Give the colour on ${of} pages as #rrggbb.`)

const schema = object({
  version: versionSchema().required(),
  pages: string<PageSet>()
    .oneOf([...pageSets], 'Pages are light, dark, or as the visitor’s device is set.')
    .required(),
  palette: array(
    object({
      name: string().required('Give the colour a name.').matches(tokenName, {
        message: 'Use small letters, digits and single hyphens: “warm-red”.',
        excludeEmptyString: true,
      }),
      light: hex('light').required('Give the colour on light pages.'),
      dark: hex('dark').nullable().defined(),
    }).noUnknown(),
  )
    .max(mostColours, `Keep the palette within ${mostColours} colours.`)
    .test('once', (all, { path, createError }) => {
      const names = (all ?? []).map(({ name }) => name)
      const twice = names.findIndex((name, at) => names.indexOf(name) < at)
      return (
        twice === -1 ||
        createError({
          path: `${path}[${twice}].name`,
          message: 'Another colour has this name. Choose another.',
        })
      )
    })
    .test('whole', 'The colours that every site has come first, under their names.', (all) =>
      sitePalette.every(({ name }, at) => all?.[at]?.name === name),
    )
    .required(),
})
  .noUnknown()
  .required()

/** Reads the colours of a site. */
export function parseSiteColours(input: unknown): Parsed<SavedSiteColours> {
  return parseWith<SavedSiteColours>(schema as unknown as Schema<SavedSiteColours>, input)
}

/** What browsers are told that a page may be (CSS Color Adjustment 1, 2.2). */
const schemes: Readonly<Record<PageSet, string>> = { light: 'light', dark: 'dark', visitor: 'light dark' }

/**
 * A style sheet that gives pages the colours of a site, where those differ from the ones to begin with, which
 * the style sheet of every page has. Which of the two sets holds is asked of each element (`light-dark()`,
 * CSS Color 5, 15): something of a page may have the other. Browsers that do not know that have the light set.
 */
export function coloursCss({ palette, pages }: SiteColours): string {
  const isUsual = same(palette, sitePalette)
  if (isUsual && pages === 'light') return ''
  const scheme = pages === 'light' ? '' : `color-scheme:${schemes[pages]}`
  const light = declared(palette, ({ light: colour }) => colour)
  const both = declared(palette, ({ light: one, dark }) => `light-dark(${one},${dark ?? one})`)
  const plain = [scheme, ...(isUsual ? [] : [light])].filter((one) => one !== '').join(';')
  const sets = isUsual ? '' : `@supports (color:light-dark(#000,#fff)){:root{${both}}}`
  return `@layer layout{:root{${plain}}${sets}}`
}

function declared(palette: readonly PaletteColour[], value: (colour: PaletteColour) => string): string {
  return palette.map((colour) => `${colourProperty(colour.name)}:${value(colour)}`).join(';')
}
