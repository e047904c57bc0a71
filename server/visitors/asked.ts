import { askAddress, fromItsStart } from '../../core/pages/asks'
import type { PageAsk } from '../../core/pages/asks'
import type { Listing } from '../../core/listing/definition'
import { askedBy } from '../../core/visitors/choices'
import type { Choices } from '../../core/visitors/choices'
import type { Choice, Control } from '../../core/visitors'
import type { ListingAsker } from '../listings/ask'
import type { Asked, KnownSite } from '../listings/context'

/** What the controls of a placed listing are asked with. */
export interface ControlsAsked {
  readonly asker: ListingAsker
  readonly known: KnownSite
  readonly asked: Asked
  /** As the visitor has it. */
  readonly listing: Listing
  /** As it is where nothing is chosen. */
  readonly own: Listing
  /** Entries shown above on the same page. */
  readonly above: readonly number[]
  readonly choices: Choices
  readonly ask: PageAsk
  /** The id of the placement. */
  readonly placement: string
}

/** The address at which something else is chosen by a control; a longer listing begins anew there. */
export function choiceAddress(
  { ask, placement, known }: ControlsAsked,
  control: Control,
  choice: Choice | null,
): string {
  return askAddress(ask, placement, fromItsStart, askedBy(control, choice, known.named))
}
