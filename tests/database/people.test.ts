import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addEntry, loadEntry } from '~~/server/content/entries'
import {
  acceptInvitation,
  accountRows,
  changePassword,
  invitationOf,
  invite,
  setAccountClosed,
  setRole,
  withdrawInvitation,
  invitationRows,
} from '~~/server/people/accounts'
import { addAuthor, authorRows, saveAuthor, setAuthorDeleted } from '~~/server/people/authors'
import { makeFirstOwner, startCode } from '~~/server/people/first-owner'
import { hashPassword, passwordMatches } from '~~/server/people/passwords'
import { checkSignIn } from '~~/server/people/sign-in'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
const now = Date.UTC(2026, 10, 24)
const day = 86_400_000
const password = 'three words in a row'
const trying = { client: '192.0.2.1', isKnownDevice: false }
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(() => test.drop())

const invited = (email: string) =>
  invite(test.db, { email, name: 'Wren', role: 'designer' }, site.writer, now)

describe('an invitation', () => {
  it('lets in once, with a password of one’s own choice', async () => {
    const { token } = await invited('Wren@Test.example')
    expect(await invitationOf(test.db, token, now + 6 * day)).toEqual({
      name: 'Wren',
      email: 'wren@test.example',
    })
    const id = await acceptInvitation(test.db, { token, password }, now + day)
    expect((await accountRows(test.db)).find((row) => row.id === id)).toMatchObject({
      name: 'Wren',
      role: 'designer',
    })
    expect(await checkSignIn(test.db, { email: 'wren@test.example', password }, trying)).toBe(id)
    expect((await problemOf(acceptInvitation(test.db, { token, password }, now + day))).status).toBe(404)
    expect((await problemOf(invited('wren@test.example'))).details.faults[0]?.path).toBe('email')
  })

  it('is good for seven days, until it is withdrawn or given anew', async () => {
    const first = await invited('late@test.example')
    expect((await problemOf(invitationOf(test.db, first.token, now + 7 * day))).status).toBe(404)
    const second = await invited('late@test.example')
    expect((await problemOf(invitationOf(test.db, first.token, now))).status).toBe(404)
    const [row] = await invitationRows(test.db, now)
    await withdrawInvitation(test.db, row?.id ?? '')
    expect((await problemOf(invitationOf(test.db, second.token, now))).status).toBe(404)
  })

  // OWASP ASVS 4, 2.1.1 and 2.10.4: no short passwords, and no secret stored in the clear.
  it('is kept as a hash, and takes no short password', async () => {
    const { token } = await invited('short@test.example')
    const rows = await test.db.selectFrom('invitations').select('token_hash').execute()
    expect(rows.some((row) => row.token_hash.includes(token))).toBe(false)
    expect(
      (await problemOf(acceptInvitation(test.db, { token, password: 'short' }, now))).details.faults[0]?.path,
    ).toBe('password')
    expect((await invitationOf(test.db, token, now)).name).toBe('Wren')
  })

  it.each([
    ['email', 'not an address'],
    ['email', 'a@b'],
    ['role', 'king'],
    ['name', ''],
  ])('is refused for a wrong %s: %s', async (path, value) => {
    expect(
      (
        await problemOf(
          invite(
            test.db,
            { email: 'x@test.example', name: 'X', role: 'writer', [path]: value },
            site.writer,
            now,
          ),
        )
      ).details.faults[0]?.path,
    ).toBe(path)
  })
})

