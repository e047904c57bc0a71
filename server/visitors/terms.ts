import type { CollectionIcon } from '../../core/content/collection'
import { shownPicture } from '../../core/pictures/shown'
import type { ShownPicture } from '../../core/pictures/shown'
import { offeredTerms, pressedTerm, termName } from '../../core/visitors/terms'
import type { OfferedTerm, TermsControl } from '../../core/visitors/terms'
import type { ControlWay } from '../../site/visitors/view'
import type { Db } from '../db/client'
import { picturesById } from '../listings/card-entries'
import { choiceAddress, choiceTold, keysFound } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** The terms that a control offers, each with what a press on it would find. */
export async function termsContent(
  control: TermsControl,
  chosen: readonly number[] | null,
  of: ControlsAsked,
): Promise<Loaded<'terms'>> {
  const { known } = of
  const own = known.named.terms.filter((one) => one.facetId === control.facet)
  const ids = own.map(({ id }) => id)
  const choice = chosen ?? []
  const [counts, signs] = await Promise.all([
    keysFound(of, control, ids, control.choose !== 'all'),
    control.icons === undefined ? noSigns : signsOf(of.db, control.facet),
  ])
  // Terms that became others are offered as those.
  const present = { ...control, terms: [...new Set(control.terms.map(known.words.termNow))] }
  const { first, others } = offeredTerms(present, own, choice, counts)
  const all = { title: control.all, address: choiceAddress(of, control, null), isChosen: choice.length === 0 }
  return {
    content: {
      layout: control.layout,
      several: control.choose !== 'one',
      all: control.all === '' ? null : all,
      icons: control.icons ?? null,
      first: first.map(wayOf),
      others: others.map(wayOf),
    },
    inSight: first.length,
  }

  function wayOf({ term, depth, count, isChosen }: OfferedTerm): ControlWay {
    return {
      // Terms of two facets may have one slug.
      id: `${of.placement}-${control.facet}-${term.slug}`,
      title: termName(control, term.id, known.words),
      address: choiceAddress(of, control, pressedTerm(control, choice, term.id)),
      count: control.counts ? count : null,
      isChosen,
      depth,
      sign: signs.get(term.id) ?? null,
      told: choiceTold(of, control, [term.id], isChosen),
    }
  }
}

/** What stands for a term beside its words. */
type Sign = { readonly icon: CollectionIcon } | { readonly picture: ShownPicture }

const noSigns: ReadonlyMap<number, Sign> = new Map()
/** As large as signs are, in CSS pixels. */
const signRoom = { width: 28 }

/** The icon of each term of a facet, or its picture where it has no icon; nothing of those with neither. */
async function signsOf(db: Db, facet: number): Promise<ReadonlyMap<number, Sign>> {
  const rows = await db
    .selectFrom('terms')
    .select(['id', 'icon', 'picture_id'])
    .where('facet_id', '=', facet)
    .where('leaving', '=', false)
    .execute()
  const pictures = await picturesById(
    db,
    rows.flatMap((row) => (row.icon === '' ? (row.picture_id ?? []) : [])),
  )
  const signs = rows.flatMap(({ id, icon, picture_id }): (readonly [number, Sign])[] => {
    const picture = shownPicture(pictures.get(picture_id ?? 0) ?? null, signRoom)
    if (icon !== '') return [[id, { icon: icon as CollectionIcon }]]
    return picture === null ? [] : [[id, { picture }]]
  })
  return new Map(signs)
}
