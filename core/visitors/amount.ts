import { array, number, object, string } from 'yup'
import { defineControl } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { waysTarget } from './ways'

/** Choosing how many stand at once. */
export interface AmountControl extends Labelled {
  readonly control: 'amount'
  /** Numbers to choose from besides the listing's own, 1 to 6 of them, each 1 to 200, rising. */
  readonly amounts: readonly number[]
}

export const newAmountControl: AmountControl = {
  control: 'amount',
  ...usualLabel,
  amounts: [24, 48],
}

export const mostAmounts = 6
const range = 'Show 1 to 200 at once.'

export const amountControl = defineControl<'amount', AmountControl, number>({
  name: 'amount',
  title: 'How many at once',
  does: 'choose how many',
  schema: object({
    control: string<'amount'>().oneOf(['amount']).required(),
    ...labelledSchema,
    amounts: array(number().typeError(range).integer(range).min(1, range).max(200, range).required())
      .min(1, 'Offer at least one other number.')
      .max(mostAmounts, `Offer at most ${mostAmounts} other numbers.`)
      .test('rising', 'Numbers rise, each more than the one before.', (all) =>
        (all ?? []).every((one, at) => at === 0 || one > (all?.[at - 1] ?? 0)),
      )
      .required(),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget],
  label: ({ label }) => label || 'At once',
  of: () => '',
  parameter: () => 'per',
  read: ({ amounts }, text) =>
    amounts.some((one) => String(one) === text)
      ? { choice: Number(text), unknown: [] }
      : { choice: null, unknown: [text] },
  write: (_, choice) => String(choice),
  changes: (_, choice, shown) => ({ ...shown, atOnce: choice }),
  told: () => [],
})
