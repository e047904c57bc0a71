import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { PictureFormat } from '~~/core/pictures/picture'
import { newPage } from '~~/core/pages/definition'
import { withBandChanged } from '~~/core/pages/moves'
import { addEntry, saveEntry } from '~~/server/content/entries'
import { addMedia, mediaTable, mediaUses, saveMedia, setMediaDeleted } from '~~/server/media/media'
import { originalFile, rangeOf } from '~~/server/media/originals'
import { pictureMaker } from '~~/server/media/picture-maker'
import { isPublicFile } from '~~/server/media/public-files'
import { recognise } from '~~/server/media/recognise'
import { safeSvg } from '~~/server/media/safe-svg'
import { formatFor, rendition } from '~~/server/media/renditions'
import { noCss } from '~~/core/looks/own-css/own-css'
import { noGroundPicture } from '~~/core/looks/properties/grounds'
import { addLook, setLookDeleted } from '~~/server/looks/looks'
import { problemOf, rain, smallSite } from './support/content'
import { freshDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
let site: Awaited<ReturnType<typeof smallSite>>
beforeAll(async () => {
  test = await freshDatabase()
  site = await smallSite(test.db)
})
afterAll(async () => {
  pictureMaker().stop()
  await test.drop()
})

const drawn = (width: number, height: number, colour = '#a8431f') =>
  sharp({ create: { width, height, channels: 3, background: colour } })
/** What sharp finds in a picture at one of its widths. */
const madeAt = async (hash: string, width: number, format: PictureFormat = 'webp') =>
  sharp((await rendition(test.db, hash, width, format))?.bytes).metadata()
const all = { kinds: '', search: '', page: 1, perPage: 60 }

describe('a file that is brought in', () => {
  it.each(['png', 'jpeg', 'webp', 'avif', 'gif'] as const)('is told by its content: %s', async (format) => {
    const bytes = await drawn(90, 60).toFormat(format).toBuffer()
    const media = await addMedia(test.db, bytes, `leaf-${format}.exe`)
    expect(media).toMatchObject({
      kind: 'picture',
      type: `image/${format}`,
      width: 90,
      height: 60,
      fileName: `leaf-${format}.exe`,
    })
    expect(await madeAt(media.hash, 90)).toMatchObject({ format: 'webp', width: 90 })
    expect(await madeAt(media.hash, 90, 'avif')).toMatchObject({
      format: 'heif',
      compression: 'av1',
      width: 90,
    })
  })

  it('is turned as its camera was held', async () => {
    // EXIF 2.3, tag 0x0112: orientation 6 is shown turned a quarter to the right.
    const bytes = await drawn(90, 60).jpeg().withMetadata({ orientation: 6 }).toBuffer()
    const media = await addMedia(test.db, bytes, 'turned.jpg')
    expect(media).toMatchObject({ width: 60, height: 90 })
    expect(await madeAt(media.hash, 60)).toMatchObject({ width: 60, height: 90 })
  })

  it('keeps moving when it moves', async () => {
    const frames = await sharp(
      [await drawn(40, 30, '#ffffff').png().toBuffer(), await drawn(40, 30, '#000000').png().toBuffer()],
      { join: { animated: true } },
    )
      .gif()
      .toBuffer()
    const media = await addMedia(test.db, frames, 'blink.gif')
    expect(media).toMatchObject({ moves: true, width: 40, height: 30 })
    expect((await madeAt(media.hash, 40)).pages).toBe(2)
    expect(await rendition(test.db, media.hash, 40, 'avif')).toMatchObject({ type: 'image/webp' })
  })

  it.each([
    ['a page', Buffer.from('<!doctype html><html><script>alert(1)</script></html>')],
    ['a script named as a picture', Buffer.from('alert(1)')],
    [
      'a damaged picture',
      Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), Buffer.from('nothing like a picture')]),
    ],
    [
      'a page that holds a drawing',
      Buffer.from('<html><svg xmlns="http://www.w3.org/2000/svg"></svg></html>'),
    ],
  ])('is refused with a message: %s', async (_, bytes) => {
    const problem = await problemOf(addMedia(test.db, bytes, 'picture.png'))
    expect(problem.status).toBe(422)
    expect(problem.details.faults[0]?.path).toBe('file')
  })

  it('is stored once, however often it comes', async () => {
    const bytes = await drawn(20, 20, '#123456').png().toBuffer()
    const [one, two] = [await addMedia(test.db, bytes, 'a.png'), await addMedia(test.db, bytes, 'b.png')]
    expect(two.id).toBe(one.id)
    await setMediaDeleted(test.db, one.id, true)
    expect((await addMedia(test.db, bytes, 'c.png')).id).toBe(one.id)
  })

  it('is taken as captions by its first line', async () => {
    const media = await addMedia(
      test.db,
      Buffer.from('WEBVTT\n\n00:00.000 --> 00:02.000\nA wheelbarrow.\n'),
      'captions.txt',
    )
    expect(media).toMatchObject({ kind: 'captions', type: 'text/vtt' })
  })
})

