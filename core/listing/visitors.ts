import { array, object, string } from 'yup'
import { controlKey, controls, controlSchema } from '../visitors'
import type { Control } from '../visitors'
import { andList } from '../words'
import type { Words } from '../words'

/** Where the controls of a listing stand; beside it where there is room. */
export const controlPlaces = ['above', 'before', 'after', 'below'] as const
export type ControlPlace = (typeof controlPlaces)[number]

/** The Visitors clause: what visitors can do with the listing. */
export interface Visitors {
  readonly place: ControlPlace
  /** In the order in which they stand. */
  readonly controls: readonly Control[]
}

/** Visitors take the listing as it is. */
export const defaultVisitors: Visitors = { place: 'above', controls: [] }

export const mostControls = 12

const twiceWords = 'The listing has a control of this already. Set that one, or remove it.'

export const visitorsSchema = object({
  place: string<ControlPlace>().oneOf(
    [...controlPlaces],
    'Controls stand above, below, before or after the listing.',
  ),
  controls: array(controlSchema)
    .max(mostControls, `A listing has at most ${mostControls} controls.`)
    .test('once', twiceWords, (all, { path, createError }) => {
      const twice = repeated(all ?? [])
      return twice === -1 || createError({ path: `${path}[${twice}]`, message: twiceWords })
    }),
}).noUnknown()

/** The place of a control of what an earlier one is of; -1 where there is none. They can be anything yet. */
function repeated(all: readonly unknown[]): number {
  const of = all.map((one) => (isControl(one) ? controlKey(one) : null))
  return of.findIndex((one, at) => one !== null && of.indexOf(one) < at)
}

/** Whether it is of a kind that there is; nothing else of it was looked at. */
function isControl(one: unknown): one is Control {
  return typeof one === 'object' && one !== null && controls.find(Reflect.get(one, 'control')) !== undefined
}

/** What a control is called. */
export function controlLabel(control: Control, words: Words): string {
  return controls.get(control.control).label(control, words)
}

/** The clause in words, after “Visitors”: “narrow by season and topic, and sort”, “take it as it is”. */
export function visitorsPhrase({ controls: all }: Visitors, words: Words): string {
  if (all.length === 0) return 'take it as it is'
  const isNarrowing = (one: Control) => controls.get(one.control).asks !== undefined
  const labels = all
    .filter(isNarrowing)
    .map((one) => controlLabel(one, words).toLocaleLowerCase(words.locale))
  const done = all.flatMap((one) => controls.get(one.control).does ?? [])
  const narrow = labels.length === 0 ? [] : [`narrow by ${andList(labels, words.locale)}`]
  const others = done.length === 0 ? [] : [andList(done, words.locale)]
  return [...narrow, ...others].join(', and ')
}
