import { boolean, object, string } from 'yup'
import { entryMarks } from '../content/entry'
import type { EntryMark } from '../content/entry'
import { defineRule } from './define'
import type { RuleBase } from './define'

/** Entries that are pinned, or have a lead picture or a summary; or those that have not. */
export interface FlagRule extends RuleBase {
  readonly rule: 'flag'
  readonly flag: EntryMark
  readonly is: boolean
}

export const flags = Object.keys(entryMarks) as readonly EntryMark[]
const phrases: Record<EntryMark, readonly [string, string]> = {
  picture: ['with a picture', 'without a picture'],
  summary: ['with a summary', 'without a summary'],
  pinned: ['pinned', 'not pinned'],
}

/** “with a picture”, “not pinned”. */
export function flagPhrase({ flag, is }: Pick<FlagRule, 'flag' | 'is'>): string {
  return phrases[flag][is ? 0 : 1]
}

export const flag = defineRule<'flag', FlagRule>({
  name: 'flag',
  title: 'Pinned, or has a picture',
  schema: object({
    rule: string<'flag'>().oneOf(['flag']).required(),
    off: boolean(),
    flag: string<EntryMark>()
      .oneOf([...flags], 'Ask for a picture, a summary or the pin.')
      .required(),
    is: boolean().required(),
  })
    .noUnknown()
    .required(),
  fresh: () => ({ rule: 'flag', flag: 'picture', is: true }),
  phrase: flagPhrase,
  trouble: () => null,
  predicate(rule) {
    const marked = { test: 'anyKey', keys: [entryMarks[rule.flag]] } as const
    return rule.is ? marked : { test: 'not', of: marked }
  },
})
