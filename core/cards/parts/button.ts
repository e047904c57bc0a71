import { boolean, number, string } from 'yup'
import type { Link } from '../../content/fields/link'
import { idSchema } from '../../schemas'
import { valueOf } from '../card-entry'
import type { CardEntry } from '../card-entry'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

export const buttonForms = ['link', 'button'] as const

/** A whole day, in minutes: as long before its date as a button may come. */
export const mostMinutesBefore = 1440

/** A way to the entry's page besides its title, or to an address that the entry has. */
export interface ButtonSetting extends PartBase {
  readonly part: 'button'
  readonly text: string
  readonly form: (typeof buttonForms)[number]
  /** Whether the entry's title is read out after the words, so that they say where they lead. */
  readonly titled?: boolean
  /** The field of links that it leads to; none for the entry's own page. */
  readonly to?: number
  /**
   * So many minutes before the entry's date it comes, and goes when that ends, as the way into an
   * online meeting does; none where it is always there.
   */
  readonly opens?: number
}

export interface ButtonContent {
  readonly text: string
  readonly form: (typeof buttonForms)[number]
  /** Read out after the words; empty for nothing. */
  readonly about: string
  /** Where it leads; nothing for the entry's own page. */
  readonly to?: string
}

export const button = definePart<'button', ButtonSetting, ButtonContent>({
  name: 'button',
  title: 'Button',
  styled: '.button',
  alsoStyled: { link: { title: 'Button as a link', selector: '.link' } },
  isHeldItself: true,
  schema: partSettings('button', {
    text: string().required('Give it its words.').max(60, 'Keep the words within 60 characters.'),
    form: string()
      .oneOf([...buttonForms])
      .required(),
    titled: boolean(),
    to: idSchema(),
    opens: number()
      .integer('Use whole minutes.')
      .min(0, 'It comes when the date begins at the latest.')
      .max(mostMinutesBefore, 'It comes a day before at the earliest.'),
  }),
  defaults: { part: 'button', on: false, text: 'Read on', form: 'link', titled: true, zone: 'foot' },
  several: true,
  phrase: (setting) => `“${setting.text}”`,
  content({ text, form, titled = false, to, opens }, entry, context) {
    if (opens !== undefined && !isOpen(entry.date, opens, context.now)) return null
    const content = { text, form, about: titled ? entry.title : '' }
    if (to === undefined) return content
    const found = valueOf(entry, to, context)
    if (found?.field.type !== 'link') return null
    return { ...content, to: (found.value as Link).address }
  },
  opens: ({ opens }) => opens,
})

const minute = 60_000

/** Whether it is so many minutes before a date or later, and not over. `now` is epoch milliseconds. */
function isOpen(date: CardEntry['date'], minutes: number, now: number): boolean {
  return date !== null && !date.isCancelled && date.startsAt - minutes * minute <= now && now < date.endsAt
}
