import { withChoice } from '../../core/visitors/choices'
import { same } from '../../core/same'
import { rangeControl, rangesOf, rangeTitle } from '../../core/visitors/range'
import type { Range, RangeControl } from '../../core/visitors/range'
import { words as siteWords } from '../../site/words'
import { choiceAddress, foundBy, othersAsked } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** A least and a most to type, or the steps of a number with what each would find. */
export async function rangeContent(
  control: RangeControl,
  chosen: Range | null,
  of: ControlsAsked,
): Promise<Loaded<'range'>> {
  return control.layout === 'fields' ? typedContent(control, chosen, of) : stepsContent(control, chosen, of)
}

function typedContent(control: RangeControl, chosen: Range | null, of: ControlsAsked): Loaded<'range'> {
  if (rangeControl.parameter(control, of.known.named) === null)
    return { content: { layout: 'list', all: null, ways: [] }, inSight: 0 }
  const { parameter, others } = othersAsked(of, control)
  const text = (limit: number | null | undefined) => (limit == null ? '' : String(limit))
  return {
    content: { layout: 'fields', parameter, from: text(chosen?.from), to: text(chosen?.to), others },
    inSight: 1,
  }
}

async function stepsContent(
  control: RangeControl,
  chosen: Range | null,
  of: ControlsAsked,
): Promise<Loaded<'range'>> {
  const known = of.known.words.field(control.field)
  const ranges = known === undefined ? [] : rangesOf(control)
  const others = withChoice(of.choices.chosen, control, null)
  const counted = await Promise.all(
    ranges.map(async (choice) => ({
      choice,
      isChosen: same(choice, chosen),
      count: await foundBy(of, [...others, { control, choice }]),
    })),
  )
  const ways = counted
    .filter(({ count, isChosen }) => count > 0 || isChosen)
    .map(({ choice, count, isChosen }, at) => ({
      id: `${of.placement}-range-${control.field}-${at}`,
      title: known === undefined ? '' : rangeTitle(choice, known, of.known.words),
      address: choiceAddress(of, control, isChosen ? null : choice),
      count: control.counts ? count : null,
      isChosen,
      depth: 0,
    }))
  const all = {
    title: siteWords.anyRange,
    address: choiceAddress(of, control, null),
    isChosen: chosen === null,
  }
  return { content: { layout: 'list', all, ways }, inSight: ways.length }
}
