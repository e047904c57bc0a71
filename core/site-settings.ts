import { object, string } from 'yup'
import type { Parsed } from './parsing'
import { parseWith } from './parsing'
import { placeholders } from './pictures/placeholder'
import type { Placeholder } from './pictures/placeholder'

/** What can be set for every listing of the site. */
export interface SiteSettings {
  /** What a listing does with a rule that makes no sense any more: goes on without it, or shows nothing. */
  readonly brokenRules: 'without' | 'nothing'
  /** What stands for a missing picture, unless a card has another. */
  readonly placeholder: Placeholder
}

const schema = object({
  brokenRules: string<SiteSettings['brokenRules']>()
    .oneOf(['without', 'nothing'], 'A listing goes on without the rule, or shows nothing.')
    .required(),
  placeholder: string<Placeholder>()
    .oneOf([...placeholders], 'A sprig, a letter or nothing stands for a missing picture.')
    .required(),
})
  .noUnknown('This is not a setting of the site: ${unknown}.')
  .required()

/** Reads what somebody wants to set for the site. */
export function parseSiteSettings(value: unknown): Parsed<SiteSettings> {
  return parseWith<SiteSettings>(schema, value)
}
