import { sql } from 'kysely'
import type { Kysely } from 'kysely'

/** A trigger that names the entries of which a statement changes what questions are asked of. */
function naming(action: 'insert' | 'update' | 'delete', tables: string, rows: string): string {
  return `
    create function name_entries_after_${action}() returns trigger language plpgsql as $$
    begin
      insert into entry_changes (collection_id, entry_id)
      select distinct collection_id, entry_id from (${rows}) changed;
      return null;
    end $$;
    create trigger name_entries_${action} after ${action} on entry_index
    referencing ${tables} for each statement execute function name_entries_after_${action}()`
}

const statements = [
  `create table entry_changes (
    transaction_id xid8 not null default pg_current_xact_id(),
    collection_id integer not null,
    entry_id integer not null,
    happened_at timestamptz not null default now()
  )`,
  `create index entry_changes_order on entry_changes (collection_id, transaction_id)`,
  `create index entry_changes_age on entry_changes (happened_at)`,
  naming('insert', 'new table as came', 'select collection_id, entry_id from came'),
  // How often entries are read changes all the time, and is held nowhere.
  naming(
    'update',
    'old table as went new table as came',
    `select went.collection_id, went.entry_id from went join came using (entry_id)
       where (went.collection_id, went.published_at, went.expires_at, went.keys, went.sort_values)
         is distinct from (came.collection_id, came.published_at, came.expires_at, came.keys, came.sort_values)
     union all
     select came.collection_id, came.entry_id from went join came using (entry_id)
       where went.collection_id <> came.collection_id`,
  ),
  naming('delete', 'old table as went', 'select collection_id, entry_id from went'),
]

/** Names each entry that changed, so that servers which hold entries follow them. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const statement of statements) await sql.raw(statement).execute(db)
}
