import { sql } from 'kysely'
import { textOfDocument } from '../../core/content/rich-text/text'
import { fieldTypes } from '../../core/content/fields'
import { wordCount } from '../../core/formats/reading-time'
import { hasWords, storageOf } from '../../core/content/field'
import type { Field } from '../../core/content/field'
import { placedWords } from '../../core/text/placed-words'
import type { Db, Trx } from '../db/client'
import { transact } from '../db/transact'
import { loadSite } from '../site/site'
import { fieldsBy } from './fields'

/** So many texts are read before others get a turn: what takes some 20 ms. */
const batch = 25

/**
 * Brings the words that entries are found by up to date, from their title, summary, text and text
 * fields, and counts those of their text.
 */
export async function indexWords(trx: Trx, ids: readonly number[]): Promise<void> {
  const [site, fields] = await Promise.all([loadSite(trx), fieldsBy(trx, null)])
  for (let from = 0; from < ids.length; from += batch) {
    const rows = await trx
      .selectFrom('entries')
      .select(['id', 'collection_id', 'title', 'summary', 'body', 'field_values'])
      .where('id', 'in', ids.slice(from, from + batch))
      .execute()
    const words = rows.map((row) => {
      const text = textOfDocument(row.body)
      const written = {
        title: row.title,
        summary: row.summary,
        text,
        fields: fieldTexts(fields.get(row.collection_id) ?? [], row.field_values, site),
      }
      return {
        entry_id: row.id,
        words: placedWords(written, site.locale),
        word_count: wordCount(text, site.locale),
      }
    })
    if (words.length === 0) continue
    await sql`
      insert into entry_words (entry_id, words, word_count)
      select entry_id, array(select jsonb_array_elements_text(given.words)), word_count
      from jsonb_to_recordset(${JSON.stringify(words)}::jsonb) given (entry_id integer, words jsonb, word_count integer)
      on conflict (entry_id) do update set words = excluded.words, word_count = excluded.word_count`.execute(
      trx,
    )
  }
}

function fieldTexts(
  fields: readonly Field[],
  stored: Readonly<Record<string, unknown>>,
  place: { readonly locale: string; readonly zone: string },
): ReadonlyMap<number, string> {
  return new Map(
    fields.filter(hasWords).flatMap((field) => {
      const [id, { type, settings }] = [storageOf(field), field]
      const value = stored[id]
      return value === undefined ? [] : [[id, fieldTypes.get(type).write(value, settings, place)] as const]
    }),
  )
}

/** Indexes the words of entries that have none yet, as after an update of Bushel, a batch at a time. */
export async function indexMissingWords(db: Db): Promise<void> {
  for (let after = 0; ;) {
    const rows = await db
      .selectFrom('entries as e')
      .select('e.id')
      .where('e.id', '>', after)
      .where(({ not, exists, selectFrom }) =>
        not(exists(selectFrom('entry_words as w').select('w.entry_id').whereRef('w.entry_id', '=', 'e.id'))),
      )
      .orderBy('e.id')
      .limit(batch)
      .execute()
    const last = rows.at(-1)
    if (last === undefined) return
    await transact(db, (trx) =>
      indexWords(
        trx,
        rows.map((row) => row.id),
      ),
    )
    after = last.id
  }
}