describe('a drawing', () => {
  // OWASP, Cross Site Scripting Prevention Cheat Sheet, and the ways in which SVG 2 can run script or fetch.
  it.each([
    '<script>alert(1)</script>',
    '<g onload="alert(1)"/>',
    '<a href="javascript:alert(1)"><path d="M0 0"/></a>',
    '<foreignObject><body xmlns="http://www.w3.org/1999/xhtml"/></foreignObject>',
    '<image href="https://elsewhere.example/x.png"/>',
    '<use href="https://elsewhere.example/x.svg#a"/>',
    '<style>@import "https://elsewhere.example"</style>',
    '<animate attributeName="href" to="javascript:x"/>',
    '<path fill="url(https://elsewhere.example/#a)" d="M0 0"/>',
    '<path style="background:url(https://elsewhere.example)" d="M0 0"/>',
  ])('loses whatever could run or fetch: %s', (part) => {
    const safe = String(
      safeSvg(
        Buffer.from(
          `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9">${part}<path d="M1 1h7v7z" fill="#a8431f"/></svg>`,
        ),
      ),
    )
    expect(safe).toContain('d="M1 1h7v7z"')
    expect(safe).not.toMatch(/script|onload|elsewhere|foreignObject|<style|style=|animate|<image|<a\b/i)
  })

  it('keeps its shapes, gradients and what refers to them, and is drawn sharp at every width', async () => {
    const svg =
      '<?xml version="1.0"?><svg viewBox="0 0 30 20" width="30" height="20"><defs><linearGradient id="g"><stop offset="0" stop-color="#fff"/></linearGradient></defs><rect width="30" height="20" fill="url(#g)"/><use href="#g"/></svg>'
    expect(String(safeSvg(Buffer.from(svg)))).toContain('fill="url(#g)"')
    const media = await addMedia(test.db, Buffer.from(svg), 'leaf.svg')
    expect(media).toMatchObject({ type: 'image/svg+xml', width: 1600, height: 1067 })
    expect((await madeAt(media.hash, 1600)).width).toBe(1600)
    expect(await originalFile(test.db, media.hash, 'original.svg', undefined)).toBeNull()
  })
})

