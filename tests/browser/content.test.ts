import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { signedIn, startApp } from './support/app'
import type { App } from './support/app'
import { clear, fill, press, waitFor, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

async function openEntry(title: string) {
  const page = await signedIn(app)
  await press(page, 'link', 'Content')
  await fill(page, 'Find by title', title)
  await press(page, 'link', title)
  await waitFor(page, 'heading', title)
  return page
}

async function valueOf(page: Awaited<ReturnType<typeof openEntry>>, label: string) {
  return (await waitFor(page, 'textbox', label)).evaluate((field) => (field as HTMLInputElement).value)
}

describe('the entry form', () => {
  it('says what is wrong at the field, before and after asking the server, and keeps what was typed', async () => {
    const page = await openEntry('The stove in the long shed, explained')
    await fill(page, 'Address', 'Not an address')
    await clear(page, 'Title')
    await press(page, 'button', 'Save')
    await waitForText(page, 'form', 'Give the entry a title.')
    await waitForText(page, 'form', 'Use small letters, digits and single hyphens')
    await fill(page, 'Title', 'The stove')
    await fill(page, 'Address', 'how-to-borrow-seed')
    await press(page, 'button', 'Save')
    await waitForText(page, 'form', '“How to borrow seed” already has this address.')
    expect(await valueOf(page, 'Title')).toBe('The stove')
    await fill(page, 'Address', 'the-stove')
    await press(page, 'button', 'Save')
    await waitFor(page, 'heading', 'The stove')
  })

  it('refuses to save over somebody else’s newer version and loses nothing typed', async () => {
    const mine = await openEntry('Rainwater, counted')
    const theirs = await openEntry('Rainwater, counted')
    await theirs.bringToFront()
    await fill(theirs, 'Summary', 'Their summary.')
    await press(theirs, 'button', 'Save')
    await waitForText(theirs, '[role=status]', 'Saved')
    await mine.bringToFront()
    await fill(mine, 'Title', 'Rainwater, counted twice')
    await press(mine, 'button', 'Save')
    await waitForText(mine, '[role=alert]', 'saved this entry after you opened it')
    await waitForText(mine, '[role=alert]', 'Their summary.')
    expect(await valueOf(mine, 'Title')).toBe('Rainwater, counted twice')
    await press(mine, 'button', 'Save mine over it')
    await waitFor(mine, 'heading', 'Rainwater, counted twice')
  })

  it('deletes after asking once, and can be undone', async () => {
    const page = await openEntry('A pond in a sink, and who came to it')
    await press(page, 'button', 'More to do with this entry')
    await press(page, 'menuitem', 'Delete this entry')
    await waitForText(page, '[role=dialog]', 'Delete “A pond in a sink, and who came to it”?')
    await press(page, 'button', 'Delete')
    await press(page, 'button', 'Undo')
    await waitFor(page, 'heading', 'A pond in a sink, and who came to it')
    const row = await app.db
      .selectFrom('entries')
      .select('deleted_at')
      .where('slug', '=', 'a-pond-in-a-sink-and-who-came-to-it')
      .executeTakeFirstOrThrow()
    expect(row.deleted_at).toBeNull()
  })
})

describe('an author', () => {
  it('is deleted after asking once, and put back', async () => {
    const page = await signedIn(app)
    await press(page, 'button', 'Juno Thackaberry')
    await press(page, 'button', 'Delete the author')
    await waitForText(page, '[role=dialog]', 'You can undo this right after.')
    await press(page, 'button', 'Delete')
    await press(page, 'button', 'Undo')
    await waitFor(page, 'button', 'Juno Thackaberry')
    await waitForText(page, 'body', 'is back')
    await page.close()
  })
})
