import { applyPatches, enablePatches, produceWithPatches } from 'immer'
import type { Draft, Patch } from 'immer'

enablePatches()

/** A change as a value: RFC 6902 operations (immer's form: paths as lists) and those that undo it. */
export interface Edit {
  /** What was done, in words: “Columns”. */
  readonly title: string
  /** Edits of one subject that follow each other closely count as one. Null never joins. */
  readonly subject: string | null
  /** Epoch milliseconds. */
  readonly at: number
  readonly forward: readonly Patch[]
  readonly backward: readonly Patch[]
}

/** A value with the way it came about; nothing is forgotten. */
export interface History<T> {
  readonly present: T
  readonly past: readonly Edit[]
  readonly future: readonly Edit[]
}

/** Edits of one subject within this time of each other are undone together, in milliseconds. */
export const joinWithin = 800

export function beginHistory<T>(present: T): History<T> {
  return { present, past: [], future: [] }
}

/** The history after an edit. One that changes nothing leaves it as it was. */
export function edited<T>(
  history: History<T>,
  edit: { readonly title: string; readonly subject?: string | null; readonly at: number },
  recipe: (draft: Draft<T>) => void,
): History<T> {
  const [present, forward, backward] = produceWithPatches(history.present, (draft: Draft<T>) => {
    recipe(draft)
  })
  if (forward.length === 0) return history
  const next: Edit = { title: edit.title, subject: edit.subject ?? null, at: edit.at, forward, backward }
  const last = history.past.at(-1)
  const joins =
    last !== undefined &&
    next.subject !== null &&
    last.subject === next.subject &&
    next.at - last.at <= joinWithin
  const past = joins ? [...history.past.slice(0, -1), joined(last, next)] : [...history.past, next]
  return { present, past, future: [] }
}

/** The history one step back; the same history when there is nothing to undo. */
export function undone<T extends object>(history: History<T>): History<T> {
  const last = history.past.at(-1)
  if (last === undefined) return history
  return {
    present: applyPatches(history.present, last.backward),
    past: history.past.slice(0, -1),
    future: [last, ...history.future],
  }
}

/** The history one step forward again; the same history when there is nothing to redo. */
export function redone<T extends object>(history: History<T>): History<T> {
  const [next, ...future] = history.future
  if (next === undefined) return history
  return { present: applyPatches(history.present, next.forward), past: [...history.past, next], future }
}

function joined(first: Edit, second: Edit): Edit {
  return {
    ...second,
    forward: [...first.forward, ...second.forward],
    backward: [...second.backward, ...first.backward],
  }
}
