import type { RuleSettings } from '~~/core/fittings/rule'
import type { TermIndexSettings } from '~~/core/fittings/term-index'

/** What the settings of fittings say. */
export const words = {
  text: 'Words',
  line: 'Line',
  lines: { hairline: 'Fine', thick: 'Thick', dots: 'Dots' } satisfies Record<RuleSettings['line'], string>,
  height: 'Height',
  picture: 'Picture',
  caption: 'Words below it',
  leadsTo: 'Leads to',
  facets: 'Facets',
  layout: 'Laid out as',
  layouts: { list: 'A list', row: 'A row' } satisfies Record<TermIndexSettings['layout'], string>,
  order: 'In the order',
  orders: { given: 'They are kept in', 'most-used': 'Most used first' } satisfies Record<
    TermIndexSettings['order'],
    string
  >,
  first: 'Seen at first, of each facet',
  nested: 'Nested terms below those they are nested in',
  counts: 'With how many entries have it',
} as const
