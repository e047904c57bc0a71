import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { ElementHandle, Page } from 'puppeteer-core'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openCollection, openInBench, signedIn, startApp, visitor } from './support/app'
import type { App } from './support/app'
import {
  chooseOne,
  clear,
  drag,
  fill,
  isThere,
  pick,
  press,
  waitFor,
  waitForNoDialog,
  waitForStatus,
  waitForText,
} from './support/hands'
import { written } from './support/written'

let app: App
let folder: string
beforeAll(async () => {
  app = await startApp()
  folder = await mkdtemp(join(tmpdir(), 'bushel-files-'))
})
afterAll(async () => {
  await app.stop()
  await rm(folder, { recursive: true, force: true })
})

async function openShared(page: Page, name: string): Promise<void> {
  await openCollection(page, 'Field notes')
  await press(page, 'link', name)
  await waitFor(page, 'heading', name)
}

async function bring(page: Page, name: string, bytes: Buffer): Promise<void> {
  const path = join(folder, name)
  await writeFile(path, bytes)
  const input = (await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement> | null
  await input?.uploadFile(path)
}

describe('media', () => {
  it('are brought in, described, given a point of attention, and refused when they are not what they say', async () => {
    const page = await signedIn(app)
    await openShared(page, 'Media')
    await bring(
      page,
      'a-gate.png',
      await sharp({ create: { width: 600, height: 400, channels: 3, background: '#28624a' } })
        .png()
        .toBuffer(),
    )
    await waitForText(page, 'body', '1 file is there.')
    await press(page, 'button', 'a-gate.png')
    await fill(page, 'What it shows', 'A gate')
    const point = await waitFor(
      page,
      'button',
      'Point of attention: 50 % from the left, 50 % from the top. Move it with the arrow keys.',
    )
    await point.focus()
    for (let at = 0; at < 5; at += 1) await page.keyboard.press('ArrowLeft')
    await press(page, 'button', 'Save')
    await waitForText(page, 'body', '“a-gate.png” is saved.')
    const row = await app.db
      .selectFrom('media')
      .select(['alternative', 'focal_x', 'width'])
      .where('file_name', '=', 'a-gate.png')
      .executeTakeFirstOrThrow()
    expect(row).toEqual({ alternative: 'A gate', focal_x: 0.4, width: 600 })
    await bring(page, 'not-a-picture.png', Buffer.from('<html><script>alert(1)</script></html>'))
    await waitForText(page, 'main', 'Files of this kind are not taken.')
  })

  it('are brought in by dropping them', async () => {
    const page = await signedIn(app)
    await openShared(page, 'Media')
    const paths = [join(folder, 'first-drop.png'), join(folder, 'second-drop.png')]
    for (const [at, path] of paths.entries())
      await sharp({ create: { width: 300 + at, height: 200, channels: 3, background: '#7d5a07' } })
        .png()
        .toFile(path)
    const place = await page.waitForSelector('::-p-text(Drop files here)')
    const { x, y, width, height } = (await place?.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 }
    const devtools = await page.createCDPSession()
    const data = { items: [], files: paths, dragOperationsMask: 1 }
    for (const type of ['dragEnter', 'dragOver', 'drop'] as const)
      await devtools.send('Input.dispatchDragEvent', { type, x: x + width / 2, y: y + height / 2, data })
    await waitForText(page, 'body', '2 files are there.')
    await waitFor(page, 'button', 'second-drop.png')
  })

  it('say where they are used instead of being deleted', async () => {
    const page = await signedIn(app)
    await openShared(page, 'Media')
    await fill(page, 'Find by name or description', 'how-to-borrow-seed')
    // Until nothing else is found, what is pressed may move away under the pointer.
    await page.waitForFunction(() => document.querySelectorAll('main li button').length === 1)
    await page.locator('::-p-text(how-to-borrow-seed.webp)').click()
    await press(page, 'button', 'Delete the file')
    await waitForText(page, '[role=dialog]', 'is used by “How to borrow seed”. Take it off there first.')
  })
})

describe('terms', () => {
  const parentOf = async (slug: string) =>
    (
      await app.db
        .selectFrom('terms as t')
        .leftJoin('terms as p', 'p.id', 't.parent_id')
        .select('p.slug')
        .where('t.slug', '=', slug)
        .executeTakeFirst()
    )?.slug

  it('are nested by keyboard, merged and parted again', async () => {
    const page = await signedIn(app)
    await openShared(page, 'Facets and terms')
    await (await waitFor(page, 'button', 'Move Water: arrow keys')).focus()
    await page.keyboard.press('ArrowLeft')
    await expect.poll(() => parentOf('water'), { timeout: 20_000 }).toBeNull()
    await press(page, 'button', 'What to do with Mulch')
    await press(page, 'menuitem', 'Merge into another')
    await chooseOne(page, 'Into', 'Compost')
    await press(page, 'button', 'Merge into another')
    await waitForText(page, 'body', '“Mulch” was merged.')
    expect(await parentOf('mulch')).toBeUndefined()
    await press(page, 'button', 'Undo')
    await waitForText(page, 'body', '“Mulch” is back.')
    expect(await parentOf('mulch')).toBe('soil')
  })

  it('are nested by dragging', async () => {
    const page = await signedIn(app)
    await page.setViewport({ width: 1280, height: 900 })
    await openShared(page, 'Facets and terms')
    expect(await parentOf('pruning')).not.toBe('soil')
    const beside = await waitFor(page, 'button', 'Move Compost: arrow keys')
    // Beside it and not under it: terms below it stand in lists within the same list.
    await drag(page, 'Move Pruning: arrow keys', beside, () =>
      page.evaluate(
        (handle) =>
          Array.from(handle.closest('ul')?.children ?? []).some(
            (row) =>
              row.querySelector('[data-move]')?.getAttribute('aria-label') === 'Move Pruning: arrow keys',
          ),
        beside,
      ),
    )
    await expect.poll(() => parentOf('pruning'), { timeout: 20_000 }).toBe('soil')
  })

  it('get another address, and the old one leads there', async () => {
    const page = await signedIn(app)
    await openShared(page, 'Facets and terms')
    await press(page, 'button', 'Wildlife')
    await fill(page, 'Address', 'wild-things')
    await press(page, 'button', 'Save the term')
    await waitForText(page, 'body', '“Wildlife” is saved.')
    const answer = await fetch(`${app.address}/topic/wildlife`, { redirect: 'manual' })
    expect([answer.status, answer.headers.get('location')]).toEqual([301, '/topic/wild-things'])
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/topic/wildlife`)
    expect(await plain.$eval('h1', (heading) => heading.textContent)).toBe('Wildlife')
  })
})

describe('the whole site', () => {
  it('says what stands for a missing picture, on open pages too, and a card may have another', async () => {
    const bare = await app.db
      .selectFrom('entries as e')
      .innerJoin('collections as c', 'c.id', 'e.collection_id')
      .select(['e.id', 'e.title', 'e.picture_id'])
      .where('c.slug', '=', 'field-notes')
      .where('e.status', '=', 'published')
      .where('e.published_at', '<=', new Date())
      .orderBy('e.published_at', 'desc')
      .executeTakeFirstOrThrow()
    const setPicture = (picture: number | null) =>
      written(app, (trx) =>
        trx.updateTable('entries').set({ picture_id: picture }).where('id', '=', bare.id).execute(),
      )
    await setPicture(null)
    const reader = await visitor(app)
    await reader.goto(`${app.address}/`)
    const cover = '[data-area=main] article:first-of-type'
    const stands = () =>
      reader.$eval(cover, (card) => ({
        title: card.querySelector('.title')?.textContent?.trim(),
        letter: card.querySelector('.picture-letter')?.textContent ?? null,
        picture: card.querySelector('[data-part=picture]') !== null,
      }))
    expect(await stands()).toEqual({ title: bare.title, letter: null, picture: true })

    const page = await signedIn(app)
    await press(page, 'link', 'Site')
    await press(page, 'radio', 'First letter')
    await waitForStatus(page, 'Listings do so from now on.')
    await reader.bringToFront()
    await expect.poll(stands).toEqual({ title: bare.title, letter: bare.title.slice(0, 1), picture: true })
    await page.bringToFront()
    await press(page, 'radio', 'Nothing')
    await reader.bringToFront()
    await expect.poll(stands).toEqual({ title: bare.title, letter: null, picture: false })

    await page.bringToFront()
    await openInBench(app, page, 'From the hill')
    await press(page, 'button', 'Latest notes 6')
    await page.keyboard.press('5')
    await press(page, 'button', 'Settings of picture')
    await waitForText(page, 'aside', 'As on the whole site: nothing')
    await pick(page, 'Where there is no picture', 'First letter')
    const shown = await (
      await page.waitForSelector('::-p-aria([name="From the hill, the page as visitors get it"])')
    )?.contentFrame()
    await expect
      .poll(() => shown?.$eval(cover, (card) => card.querySelector('.picture-letter')?.textContent))
      .toBe(bare.title.slice(0, 1))
    await setPicture(bare.picture_id)
  })

  it('takes nothing else for it', async () => {
    const page = await signedIn(app)
    const answer = (body: object) =>
      page.evaluate(
        async (sent) =>
          (
            await fetch('/api/bench/site', {
              method: 'PUT',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(sent),
            })
          ).status,
        body,
      )
    expect(await answer({ brokenRules: 'without', placeholder: 'a hat' })).toBe(422)
    expect(await answer({ brokenRules: 'without' })).toBe(422)
    expect(await answer({ brokenRules: 'without', placeholder: 'sprig' })).toBe(200)
  })
})

describe('people', () => {
  it('come by a link, choose their password, and do what their role lets them', async () => {
    const page = await signedIn(app)
    await press(page, 'link', 'Site')
    await press(page, 'button', 'Invite somebody')
    await fill(page, 'Name', 'Fenn Hallowby')
    await fill(page, 'Mail address', 'not an address')
    await press(page, 'button', 'Make the link')
    await waitForText(page, '[role=dialog]', 'This is no address.')
    await fill(page, 'Mail address', 'fenn@sorrelhill.example')
    await press(page, 'button', 'Make the link')
    const link = await (
      await waitFor(page, 'textbox', 'Link')
    ).evaluate((field) => (field as HTMLInputElement).value)
    await press(page, 'button', 'Done')
    await waitForNoDialog(page)
    await waitForText(page, 'main', 'Fenn Hallowby')

    const guest = await visitor(app)
    await guest.goto(link)
    await fill(guest, 'Password', 'short')
    await press(guest, 'button', 'Come in')
    await waitForText(guest, 'form', 'Use at least 10 characters')
    await fill(guest, 'Password', 'three words in a row')
    await press(guest, 'button', 'Come in')
    await waitForText(guest, 'main', 'Pages')
    expect(await isThere(guest, 'link', 'Site')).toBe(false)
    await openCollection(guest, 'Field notes')
    expect(await isThere(guest, 'link', 'Set up')).toBe(false)

    const late = await visitor(app)
    await late.goto(link)
    await waitForText(late, '[role=alert]', 'This invitation was used, or is too old.')
  })

  it('change their own password', async () => {
    const page = await signedIn(app)
    await press(page, 'button', 'Account of Wren Hollis')
    await press(page, 'menuitem', 'Change my password')
    await fill(page, 'Present password', 'wrong')
    await fill(page, 'New password', 'another long one')
    await press(page, 'button', 'Change it')
    await waitForText(page, '[role=dialog]', 'This is not your present password.')
    await clear(page, 'Present password')
    await fill(page, 'Present password', 'sow-in-april')
    await press(page, 'button', 'Change it')
    await waitForText(page, 'body', 'Your password is changed.')
  })
})
