import { boolean, object, string } from 'yup'
import type { FieldInput } from '../content/field'
import type { ChoiceOption, ChoiceSettings } from '../content/fields/choice'
import type { YesNoSettings } from '../content/fields/yes-no'
import { idOrLaterSchema, textSchema } from '../schemas'
import { defineControl, fieldParameter } from './define'
import { labelledSchema, usualLabel } from './labelled'
import type { Labelled } from './labelled'
import { termLayouts } from './terms'
import { menuTarget, waysTarget } from './ways'

export const valueChoosings = ['one', 'any'] as const

/** Narrowing by the choices of a field, or by its yes and no. */
export interface ValuesControl extends Labelled {
  readonly control: 'values'
  readonly field: number
  readonly layout: (typeof termLayouts)[number]
  /** One at a time, or several of which entries have any. */
  readonly choose: (typeof valueChoosings)[number]
  readonly counts: boolean
  /** Whether those by which nothing would be found now stay, and say so. */
  readonly empty: boolean
  /** What chooses none of them; empty where nothing does. */
  readonly all: string
}

/** A control of a field as it is added. */
export function newValuesControl(field: number): ValuesControl {
  return {
    control: 'values',
    field,
    ...usualLabel,
    layout: 'bar',
    choose: 'one',
    counts: true,
    empty: false,
    all: 'All',
  }
}

export const valuesControl = defineControl<'values', ValuesControl, readonly string[]>({
  name: 'values',
  title: 'Choices of a field',
  schema: object({
    control: string<'values'>().oneOf(['values']).required(),
    field: idOrLaterSchema().required(),
    ...labelledSchema,
    layout: string()
      .oneOf(termLayouts, 'Choices stand in a bar, as tabs, in a list, as boxes to tick, or in a menu.')
      .required(),
    choose: string().oneOf(valueChoosings, 'Visitors choose one, or any of several.').required(),
    counts: boolean().required(),
    empty: boolean().required(),
    all: textSchema().defined().max(40, 'Keep these words within 40 characters.'),
  })
    .noUnknown()
    .required(),
  styled: [waysTarget, menuTarget],
  label: ({ label, field }, words) => label || (words.field(field)?.name ?? 'A field that is gone'),
  of: ({ field }) => String(field),
  parameter({ field }, site) {
    const known = site.words.field(field)
    return known === undefined || optionsOf(known).length === 0 ? null : fieldParameter(known, site)
  },
  read({ field, choose }, text, { words }) {
    const known = words.field(field)
    const asked = [...new Set(text.split(',').filter((one) => one !== ''))]
    const all = known === undefined ? [] : optionsOf(known).map(({ key }) => key)
    const chosen = all.filter((key) => asked.includes(key))
    const some = choose === 'one' ? chosen.slice(0, 1) : chosen
    return { choice: some.length === 0 ? null : some, unknown: asked.filter((one) => !all.includes(one)) }
  },
  write: (_, choice) => choice.join(','),
  asks: ({ field }, values) => ({ rule: 'field', field, asked: { is: 'any', values } }),
  told({ field }, choice, words) {
    const known = words.field(field)
    const options = known === undefined ? [] : optionsOf(known)
    return choice.map((key) => {
      const others = choice.filter((one) => one !== key)
      const title = options.find((option) => option.key === key)?.title ?? ''
      return { title, without: others.length === 0 ? null : others }
    })
  },
})

/** What there is to choose of a field that listings may narrow by; nothing of one of another type. */
export function optionsOf({
  type,
  settings,
  filterable,
}: Pick<FieldInput, 'type' | 'settings' | 'filterable'>): readonly ChoiceOption[] {
  if (!filterable) return []
  if (type === 'choice') return (settings as ChoiceSettings).options
  if (type !== 'yes-no') return []
  const { yes, no } = settings as YesNoSettings
  return [
    { key: 'yes', title: yes },
    { key: 'no', title: no },
  ]
}

/** What is chosen after a press on one of all: it alone, or with the others, in their order; without it where it was. */
export function pressedAmong<Key>(
  { choose }: Pick<ValuesControl, 'choose'>,
  all: readonly Key[],
  choice: readonly Key[],
  pressed: Key,
): readonly Key[] | null {
  const next = choice.includes(pressed)
    ? choice.filter((one) => one !== pressed)
    : choose === 'one'
      ? [pressed]
      : all.filter((one) => one === pressed || choice.includes(one))
  return next.length === 0 ? null : next
}
