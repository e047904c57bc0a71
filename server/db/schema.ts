import type { PressKind } from '../../core/presses/press'
import type { ColumnType, Generated, GeneratedAlways, JSONColumnType } from 'kysely'
import type { CollectionIcon, CollectionKind } from '../../core/content/collection'
import type { EntryStatus } from '../../core/content/entry'
import type { Role } from '../../core/people'
import type { EntryInput } from '../../core/content/entry-input'
import type { FieldTypeName } from '../../core/content/fields'
import type { Happening } from '../../core/content/happening'
import type { MediaKind } from '../../core/content/media'
import type { RichText } from '../../core/content/rich-text/document'
import type { StoredListing } from '../../core/listing/definition'
import type { SiteValues } from '../../core/looks/site-values'
import type { OwnFont } from '../../core/looks/fonts/own-fonts'
import type { OwnCss } from '../../core/looks/own-css/own-css'
import type { Styles } from '../../core/looks/styles'
import type { Menus } from '../../core/menus'
import type { TakenThing } from '../../core/pages/taken-off'
import type { StoredPage } from '../pages/stored-page'
import type { PictureFormat } from '../../core/pictures/picture'
import type { Placeholder } from '../../core/pictures/placeholder'

/** Points in time; PostgreSQL keeps microseconds, Bushel writes milliseconds. */
type Instant = ColumnType<Date, Date, Date>
type InstantByDefault = ColumnType<Date, Date | undefined, Date>
type InstantOrNull = ColumnType<Date | null, Date | null | undefined, Date | null>

/** A term that was deleted or merged into another, with what undoing needs. */
export interface KeptTerm {
  readonly term: {
    readonly id: number
    readonly parent_id: number | null
    readonly slug: string
    readonly name: string
    readonly position: number
    readonly description: string
    readonly picture_id: number | null
    readonly icon: string
    readonly colour: string
  }
  readonly children: readonly number[]
  /** The term it was merged into. */
  readonly into: { readonly id: number } | null
  /** Terms that had been merged into it before. */
  readonly merged?: readonly number[]
}

/** What a page had of a listing that was taken off it. */
export interface TakenFromPage {
  readonly page: number
  readonly things: readonly TakenThing[]
}

/**
 * The database, table by table. Ids of collections, authors, facets, terms, media and entries share
 * one series.
 */
