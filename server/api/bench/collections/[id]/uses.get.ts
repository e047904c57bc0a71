import { collectionUses } from '../../../../content/collection-uses'
import { questionEndpoint } from '../../../../http/endpoint'
import { numberParameter } from '../../../../http/parameters'

/** The listings that ask a collection, and on which pages they stand. */
export default questionEndpoint('writer', ({ event, db }) =>
  collectionUses(db, numberParameter(event, 'id', 'The collection')),
)
