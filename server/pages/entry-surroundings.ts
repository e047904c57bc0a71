import { entryAddressOf } from '../../core/content/entry-address'
import { referencesOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { fileAddress } from '../../core/content/media'
import { shownPicture } from '../../core/pictures/shown'
import type { EntryPageView } from '../../site/view'
import { visibleAt } from '../content/visible'
import type { Db } from '../db/client'
import type { Site } from '../site/site'

type Surroundings = Pick<EntryPageView, 'films' | 'gallery' | 'links'>

/** Widest of a picture in the gallery, in CSS pixels. */
const galleryWidth = 460

/**
 * What the fields of an entry point at: films with their captions, pictures, files, and entries
 * that visitors may see.
 */
export async function entrySurroundings(
  db: Db,
  site: Site,
  fields: readonly Field[],
  values: Readonly<Record<string, unknown>>,
  at: Date,
): Promise<Surroundings> {
  const references = referencesOf(fields, values)
  const [media, entries] = await Promise.all([
    mediaOf(
      db,
      references.filter((one) => one.to === 'media').map((one) => one.id),
    ),
    entriesOf(
      db,
      references.filter((one) => one.to === 'entry').map((one) => one.id),
      at,
    ),
  ])
  const files = references.flatMap((one) => {
    const file = one.to === 'media' ? media.get(one.id) : undefined
    return file === undefined ? [] : [{ ...file, field: one.field }]
  })
  const captions = files.find((file) => file.kind === 'captions')
  const named = (name: string) =>
    references.flatMap((one) => {
      const entry = one.to === 'entry' && one.field.name === name ? entries.get(one.id) : undefined
      return entry === undefined
        ? []
        : [{ title: entry.title, path: entryAddressOf(entry.address, entry, site.zone) }]
    })
  const documents = files
    .filter((file) => file.kind === 'document')
    .map((file) => ({ name: file.field.name, to: [{ title: file.fileName, path: fileAddress(file) }] }))
  const referring = fields
    .filter((field) => field.type === 'reference')
    .map((field) => ({ name: field.name, to: named(field.name) }))
  return {
    films: files.flatMap((file) =>
      file.kind === 'video' || file.kind === 'sound'
        ? [
            {
              name: file.field.name,
              kind: file.kind,
              source: fileAddress(file),
              captions: captions === undefined ? null : fileAddress(captions),
            },
          ]
        : [],
    ),
    gallery: files.flatMap((file) =>
      file.kind === 'picture' ? [shownPicture(file, { width: galleryWidth })] : [],
    ),
    links: [...referring, ...documents].filter((one) => one.to.length > 0),
  }
}

async function mediaOf(db: Db, ids: readonly number[]) {
  const rows = await db
    .selectFrom('media')
    .select([
      'id',
      'hash',
      'kind',
      'type',
      'width',
      'height',
      'alternative',
      'tint',
      'focal_x as focalX',
      'focal_y as focalY',
      'file_name as fileName',
    ])
    .where('id', 'in', [0, ...ids])
    .where('deleted_at', 'is', null)
    .execute()
  return new Map(rows.map((row) => [row.id, row]))
}

async function entriesOf(db: Db, ids: readonly number[], at: Date) {
  const rows = await db
    .selectFrom('entries as e')
    .innerJoin('entry_index as i', 'i.entry_id', 'e.id')
    .innerJoin('collections as c', 'c.id', 'e.collection_id')
    .select(['e.id', 'e.title', 'e.slug', 'i.published_at', 'c.address'])
    .where('e.id', 'in', [0, ...ids])
    .where('c.deleted_at', 'is', null)
    .where(visibleAt('i', at))
    .execute()
  return new Map(rows.map((row) => [row.id, { ...row, publishedAt: row.published_at.getTime() }]))
}