export interface Database {
  site: {
    id: number
    name: string
    tagline: string
    locale: string
    time_zone: string
    broken_rules: Generated<'without' | 'nothing'>
    placeholder: Generated<Placeholder>
    menus: JSONColumnType<Menus, string | undefined>
    menus_version: Generated<number>
    /** Null for those to begin with. */
    named_values: ColumnType<SiteValues | null, string | null | undefined, string | null>
    named_values_version: Generated<number>
    fonts: JSONColumnType<readonly OwnFont[], string | undefined>
    /** Where it is reached, as `https://example.org`; empty where that is not said. */
    address: Generated<string>
    /** Words a minute. */
    reading_pace: Generated<number>
    icon_id: ColumnType<number | null, number | null | undefined, number | null>
    facts_version: Generated<number>
  }
  accounts: {
    id: Generated<string>
    email: string
    name: string
    role: Role
    password_hash: string
    created_at: InstantByDefault
    closed_at: InstantOrNull
  }
  account_sessions: {
    id: Generated<string>
    account_id: string
    created_at: InstantByDefault
    expires_at: Instant
  }
  /** As rate-limiter-flexible keeps it. */
  rate_limits: { key: string; points: number; expire: number | null }
  collections: {
    id: Generated<number>
    slug: string
    name: string
    singular: string
    plural: string
    icon: CollectionIcon
    kind: CollectionKind
    address: string
    /** Lower for what an older Bushel indexed: `indexForm` of index-anew.ts is the present one. */
    index_form: Generated<number>
    happening: JSONColumnType<Happening, string | undefined>
    deleted_at: InstantOrNull
  }
  fields: {
    id: Generated<number>
    collection_id: number
    key: string
    name: string
    type: FieldTypeName
    settings: JSONColumnType<object>
    position: number
    required: Generated<boolean>
    help: Generated<string>
    fallback: ColumnType<unknown, string | undefined, string>
    filterable: Generated<boolean>
    sortable: Generated<boolean>
    deleted_at: InstantOrNull
    /** The field that took this one's place when its type was changed. */
    replaced_id: number | null
    /** Values are kept under this number; null for the field's own. */
    stored_as: ColumnType<number | null, number | null | undefined, number | null>
    /** What the field named by `replaced_id` is on its way to be: written beside it, not yet read. */
    becoming: Generated<boolean>
  }
  /** Values that “is one of” may ask for, each an integer of the one series. */
  field_keys: { id: Generated<number>; field_id: number; value: string }
  authors: {
    id: Generated<number>
    slug: string
    name: string
    about: Generated<string>
    portrait_id: ColumnType<number | null, number | null | undefined, number | null>
    deleted_at: InstantOrNull
    /** The entries that named a deleted author, for putting them back. */
    entry_ids: Generated<number[]>
  }
  facets: {
    id: Generated<number>
    slug: string
    name: string
    plural: string
    position: Generated<number>
    deleted_at: InstantOrNull
  }
  /** What listings look like that share a look. */
  looks: {
    id: Generated<number>
    name: string
    styles: JSONColumnType<Styles>
    css: JSONColumnType<OwnCss, string | undefined>
    version: Generated<number>
    deleted_at: InstantOrNull
  }
  /** The bytes of the fonts that the site brought with it. */
  font_files: { hash: string; bytes: Buffer }
  collection_facets: { collection_id: number; facet_id: number; position: number }
  terms: {
    id: Generated<number>
    facet_id: number
    parent_id: number | null
    slug: string
    name: string
    position: number
    description: Generated<string>
    picture_id: ColumnType<number | null, number | null | undefined, number | null>
    icon: Generated<string>
    colour: Generated<string>
    /** Its entries are on their way to another term, or to none: it is not to be seen any more. */
    leaving: Generated<boolean>
  }
  /** Terms that became others: rules that name them mean those. */
  merged_terms: { id: number; into_id: number }
  /** The entries of a term that left, and whether each got the other term by it. */
  term_change_entries: { change_id: string; entry_id: number; position: number; got: boolean }
  /** Patterns that addresses of entries had: they lead on. */
  old_patterns: { collection_id: number; pattern: string; moved_at: InstantByDefault }
  long_work: {
    id: Generated<string>
    kind: string
    detail: JSONColumnType<object>
    state: JSONColumnType<object>
    /** What it is done to, by name. */
    subject: string
    /** About how many entries it has to handle in all. */
    size: number
    steps: Generated<number>
    /** Why the last try failed; null where it went on. */
    failure: string | null
    /** Whether it is to end where it is. */
    stopping: Generated<boolean>
    begun_at: InstantByDefault
    touched_at: InstantByDefault
  }
  media: {
    id: Generated<number>
    hash: string
    file_name: string
    kind: MediaKind
    /** MIME type of the original. */
    type: string
    /** Size of the original. */
    bytes: number
    /** Pixels; 0 for what is no picture. */
    width: number
    height: number
    alternative: string
    credit: Generated<string>
    tint: string
    /** The point that cropping keeps, 0 to 1 from the left and from the top. */
    focal_x: Generated<number>
    focal_y: Generated<number>
    /** Whether the picture moves. */
    moves: Generated<boolean>
    created_at: InstantByDefault
    deleted_at: InstantOrNull
  }
  media_originals: { hash: string; bytes: Buffer }
  media_files: { hash: string; width: number; format: PictureFormat; bytes: Buffer }
  entries: {
    id: Generated<number>
    collection_id: number
    slug: string
    title: string
    /** The title in small letters, by which it is found. */
    title_lower: GeneratedAlways<string>
    summary: string
    body: JSONColumnType<RichText>
    status: EntryStatus
    published_at: ColumnType<Date | null, Date | null, Date | null>
    expires_at: InstantOrNull
    author_id: number | null
    picture_id: number | null
    pinned: Generated<boolean>
    view_count: Generated<number>
    field_values: JSONColumnType<Record<string, unknown>, string | undefined, string>
    comment_count: Generated<number>
    votes: Generated<number>
    votes_for: Generated<number>
    /** Wilson's lower bound of the votes; null without any. */
    rating: number | null
    sort_values: JSONColumnType<Record<string, number | string>, string | undefined, string>
    field_keys: Generated<number[]>
    version: Generated<number>
    created_at: InstantByDefault
    updated_at: InstantByDefault
    updated_by: string | null
    deleted_at: InstantOrNull
  }
  entry_terms: { entry_id: number; term_id: number; position: number }
  entry_media: { entry_id: number; media_id: number }
  entry_versions: {
    entry_id: number
    version: number
    saved_at: InstantByDefault
    saved_by: string | null
    action: string
    content: JSONColumnType<EntryInput>
  }
  bulk_changes: {
    id: Generated<string>
    collection_id: number
    action: string
    /** The entries with the version that the change gave them. */
    entries: JSONColumnType<readonly { readonly id: number; readonly version: number }[]>
    made_at: InstantByDefault
    made_by: string | null
    undone_at: InstantOrNull
    /** Whether all of it was made. */
    done: Generated<boolean>
    /** How many entries were brought back by undoing it. */
    undone: Generated<number>
  }
  term_changes: {
    id: Generated<string>
    facet_id: number
    kept: JSONColumnType<KeptTerm>
    made_at: InstantByDefault
    made_by: string | null
    undone_at: InstantOrNull
  }
  /** Where something was, by one of the three: an address leads to the thing, never to another address. */
  old_addresses: {
    path: string
    entry_id: number | null
    term_id: number | null
    page_id: number | null
    moved_at: InstantByDefault
  }
  invitations: {
    id: Generated<string>
    token_hash: string
    email: string
    name: string
    role: Role
    invited_by: string | null
    created_at: InstantByDefault
    expires_at: Instant
    used_at: InstantOrNull
  }
  entry_index: {
    entry_id: number
    collection_id: number
    title: string
    published_at: Instant
    expires_at: InstantOrNull
    sort_values: JSONColumnType<Record<string, number | string>, string | undefined, string>
    indexed_at: InstantByDefault
    views: number
    comments: Generated<number>
    rating: number | null
    pinned: boolean
    keys: number[]
    /** Made by the database from the id. */
    readonly place: Generated<number>
  }
  /** Each time that an entry happens: of what repeats, those within the horizon. */
  occurrences: {
    entry_id: number
    /** When it was to begin. */
    key: Instant
    collection_id: number
    starts_at: Instant
    ends_at: Instant
    is_whole_days: boolean
    is_cancelled: boolean
  }
  repeating_entries: {
    entry_id: number
    /** All that begin before are written down. */
    known_until: Instant
    /** When the first that is not begins; null where none comes any more. */
    next_at: InstantOrNull
  }
  key_counts: { collection_id: number; key: number; entries: number }
  key_count_changes: { collection_id: number; key: number; change: number }
  /** Each entry of which a transaction changed what questions are asked of. */
  entry_changes: { collection_id: number; entry_id: number; happened_at: InstantByDefault }
  entry_words: { entry_id: number; words: string[]; /** Of the text alone. */ word_count: Generated<number> }
  read_windows: { since: ColumnType<string, string, string>; until: ColumnType<string, string, string> }
  /** How often visitors pressed what, by the day; a table for each month. */
  presses: {
    day: ColumnType<string, string, string>
    listing_id: string
    kind: PressKind
    what: string
    count: number
  }
  entry_reads: { entry_id: number; day: ColumnType<string, string, string>; count: number }
  pages: {
    id: Generated<number>
    path: string
    position: number
    draft: JSONColumnType<StoredPage>
    draft_version: Generated<number>
    draft_by: string | null
    draft_at: InstantByDefault
    published: JSONColumnType<StoredPage> | null
    published_at: InstantOrNull
    deleted_at: InstantOrNull
  }
  listings: {
    id: string
    draft: JSONColumnType<StoredListing>
    draft_version: Generated<number>
    /** Null for what was changed last before that was kept. */
    draft_at: InstantOrNull
    draft_by: string | null
    published: JSONColumnType<StoredListing> | null
    /** Whether it is shown at an address of its own. */
    is_elsewhere: Generated<boolean>
    /** Where it stood when it was taken off every page last. */
    taken_off: JSONColumnType<readonly TakenFromPage[]> | null
  }
  page_versions: {
    id: Generated<number>
    page_id: number
    page: JSONColumnType<StoredPage>
    listings: JSONColumnType<Record<string, StoredListing>>
    published_at: InstantByDefault
    published_by: string | null
  }
  /** Which page took a placement from the shelf of which. */
  shelf_moves: { placement_id: string; from_page: number; to_page: number; moved_at: InstantByDefault }
  /** What goes live by the clock, one publication a page. */
  planned_publications: {
    page_id: number
    due: Instant
    page: JSONColumnType<StoredPage>
    listings: JSONColumnType<Record<string, StoredListing>>
    planned_by: string | null
    planned_at: InstantByDefault
  }
  changes: {
    id: Generated<number>
    transaction_id: Generated<string>
    kind: 'collection' | 'page' | 'site' | 'reads'
    subject_id: number | null
    happened_at: InstantByDefault
  }
}