describe('a stored file', () => {
  it('tells where it is used, and is not deleted while it is', async () => {
    const media = await addMedia(test.db, await drawn(30, 20, '#654321').png().toBuffer(), 'used.png')
    const entry = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'uses-it', pictureId: media.id },
      site.writer,
    )
    expect(await mediaUses(test.db, media.id)).toEqual([
      { kind: 'entry', id: entry.id, name: 'Rain', collection: 'notes' },
    ])
    expect((await mediaTable(test.db, { ...all, search: 'used.png' })).rows[0]?.uses).toBe(1)
    expect((await problemOf(setMediaDeleted(test.db, media.id, true))).message).toBe(
      '“used.png” is used by “Rain”. Take it off there first.',
    )
    await saveEntry(test.db, entry.id, 1, { ...rain, slug: 'uses-it' }, site.writer)
    await setMediaDeleted(test.db, media.id, true)
    expect((await mediaTable(test.db, { ...all, search: 'used.png' })).total).toBe(0)
    await setMediaDeleted(test.db, media.id, false)
    expect((await mediaTable(test.db, { ...all, search: 'used.png' })).total).toBe(1)
  })

  it('is used as the icon of the site, and not deleted while it is', async () => {
    const media = await addMedia(test.db, await drawn(64, 64, '#123456').png().toBuffer(), 'icon.png')
    await test.db.updateTable('site').set({ icon_id: media.id }).execute()
    const { name } = await test.db.selectFrom('site').select('name').executeTakeFirstOrThrow()
    expect(await mediaUses(test.db, media.id)).toEqual([{ kind: 'site', id: 1, name, collection: null }])
    expect((await mediaTable(test.db, { ...all, search: 'icon.png' })).rows[0]?.uses).toBe(1)
    expect((await problemOf(setMediaDeleted(test.db, media.id, true))).status).toBe(422)
    await test.db.updateTable('site').set({ icon_id: null }).execute()
    await setMediaDeleted(test.db, media.id, true)
  })

  it('has a description, a credit and a point of attention', async () => {
    const media = await addMedia(test.db, await drawn(31, 20, '#234567').png().toBuffer(), 'said.png')
    const said = { fileName: 'Leaf', alternative: 'A leaf', credit: 'Maud', focalX: 0.25, focalY: 1 }
    expect(await saveMedia(test.db, media.id, said)).toMatchObject(said)
    expect(
      (await problemOf(saveMedia(test.db, media.id, { ...said, focalX: 1.2 }))).details.faults[0]?.path,
    ).toBe('focalX')
    expect((await mediaTable(test.db, { ...all, search: 'leaf', kinds: 'video' })).total).toBe(0)
  })

  it('of another kind is given out whole or in the range asked for', async () => {
    const media = await addMedia(test.db, Buffer.from('WEBVTT\n\n00:00.000 --> 00:01.000\nOne.\n'), 'one.vtt')
    const part = await originalFile(test.db, media.hash, 'original.vtt', 'bytes=0-5')
    expect(part).toMatchObject({
      status: 206,
      headers: { 'content-range': `bytes 0-5/${media.bytes}`, 'content-type': 'text/vtt' },
    })
    expect(part?.bytes.toString()).toBe('WEBVTT')
    expect((await originalFile(test.db, media.hash, 'original.vtt', undefined))?.bytes).toHaveLength(
      media.bytes,
    )
    expect(await originalFile(test.db, media.hash, 'original.html', undefined)).toBeNull()
  })

  // RFC 9110, 12.5.1: what the header may hold.
  it.each([
    ['image/avif,image/webp,image/apng,*/*;q=0.8', 'avif'],
    ['image/webp, image/AVIF ;q=0.5', 'avif'],
    ['image/avif;q=0, image/webp', 'webp'],
    ['image/avif;q=0.000', 'webp'],
    ['*/*', 'webp'],
    ['image/*', 'webp'],
    ['image/avif-sequence', 'webp'],
    ['', 'webp'],
    [undefined, 'webp'],
  ])('is given in the format the reader takes: %s', (accept, format) => {
    expect(formatFor(accept)).toBe(format)
  })

  // RFC 9110, 14.1.2: the forms of a byte range.
  it.each([
    ['bytes=0-499', [0, 499]],
    ['bytes=500-', [500, 999]],
    ['bytes=-200', [800, 999]],
    ['bytes=900-2000', [900, 999]],
    ['bytes=1000-', 'none'],
    ['bytes=5-2', 'none'],
    [undefined, 'whole'],
    ['lines=1-2', 'whole'],
    ['bytes=0-1,3-4', 'whole'],
  ])('reads the range %s', (header, range) => {
    expect(rangeOf(header, 1000)).toEqual(range)
  })

  it('is recognised with the colour it mostly has', async () => {
    expect((await recognise(await drawn(20, 20, '#206040').png().toBuffer())).tint).toMatch(
      /^#[12][0-9a-f][5-7][0-9a-f][3-5][0-9a-f]$/,
    )
  })
})

