import { DateTime } from 'luxon'
import { monthName } from '../../../core/formats/formatters'
import { monthAddress, monthPattern } from '../../../core/pages/usual'
import { monthInstants } from '../../../core/time/zones'
import { visibleAt } from '../../content/visible'
import type { Db, Trx } from '../../db/client'
import type { SubjectPages } from './define'

/** `/field-notes/2026/03`: what a collection published in a month of the site's zone. */
export const monthPages: SubjectPages = {
  kind: 'month',
  async find(db, site, path, now) {
    const [, base, digits, number] = /^(\/.+)\/(\d{4})\/(0[1-9]|1[0-2])$/.exec(path) ?? []
    if (base === undefined || digits === '0000') return null
    const [year, month] = [Number(digits), Number(number)]
    const collection = await collectionAt(db, `${base}/{year}/{month}`)
    if (collection === undefined) return null
    const { from, before } = monthInstants(year, month, site.zone)
    const entry = await published(db, collection.id, now)
      .$if(from !== null, (query) => query.where('i.published_at', '>=', new Date(from ?? 0)))
      .$if(before !== null, (query) => query.where('i.published_at', '<', new Date(before ?? 0)))
      .executeTakeFirst()
    if (entry === undefined) return null
    return {
      kind: 'page',
      subject: { kind: 'month', year, month },
      pattern: monthPattern(collection.address),
      head: headOf(site.locale, year, month),
    }
  },
  async of(db, site, pattern, now) {
    const collection = await collectionAt(db, pattern)
    if (collection === undefined) return null
    const newest = await published(db, collection.id, now)
      .orderBy('i.published_at', 'desc')
      .executeTakeFirst()
    const at = newest && DateTime.fromJSDate(newest.published_at, { zone: site.zone })
    return {
      kind: 'month',
      of: collection.id,
      sample:
        at === undefined
          ? null
          : {
              subject: { kind: 'month', year: at.year, month: at.month },
              address: monthAddress(collection.address, at.year, at.month),
            },
    }
  },
  head: (_db, site, subject) =>
    Promise.resolve(subject.kind === 'month' ? headOf(site.locale, subject.year, subject.month) : null),
}

function headOf(locale: string, year: number, month: number) {
  return { title: `${monthName(month, locale)} ${year}`, introduction: '' }
}

/** The collection whose months have a pattern. */
async function collectionAt(db: Db | Trx, pattern: string) {
  const rows = await db
    .selectFrom('collections')
    .select(['id', 'address'])
    .where('deleted_at', 'is', null)
    .orderBy('id')
    .execute()
  return rows.find((row) => monthPattern(row.address) === pattern)
}

function published(db: Db | Trx, collection: number, now: number) {
  return db
    .selectFrom('entry_index as i')
    .select('i.published_at')
    .where('i.collection_id', '=', collection)
    .where(visibleAt('i', new Date(now)))
    .limit(1)
}
