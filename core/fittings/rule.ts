import { string } from 'yup'
import { defineFitting, fittingSettings } from './define'

export const ruleLines = ['hairline', 'thick', 'dots'] as const

export interface RuleSettings {
  readonly line: (typeof ruleLines)[number]
}

/** A line across, between one thing and the next. */
export const ruleFitting = defineFitting<'rule', RuleSettings>({
  name: 'rule',
  title: 'Line',
  about: 'A line across, between one thing and the next',
  defaults: { line: 'hairline' },
  styled: [{ name: 'rule', title: 'Line' }],
  schema: fittingSettings('rule', { line: string().oneOf(ruleLines).required() }),
})