describe('pictures that ask for too much', () => {
  it('are refused before anything reads them: drawings of many shapes, or of groups that lie deep', async () => {
    const drawing = (inner: string) =>
      Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9">${inner}</svg>`)
    for (const [inner, told] of [
      ['<rect/>'.repeat(20_001), 'more than 20,000 shapes'],
      ['<g>'.repeat(100_000) + '</g>'.repeat(100_000), 'more than 60 deep'],
      [`<path d="${'M0 0'.repeat(600_000)}"/>`, 'at most 2 MB'],
    ] as const) {
      // What reads a drawing says nothing of these: it is told by its signs alone.
      const problem = await problemOf(addMedia(test.db, drawing(inner), 'much.svg'))
      expect(problem.status).toBe(422)
      expect(problem.message).toContain(told)
    }
    expect(
      (await addMedia(test.db, drawing('<g><rect width="4" height="4" fill="#28624a"/></g>'), 'some.svg'))
        .kind,
    ).toBe('picture')
  })

  it('are refused where no width of them could be shown, or their pixels are too many', async () => {
    const tall = await drawn(20, 16_001).png().toBuffer()
    expect((await problemOf(addMedia(test.db, tall, 'tall.png'))).message).toContain(
      'at most 16,000 are taken',
    )
    const huge = await drawn(10_000, 5100).png({ compressionLevel: 9 }).toBuffer()
    expect((await problemOf(addMedia(test.db, huge, 'huge.png'))).message).toContain(
      'more than 50 million pixels',
    )
  })

  it('are made once, however many ask, and take nothing of the server’s own memory', async () => {
    const noise = await sharp({
      create: {
        width: 3000,
        height: 2000,
        channels: 3,
        background: '#888888',
        noise: { type: 'gaussian', mean: 128, sigma: 40 },
      },
    })
      .jpeg({ quality: 60 })
      .toBuffer()
    const media = await addMedia(test.db, noise, 'noise.jpg')
    const before = process.memoryUsage.rss()
    const all = await Promise.all(
      Array.from({ length: 6 }, () => rendition(test.db, media.hash, 1600, 'avif')),
    )
    expect(new Set(all.map((one) => one?.bytes)).size).toBe(1)
    expect(process.memoryUsage.rss() - before).toBeLessThan(300e6)
  })
})

