/**
 * Style rules as values. Everything that a listing adds to a page's styles is stated so and written
 * here alone: that escapes what values hold, and says which box a width is that of.
 */
export type Style = StyleRule | WidthRule | MediaRule

export interface StyleRule {
  readonly selector: string
  /** Properties with their values, custom ones too; those that are null are left out. */
  readonly set: Readonly<Record<string, string | number | null>>
}

export interface WidthRule {
  /** Whose width it is: that of the listing's own box where nothing is said. */
  readonly box?: 'listing' | 'band' | 'site'
  /** In CSS pixels: from this one on, or up to that one, without it. */
  readonly width: { readonly from: number } | { readonly below: number }
  readonly rules: readonly StyleRule[]
}

/** What a visitor's device and settings are like, as style sheets ask for it (Media Queries 5). */
export const media = {
  'can point': '(hover:hover)',
  'likes motion': '(prefers-reduced-motion:no-preference)',
} as const

export interface MediaRule {
  readonly media: keyof typeof media
  readonly rules: readonly (StyleRule | WidthRule)[]
}

/** Values for what a selector finds. */
export function rule(selector: string, set: StyleRule['set']): StyleRule {
  return { selector, set }
}

/** Rules for boxes that are so wide or wider; from 0 on they hold in each. */
export function fromWidth(from: number, rules: readonly StyleRule[]): readonly Style[] {
  return from === 0 ? rules : [{ width: { from }, rules }]
}

/** Rules for boxes that are narrower. */
export function belowWidth(
  below: number,
  rules: readonly StyleRule[],
  box?: WidthRule['box'],
): readonly Style[] {
  return [{ ...(box !== undefined && { box }), width: { below }, rules }]
}

/** Rules for those whose device or settings are so; nothing where there are none. */
export function whereMedia(name: MediaRule['media'], rules: MediaRule['rules']): readonly Style[] {
  return rules.length === 0 ? [] : [{ media: name, rules }]
}

/** A length in CSS pixels. */
export function px(length: number): string {
  return `${length}px`
}

/** A text as a CSS string (CSS Syntax, 4.3.5). */
export function quoted(text: string): string {
  return `"${text.replace(/["\\\n\r\f]/g, escaped)}"`
}

/** The rules as the text of a style sheet: the same rules give the same bytes. */
export function cssOf(styles: readonly Style[]): string {
  return styles.map(styleCss).join('\n')
}

function styleCss(style: Style): string {
  if ('media' in style) return `@media ${media[style.media]}{${style.rules.map(styleCss).join('')}}`
  return 'width' in style ? widthCss(style) : ruleCss(style)
}

/**
 * What public pages are styled by, the later ones before the earlier, however narrow a selector is (CSS
 * Cascade 5, 6.4): what is the same everywhere, how bands and shapes are set, a look that listings share,
 * and what one of them looks like by itself.
 */
export const layers = ['site', 'layout', 'look', 'listing'] as const
export type Layer = (typeof layers)[number]

/** The rules as a part of a layer; nothing where there are none. */
export function layerCss(layer: Layer, styles: readonly Style[]): string {
  return layerText(layer, cssOf(styles))
}

/** Rules that are text already as a part of a layer; nothing where there are none. */
export function layerText(layer: Layer, css: string): string {
  return css === '' ? '' : `@layer ${layer}{${css}}`
}

function widthCss({ box = 'listing', width, rules }: WidthRule): string {
  const asked = 'from' in width ? `(min-width:${px(width.from)})` : `(width < ${px(width.below)})`
  return `@container ${box} ${asked}{${rules.map(ruleCss).join('')}}`
}

function ruleCss({ selector, set }: StyleRule): string {
  const values = Object.entries(set).flatMap(([property, value]) =>
    value === null ? [] : [`${property}:${safe(String(value))}`],
  )
  return `${selector}{${values.join(';')}}`
}

/**
 * A value that can't end its declaration, its rule or the element that the style sheet stands in:
 * outside of strings, what would is escaped.
 */
function safe(value: string): string {
  return value.replace(/"(?:[^"\\\n]|\\.)*"|[;{}<>\\"\n]/g, (found) =>
    found.length > 1 ? found.replaceAll('<', '\\3c ') : escaped(found),
  )
}

/** A character by its number (CSS Syntax, 4.3.7). */
function escaped(character: string): string {
  return `\\${character.charCodeAt(0).toString(16)} `
}
