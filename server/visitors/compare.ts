import { comparedRows } from '../../core/cards/comparison'
import { pressedMark } from '../../core/visitors/compare'
import type { CompareControl, Compared } from '../../core/visitors/compare'
import { askAddress } from '../../core/pages/asks'
import { askedBy, choiceBy } from '../../core/visitors/choices'
import { shownPicture } from '../../core/pictures/shown'
import type { CompareMark, ComparisonView } from '../../site/visitors/comparing'
import { visibleAt } from '../content/visible'
import { cardEntries } from '../listings/card-entries'
import { choiceTold } from './asked'
import type { ControlsAsked } from './asked'
import type { Loaded } from './index'

/** An entry of the listing by its part of addresses. */
interface Named {
  readonly id: number
  readonly slug: string
  readonly title: string
}

/** What is compared, each with what takes it off, and the way to see it side by side. */
export async function compareContent(
  control: CompareControl,
  choice: Compared | null,
  of: ControlsAsked,
): Promise<Loaded<'compare'>> {
  const chosen = await chosenEntries(of, choice)
  return {
    content: {
      most: control.most,
      chosen: chosen.map(({ slug, title }) => ({
        title,
        address: comparedAddress(of, control, pressedMark(control, choice, slug) ?? null),
      })),
      // Nothing is to be seen side by side of one alone.
      together:
        choice === null || chosen.length < 2 || choice.shown !== 'cards'
          ? null
          : comparedAddress(of, control, { ...choice, shown: 'side-by-side' }),
    },
    inSight: 1,
  }
}

/** The mark of each entry that is shown; none where the listing lets nobody compare. */
export async function compareMarks(
  of: ControlsAsked,
  shown: readonly number[],
): Promise<ReadonlyMap<number, CompareMark>> {
  const control = controlIn(of)
  if (control === null || shown.length === 0) return new Map()
  const choice = choiceBy<'compare'>(of.choices, control)
  const rows = await of.db
    .selectFrom('entries')
    .select(['id', 'slug'])
    .where('id', 'in', [...new Set(shown)])
    .execute()
  return new Map(
    rows.flatMap(({ id, slug }) => {
      const next = pressedMark(control, choice, slug)
      const isChosen = choice?.slugs.includes(slug) ?? false
      return next === undefined
        ? []
        : [
            [
              id,
              {
                title: control.mark,
                address: comparedAddress(of, control, next),
                isChosen,
                told: choiceTold(of, control, null, isChosen),
              },
            ] as const,
          ]
    }),
  )
}

/** The entries that are compared side by side; null where the listing is shown with its cards. */
export async function comparisonView(of: ControlsAsked): Promise<ComparisonView | null> {
  const control = controlIn(of)
  const choice = control === null ? null : choiceBy<'compare'>(of.choices, control)
  if (control === null || choice === null || choice.shown === 'cards') return null
  const named = await chosenEntries(of, choice)
  if (named.length < 2) return null
  const { site, named: names } = of.known
  const entries = await cardEntries(
    of.db,
    named.map(({ id }) => ({ id, at: null })),
    { zone: site.zone },
  )
  const rows = comparedRows(entries, { locale: site.locale, zone: site.zone, facets: names.facets })
  const isOnly = choice.shown === 'differences'
  return {
    heads: entries.map((entry) => {
      const slug = named.find(({ id }) => id === entry.id)?.slug ?? ''
      return {
        title: entry.title,
        address: entry.address,
        picture: shownPicture(entry.picture, { width: 220 }),
        off: comparedAddress(of, control, pressedMark(control, choice, slug) ?? null),
      }
    }),
    rows: rows.filter(({ differs }) => differs || !isOnly),
    isOnly,
    other: comparedAddress(of, control, { ...choice, shown: isOnly ? 'side-by-side' : 'differences' }),
    back: comparedAddress(of, control, { ...choice, shown: 'cards' }),
  }
}

function controlIn({ listing }: Pick<ControlsAsked, 'listing'>): CompareControl | null {
  return listing.visitors.controls.find((one) => one.control === 'compare') ?? null
}

/** Those of what is chosen that visitors can see in the listing's collections, in the order chosen. */
async function chosenEntries(
  { db, listing, asked }: ControlsAsked,
  choice: Compared | null,
): Promise<readonly Named[]> {
  if (choice === null || listing.from.collections.length === 0) return []
  const rows = await db
    .selectFrom('entries as e')
    .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
    .select(['e.id', 'e.slug', 'e.title'])
    .where('e.slug', 'in', [...choice.slugs])
    .where('e.collection_id', 'in', [...listing.from.collections])
    .where(visibleAt('i', new Date(asked.now)))
    .orderBy('e.id')
    .execute()
  return choice.slugs.flatMap((slug) => rows.find((row) => row.slug === slug) ?? [])
}

/** Where something else is compared; whatever page of the listing is shown stays. */
function comparedAddress(
  { ask, placement, known }: ControlsAsked,
  control: CompareControl,
  choice: Compared | null,
) {
  return askAddress(ask, placement, {}, askedBy(control, choice, known.named))
}
