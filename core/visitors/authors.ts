import { boolean, number, object, string } from 'yup'
import type { Author } from '../content/catalogue'
import { textSchema } from '../schemas'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { termLayouts } from './terms'
import { valueChoosings } from './values'
import { menuTarget, waysTarget } from './ways'

/** Narrowing by who wrote it. */
export interface AuthorsControl extends Labelled {
  readonly control: 'authors'
  readonly layout: (typeof termLayouts)[number]
  /** One at a time, or several of whom any wrote it. */
  readonly choose: (typeof valueChoosings)[number]
  /** So many are in sight, 1 to 60, those who wrote most; the rest folds out. */
  readonly most: number
  readonly counts: boolean
  /** Whether those by whom nothing would be found now stay, and say so. */
  readonly empty: boolean
  /** What chooses none of them; empty where nothing does. */
  readonly all: string
}

export const newAuthorsControl: AuthorsControl = {
  control: 'authors',
  ...usualLabel,
  layout: 'list',
  choose: 'one',
  most: 12,
  counts: true,
  empty: false,
  all: 'All',
}

const mostRange = 'Keep 1 to 60 authors in sight.'

export const authorsControl = defineControl<'authors', AuthorsControl, readonly number[]>({
  name: 'authors',
  title: 'Authors',
  schema: object({
    control: string<'authors'>().oneOf(['authors']).required(),
    ...labelledSchema,
    layout: string()
      .oneOf(termLayouts, 'Authors stand in a bar, as tabs, in a list, as boxes to tick, or in a menu.')
      .required(),
    choose: string().oneOf(valueChoosings, 'Visitors choose one, or any of several.').required(),
    most: number().typeError(mostRange).integer(mostRange).min(1, mostRange).max(60, mostRange).required(),
    counts: boolean().required(),
    empty: boolean().required(),
    all: textSchema().defined().max(40, 'Keep these words within 40 characters.'),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, menuTarget],
  label: ({ label }) => label || 'Author',
  of: () => '',
  parameter: () => 'by-author',
  read({ choose }, text, { authors }) {
    const asked = [...new Set(text.split(',').filter((one) => one !== ''))]
    const chosen = authors.filter(({ slug }) => asked.includes(slug)).map(({ id }) => id)
    const some = choose === 'one' ? chosen.slice(0, 1) : chosen
    return {
      choice: some.length === 0 ? null : some,
      unknown: asked.filter((one) => !authors.some(({ slug }) => slug === one)),
    }
  },
  write: (_, choice, { authors }) =>
    authors
      .filter(({ id }) => choice.includes(id))
      .map(({ slug }) => slug)
      .join(','),
  asks: (_, keys) => ({ test: 'anyKey', keys }),
  told: (_, choice, words) =>
    choice.map((id) => {
      const others = choice.filter((one) => one !== id)
      return { title: words.author(id) ?? '', without: others.length === 0 ? null : others }
    }),
})

/**
 * The authors that a control offers, those in sight and those that fold out: by name, those in sight being
 * who wrote most. Whoever wrote nothing of the listing is not offered; one who is chosen always is.
 */
export function offeredAuthors(
  { most, empty }: Pick<AuthorsControl, 'most' | 'empty'>,
  authors: readonly Author[],
  choice: readonly number[],
  { ever, now }: { readonly ever: ReadonlyMap<number, number>; readonly now: ReadonlyMap<number, number> },
): { readonly first: readonly Author[]; readonly others: readonly Author[] } {
  const wrote = (one: Author) => ever.get(one.id) ?? 0
  const offered = authors.filter(
    (one) => choice.includes(one.id) || (wrote(one) > 0 && (empty || (now.get(one.id) ?? 0) > 0)),
  )
  const inSight = new Set(offered.toSorted((one, other) => wrote(other) - wrote(one)).slice(0, most))
  const isFirst = (one: Author) => inSight.has(one) || choice.includes(one.id)
  return { first: offered.filter(isFirst), others: offered.filter((one) => !isFirst(one)) }
}
