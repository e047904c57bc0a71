import { px, rule } from '../../style/rules'
import type { Style } from '../../style/rules'
import type { Band } from './definition'
import { besideFromOf, columnGap } from './geometry'
import { inkOn, schemeOf } from './tone'

/** The style rules that a band asks for by its settings. */
export function bandStyles(band: Band): readonly Style[] {
  const selector = `[data-band="${band.id}"]`
  const { above, below, background, columns } = band
  const styles: Style[] = []
  if (above + below > 0)
    styles.push(rule(selector, { 'padding-top': px(above), 'padding-bottom': px(below) }))
  const ink = inkOn(background)
  if (background.is !== 'none' && ink !== null)
    styles.push(
      rule(selector, {
        color: ink,
        'color-scheme': schemeOf(ink),
        '--ink': ink,
        '--soft': ink,
        '--accent': ink,
        '--leaf': ink,
        '--line': `${ink}40`,
      }),
      rule(`${selector} > .band-ground`, {
        '--ground': background.colour,
        '--veil': background.is === 'picture' ? background.veil / 100 : 1,
      }),
    )
  if (columns.length > 1)
    styles.push({
      box: 'band',
      width: { from: besideFromOf(band) },
      rules: [
        rule(`${selector} > .band-columns > .band-grid`, {
          'grid-template-columns': columns.map((column) => `minmax(0,${column.parts}fr)`).join(' '),
          'column-gap': px(columnGap),
        }),
      ],
    })
  return styles
}
