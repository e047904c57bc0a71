import { boolean } from 'yup'
import { idOrLaterSchema, idSchema } from '../../schemas'
import { money } from '../../content/fields/money'
import type { Money } from '../../content/fields/money'
import { savingOf } from '../../formats/money'
import { valueOf } from '../card-entry'
import type { CardContext, CardEntry } from '../card-entry'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'
import { numberFormat } from '../../formats/formatters'

export interface PriceSetting extends PartBase {
  readonly part: 'price'
  /** A field of money; 0 until one is chosen. */
  readonly field: number
  /** What it cost before: another field of money. */
  readonly before?: number
  /** Whether it says how much less it is. */
  readonly saving?: boolean
}

export interface PriceContent {
  readonly price: string
  readonly before: string | null
  readonly saving: string | null
}

export const price = definePart<'price', PriceSetting, PriceContent>({
  name: 'price',
  title: 'Price',
  styled: '.price',
  alsoStyled: {
    before: { title: 'Price before', selector: '.price s' },
    saving: { title: 'What is saved', selector: '.price .saving' },
  },
  schema: partSettings('price', {
    field: idOrLaterSchema().required(),
    before: idSchema(),
    saving: boolean(),
  }),
  defaults: { part: 'price', on: false, field: 0 },
  wraps: true,
  phrase: () => 'price',
  content(setting, entry, context) {
    const { locale } = context
    const written = (amount: Money) => money.format(amount, money.defaults, context)
    const now = moneyOf(entry, setting.field, context)
    const before = setting.before === undefined ? null : moneyOf(entry, setting.before, context)
    if (now === null) return before === null ? null : { price: written(before), before: null, saving: null }
    const saving = before === null ? null : savingOf(now, before)
    if (before === null || saving === null) return { price: written(now), before: null, saving: null }
    return {
      price: written(now),
      before: written(before),
      saving: setting.saving
        ? numberFormat(locale, {
            style: 'percent',
            maximumFractionDigits: 0,
            signDisplay: 'exceptZero',
          }).format(-saving)
        : null,
    }
  },
})

function moneyOf(entry: CardEntry, id: number, context: CardContext): Money | null {
  const found = valueOf(entry, id, context)
  return found !== null && found.field.type === 'money' ? (found.value as Money) : null
}
