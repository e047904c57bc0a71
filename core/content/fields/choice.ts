import { array, boolean, object, string } from 'yup'
import { refusal } from './define'
import type { FieldType } from './define'
import { listFormat } from '../../formats/formatters'

export interface ChoiceOption {
  /** What is stored; stays when the title changes. */
  readonly key: string
  readonly title: string
}

export interface ChoiceSettings {
  readonly options: readonly ChoiceOption[]
  /** Whether several may be chosen at once. */
  readonly many: boolean
}

/** Whether two options say the same; what is no option yet says nothing. */
function repeated(options: readonly unknown[] | undefined, of: keyof ChoiceOption): boolean {
  const said = (options ?? []).flatMap((option) => {
    const text: unknown = typeof option === 'object' && option !== null ? Reflect.get(option, of) : undefined
    return typeof text === 'string' ? [text.toLowerCase()] : []
  })
  return new Set(said).size !== said.length
}

/** One or several of a fixed list. */
export const choice: FieldType<'choice', ChoiceSettings, readonly string[]> = {
  name: 'choice',
  title: 'Choice',
  about: 'One or several of a list you write here.',
  settings: object({
    options: array(
      object({
        key: string()
          .matches(
            /^[\p{Ll}\p{Lo}\p{N}\p{M}]+(?:-[\p{Ll}\p{Lo}\p{N}\p{M}]+)*$/u,
            'A key has small letters, digits and hyphens.',
          )
          .max(96)
          .required(),
        title: string()
          .trim()
          .required('Give every choice a name.')
          .max(80, 'Keep the name within 80 characters.'),
      })
        .noUnknown()
        .required(),
    )
      .min(1, 'Write at least one choice.')
      .max(200, 'Write at most 200 choices.')
      .test('keys', 'Two choices have the same key.', (options) => !repeated(options, 'key'))
      .test('titles', 'Two choices have the same name.', (options) => !repeated(options, 'title'))
      .required(),
    many: boolean().required(),
  })
    .noUnknown()
    .required(),
  defaults: { options: [{ key: 'first', title: 'First' }], many: false },
  parse(input, { options, many }) {
    const given = typeof input === 'string' ? [input] : input
    if (!Array.isArray(given) || given.length === 0) return refusal('Choose from the list.')
    const chosen = options.filter((option) => given.includes(option.key)).map((option) => option.key)
    const stray = given.findIndex((one) => !chosen.includes(one as string))
    const one: unknown = given[stray]
    if (stray !== -1)
      return refusal(
        typeof one === 'string' ? `“${one}” is not one of the choices.` : 'Choose from the list.',
      )
    return chosen.length > 1 && !many ? refusal('Choose one only.') : { ok: true, value: chosen }
  },
  read(text, settings) {
    const whole = optionOf(text, settings)
    const parts = whole !== undefined ? [text] : text.split(/[,;|]/).filter((part) => part.trim() !== '')
    const keys = parts.map((part) => optionOf(part, settings)?.key ?? part.trim())
    return choice.parse(keys, settings)
  },
  write: (value) => value.join(', '),
  format: (value, { options }, { locale }) =>
    listFormat(locale, { type: 'unit' }).format(
      value.map((key) => options.find((option) => option.key === key)?.title ?? key),
    ),
  filter: 'key',
  keys: (value) => value,
  sort: 'number',
  orders: () => ['in their order', 'in reverse'],
  sortKey: (value, { options }) =>
    Math.max(
      0,
      options.findIndex((option) => value.includes(option.key)),
    ),
}

function optionOf(text: string, { options }: ChoiceSettings): ChoiceOption | undefined {
  const wanted = text.trim().toLowerCase()
  return options.find((option) => option.key === wanted || option.title.toLowerCase() === wanted)
}
