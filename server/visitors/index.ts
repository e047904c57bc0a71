import { askAddress, fromItsStart } from '../../core/pages/asks'
import { controlLabel } from '../../core/listing/visitors'
import { askedBy, choiceBy, withChoice } from '../../core/visitors/choices'
import type { Chosen } from '../../core/visitors/choices'
import { controls as kinds } from '../../core/visitors'
import type { ChoiceOf, Control, ControlName, ControlOf } from '../../core/visitors'
import type { ControlContents, ControlView, VisitorsView } from '../../site/visitors/view'
import { choiceAddress, foundBy } from './asked'
import type { ControlsAsked } from './asked'
import { amountContent } from './amount'
import { authorsContent } from './authors'
import { compareContent, comparisonView } from './compare'
import { datesContent } from './dates'
import { rangeContent } from './range'
import { searchContent } from './search'
import { sortContent } from './sort'
import { termsContent } from './terms'
import { valuesContent } from './values'
import { viewsContent } from './views'

type Loaders = {
  readonly [Name in ControlName]: (
    control: ControlOf<Name>,
    choice: ChoiceOf<Name> | null,
    asked: ControlsAsked,
  ) => Promise<Loaded<Name>>
}

/** What a control shows besides its settings, and how many choices it has in sight. */
export interface Loaded<Name extends ControlName> {
  readonly content: ControlContents[Name]
  readonly inSight: number
}

/** What each kind of control shows. A new one is a line here. */
const loaders: Loaders = {
  terms: termsContent,
  values: valuesContent,
  authors: authorsContent,
  range: rangeContent,
  dates: datesContent,
  search: searchContent,
  sort: sortContent,
  views: viewsContent,
  amount: amountContent,
  compare: compareContent,
}

function load<Name extends ControlName>(
  name: Name,
  control: ControlOf<Name>,
  asked: ControlsAsked,
): Promise<Loaded<Name>> {
  return loaders[name](control, choiceBy<Name>(asked.choices, control), asked)
}

/** What visitors are offered to do with a placed listing; null for nothing. */
export async function visitorsView(asked: ControlsAsked): Promise<VisitorsView | null> {
  const { listing, choices } = asked
  const { place, controls } = listing.visitors
  if (controls.length === 0) return null
  const isNarrowed = choices.chosen.some(({ control }) => narrows(control))
  const [comparison, counted, ...loaded] = await Promise.all([
    comparisonView(asked),
    controls.some(narrows) ? foundBy(asked, choices.chosen) : null,
    ...controls.map((control) => controlView(control, asked)),
  ])
  const found = isNarrowed ? counted : null
  return {
    place,
    controls: loaded.flatMap(({ view, inSight }) => (inSight > 0 ? [view] : [])),
    offered: loaded.map(({ inSight }) => inSight),
    chosen: waysBack(asked).map(({ title, address }) => ({ title, address })),
    clear: isNarrowed ? withoutAll(asked) : null,
    all: isNarrowed ? null : counted,
    found,
    comparison,
    instead: found === 0 ? await insteadOf(asked) : [],
  }
}

async function controlView(
  control: Control,
  asked: ControlsAsked,
): Promise<{ readonly view: ControlView; readonly inSight: number }> {
  const { content, inSight } = await load(control.control, control, asked)
  const label = controlLabel(control, asked.known.words)
  return {
    view: {
      control: control.control,
      label,
      labelHidden: control.labelHidden,
      // What nobody sees the name of has nothing to fold by.
      folds: control.labelHidden ? null : (control.folds ?? null),
      content,
    },
    inSight,
  }
}

function withoutAll({ ask, placement, listing, known }: ControlsAsked): string {
  const nothing = listing.visitors.controls
    .filter(narrows)
    .map((control) => askedBy(control, null, known.named))
  return askAddress(ask, placement, fromItsStart, Object.assign({}, ...nothing) as Record<string, null>)
}

/** Whether a control narrows, and does not only show it otherwise. */
function narrows({ control }: Control): boolean {
  return kinds.get(control).asks !== undefined
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
    kinds
      .get(control.control)
      .told(control, choice, asked.known.words)
      .map(({ title, without }) => ({
        title,
        address: choiceAddress(asked, control, without),
        left: withChoice(chosen, control, without),
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
