import { boolean, string } from 'yup'
import { textSchema } from '../schemas'

/** How a control folds away: never, or with its name, open or folded at first. */
export const controlFolds = ['open', 'folded'] as const
export type ControlFold = (typeof controlFolds)[number]

/** What every control has: what it is called, for whom, and whether it folds. */
export interface Labelled {
  /** What visitors read over it; empty for what it is of. */
  readonly label: string
  /** Whether that is there for screen readers alone. */
  readonly labelHidden: boolean
  /** Nothing where it never folds. */
  readonly folds?: ControlFold
}

export const usualLabel: Labelled = { label: '', labelHidden: false }

/** The same as a form or a program gives it, for the schema of a control. */
export const labelledSchema = {
  label: textSchema().defined().max(80, 'Keep the label within 80 characters.'),
  labelHidden: boolean().required(),
  folds: string<ControlFold>().oneOf([...controlFolds], 'A control that folds is open or folded at first.'),
}
