import type { Predicate } from '../rules/predicate'
import { controls } from '.'
import type { Choice, Control } from '.'
import type { ControlSite } from './define'

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
    const text = parameter === null ? null : asked(parameter)
    return { control, ...(text === null ? { choice: null, unknown: [] } : kind.read(control, text, site)) }
  })
  return {
    chosen: read.flatMap(({ control, choice }) => (choice === null ? [] : [{ control, choice }])),
    unknown: read
      .flatMap(({ unknown }) => unknown)
      .slice(0, mostTold)
      .map((one) => (one.length <= longestTold ? one : `${one.slice(0, longestTold)}…`)),
  }
}

/**
 * What an address says of a choice by a control: its parameter, with null for nothing chosen. Nothing where
 * what the control is of is gone.
 */
export function askedBy(
  control: Control,
  choice: Choice,
  site: ControlSite,
): Readonly<Record<string, string | null>> {
  const kind = controls.get(control.control)
  const parameter = kind.parameter(control, site)
  if (parameter === null) return {}
  const text = kind.write(control, choice, site)
  return { [parameter]: text === '' ? null : text }
}

/** What choices ask of entries, control by control; those of one control are left out where it is named. */
export function asksOf(chosen: readonly Chosen[], without?: Control): readonly Predicate[] {
  return chosen
    .filter(({ control }) => control !== without)
    .map(({ control, choice }) => controls.get(control.control).asks(control, choice))
}
