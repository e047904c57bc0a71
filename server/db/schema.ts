import type { ColumnType, Generated, JSONColumnType } from 'kysely'
import type { EntryStatus } from '../../core/content/entry'
import type { StoredListing } from '../../core/listing/definition'
import type { Page } from '../../core/pages/definition'

/** Points in time; PostgreSQL keeps microseconds, Bushel writes milliseconds. */
type Instant = ColumnType<Date, Date, Date>
type InstantByDefault = ColumnType<Date, Date | undefined, Date>

export type Role = 'owner' | 'designer' | 'writer'

/** The database, table by table. Ids of collections, authors, facets, terms, media and entries share one series. */
export interface Database {
  site: { id: number; name: string; tagline: string; locale: string; time_zone: string }
  accounts: {
    id: Generated<string>
    email: string
    name: string
    role: Role
    password_hash: string
    created_at: InstantByDefault
  }
  account_sessions: { id: Generated<string>; account_id: string; created_at: InstantByDefault; expires_at: Instant }
  sign_in_failures: { subject: string; failed_at: InstantByDefault }
  collections: {
    id: Generated<number>
    slug: string
    name: string
    singular: string
    plural: string
    icon: string
    kind: string
  }
  fields: {
    id: Generated<number>
    collection_id: number
    key: string
    name: string
    type: string
    settings: JSONColumnType<Record<string, unknown>>
    position: number
  }
  authors: { id: Generated<number>; slug: string; name: string; about: Generated<string> }
  facets: { id: Generated<number>; slug: string; name: string; plural: string }
  collection_facets: { collection_id: number; facet_id: number; position: number }
  terms: {
    id: Generated<number>
    facet_id: number
    parent_id: number | null
    slug: string
    name: string
    position: number
  }
  media: {
    id: Generated<number>
    hash: string
    file_name: string
    width: number
    height: number
    alternative: string
    tint: string
    created_at: InstantByDefault
  }
  media_files: { hash: string; width: number; bytes: Buffer }
  entries: {
    id: Generated<number>
    collection_id: number
    slug: string
    title: string
    summary: string
    body: string
    status: EntryStatus
    published_at: ColumnType<Date | null, Date | null, Date | null>
    author_id: number | null
    picture_id: number | null
    pinned: Generated<boolean>
    view_count: Generated<number>
    field_values: JSONColumnType<Record<string, unknown>, string | undefined, string>
    version: Generated<number>
    created_at: InstantByDefault
    updated_at: InstantByDefault
    updated_by: string | null
    deleted_at: ColumnType<Date | null, Date | null | undefined, Date | null>
  }
  entry_terms: { entry_id: number; term_id: number; position: number }
  entry_index: {
    entry_id: number
    collection_id: number
    title: string
    published_at: Instant
    views: number
    pinned: boolean
    keys: number[]
  }
  pages: {
    id: Generated<number>
    path: string
    position: number
    draft: JSONColumnType<Page>
    draft_version: Generated<number>
    draft_by: string | null
    draft_at: InstantByDefault
    published: JSONColumnType<Page> | null
    published_at: ColumnType<Date | null, Date | null | undefined, Date | null>
  }
  listings: {
    id: string
    draft: JSONColumnType<StoredListing>
    draft_version: Generated<number>
    published: JSONColumnType<StoredListing> | null
  }
  page_versions: {
    id: Generated<number>
    page_id: number
    page: JSONColumnType<Page>
    listings: JSONColumnType<Record<string, StoredListing>>
    published_at: InstantByDefault
    published_by: string | null
  }
  changes: {
    id: Generated<number>
    transaction_id: Generated<string>
    kind: 'collection' | 'page' | 'site'
    subject_id: number | null
    happened_at: InstantByDefault
  }
}
