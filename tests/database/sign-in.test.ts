import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { hashPassword, passwordMatches } from '~~/server/people/passwords'
import { checkSignIn, waitAfter } from '~~/server/people/sign-in'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
const email = 'keeper@test.example'
const start = Date.UTC(2026, 0, 1)
beforeAll(async () => {
  test = await freshDatabase()
  const password_hash = await hashPassword('sow in April')
  await test.db.insertInto('accounts').values({ email, name: 'Keeper', role: 'designer', password_hash }).execute()
})
afterAll(() => test.drop())

function statusOf(password: string, now: number, address = email): Promise<number> {
  return checkSignIn(test.db, { email: address, password }, now).then(
    () => 200,
    (error: { status: number }) => error.status,
  )
}

describe('signing in', () => {
  it('takes the right password for the address, however its case, and no other', async () => {
    expect(await statusOf('sow in April', start, ' Keeper@Test.example ')).toBe(200)
    expect(await statusOf('sow in april', start)).toBe(401)
    expect(await statusOf('sow in April', start, 'nobody@test.example')).toBe(401)
  })

  it('gets slower after failed tries, and is quick again after waiting and success', async () => {
    const later = start + 3600_000
    for (let at = 0; at < 3; at += 1) expect(await statusOf('wrong', later)).toBe(401)
    expect(await statusOf('sow in April', later + 500)).toBe(429)
    expect(await statusOf('sow in April', later + 1001)).toBe(200)
    expect(await statusOf('wrong', later + 1002)).toBe(401)
  })

  it('waits twice as long each time, to five minutes', () => {
    expect([0, 2, 3, 4, 5, 30].map(waitAfter)).toEqual([0, 0, 1000, 2000, 4000, 300_000])
  })
})

describe('a password', () => {
  it('is kept salted, so that equal ones look different', async () => {
    const [one, two] = await Promise.all([hashPassword('peas'), hashPassword('peas')])
    expect(one).not.toBe(two)
    expect(await passwordMatches('peas', one ?? '')).toBe(true)
    expect(await passwordMatches('Peas', one ?? '')).toBe(false)
    expect(await passwordMatches('peas', 'nonsense')).toBe(false)
  })
})
