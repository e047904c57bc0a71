import { number, object, string } from 'yup'
import { addressPart } from '../content/entry-address'
import { textSchema } from '../schemas'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'

/** Setting a few entries side by side. */
export interface CompareControl extends Labelled {
  readonly control: 'compare'
  /** So many at most, 2 to 4. */
  readonly most: number
  /** What stands on each card. */
  readonly mark: string
}

/** What a visitor compares: entries by their parts of addresses, and what of them is shown. */
export interface Compared {
  readonly slugs: readonly string[]
  /** The listing with its cards, or the entries side by side: all of them, or only where they differ. */
  readonly shown: 'cards' | 'side-by-side' | 'differences'
}

export const newCompareControl: CompareControl = {
  control: 'compare',
  ...usualLabel,
  most: 4,
  mark: 'Compare',
}

const range = 'Compare 2 to 4 at once.'

export const compareControl = defineControl<'compare', CompareControl, Compared>({
  name: 'compare',
  title: 'Compare',
  does: 'compare',
  schema: object({
    control: string<'compare'>().oneOf(['compare']).required(),
    ...labelledSchema,
    most: number().typeError(range).integer(range).min(2, range).max(4, range).required(),
    mark: textSchema().required('Give the mark a word.').max(40, 'Keep it within 40 characters.'),
  })
    .noUnknown()
    .required(),
  styled: [
    { name: 'compare-mark', title: 'Mark to compare', chosen: '[aria-current]', isPressed: true },
    { name: 'compare-bar', title: 'What is compared' },
    { name: 'compare-table', title: 'Entries side by side' },
  ],
  label: ({ label }) => label || 'Compare',
  of: () => '',
  parameter: () => 'compare',
  read({ most }, text) {
    const [said = '', how, ...more] = text.split('/')
    const all = [...new Set(said.split(',').filter((one) => one !== ''))]
    const slugs = all.filter((one) => addressPart.test(one)).slice(0, most)
    const shown = how === undefined ? 'cards' : views.find((one) => one === how)
    return {
      choice: slugs.length === 0 ? null : { slugs, shown: shown ?? 'cards' },
      unknown: [
        ...all.filter((one) => !slugs.includes(one)),
        ...(shown === undefined || more.length > 0 ? [text] : []),
      ],
    }
  },
  write: (_, { slugs, shown }) => slugs.join(',') + (shown === 'cards' ? '' : `/${shown}`),
  isOneOfFew: () => false,
  told: () => [],
})

const views = ['side-by-side', 'differences'] as const

/**
 * What is compared after a press on the mark of an entry: it too, or it no more. Null for nothing any more;
 * undefined where there is no room for another.
 */
export function pressedMark(
  { most }: Pick<CompareControl, 'most'>,
  choice: Compared | null,
  slug: string,
): Compared | null | undefined {
  const { slugs, shown } = choice ?? { slugs: [], shown: 'cards' as const }
  if (slugs.includes(slug)) {
    const left = slugs.filter((one) => one !== slug)
    return left.length === 0 ? null : { slugs: left, shown: left.length === 1 ? 'cards' : shown }
  }
  return slugs.length >= most ? undefined : { slugs: [...slugs, slug], shown }
}
