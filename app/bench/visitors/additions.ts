import { fieldsOfAll } from '~~/core/content/catalogue'
import type { Catalogue } from '~~/core/content/catalogue'
import type { Field } from '~~/core/content/field'
import type { Control } from '~~/core/visitors'
import { newAmountControl } from '~~/core/visitors/amount'
import { newAuthorsControl } from '~~/core/visitors/authors'
import { newCompareControl } from '~~/core/visitors/compare'
import { hasDates, newDatesControl } from '~~/core/visitors/dates'
import { hasRange, newRangeControl } from '~~/core/visitors/range'
import { newSearchControl } from '~~/core/visitors/search'
import { newSortControl } from '~~/core/visitors/sort'
import { newTermsControl } from '~~/core/visitors/terms'
import { newValuesControl, optionsOf } from '~~/core/visitors/values'
import { newViewsControl } from '~~/core/visitors/views'
import { words } from './words'

/** A control that can be added, as it begins. */
export interface Addition {
  readonly title: string
  readonly control: Control
}

/** The controls that listings of these collections can have: of their facets, of their fields, and others. */
export function additionsFor(catalogue: Catalogue, collections: readonly number[]): readonly Addition[] {
  const own = catalogue.collections.filter(({ id }) => collections.includes(id))
  const facets = catalogue.facets
    .filter(({ id }) => own.some((one) => one.facets.includes(id)))
    .map(({ id, name }) => ({ title: words.narrowBy(name), control: newTermsControl(id) }))
  const happens = own.some(({ happening }) => happening.when !== null)
  return [
    ...facets,
    ...fieldsOfAll(catalogue, collections).flatMap(ofField),
    { title: words.authors, control: newAuthorsControl },
    { title: words.published, control: newDatesControl('published') },
    ...(happens ? [{ title: words.when, control: newDatesControl('when') }] : []),
    { title: words.search, control: newSearchControl },
    { title: words.sort, control: newSortControl },
    { title: words.views, control: newViewsControl },
    { title: words.amount, control: newAmountControl },
    { title: words.compare, control: newCompareControl },
  ]
}

/** What narrows by a field; nothing where visitors can't. */
function ofField(field: Field): readonly Addition[] {
  const title = words.narrowBy(field.name)
  if (hasRange(field)) return [{ title, control: newRangeControl(field.id) }]
  if (hasDates(field)) return [{ title, control: newDatesControl(field.id) }]
  return optionsOf(field).length > 0 ? [{ title, control: newValuesControl(field.id) }] : []
}
