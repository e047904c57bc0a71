import { askAddress } from '../../core/pages/asks'
import { controlLabel } from '../../core/listing/visitors'
import { askedBy, asksOf } from '../../core/visitors/choices'
import type { Chosen } from '../../core/visitors/choices'
import type { Choice, Control } from '../../core/visitors'
import type { ControlContents, ControlView, VisitorsView } from '../../site/visitors/view'
import type { KnownSite } from '../listings/context'
import { choiceAddress } from './asked'
import type { ControlsAsked } from './asked'
import { termsContent, termTitles } from './terms'

/** What each kind of control shows besides its settings. A new one is a line here. */
const loaders: {
  readonly [Name in Control['control']]: (
    control: Extract<Control, { readonly control: Name }>,
    asked: ControlsAsked,
  ) => Promise<ControlContents[Name]>
} = { terms: termsContent }

/** What of a choice visitors read, each with the choice that is left without it. */
const titles: {
  readonly [Name in Control['control']]: (
    control: Extract<Control, { readonly control: Name }>,
    choice: Choice,
    known: KnownSite,
  ) => readonly { readonly title: string; readonly without: Choice }[]
} = { terms: termTitles }

/** What visitors are offered to do with a placed listing; null for nothing. */
export async function visitorsView(asked: ControlsAsked): Promise<VisitorsView | null> {
  const { listing, choices, known } = asked
  const { place, controls } = listing.visitors
  if (controls.length === 0) return null
  const views = await Promise.all(controls.map((control) => controlView(control, asked)))
  const found = choices.chosen.length === 0 ? null : await foundBy(asked, choices.chosen)
  return {
    place,
    controls: views.filter(({ content }) => content.first.length > 0),
    offered: views.map(({ content }) => content.first.length),
    chosen: waysBack(asked).map(({ title, address }) => ({ title, address })),
    clear: choices.chosen.length === 0 ? null : withoutAll(asked),
    found,
    unknown: choices.unknown,
    instead: found === 0 ? await insteadOf(asked) : [],
  }

  async function controlView(control: Control, of: ControlsAsked): Promise<ControlView> {
    return {
      control: control.control,
      label: controlLabel(control, known.words),
      labelHidden: control.labelHidden,
      content: await loaders[control.control](control, of),
    }
  }
}

function withoutAll({ ask, placement, listing, known }: ControlsAsked): string {
  const nothing = listing.visitors.controls.map((control) => askedBy(control, [], known.named))
  return askAddress(ask, placement, { after: null }, Object.assign({}, ...nothing) as Record<string, null>)
}

/** A single choice that can be taken back: where that leads, and what is chosen then. */
interface WayBack {
  readonly title: string
  readonly address: string
  readonly left: readonly Chosen[]
}

function waysBack(asked: ControlsAsked): readonly WayBack[] {
  const { chosen } = asked.choices
  return chosen.flatMap(({ control, choice }) =>
    titles[control.control](control, choice, asked.known).map(({ title, without }) => ({
      title,
      address: choiceAddress(asked, control, without),
      left: chosen.flatMap((one) =>
        one.control !== control ? [one] : without.length === 0 ? [] : [{ control, choice: without }],
      ),
    })),
  )
}

/** Each single choice whose removal finds something, with how much it finds. */
async function insteadOf(asked: ControlsAsked): Promise<VisitorsView['instead']> {
  const all = await Promise.all(
    waysBack(asked).map(async ({ title, address, left }) => ({
      title,
      address,
      count: await foundBy(asked, left),
    })),
  )
  return all.filter(({ count }) => count > 0)
}

function foundBy(
  { asker, listing, asked, above }: ControlsAsked,
  chosen: readonly Chosen[],
): Promise<number> {
  return asker.found(listing, asked, above, asksOf(chosen))
}
