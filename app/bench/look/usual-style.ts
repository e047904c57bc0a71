import type { PropertyName } from '~~/core/looks/properties'
import type { StyleProperty } from '~~/core/looks/properties/define'

type Property = StyleProperty<PropertyName, never>

/**
 * What something of the page has as it is, as its browser computes it: `17px`, `600`, `1.3` for a line, `#1d2b24`;
 * null where that is no single length, number or colour.
 */
export function usualStyle(found: Element | null, property: Property): string | null {
  const view = found?.ownerDocument.defaultView
  const name = declared(property)
  if (found === null || !view || name === null) return null
  const computed = view.getComputedStyle(found)
  const value = computed.getPropertyValue(name)
  if (property.value.kind === 'colour') return hexOf(value)
  const pixels = /^-?[\d.]+px$/.test(value) ? Number.parseFloat(value) : null
  if (property.value.kind === 'length') return pixels === null ? null : `${rounded(pixels)}px`
  const number = pixels === null ? Number(value) : pixels / Number.parseFloat(computed.fontSize)
  const isPercent = property.value.kind === 'number' && property.value.unit === '%'
  return value === '' || !Number.isFinite(number) ? null : String(rounded(isPercent ? number * 100 : number))
}

function rounded(value: number): number {
  return Math.round(value * 100) / 100
}

/** A colour as browsers compute it, where it covers what is below it. */
function hexOf(value: string): string | null {
  const parts = /^rgb\((\d+), (\d+), (\d+)\)$/.exec(value)?.slice(1)
  return parts === undefined
    ? null
    : `#${parts.map((part) => Number(part).toString(16).padStart(2, '0')).join('')}`
}

/** The property of the style sheet that holds it; null for values of several. */
function declared({ value, css }: Property): string | null {
  const samples = { length: '0px', number: 1, colour: '#000000' } as const
  const sample = samples[value.kind as keyof typeof samples] as string | number | undefined
  if (sample === undefined) return null
  return Object.keys(css(sample as never)).find((name) => !name.startsWith('--')) ?? null
}
