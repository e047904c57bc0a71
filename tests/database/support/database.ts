import { randomUUID } from 'node:crypto'
import { sql } from 'kysely'
import { demoAccount } from '~~/demo/account'
import { openDatabase, withoutHurry } from '~~/server/db/client'
import type { Db } from '~~/server/db/client'
import { migrate } from '~~/server/db/migrate'
import { makeEmptySite } from '~~/server/site/site'
import { isEmpty, loadDemo } from '~~/server/demo/load-demo'
import { hashPassword } from '~~/server/people/passwords'

/** The address of the server that tests may make databases on; scripts/test.mjs starts it. */
function serverAddress(): string {
  const address = process.env.BUSHEL_TEST_DATABASE
  if (!address) throw new Error('BUSHEL_TEST_DATABASE is not set. Run the tests with “npm test”.')
  return address
}

export interface TestDatabase {
  readonly db: Db
  readonly url: string
  readonly drop: () => Promise<void>
}

/** A database of its own, migrated and empty. */
export async function freshDatabase(): Promise<TestDatabase> {
  const test = await ownDatabase('template1')
  await migrate(test.db)
  return test
}

/** A database of its own for a site with nothing on it, which nobody owns yet. */
export async function newSiteDatabase(): Promise<TestDatabase> {
  const test = await freshDatabase()
  await makeEmptySite(test.db)
  return test
}

const demoTemplate = 'bushel_demo'

/** A database of its own as an earlier Bushel left it. */
export async function databaseAt(
  migration: NonNullable<Parameters<typeof migrate>[1]>,
): Promise<TestDatabase> {
  const test = await ownDatabase('template1')
  await migrate(test.db, migration)
  return test
}

/** A database of its own with the demo site, copied from one that is loaded once a run. */
export function demoDatabase(): Promise<TestDatabase> {
  return oneAtATime(copyOfDemo)
}

async function copyOfDemo(): Promise<TestDatabase> {
  const url = addressOf(demoTemplate)
  await onServer(serverAddress(), `create database ${demoTemplate}`).catch((error: { code?: string }) => {
    const exists = '42P04'
    if (error.code !== exists) throw error
  })
  const db = openDatabase(url, 2)
  await migrate(db)
  if (await isEmpty(db)) {
    await loadDemo(db, { now: Date.now(), seed: 20 })
    await makeSigningInQuick(db)
  }
  await db.destroy()
  return ownDatabase(demoTemplate)
}

/** Nearly every test in the browser signs in, and to check a hash as it is made for people takes most of a second. */
async function makeSigningInQuick(db: Db): Promise<void> {
  const hash = await hashPassword(demoAccount.password, 10)
  await db
    .updateTable('accounts')
    .set({ password_hash: hash })
    .where('email', '=', demoAccount.email)
    .execute()
}

function addressOf(name: string): string {
  return Object.assign(new URL(serverAddress()), { pathname: `/${name}` }).toString()
}

async function ownDatabase(template: string): Promise<TestDatabase> {
  const server = serverAddress()
  const name = `test_${randomUUID().replaceAll('-', '')}`
  await onServer(server, `create database ${name} template ${template}`)
  const url = addressOf(name)
  const db = openDatabase(url, 6)
  return {
    db,
    url,
    async drop() {
      await db.destroy()
      await onServer(server, `drop database ${name} with (force)`)
    },
  }
}

/** Of all that run tests on the server one does this at a time: nobody may be in a database that is copied. */
async function oneAtATime<T>(work: () => Promise<T>): Promise<T> {
  const db = openDatabase(serverAddress(), 1)
  const lock = sql`select pg_advisory_lock(hashtext('bushel tests'))`
  try {
    // The lock is its connection's, and ends with it.
    return await db.connection().execute(async (connection) => {
      await withoutHurry(connection, () => lock.execute(connection))
      return work()
    })
  } finally {
    await db.destroy()
  }
}

async function onServer(address: string, statement: string): Promise<void> {
  const db = openDatabase(address, 1)
  try {
    await sql.raw(statement).execute(db)
  } finally {
    await db.destroy()
  }
}
