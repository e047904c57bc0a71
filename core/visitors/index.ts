import { lazy, mixed } from 'yup'
import type { Schema } from 'yup'
import { registryOf } from '../registry'
import type { Registry } from '../registry'
import type { StyleTarget } from '../style/targets'
import type { ControlKind } from './define'
import { amountControl } from './amount'
import type { AmountControl } from './amount'
import { authorsControl } from './authors'
import type { AuthorsControl } from './authors'
import { compareControl } from './compare'
import type { CompareControl, Compared } from './compare'
import { datesControl } from './dates'
import type { DateChoice, DatesControl } from './dates'
import { rangeControl } from './range'
import type { Range, RangeControl } from './range'
import { searchControl } from './search'
import type { SearchControl } from './search'
import { sortControl } from './sort'
import type { SortControl } from './sort'
import { termsControl } from './terms'
import type { TermsControl } from './terms'
import { valuesControl } from './values'
import type { ValuesControl } from './values'
import { viewsControl } from './views'
import type { ViewsControl } from './views'

/** Every control with what is chosen by it, by the name of its kind. */
interface Controls {
  readonly terms: { readonly control: TermsControl; readonly choice: readonly number[] }
  readonly search: { readonly control: SearchControl; readonly choice: string }
  /** The place of the order among those that it offers. */
  readonly sort: { readonly control: SortControl; readonly choice: number }
  /** The place of the view among those that it offers. */
  readonly views: { readonly control: ViewsControl; readonly choice: number }
  /** The keys of what is chosen. */
  readonly values: { readonly control: ValuesControl; readonly choice: readonly string[] }
  /** Their ids. */
  readonly authors: { readonly control: AuthorsControl; readonly choice: readonly number[] }
  readonly range: { readonly control: RangeControl; readonly choice: Range }
  readonly compare: { readonly control: CompareControl; readonly choice: Compared }
  readonly dates: { readonly control: DatesControl; readonly choice: DateChoice }
  readonly amount: { readonly control: AmountControl; readonly choice: number }
}

export type ControlName = keyof Controls
export type ControlOf<Name extends ControlName> = Controls[Name]['control']
export type ChoiceOf<Name extends ControlName> = Controls[Name]['choice']
export type Control = ControlOf<ControlName>
/** What is chosen by a control, as its kind has it. */
export type Choice = ChoiceOf<ControlName>

/** A control as the registry hands it out: callers pass controls and choices of the kind's own name only. */
export type AnyControlKind = ControlKind<ControlName, Control, Choice>

/** Every kind of control. A new one is a file beside these, one in server/visitors and site/visitors each, and a line here. */
export const controls: Registry<AnyControlKind> = registryOf('control', [
  termsControl,
  valuesControl,
  authorsControl,
  rangeControl,
  datesControl,
  searchControl,
  sortControl,
  viewsControl,
  amountControl,
  compareControl,
] as unknown as readonly AnyControlKind[])

/** Names a control among those of a listing. */
export function controlKey(control: Control): string {
  return `${control.control} ${controls.get(control.control).of(control)}`.trim()
}

/** What a look can style of controls of any kind. */
const everyControl: readonly StyleTarget[] = [
  { name: 'controls', title: 'What visitors can do', selector: '.listing-controls' },
  { name: 'control-label', title: 'Name of a control', selector: '.narrow-label' },
]

/** What tells what came of them. */
const outcome: readonly StyleTarget[] = [
  { name: 'found', title: 'How many are found', selector: '.narrow-outcome' },
  { name: 'chosen', title: 'What is chosen', selector: '.narrow-chosen a', isPressed: true },
]

/** What a look can style of these controls, each thing once; nothing where there are none. */
export function controlTargets(all: readonly Control[]): readonly StyleTarget[] {
  const kinds = [...new Set(all.map(({ control }) => control))].map((name) => controls.get(name))
  const own = [...new Set(kinds.flatMap(({ styled }) => styled))]
  return kinds.length === 0 ? [] : [...everyControl, ...own, ...outcome]
}

/** The same of every kind. */
export const allControlTargets: readonly StyleTarget[] = [
  ...everyControl,
  ...new Set(controls.all.flatMap(({ styled }) => styled)),
  ...outcome,
]

const unknownControl = mixed().test(
  'known',
  `A control is one of: ${controls.names.join(', ')}.`,
  () => false,
)

/** Checks a control by the schema of its kind. */
export const controlSchema = lazy((value: unknown) => {
  const name: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'control') : null
  return controls.find(name)?.schema ?? unknownControl
}) as unknown as Schema<Control>
