import { array, number, object, string } from 'yup'
import type { Schema } from 'yup'
import { parseWith } from '../parsing'
import type { Parsed } from '../parsing'
import { versionSchema } from '../schemas'
import { same } from '../same'
import { fontProperty, fontUses, usualFonts } from './fonts/site-fonts'
import type { ChosenFonts, FontUse } from './fonts/site-fonts'
import { colourProperty } from './properties/values'
import { sitePalette } from './site-palette'
import { scales, siteScales, stepProperty } from './site-scales'
import type { Scale } from './site-scales'
import { tokenName } from './tokens/site-tokens'
import type { PaletteColour, SiteTokens } from './tokens/site-tokens'
import { largestStep } from './tokens/token-values'

/** By which set of colours pages go: one of them, or what each visitor's device is set to. */
export const pageSets = ['light', 'dark', 'visitor'] as const
export type PageSet = (typeof pageSets)[number]

/** What the looks of a site are made of; of each kind, what every site has comes first. */
export interface SiteValues extends SiteTokens {
  readonly pages: PageSet
  readonly fonts: ChosenFonts
}

/** Values as somebody saves them, with the version that they had seen. */
export interface SavedSiteValues extends SiteValues {
  readonly version: number
}

export const defaultValues: SiteValues = {
  palette: sitePalette,
  ...siteScales,
  pages: 'light',
  fonts: usualFonts,
}

/** So many colours a palette has at most. */
export const mostColours = 24
/** So many steps a scale has at most. */
export const mostSteps = 16

const hex = (of: string) => string().matches(/^#[\da-f]{6}$/, `Give the colour on ${of} pages as #rrggbb.`)

const nameSchema = (of: string) =>
  string().required(`Give the ${of} a name.`).matches(tokenName, {
    message: 'Use small letters, digits and single hyphens: “warm-red”.',
    excludeEmptyString: true,
  })

type Named = readonly { readonly name: string }[]

/** Names come once, and what every site has comes first, under its names. */
function onceAndWhole(
  all: Named | undefined,
  usual: Named,
  of: string,
): { readonly at: string; readonly message: string } | null {
  const names = (all ?? []).map(({ name }) => name)
  const twice = names.findIndex((name, at) => names.indexOf(name) < at)
  if (twice !== -1) return { at: `[${twice}].name`, message: `Another ${of} has this name. Choose another.` }
  return usual.every(({ name }, at) => names[at] === name)
    ? null
    : { at: '', message: `The ${of}s that every site has come first, under their names.` }
}

const scaleSchema = (scale: Scale) => {
  const of = { letterSizes: 'size', spaces: 'space' }[scale]
  const words = `Give the ${of} as a number with px or rem, up to ${largestStep.px} px.`
  return array(
    object({
      name: nameSchema(of),
      value: number().min(0, words).required(words),
      unit: string<'px' | 'rem'>().oneOf(['px', 'rem'], words).required(words),
    })
      .test(
        'bounds',
        (step, { path, createError }) =>
          !Object.hasOwn(largestStep, step.unit) ||
          step.value <= largestStep[step.unit] ||
          createError({ path: `${path}.value`, message: words }),
      )
      .noUnknown(),
  )
    .max(mostSteps, `Keep the scale within ${mostSteps} steps.`)
    .test('names', (all, { path, createError }) => {
      const wrong = onceAndWhole(all as Named, siteScales[scale], of)
      return wrong === null || createError({ path: `${path}${wrong.at}`, message: wrong.message })
    })
    .required()
}

const fontSchema = (use: FontUse) => {
  const words = `Choose the font of ${use}.`
  return string().required(words).matches(tokenName, { message: words, excludeEmptyString: true })
}

const schema = object({
  version: versionSchema().required(),
  pages: string<PageSet>()
    .oneOf([...pageSets], 'Pages are light, dark, or as the visitor’s device is set.')
    .required(),
  palette: array(
    object({
      name: nameSchema('colour'),
      light: hex('light').required('Give the colour on light pages.'),
      dark: hex('dark').nullable().defined(),
    }).noUnknown(),
  )
    .max(mostColours, `Keep the palette within ${mostColours} colours.`)
    .test('names', (all, { path, createError }) => {
      const wrong = onceAndWhole(all as Named, sitePalette, 'colour')
      return wrong === null || createError({ path: `${path}${wrong.at}`, message: wrong.message })
    })
    .required(),
  fonts: object({ headings: fontSchema('headings'), text: fontSchema('text') })
    .noUnknown()
    .required(),
  letterSizes: scaleSchema('letterSizes'),
  spaces: scaleSchema('spaces'),
})
  .noUnknown()
  .required()

/** Reads the named values of a site. */
export function parseSiteValues(input: unknown): Parsed<SavedSiteValues> {
  return parseWith<SavedSiteValues>(schema as unknown as Schema<SavedSiteValues>, input)
}

/** What browsers are told that a page may be (CSS Color Adjustment 1, 2.2). */
const schemes: Readonly<Record<PageSet, string>> = { light: 'light', dark: 'dark', visitor: 'light dark' }

/** A style sheet that gives pages the named values of a site, where those differ from the ones to begin with. */
export function siteValuesCss(values: SiteValues): string {
  const steps = scales.flatMap((scale) =>
    (same(values[scale], siteScales[scale]) ? [] : values[scale]).map(
      ({ name, value, unit }) => `${stepProperty(scale, name)}:${value}${unit}`,
    ),
  )
  const fonts = fontUses.flatMap((use) =>
    values.fonts[use] === usualFonts[use]
      ? []
      : [
          `${fontProperty(use)}:var(${fontProperty(values.fonts[use])},var(${fontProperty(usualFonts[use])}))`,
        ],
  )
  const plain = [...steps, ...fonts]
  const scaled = plain.length === 0 ? '' : `@layer layout{:root{${plain.join(';')}}}`
  return [scaled, coloursCss(values)].filter((css) => css !== '').join('\n')
}

/**
 * A style sheet that gives pages the colours of a site, where those differ from the ones to begin with, which
 * the style sheet of every page has. Which of the two sets holds is asked of each element (`light-dark()`,
 * CSS Color 5, 15): something of a page may have the other. Browsers that do not know that have the light set.
 */
function coloursCss({ palette, pages }: SiteValues): string {
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
