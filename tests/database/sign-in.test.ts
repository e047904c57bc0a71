import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { demoAccount } from '~~/demo/account'
import { isDemoOpen } from '~~/server/people/demo-account'
import { countTry } from '~~/server/people/limiters'
import { hashPassword, passwordMatches } from '~~/server/people/passwords'
import { checkSignIn } from '~~/server/people/sign-in'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
const email = 'keeper@test.example'
const right = 'sow in April'
beforeAll(async () => {
  test = await freshDatabase()
  const password_hash = await hashPassword(right)
  await test.db
    .insertInto('accounts')
    .values({ email, name: 'Keeper', role: 'designer', password_hash })
    .execute()
})
beforeEach(() => test.db.deleteFrom('rate_limits').execute())
afterAll(() => test.drop())

function statusOf(
  password: string,
  { client = '192.0.2.1', isKnownDevice = false, address = email } = {},
): Promise<number> {
  return checkSignIn(test.db, { email: address, password }, { client, isKnownDevice }).then(
    () => 200,
    (error: { status: number }) => error.status,
  )
}

describe('signing in', () => {
  it('takes the right password for the address, however its case, and no other', async () => {
    expect(await statusOf(right, { address: ' Keeper@Test.example ' })).toBe(200)
    expect(await statusOf('sow in april')).toBe(401)
    expect(await statusOf(right, { address: 'nobody@test.example' })).toBe(401)
  })

  it('lets no more tries through than there are, also of many at once', async () => {
    const all = await Promise.all(Array.from({ length: 12 }, () => statusOf('wrong')))
    expect(all.filter((status) => status === 401)).toHaveLength(6)
    expect(all.filter((status) => status === 429)).toHaveLength(6)
    expect(await statusOf(right)).toBe(429)
  })

  it('does not count tries that were right', async () => {
    for (let at = 0; at < 9; at += 1) expect(await statusOf(right)).toBe(200)
    expect(await statusOf('wrong')).toBe(401)
  })

  it('locks out who fails, and neither the owner elsewhere nor one who signed in before', async () => {
    for (let at = 0; at < 100; at += 1) await countTry(test.db, [{ limit: 'account', subject: email }])
    expect(await statusOf(right, { client: '192.0.2.99' })).toBe(429)
    expect(await statusOf(right, { isKnownDevice: true })).toBe(200)
    await test.db.deleteFrom('rate_limits').execute()
    for (let at = 0; at < 7; at += 1) await statusOf('wrong', { client: '192.0.2.66' })
    expect([
      await statusOf(right, { client: '192.0.2.66' }),
      await statusOf(right, { client: '192.0.2.99' }),
    ]).toEqual([429, 200])
  })

  it('keeps nothing that says whom it concerns', async () => {
    await statusOf('wrong')
    const rows = await test.db.selectFrom('rate_limits').select('key').execute()
    expect(rows.length).toBeGreaterThan(1)
    // The whole address: a digest may hold any few letters and digits.
    expect(rows.map((row) => row.key).join(' ')).not.toMatch(/keeper@test|192\.0\.2/)
  })
})

describe('the demo’s password', () => {
  it('is told while it is the demo’s, and no longer once it was changed or the account closed', async () => {
    expect(await isDemoOpen(test.db)).toBe(false)
    const password_hash = await hashPassword(demoAccount.password)
    const { id } = await test.db
      .insertInto('accounts')
      .values({ email: demoAccount.email, name: 'Demo', role: 'owner', password_hash })
      .returning('id')
      .executeTakeFirstOrThrow()
    expect(await isDemoOpen(test.db)).toBe(true)
    await test.db.updateTable('accounts').set({ closed_at: new Date() }).where('id', '=', id).execute()
    expect(await isDemoOpen(test.db)).toBe(false)
    await test.db
      .updateTable('accounts')
      .set({ closed_at: null, password_hash: await hashPassword('another one of mine') })
      .where('id', '=', id)
      .execute()
    expect(await isDemoOpen(test.db)).toBe(false)
  })
})

describe('a password', () => {
  it('is kept salted, so that equal ones look different', async () => {
    const [one, two] = await Promise.all([hashPassword('peas'), hashPassword('peas')])
    expect(one).not.toBe(two)
    expect(await passwordMatches('peas', one)).toBe(true)
    expect(await passwordMatches('Peas', one)).toBe(false)
    expect(await passwordMatches('peas', 'nonsense')).toBe(false)
  })
})
