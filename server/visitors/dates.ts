import { columnOf } from '../../core/rules/columns'
import { datesControl, dateTitle } from '../../core/visitors/dates'
import type { DateChoice, DatesControl } from '../../core/visitors/dates'
import { siteAsked } from '../listings/context'
import type { DatesAsked } from '../listings/found-within'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'
import { limitsContent, pressedContent } from './limits'

/** Stretches of time or months with what each would find, or a first and a last day to type. */
export async function datesContent(
  control: DatesControl,
  chosen: DateChoice | null,
  of: ControlsAsked,
): Promise<Loaded<'dates'>> {
  const { named, words } = of.known
  if (datesControl.parameter(control, named) === null) return pressedContent(control, chosen, [], of)
  if (control.layout === 'fields') {
    const days = chosen !== null && 'from' in chosen ? chosen : { from: null, to: null }
    return limitsContent(control, 'date', days, of)
  }
  const choices = control.layout === 'months' ? await monthsOffered(control, of) : spansOffered(control)
  const offered = choices.map((choice) => ({ choice, title: dateTitle(choice, words) }))
  return pressedContent(control, chosen, offered, of, control.layout === 'months' ? 'menu' : 'list')
}

function spansOffered({ spans }: DatesControl): readonly DateChoice[] {
  return spans.map((span) => ({ span }))
}

/** The months that there are: what was published, newest first; what happens and what fields say, in their order. */
async function monthsOffered(control: DatesControl, of: ControlsAsked): Promise<readonly DateChoice[]> {
  const { asker, listing, asked, above } = of
  const months = await asker.months(listing, asked, above, datesAsked(control, of))
  const choices = months.map((month) => ({ month }))
  return control.of === 'published' ? choices.toReversed() : choices
}

function datesAsked({ of: date }: DatesControl, { known, listing }: ControlsAsked): DatesAsked {
  const { site, words } = known
  if (date === 'published') return { value: 'publishedAt', zone: site.zone }
  if (date === 'when') return { value: 'startsAt', zone: site.zone }
  const field = words.field(date)
  const fields = field === undefined ? { fields: [] } : columnOf(field, siteAsked(known, listing))
  // A day is no instant: it begins by no clock.
  return { value: fields, zone: field?.type === 'date' ? 'UTC' : site.zone }
}
