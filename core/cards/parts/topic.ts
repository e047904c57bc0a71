import { boolean, number } from 'yup'
import { idOrNoneSchema } from '../../schemas'
import { definePart, partSettings } from './define'
import type { PartBase } from './define'

/** The first of the entry's terms in a facet. */
export interface TopicSetting extends PartBase {
  readonly part: 'topic'
  /** The facet, or null for whichever the entry's first term belongs to. */
  readonly facet: number | null
  /** How many at most, 1 to 12; one where nothing is said. */
  readonly most?: number
  /** Whether each leads to the term's page. */
  readonly linked?: boolean
}

export interface TopicContent {
  readonly terms: readonly { readonly name: string; readonly address: string | null }[]
}

export const topic = definePart<'topic', TopicSetting, TopicContent>({
  name: 'topic',
  title: 'Terms',
  styled: '.topic',
  schema: partSettings('topic', {
    facet: idOrNoneSchema(),
    most: number()
      .integer('Use a whole number of terms.')
      .min(1, 'Show at least 1 term.')
      .max(12, 'Show at most 12 terms.'),
    linked: boolean(),
  }),
  defaults: { part: 'topic', on: true, facet: null },
  several: true,
  wraps: true,
  phrase: (setting, words) =>
    (setting.facet === null ? null : words.facet(setting.facet)?.toLowerCase()) ?? 'terms',
  content({ facet, most = 1, linked = false }, entry) {
    const found = entry.terms.filter((term) => facet === null || term.facetId === facet).slice(0, most)
    return found.length === 0
      ? null
      : { terms: found.map(({ name, address }) => ({ name, address: linked ? address : null })) }
  },
})
