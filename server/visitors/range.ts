import type { KnownField } from '../../core/words'
import { columnOf } from '../../core/rules/columns'
import { decimalsTold, rangeControl, rangesOf, rangeTitle } from '../../core/visitors/range'
import type { Range, RangeControl } from '../../core/visitors/range'
import { siteAsked } from '../listings/context'
import { othersAsked } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'
import { limitsContent, pressedContent } from './limits'

/** A least and a most to type or to set on a scale, or the steps of a number with what each would find. */
export async function rangeContent(
  control: RangeControl,
  chosen: Range | null,
  of: ControlsAsked,
): Promise<Loaded<'range'>> {
  const { named, words } = of.known
  const field = words.field(control.field)
  if (field === undefined || rangeControl.parameter(control, named) === null)
    return pressedContent(control, chosen, [], of)
  if (control.layout === 'slider') return sliderContent(control, chosen, field, of)
  if (control.layout === 'fields')
    return limitsContent(control, 'number', chosen ?? { from: null, to: null }, of)
  const steps = rangesOf(control).map((choice) => ({ choice, title: rangeTitle(choice, field, words) }))
  return pressedContent(control, chosen, steps, of)
}

/** Two limits on a scale of what the listing has; nothing where all of it is one number. */
async function sliderContent(
  control: RangeControl,
  chosen: Range | null,
  field: KnownField,
  of: ControlsAsked,
): Promise<Loaded<'range'>> {
  const { asker, listing, asked, above, known } = of
  const { words } = known
  const numbers = { value: columnOf(field, siteAsked(known, listing)), decimals: decimalsTold(field) }
  const spread = await asker.spread(listing, asked, above, numbers)
  if (spread === null) return limitsContent(control, 'number', chosen ?? { from: null, to: null }, of, 0)
  const { scale, counts } = spread
  const within = (limit: number | null, end: number) =>
    limit === null ? end : Math.min(scale.most, Math.max(scale.least, limit))
  const [from, to] = [within(chosen?.from ?? null, scale.least), within(chosen?.to ?? null, scale.most)]
  const highest = Math.max(...counts, 1)
  return {
    content: {
      layout: 'slider',
      ...othersAsked(of, control),
      from,
      to,
      scale,
      bars: counts.map((count) => count / highest),
      said: rangeTitle({ from, to }, field, words),
    },
    inSight: 1,
  }
}
