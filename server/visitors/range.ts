import { rangeControl, rangesOf, rangeTitle } from '../../core/visitors/range'
import type { Range, RangeControl } from '../../core/visitors/range'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'
import { limitsContent, pressedContent } from './limits'

/** A least and a most to type, or the steps of a number with what each would find. */
export async function rangeContent(
  control: RangeControl,
  chosen: Range | null,
  of: ControlsAsked,
): Promise<Loaded<'range'>> {
  const { named, words } = of.known
  const field = words.field(control.field)
  if (field === undefined || rangeControl.parameter(control, named) === null)
    return pressedContent(control, chosen, [], of)
  if (control.layout === 'fields')
    return limitsContent(control, 'number', chosen ?? { from: null, to: null }, of)
  const steps = rangesOf(control).map((choice) => ({ choice, title: rangeTitle(choice, field, words) }))
  return pressedContent(control, chosen, steps, of)
}
