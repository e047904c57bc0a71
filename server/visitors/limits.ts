import { controlKey } from '../../core/visitors'
import type { ChoiceOf, ControlOf } from '../../core/visitors'
import { same } from '../../core/same'
import { words as siteWords } from '../../site/words'
import type { LimitsContent } from '../../site/visitors/view'
import { choiceAddress, choiceTold, eachFound, othersAsked } from './asked'
import type { ControlsAsked } from './asked'

/** Kinds of control by which something lies between two limits. */
type Limiting = 'range' | 'dates'

/** What of them is shown, and how many choices are in sight. */
interface LoadedLimits {
  readonly content: LimitsContent
  readonly inSight: number
}

/** Two limits to type, in a form that keeps whatever else is asked of the page. */
export function limitsContent(
  control: ControlOf<Limiting>,
  input: 'number' | 'date',
  chosen: { readonly from: number | string | null; readonly to: number | string | null },
  of: ControlsAsked,
  inSight = 1,
): LoadedLimits {
  const text = (limit: number | string | null) => (limit === null ? '' : String(limit))
  return {
    content: {
      layout: 'fields',
      input,
      ...othersAsked(of, control),
      from: text(chosen.from),
      to: text(chosen.to),
    },
    inSight,
  }
}

/** Choices to press, each with what it would find in place of what is chosen; those that find nothing are left out. */
export async function pressedContent<Kind extends Limiting>(
  control: ControlOf<Kind>,
  chosen: ChoiceOf<Kind> | null,
  offered: readonly { readonly choice: ChoiceOf<Kind>; readonly title: string }[],
  of: ControlsAsked,
  layout: 'list' | 'menu' = 'list',
): Promise<LoadedLimits> {
  const counts = await eachFound<Kind>(
    of,
    control,
    offered.map(({ choice }) => choice),
  )
  const ways = offered
    .map((one, at) => ({ ...one, isChosen: same(one.choice, chosen), count: counts[at] ?? 0 }))
    .filter(({ count, isChosen }) => count > 0 || isChosen)
    .map(({ choice, title, count, isChosen }, at) => ({
      id: `${of.placement}-${controlKey(control).replace(' ', '-')}-${at}`,
      title,
      address: choiceAddress(of, control, isChosen ? null : choice),
      count: control.counts ? count : null,
      isChosen,
      depth: 0,
      told: choiceTold(of, control, choice, isChosen),
    }))
  const all = {
    title: siteWords.anyRange,
    address: choiceAddress(of, control, null),
    isChosen: chosen === null,
  }
  return { content: { layout, all, ways }, inSight: ways.length }
}
