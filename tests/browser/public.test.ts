import { sql } from 'kysely'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { gzipSync } from 'node:zlib'
import { newListing, parseListing } from '~~/core/listing/definition'
import { areaOf, boxWidthOn } from '~~/core/pages/frames'
import { shapeOf } from '~~/core/shapes'
import { startApp, visitor } from './support/app'
import type { App } from './support/app'
import { cardsOf } from './support/hands'
import { written } from './support/written'

let app: App
beforeAll(async () => {
  app = await startApp()
})
afterAll(() => app.stop())

const widths = [340, 520, 700, 999, 1000, 1180, 1280, 1600]

/** The boxes that Chromium laid out, to the hundredth of a pixel. */
function measure(area: string) {
  const place = document.querySelector(`[data-area="${area}"]`)
  const box = place?.querySelector('.listing')?.getBoundingClientRect()
  const cards = Array.from(place?.querySelector('.listing')?.querySelectorAll('li') ?? [], (one) => {
    const own = one.getBoundingClientRect()
    const natural = one.firstElementChild?.getBoundingClientRect().height ?? 0
    return {
      left: own.left - (box?.left ?? 0),
      top: own.top - (box?.top ?? 0),
      width: own.width,
      height: own.height,
      natural,
    }
  })
  return { width: box?.width ?? 0, cards }
}

