import type { Catalogue } from '../../core/content/catalogue'
import type { Db } from '../db/client'
import { loadSite } from '../site/site'

/** Everything that listings refer to by id, with its names. */
export async function loadCatalogue(db: Db): Promise<Catalogue> {
  const [site, collections, links, facets, terms, authors] = await Promise.all([
    loadSite(db),
    db.selectFrom('collections').select(['id', 'slug', 'name', 'singular', 'plural']).orderBy('name').execute(),
    db.selectFrom('collection_facets').selectAll().orderBy('position').execute(),
    db.selectFrom('facets').select(['id', 'slug', 'name']).orderBy('id').execute(),
    db
      .selectFrom('terms')
      .select(['id', 'facet_id as facetId', 'parent_id as parentId', 'name', 'slug'])
      .orderBy('position')
      .orderBy('id')
      .execute(),
    db.selectFrom('authors').select(['id', 'name']).orderBy('name').execute(),
  ])
  return {
    siteName: site.name,
    locale: site.locale,
    zone: site.zone,
    collections: collections.map((one) => ({
      ...one,
      facets: links.filter((link) => link.collection_id === one.id).map((link) => link.facet_id),
    })),
    facets,
    terms,
    authors,
  }
}
