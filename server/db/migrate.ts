import { Migrator } from 'kysely'
import type { Kysely } from 'kysely'
import * as foundations from './migrations/0001-foundations'
import * as content from './migrations/0002-content'
import * as undoing from './migrations/0003-undoing'
import * as pictureFormats from './migrations/0004-picture-formats'
import * as questions from './migrations/0005-questions'
import * as placeholder from './migrations/0006-placeholder'
import * as answers from './migrations/0007-answers'
import * as longWork from './migrations/0008-long-work'
import * as reads from './migrations/0009-reads'
import * as limits from './migrations/0010-limits'
import * as currencies from './migrations/0011-currencies'
import * as quickTables from './migrations/0012-quick-tables'
import * as jobs from './migrations/0013-jobs'
import * as foundTitles from './migrations/0014-found-titles'
import * as pages from './migrations/0015-pages'
import * as listingChanges from './migrations/0016-listing-changes'
import * as sharedAreas from './migrations/0017-shared-areas'
import * as menus from './migrations/0018-menus'
import * as takenListings from './migrations/0019-taken-listings'
import * as siteFacts from './migrations/0020-site-facts'
import * as listingsElsewhere from './migrations/0021-listings-elsewhere'
import * as occurrences from './migrations/0022-occurrences'
import * as longestOccurrences from './migrations/0023-longest-occurrences'
import * as looks from './migrations/0024-looks'
import * as ownCss from './migrations/0025-own-css'
import * as namedValues from './migrations/0026-named-values'
import * as fonts from './migrations/0027-fonts'
import * as presses from './migrations/0028-presses'
import * as entryChanges from './migrations/0029-entry-changes'
import * as placedWords from './migrations/0030-placed-words'
import type { Database } from './schema'

/** Every migration by name, in the order of the names. */
const migrations = {
  '0001-foundations': foundations,
  '0002-content': content,
  '0003-undoing': undoing,
  '0004-picture-formats': pictureFormats,
  '0005-questions': questions,
  '0006-placeholder': placeholder,
  '0007-answers': answers,
  '0008-long-work': longWork,
  '0009-reads': reads,
  '0010-limits': limits,
  '0011-currencies': currencies,
  '0012-quick-tables': quickTables,
  '0013-jobs': jobs,
  '0014-found-titles': foundTitles,
  '0015-pages': pages,
  '0016-listing-changes': listingChanges,
  '0017-shared-areas': sharedAreas,
  '0018-menus': menus,
  '0019-taken-listings': takenListings,
  '0020-site-facts': siteFacts,
  '0021-listings-elsewhere': listingsElsewhere,
  '0022-occurrences': occurrences,
  '0023-longest-occurrences': longestOccurrences,
  '0024-looks': looks,
  '0025-own-css': ownCss,
  '0026-named-values': namedValues,
  '0027-fonts': fonts,
  '0028-presses': presses,
  '0029-entry-changes': entryChanges,
  '0030-placed-words': placedWords,
}

/**
 * Brings the database up to date, or up to a migration. Safe to call from several processes at
 * once. Throws what failed.
 */
export async function migrate(
  db: Kysely<Database>,
  upTo?: keyof typeof migrations,
): Promise<readonly string[]> {
  const migrator = new Migrator({ db, provider: { getMigrations: async () => migrations } })
  const { error, results } = await (upTo === undefined
    ? migrator.migrateToLatest()
    : migrator.migrateTo(upTo))
  if (error !== undefined) throw error
  return (results ?? []).map((one) => one.migrationName)
}