describe('an account', () => {
  it('changes its password by giving the present one, and is signed out elsewhere', async () => {
    const { id } = await test.db
      .insertInto('accounts')
      .values({
        email: 'keeper@test.example',
        name: 'Keeper',
        role: 'writer',
        password_hash: await hashPassword(password),
      })
      .returning('id')
      .executeTakeFirstOrThrow()
    const open = () =>
      test.db
        .insertInto('account_sessions')
        .values({ account_id: id, expires_at: new Date(now + day) })
        .returning('id')
        .executeTakeFirstOrThrow()
    const [here] = [await open(), await open()]
    expect(
      (await problemOf(changePassword(test.db, id, here.id, { current: 'wrong', next: 'another long one' })))
        .details.faults[0]?.path,
    ).toBe('current')
    expect(
      (await problemOf(changePassword(test.db, id, here.id, { current: password, next: 'short' }))).details
        .faults[0]?.path,
    ).toBe('next')
    await changePassword(test.db, id, here.id, { current: password, next: 'another long one' })
    const { password_hash: hash } = await test.db
      .selectFrom('accounts')
      .select('password_hash')
      .where('id', '=', id)
      .executeTakeFirstOrThrow()
    expect(await passwordMatches('another long one', hash)).toBe(true)
    expect(
      (await test.db.selectFrom('account_sessions').select('id').where('account_id', '=', id).execute()).map(
        (row) => row.id,
      ),
    ).toEqual([here.id])
  })

  it('is closed and opened again; its sessions end, and it cannot sign in meanwhile', async () => {
    const { token } = await invited('closed@test.example')
    const id = await acceptInvitation(test.db, { token, password }, now)
    await setAccountClosed(test.db, id, true)
    expect(
      (await problemOf(checkSignIn(test.db, { email: 'closed@test.example', password }, trying))).status,
    ).toBe(401)
    await test.db
      .insertInto('account_sessions')
      .values({ account_id: id, expires_at: new Date(Date.now() + day) })
      .execute()
    await setAccountClosed(test.db, id, false)
    expect(
      await test.db.selectFrom('account_sessions').select('id').where('account_id', '=', id).execute(),
      'what was opened before is over',
    ).toEqual([])
    expect(await checkSignIn(test.db, { email: 'closed@test.example', password }, trying)).toBe(id)
  })

  it('leaves an owner in any case, also when two go at once', async () => {
    expect((await problemOf(setRole(test.db, site.writer.id, { role: 'writer' }))).message).toContain(
      'Somebody must stay owner',
    )
    const { token } = await invited('second@test.example')
    const second = await acceptInvitation(test.db, { token, password }, now)
    await setRole(test.db, second, { role: 'owner' })
    const both = await Promise.allSettled([
      setAccountClosed(test.db, second, true),
      setRole(test.db, site.writer.id, { role: 'writer' }),
    ])
    expect(both.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    expect((await accountRows(test.db)).some((row) => row.role === 'owner')).toBe(true)
  })
})

describe('an author', () => {
  it('is deleted from the entries that name them, and put back on those that name nobody since', async () => {
    const { id } = await addAuthor(test.db, { name: 'Tobias Quill', about: 'Labels.', portraitId: null })
    const entry = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'by-tobias', authorId: id },
      site.writer,
    )
    expect((await authorRows(test.db)).find((row) => row.id === id)).toMatchObject({
      slug: 'tobias-quill',
      entries: 1,
    })
    await setAuthorDeleted(test.db, id, true)
    expect((await loadEntry(test.db, entry.id)).authorId).toBeNull()
    expect((await authorRows(test.db)).some((row) => row.id === id)).toBe(false)
    await setAuthorDeleted(test.db, id, false)
    expect((await loadEntry(test.db, entry.id)).authorId).toBe(id)
  })

  it('is refused where something is wrong', async () => {
    expect(
      (await problemOf(addAuthor(test.db, { name: '', about: '', portraitId: null }))).details.faults[0]
        ?.path,
    ).toBe('name')
    expect(
      (await problemOf(addAuthor(test.db, { name: 'X', about: '', portraitId: 999_999 }))).details.faults[0]
        ?.path,
    ).toBe('portraitId')
    expect(
      (await problemOf(saveAuthor(test.db, 999_999, { name: 'X', about: '', portraitId: null }))).status,
    ).toBe(404)
  })
})

describe('the first owner of a new site', () => {
  const typed = { code: '', name: 'Wren', email: 'First@Test.example', password }

  it('gets in by the code that the server wrote, once, and nobody after them', async () => {
    const fresh = await freshDatabase()
    const first = { ...typed, code: startCode().toUpperCase() }
    expect(
      (await problemOf(makeFirstOwner(fresh.db, { ...typed, code: '0000-0000-0000' }))).details.faults[0]
        ?.path,
    ).toBe('code')
    const both = await Promise.allSettled([makeFirstOwner(fresh.db, first), makeFirstOwner(fresh.db, first)])
    expect(both.filter((one) => one.status === 'fulfilled')).toHaveLength(1)
    expect(await fresh.db.selectFrom('accounts').select(['email', 'role']).execute()).toEqual([
      { email: 'first@test.example', role: 'owner' },
    ])
    expect((await problemOf(makeFirstOwner(fresh.db, first))).status).toBe(404)
    await fresh.drop()
  })

  it('is nobody where there is an account already', async () => {
    expect((await problemOf(makeFirstOwner(test.db, { ...typed, code: startCode() }))).status).toBe(404)
  })
})
