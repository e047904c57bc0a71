import { sql } from 'kysely'
import type { FieldInput } from '../../core/content/field'
import { numberField } from '../../core/content/fields/number'
import { addCollection } from '../../server/content/collections'
import { addField } from '../../server/content/field-writing'
import { collectionIndexing } from '../../server/content/index-work'
import type { Db } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'
import { beginWork } from '../../server/work/begin'
import { finishWork } from '../../server/work/finish'

/** Makes an empty database a site; gives who writes to it. */
export async function begun(db: Db): Promise<{ readonly id: string }> {
  await migrate(db)
  await sql`insert into site (id, name, locale, time_zone) values (1, 'Bench', 'en-GB', 'UTC')`.execute(db)
  const { rows } = await sql<{ id: string }>`
    insert into accounts (email, name, role, password_hash) values ('b@bench.example', 'B', 'owner', '-') returning id`.execute(
    db,
  )
  return { id: rows[0]?.id ?? '' }
}

/** What titles are made of. */
export const words =
  'leaf mould bean frost orchard seed shed rain hill graft kale soil moth pear quarry sieve'.split(' ')

/**
 * A collection of so many entries with skewed reads, ten sentences of text each, and a sortable number. Their
 * facets, where it has some, are for whoever gives them terms to index.
 */
export async function filled(db: Db, count: number, facets: readonly number[] = []) {
  const { id } = await addCollection(db, {
    name: `Notes ${count}`,
    singular: 'Note',
    plural: 'Notes',
    icon: 'note',
    kind: 'article',
    address: `/notes-${count}/{slug}`,
    facets,
  })
  const number: FieldInput = {
    key: 'depth',
    name: 'Depth',
    type: 'number',
    settings: numberField.defaults,
    required: false,
    help: '',
    fallback: null,
    filterable: true,
    sortable: true,
  }
  const field = await addField(db, id, number)
  const text = Array.from(
    { length: 10 },
    () =>
      'What the beds, the bees and the volunteers have been up to, written down so that nobody need find it out again.',
  ).join(' ')
  const body = JSON.stringify({
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text }] }],
  })
  await sql`
    insert into entries (collection_id, slug, title, summary, body, status, published_at, view_count, field_values)
    select ${id}, 'note-' || n,
      (${sql.val(words)}::text[])[1 + (n::bigint * 7919) % 16] || ' ' || (${sql.val(words)}::text[])[1 + (n::bigint * 104729) % 16] || ' ' || n, '', ${body}::jsonb,
      case when n % 20 = 0 then 'draft' else 'published' end, now() - n * interval '7 minutes', (100000 / (1 + n % 977))::integer,
      jsonb_build_object(${String(field.id)}::text, (n * 31) % 5000)
    from generate_series(1, ${count}) n`.execute(db)
  if (facets.length === 0)
    await finishWork(
      db,
      await db.transaction().execute((trx) => beginWork(trx, collectionIndexing, { collection: id })),
    )
  return { id, field, count, fieldInput: number }
}