describe('a public page', () => {
  it.each(widths)('is laid out as the core says: %i pixels wide', async (width) => {
    const page = await visitor(app)
    await page.setViewport({ width, height: 800 })
    await page.goto(`${app.address}/`)
    const rows = await app.db.selectFrom('listings').select('published').execute()
    const listings = rows.flatMap((row) => {
      const parsed = parseListing(row.published)
      return parsed.ok ? [parsed.value] : []
    })
    for (const [area, name] of [
      ['main', 'Latest notes'],
      ['side', 'Most read'],
    ] as const) {
      const listing = listings.find((one) => one.name === name) ?? newListing('', 1)
      const found = await page.evaluate(measure, area)
      const frameArea = areaOf('main-side', area)
      if (!frameArea) throw new Error('no such area')
      expect(found.width).toBeCloseTo(boxWidthOn(frameArea, width), 1)
      const heights = found.cards.map((card) => card.natural)
      const placed = shapeOf(listing.shape).layout(listing.shape, heights, found.width)
      expect(found.cards.length).toBeGreaterThan(3)
      found.cards.forEach((card, at) => {
        for (const side of ['left', 'top', 'width', 'height'] as const)
          expect(card[side], `${name} ${at} ${side}`).toBeCloseTo(placed[at]?.[side] ?? -1, 0)
      })
    }
    await page.close()
  })

  it.each([
    [1, 1280],
    [2, 390],
    [1, 700],
  ])(
    'fetches pictures that are sharp and no larger than needed: ratio %i, %i pixels',
    async (ratio, width) => {
      const page = await visitor(app)
      await page.setViewport({ width, height: 3000, deviceScaleFactor: ratio })
      await page.goto(`${app.address}/field-notes`, { waitUntil: 'networkidle2' })
      const pictures = await page.$$eval('.listing img', (all) =>
        (all as HTMLImageElement[])
          .filter((one) => one.complete && one.naturalWidth > 0)
          .map((one) => ({
            fetched: Number(/\/(\d+)$/.exec(one.currentSrc)?.[1]),
            shown: one.getBoundingClientRect().width * devicePixelRatio,
            original: Number(one.getAttribute('width')),
            all: Array.from(one.srcset.matchAll(/(\d+)w/g), (match) => Number(match[1])),
          })),
      )
      expect(pictures.length).toBeGreaterThan(2)
      for (const { fetched, shown, original, all } of pictures) {
        const needed = all.find((candidate) => candidate >= shown) ?? original
        expect(fetched).toBe(needed)
      }
      await page.close()
    },
  )

  it.each([390, 700, 1280])('begins all that stands above an entry at one edge: %i pixels', async (width) => {
    const page = await visitor(app)
    await page.setViewport({ width, height: 800 })
    await page.goto(`${app.address}/field-notes/how-to-borrow-seed`)
    const edges = await page.$$eval('main > nav[aria-label="The way here"], main .entry > article', (all) =>
      all.map((one) => Math.round(one.getBoundingClientRect().left)),
    )
    expect(edges).toHaveLength(2)
    expect(edges[0]).toBe(edges[1])
    await page.close()
  })

  it('works without script, carries nothing of the bench and little script', async () => {
    const page = await visitor(app)
    const urls: string[] = []
    page.on('request', (request) => urls.push(new URL(request.url()).pathname))
    await page.goto(`${app.address}/`, { waitUntil: 'load' })
    expect(urls.filter((url) => url.startsWith('/_nuxt'))).toEqual([])
    const scripts = urls.filter((url) => url.endsWith('.js'))
    // What has the fonts come first, and what drives the page.
    expect(scripts).toHaveLength(2)
    const sizes = await Promise.all(
      scripts.map(
        async (url) => gzipSync(Buffer.from(await (await fetch(app.address + url)).arrayBuffer())).length,
      ),
    )
    console.log(`Scripts of a public page: ${sizes.join(' and ')} bytes compressed`)
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThanOrEqual(15 * 1024)
    const plain = await visitor(app, { script: false })
    await plain.goto(`${app.address}/`)
    expect(await plain.$$eval('article h3 a', (links) => links.length)).toBeGreaterThan(10)
  })

  it('leads through a longer listing page by page, without script', async () => {
    const page = await visitor(app, { script: false })
    await page.goto(`${app.address}/gardens-we-made`)
    const titles: string[] = []
    for (;;) {
      const shown = await page.$$eval('[data-area=main] [data-entry] h3', (all) =>
        all.map((one) => one.textContent?.trim() ?? ''),
      )
      titles.push(...shown)
      const next = await page.$('a[rel=next]')
      if (next === null) break
      expect(shown).toHaveLength(12)
      await Promise.all([page.waitForNavigation(), next.click()])
    }
    const { rows } = await sql<{ title: string }>`
      select i.title from entry_index i join collections c on c.id = i.collection_id
      where c.slug = 'gardens-we-made' and i.published_at <= now() order by i.published_at desc, i.entry_id desc`.execute(
      app.db,
    )
    expect(titles).toEqual(rows.map((row) => row.title))
    expect(rows.length).toBeGreaterThan(12)
    await page.goto(
      `${app.address}/gardens-we-made?${new URLSearchParams({ after: '[0,1,"x"]' }).toString()}`,
    )
    expect(await page.$('a[rel=next]')).not.toBeNull()
  })

  it('shows after an entry what shares its terms, never the entry itself', async () => {
    const page = await visitor(app, { script: false })
    const relatedTo = async (slug: string) => {
      await page.goto(`${app.address}/field-notes/${slug}`)
      return (await cardsOf(page, 'Read next')).map((card) => card.title)
    }
    const termsOf = async (title: string) => {
      const rows = await app.db
        .selectFrom('entry_terms as et')
        .innerJoin('entries as e', 'e.id', 'et.entry_id')
        .select('et.term_id')
        .where('e.title', '=', title)
        .execute()
      return new Set(rows.map((row) => row.term_id))
    }
    const own = await termsOf('Leaf mould: the eighteen-month recipe')
    const related = await relatedTo('leaf-mould-the-eighteen-month-recipe')
    expect(related).toHaveLength(3)
    expect(related).not.toContain('Leaf mould: the eighteen-month recipe')
    for (const title of related)
      expect(
        [...(await termsOf(title))].some((term) => own.has(term)),
        title,
      ).toBe(true)
    expect(await relatedTo('how-to-borrow-seed')).not.toEqual(related)
  })

  it('shows titles and words as they were typed, never as markup', async () => {
    const title = '<img src=x onerror="document.title=1"> & “quoted” {{ 1 + 1 }}'
    const { id } = await app.db
      .selectFrom('entries')
      .select('id')
      .where('slug', '=', 'how-to-borrow-seed')
      .executeTakeFirstOrThrow()
    const summary = '</p><script>document.title=2</script>'
    await written(app, (trx) =>
      trx.updateTable('entries').set({ title, summary }).where('id', '=', id).execute(),
    )
    const page = await visitor(app)
    await page.goto(`${app.address}/field-notes/how-to-borrow-seed`)
    expect(await page.$eval('h1', (heading) => heading.textContent)).toBe(title)
    expect(await page.title()).toContain('<img')
  })

  it('says what is not there', async () => {
    for (const path of [
      '/nothing',
      '/field-notes/nothing',
      '/field-notes/how-to-borrow-seed/more',
      '/%E0%A4%A',
      '/field-notes/the-great-string-audit',
    ]) {
      const answer = await fetch(`${app.address}${path}`)
      expect(answer.status, path).toBe(404)
      expect(await answer.text()).toContain('There is no page here')
    }
  })
})
