import type { VisitorAsk } from '../rules/context'
import { controls } from '.'
import type { AnyControlKind, Choice, ChoiceOf, Control, ControlName, ControlOf } from '.'
import type { AskedSite, ControlSite } from './define'

/** A control by which something is chosen. */
export interface Chosen {
  readonly control: Control
  readonly choice: Choice
}

/** What an address asks of a listing's controls. */
export interface Choices {
  readonly chosen: readonly Chosen[]
  /** What was asked and means nothing here, as it was asked; the first few of it. */
  readonly unknown: readonly string[]
}

/** So much is told of what means nothing, and of each so many characters: an address can hold any amount. */
const [mostTold, longestTold] = [3, 40]

export const noChoices: Choices = { chosen: [], unknown: [] }

/** What is chosen by controls; `asked` is what an address says for a parameter, null for nothing. */
export function choicesIn(
  all: readonly Control[],
  asked: (parameter: string) => string | null,
  site: ControlSite,
): Choices {
  const read = all.map((control) => {
    const kind = controls.get(control.control)
    const parameter = kind.parameter(control, site)
    const text = parameter === null ? null : (asked(parameter) ?? inParts(kind, parameter, asked))
    return { control, ...(text === null ? { choice: null, unknown: [] } : kind.read(control, text, site)) }
  })
  const chosen = read.flatMap(({ control, choice }) => (choice === null ? [] : [{ control, choice }]))
  return withUnknown(
    { chosen, unknown: [] },
    read.flatMap(({ unknown }) => unknown),
  )
}

/** What a form says in parts; null where it says nothing. */
function inParts(
  { parts }: Pick<AnyControlKind, 'parts'>,
  parameter: string,
  asked: (parameter: string) => string | null,
): string | null {
  const said = (parts?.names ?? []).map((name) => asked(`${parameter}-${name}`) ?? '')
  return parts === undefined || said.every((one) => one === '') ? null : parts.joined(said)
}

/** The same, with what else in the address means nothing. */
export function withUnknown({ chosen, unknown }: Choices, more: readonly string[]): Choices {
  const told = more.map((one) => (one.length <= longestTold ? one : `${one.slice(0, longestTold)}…`))
  return { chosen, unknown: [...unknown, ...told].slice(0, mostTold) }
}

/** What is chosen by a control; null for nothing. */
export function choiceBy<Name extends ControlName>(
  { chosen }: Choices,
  control: ControlOf<Name>,
): ChoiceOf<Name> | null {
  return (chosen.find((one) => one.control === control)?.choice ?? null) as ChoiceOf<Name> | null
}

/**
 * What an address says of a choice by a control: its parameter, with null for nothing chosen. Nothing where
 * what the control is of is gone.
 */
export function askedBy(
  control: Control,
  choice: Choice | null,
  site: ControlSite,
): Readonly<Record<string, string | null>> {
  const kind = controls.get(control.control)
  const parameter = kind.parameter(control, site)
  if (parameter === null) return {}
  const text = choice === null ? '' : kind.write(control, choice, site)
  const parts = (kind.parts?.names ?? []).map((name) => [`${parameter}-${name}`, null] as const)
  return { ...Object.fromEntries(parts), [parameter]: text === '' ? null : text }
}

/** What choices ask of entries, control by control; that of one control is left out where it is named. */
export function asksOf(chosen: readonly Chosen[], site: AskedSite, without?: Control): readonly VisitorAsk[] {
  return chosen
    .filter(({ control }) => control !== without)
    .flatMap(({ control, choice }) => controls.get(control.control).asks?.(control, choice, site) ?? [])
}

/** What is chosen with another choice by a control in place of its own. */
export function withChoice(
  chosen: readonly Chosen[],
  control: Control,
  choice: Choice | null,
): readonly Chosen[] {
  return chosen.flatMap((one) =>
    one.control !== control ? [one] : choice === null ? [] : [{ control, choice }],
  )
}
