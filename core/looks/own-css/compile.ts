import { layerText } from '../../style/rules'
import type { Layer } from '../../style/rules'
import type { OwnCss } from './own-css'
import { readOwnCss } from './read'
import type { CssPlace } from './read'

/** How far from its listing something of own CSS may show, in CSS pixels: a shadow, a ring. */
const margin = 48

/**
 * The style sheet of own CSS; nothing where it is off, or nothing of it holds. Its box keeps what it holds to
 * its own place: nothing in it lies over the page or has it scroll, however large it is or wherever it is put
 * (CSS Containment 2, 3.3; CSS Masking 1, 3).
 */
export function compiledOwnCss({ text, isOn }: OwnCss, layer: Layer, place: CssPlace): string {
  if (!isOn || text.trim() === '') return ''
  const { rules } = readOwnCss(text, place)
  if (rules.length === 0) return ''
  const kept = `${place.scope}{contain:layout style;clip-path:inset(-${margin}px)}`
  return layerText(layer, [kept, ...rules].join('\n'))
}
