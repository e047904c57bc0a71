import { sql } from 'kysely'
import type { RawBuilder } from 'kysely'

/**
 * Whether rows of `entries` or `entry_index` are shown to visitors at an instant, by the columns of
 * that table's alias.
 */
export function visibleAt(alias: string, at: Date): RawBuilder<boolean> {
  const [published, expires] = [sql.ref(`${alias}.published_at`), sql.ref(`${alias}.expires_at`)]
  return sql<boolean>`(${published} <= ${at} and (${expires} is null or ${expires} > ${at}))`
}
