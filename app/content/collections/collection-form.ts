import { parseCollectionInput } from '~~/core/content/collection'
import type { CollectionInput } from '~~/core/content/collection'
import { faultsOf } from '~~/core/parsing'
import { useForm } from '../../shared/form'

const blank: CollectionInput = {
  name: '',
  singular: '',
  plural: '',
  icon: 'leaf',
  kind: 'article',
  address: '',
  facets: [],
}

/** What is said of a collection, new or set up anew, as a form. */
export function useCollectionForm() {
  return useForm<CollectionInput>(blank, (values) =>
    faultsOf(parseCollectionInput(collectionInputOf(values))),
  )
}

/** What a collection, or a form of one, says of it, and nothing else that it knows. */
export function collectionInputOf(collection: CollectionInput): CollectionInput {
  const { name, singular, plural, icon, kind, address, facets } = collection
  return { name, singular, plural, icon, kind, address, facets: [...facets] }
}
