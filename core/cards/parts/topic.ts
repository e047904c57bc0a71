import { boolean, number, object, string } from 'yup'
import { definePart } from './define'

/** The first of the entry's terms in a facet. */
export interface TopicSetting {
  readonly part: 'topic'
  readonly on: boolean
  /** The facet, or null for whichever the entry's first term belongs to. */
  readonly facet: number | null
}

export const topic = definePart<'topic', TopicSetting, { readonly name: string }>({
  name: 'topic',
  title: 'Term',
  schema: object({
    part: string<'topic'>().oneOf(['topic']).required(),
    on: boolean().required(),
    facet: number().integer().positive().nullable().defined(),
  })
    .noUnknown()
    .required(),
  defaults: { part: 'topic', on: true, facet: null },
  phrase: (setting, words) => (setting.facet === null ? null : words.facet(setting.facet)?.toLowerCase()) ?? 'topic',
  content(setting, entry) {
    const found = entry.terms.find((term) => setting.facet === null || term.facetId === setting.facet)
    return found ? { name: found.name } : null
  },
})
