import type { Catalogue } from '../../core/content/catalogue'
import type { Db } from '../db/client'
import { fontsAtHand } from '../fonts/page-fonts'
import { sharedLooks } from '../looks/looks'
import { loadSite } from '../site/site'
import { fieldsBy } from './fields'

/** Everything that listings refer to by id, with its names. */
export async function loadCatalogue(db: Db): Promise<Catalogue> {
  const [site, collections, links, facets, terms, authors, fields, merged, looks] = await Promise.all([
    loadSite(db),
    db
      .selectFrom('collections')
      .select(['id', 'slug', 'name', 'singular', 'plural', 'icon', 'kind', 'address', 'happening'])
      .where('deleted_at', 'is', null)
      .orderBy('name')
      .execute(),
    db.selectFrom('collection_facets').selectAll().orderBy('position').execute(),
    db
      .selectFrom('facets')
      .select(['id', 'slug', 'name', 'plural'])
      .where('deleted_at', 'is', null)
      .orderBy('position')
      .orderBy('id')
      .execute(),
    db
      .selectFrom('terms')
      .innerJoin('facets', 'facets.id', 'terms.facet_id')
      .select(['terms.id', 'facet_id as facetId', 'parent_id as parentId', 'terms.name', 'terms.slug'])
      .where('facets.deleted_at', 'is', null)
      .where('terms.leaving', '=', false)
      .orderBy('terms.position')
      .orderBy('terms.id')
      .execute(),
    db
      .selectFrom('authors')
      .select(['id', 'name', 'slug'])
      .where('deleted_at', 'is', null)
      .orderBy('name')
      .execute(),
    fieldsBy(db, null),
    db.selectFrom('merged_terms').select(['id', 'into_id as into']).execute(),
    sharedLooks(db),
  ])
  const shown = new Set(facets.map((facet) => facet.id))
  return {
    siteName: site.name,
    placeholder: site.placeholder,
    locale: site.locale,
    zone: site.zone,
    collections: collections.map((one) => ({
      ...one,
      facets: links
        .filter((link) => link.collection_id === one.id && shown.has(link.facet_id))
        .map((link) => link.facet_id),
      fields: fields.get(one.id) ?? [],
    })),
    facets,
    terms,
    merged,
    authors,
    looks,
    values: site.values,
    fonts: fontsAtHand(site.fonts),
  }
}
