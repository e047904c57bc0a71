import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { signedIn, startApp } from './support/app'
import type { App } from './support/app'
import { isThere, press, waitFor, waitForText } from './support/hands'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

/** Work on a collection's entries that nobody goes on with, for it is of a time to come. */
async function put(work: { readonly kind: string; readonly failure?: string }): Promise<void> {
  await app.db
    .insertInto('long_work')
    .values({
      detail: JSON.stringify({ collection: 0, change: randomUUID() }),
      state: '{"after":0,"at":0}',
      subject: 'Field notes',
      size: 2600,
      steps: 1,
      begun_at: new Date(0),
      touched_at: new Date(Date.now() + 3_600_000),
      ...work,
    })
    .execute()
}

describe('what goes on by itself', () => {
  it('is shown to owners with how far it is, and is stopped by a press', async () => {
    const page = await signedIn(app)
    await page.goto(`${app.address}/bench/site`)
    await waitForText(page, 'main', 'Nothing is under way')
    await put({ kind: 'change-in-bulk' })
    await waitForText(page, 'main', '1,000 of about 2,600 entries')
    await waitFor(page, 'progressbar', 'Changing entries of Field notes')
    await press(page, 'button', 'Stop: Changing entries of Field notes')
    await waitForText(page, 'main', 'Nothing is under way')
    expect(await app.db.selectFrom('long_work').select('id').execute()).toEqual([])
  })

  it('says why it failed, and is tried again by the keys', async () => {
    const page = await signedIn(app)
    await put({ kind: 'index-collection', failure: 'The disk is full.' })
    await page.goto(`${app.address}/bench/site`)
    await waitForText(page, 'main', 'The disk is full.')
    expect(await isThere(page, 'button', 'Stop: Looking through Field notes anew')).toBe(false)
    const again = await waitFor(page, 'button', 'Try again')
    await again.focus()
    await page.keyboard.press('Enter')
    await waitForText(page, 'main', 'Nothing is under way')
  })
})
