import { datesControl, dateTitle } from '../../core/visitors/dates'
import type { DateChoice, DatesControl } from '../../core/visitors/dates'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'
import { limitsContent, pressedContent } from './limits'

/** Stretches of time with what each would find, or a first and a last day to type. */
export async function datesContent(
  control: DatesControl,
  chosen: DateChoice | null,
  of: ControlsAsked,
): Promise<Loaded<'dates'>> {
  const { named, words } = of.known
  if (datesControl.parameter(control, named) === null) return pressedContent(control, chosen, [], of)
  if (control.layout === 'fields') {
    const days = chosen !== null && !('span' in chosen) ? chosen : { from: null, to: null }
    return limitsContent(control, 'date', days, of)
  }
  const spans = control.spans.map((span) => ({ choice: { span }, title: dateTitle({ span }, words) }))
  return pressedContent(control, chosen, spans, of)
}
