import { authorsControl, offeredAuthors } from '../../core/visitors/authors'
import type { AuthorsControl } from '../../core/visitors/authors'
import type { Author } from '../../core/content/catalogue'
import { pressedAmong } from '../../core/visitors/values'
import type { ControlWay } from '../../site/visitors/view'
import { choiceAddress, choiceTold, keysFound } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** Whoever wrote something of the listing, each with what a press on them would find. */
export async function authorsContent(
  control: AuthorsControl,
  chosen: readonly number[] | null,
  of: ControlsAsked,
): Promise<Loaded<'authors'>> {
  const { authors } = of.known.named
  const ids = authors.map(({ id }) => id)
  const choice = chosen ?? []
  const counts = await keysFound(of, control, ids, true)
  const { first, others } = offeredAuthors(control, authors, choice, counts)
  const none = { title: control.all, address: choiceAddress(of, control, null), isChosen: chosen === null }
  return {
    content: {
      layout: control.layout,
      several: control.choose !== 'one',
      all: control.all === '' ? null : none,
      first: first.map(wayOf),
      others: others.map(wayOf),
    },
    inSight: first.length,
  }

  function wayOf({ id, name, slug }: Author): ControlWay {
    return {
      id: `${of.placement}-${authorsControl.name}-${slug}`,
      title: name,
      address: choiceAddress(of, control, pressedAmong(control, ids, choice, id)),
      count: control.counts ? (counts.now.get(id) ?? 0) : null,
      isChosen: choice.includes(id),
      depth: 0,
      told: choiceTold(of, control, [id], choice.includes(id)),
    }
  }
}
