import { offeredTerms, pressedTerm } from '../../core/visitors/terms'
import type { OfferedTerm, TermsControl } from '../../core/visitors/terms'
import { asksOf } from '../../core/visitors/choices'
import type { ControlWay } from '../../site/visitors/view'
import { siteAsked } from '../listings/context'
import { choiceAddress } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The terms that a control offers, each with what a press on it would find. */
export async function termsContent(
  control: TermsControl,
  chosen: readonly number[] | null,
  of: ControlsAsked,
): Promise<Loaded<'terms'>> {
  const { asker, listing, asked, above, choices, known } = of
  const own = known.named.terms.filter((one) => one.facetId === control.facet)
  const ids = own.map(({ id }) => id)
  const choice = chosen ?? []
  // Terms that add to each other are counted as if none were chosen; those that narrow, under those that are.
  const narrowing = asksOf(
    choices.chosen,
    siteAsked(known, listing),
    control.choose === 'all' ? undefined : control,
  )
  const [ever, now] = await Promise.all([
    asker.counted(listing, asked, above, ids),
    narrowing.length === 0 ? null : asker.counted(listing, asked, above, ids, narrowing),
  ])
  // Terms that became others are offered as those.
  const present = { ...control, terms: [...new Set(control.terms.map(known.words.termNow))] }
  const { first, others } = offeredTerms(present, own, choice, { ever, now: now ?? ever })
  const all = { title: control.all, address: choiceAddress(of, control, null), isChosen: choice.length === 0 }
  return {
    content: {
      layout: control.layout,
      several: control.choose !== 'one',
      all: control.all === '' ? null : all,
      first: first.map(wayOf),
      others: others.map(wayOf),
    },
    inSight: first.length,
  }

  function wayOf({ term, depth, count, isChosen }: OfferedTerm): ControlWay {
    return {
      // Terms of two facets may have one slug.
      id: `${of.placement}-${control.facet}-${term.slug}`,
      title: term.name,
      address: choiceAddress(of, control, pressedTerm(control, choice, term.id)),
      count: control.counts ? count : null,
      isChosen,
      depth,
    }
  }
}
