import { sql } from 'kysely'
import { expect, vi } from 'vitest'
import type { Trx } from '~~/server/db/client'
import { recordChange } from '~~/server/live/record-change'
import type { App } from './app'

/** Writes past the server, tells of it as every writer does, and waits until the server has heard. */
export async function written(app: App, write: (trx: Trx) => Promise<unknown>): Promise<void> {
  const id = await app.db.transaction().execute(async (trx) => {
    await write(trx)
    await recordChange(trx, { kind: 'site', subjectId: null })
    return (await sql<{ id: string }>`select pg_current_xact_id()::text as id`.execute(trx)).rows[0]?.id ?? ''
  })
  await vi.waitFor(async () => expect(await hasSeen(app, id)).toBe(true), { timeout: 30_000, interval: 20 })
}

/**
 * Whether what the server sends was made after a transaction: pages say what they had seen of the
 * site's changes.
 */
async function hasSeen(app: App, transaction: string): Promise<boolean> {
  const html = await (await fetch(`${app.address}/`)).text()
  const [, seen = ''] = / data-seen="([^"]*)"/.exec(html) ?? []
  const { rows } = await sql<{ seen: boolean }>`
    select pg_visible_in_snapshot(${transaction}::xid8, ${seen}::pg_snapshot) as seen`.execute(app.db)
  return rows[0]?.seen === true
}
