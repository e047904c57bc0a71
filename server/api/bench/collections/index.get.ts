import { benchEndpoint } from '../../../http/endpoint'

/** The collections with how many entries each holds. */
export default benchEndpoint('writer', ({ db }) =>
  db
    .selectFrom('collections as c')
    .leftJoin('entries as e', (join) => join.onRef('e.collection_id', '=', 'c.id').on('e.deleted_at', 'is', null))
    .select(['c.id', 'c.slug', 'c.name', 'c.singular', 'c.plural'])
    .select(({ fn }) => fn.count<number>('e.id').as('entries'))
    .groupBy('c.id')
    .orderBy('c.name')
    .execute(),
)