describe('who may have a file', () => {
  it('is everybody where visitors see what uses it, nobody once it is deleted', async () => {
    const media = await addMedia(test.db, await drawn(31, 30).png().toBuffer(), 'shown.png')
    const isPublic = () => isPublicFile(test.db, media.hash, Date.now())
    expect(await isPublic()).toBe(false)
    const entry = await addEntry(
      test.db,
      site.collectionId,
      { ...rain, slug: 'with-file', status: 'draft', publishedAt: null, pictureId: media.id },
      site.writer,
    )
    expect(await isPublic()).toBe(false)
    await saveEntry(test.db, entry.id, 1, { ...rain, slug: 'with-file', pictureId: media.id }, site.writer)
    expect(await isPublic()).toBe(true)
    await saveEntry(test.db, entry.id, 2, { ...rain, slug: 'with-file', pictureId: null }, site.writer)
    expect([await isPublic(), await rendition(test.db, media.hash, 31, 'webp')]).toEqual([
      false,
      expect.objectContaining({ type: 'image/webp' }),
    ])
    await setMediaDeleted(test.db, media.id, true)
    expect(await rendition(test.db, media.hash, 31, 'webp')).toBeNull()
  })

  it('is everybody’s behind a band of a page that they see, and counts as used by its draft', async () => {
    const media = await addMedia(test.db, await drawn(35, 30).png().toBuffer(), 'band.png')
    const page = newPage('With a band')
    const [band] = page.areas.main ?? []
    if (band === undefined) throw new Error('A page has a main area.')
    const behind = JSON.stringify(
      withBandChanged(page, band.id, (one) => ({
        ...one,
        background: { is: 'picture', picture: media.id, colour: '#000000', veil: 40 },
      })),
    )
    const { id } = await test.db
      .insertInto('pages')
      .values({ path: '/banded', position: 9, draft: behind, draft_by: null, published: null })
      .returning('id')
      .executeTakeFirstOrThrow()
    const isPublic = () => isPublicFile(test.db, media.hash, Date.now())
    expect(await isPublic()).toBe(false)
    expect(await mediaUses(test.db, media.id)).toEqual([
      { kind: 'page', id, name: 'With a band', collection: null },
    ])
    expect((await mediaTable(test.db, { ...all, search: 'band.png' })).rows[0]?.uses).toBe(1)
    const plain = JSON.stringify(page)
    await test.db.updateTable('pages').set({ draft: plain, published: behind }).where('id', '=', id).execute()
    expect(await isPublic()).toBe(true)
    expect(await mediaUses(test.db, media.id)).toHaveLength(1)
    await test.db.deleteFrom('pages').where('id', '=', id).execute()
    expect(await isPublic()).toBe(false)
  })

  it('is everybody’s in a look and in that of a published listing, and counts as used there', async () => {
    const media = await addMedia(test.db, await drawn(36, 30).png().toBuffer(), 'ground.png')
    const isPublic = () => isPublicFile(test.db, media.hash, Date.now())
    const ground = { ...noGroundPicture, picture: media.id, source: `/media/${media.hash}/36` }
    const styles = [{ target: 'card', state: null, below: null, set: { 'ground-picture': ground } }] as const
    const look = await addLook(test.db, { name: 'On a picture', styles, css: noCss })
    expect(await isPublic()).toBe(true)
    expect(await mediaUses(test.db, media.id)).toMatchObject([{ kind: 'look', name: 'On a picture' }])
    expect((await mediaTable(test.db, { ...all, search: 'ground.png' })).rows[0]?.uses).toBe(1)
    await setLookDeleted(test.db, look.id, true)
    expect(await isPublic()).toBe(false)

    const id = '6f0a3b1e-0000-4000-8000-000000000002'
    const draft = JSON.stringify({ name: 'Grounded', look: { shared: null, own: styles } })
    await test.db.insertInto('listings').values({ id, draft, published: null }).execute()
    expect(await isPublic()).toBe(false)
    expect(await mediaUses(test.db, media.id)).toMatchObject([{ kind: 'listing', name: 'Grounded' }])
    await test.db.updateTable('listings').set({ published: draft }).where('id', '=', id).execute()
    expect(await isPublic()).toBe(true)
    expect((await problemOf(setMediaDeleted(test.db, media.id, true))).message).toContain('“Grounded”')
    await test.db.deleteFrom('listings').where('id', '=', id).execute()
  })

  it('counts picks of listings among what uses it', async () => {
    const media = await addMedia(test.db, await drawn(33, 30).png().toBuffer(), 'picked.png')
    const definition = JSON.stringify({
      version: 3,
      name: 'Picked',
      from: { by: 'hand', collections: [1], picks: [{ entry: 1, picture: media.id }] },
    })
    await test.db
      .insertInto('listings')
      .values({ id: '6f0a3b1e-0000-4000-8000-000000000001', draft: definition, published: definition })
      .execute()
    expect(await mediaUses(test.db, media.id)).toMatchObject([{ kind: 'listing', name: 'Picked' }])
    expect(await isPublicFile(test.db, media.hash, Date.now())).toBe(true)
    expect((await problemOf(setMediaDeleted(test.db, media.id, true))).message).toContain('“Picked”')
  })
})
