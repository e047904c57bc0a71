import type { Page } from 'puppeteer-core'
import { newListing, storedListing } from '~~/core/listing/definition'
import type { Listing } from '~~/core/listing/definition'
import { shapes, switchedShape } from '~~/core/shapes'
import type { ShapeChoice, ShapeName } from '~~/core/shapes'
import type { App } from './app'
import { written } from './written'

/** The first listing of the home page. */
export const firstListing = '[data-area=main] [data-placement]:first-child'

export interface FirstListing {
  /** The collection that it shows. */
  readonly collection: number
  /** Puts a listing of this shape in its place, as if it had been published. */
  readonly publish: (shape: ShapeChoice, change?: Partial<Listing>) => Promise<void>
  /** Opens the home page in a window of this width, with its fonts. */
  readonly open: (page: Page, width?: number) => Promise<void>
}

/** The place of the home page's first listing, to be filled by tests. */
export async function firstListingOf(app: App): Promise<FirstListing> {
  const { db } = app
  const { id: collection } = await db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', 'field-notes')
    .executeTakeFirstOrThrow()
  const usual = {
    ...newListing('Latest notes', collection),
    amount: { ...newListing('', 1).amount, take: 7 },
  }
  const rows = await db.selectFrom('listings').select(['id', 'published']).execute()
  const id = rows.find((one) => one.published?.name === usual.name)?.id ?? ''
  return {
    collection,
    async publish(shape, change = {}) {
      const published = JSON.stringify(storedListing({ ...usual, shape, ...change }))
      await written(app, (trx) =>
        trx.updateTable('listings').set({ published }).where('id', '=', id).execute(),
      )
    },
    async open(page, width = 1280) {
      await page.setViewport({ width, height: 900 })
      await page.goto(`${app.address}/`)
      await page.evaluate(() => document.fonts.ready)
    },
  }
}

/** A shape with the settings that it begins with, and others where they are given. */
export function shapeWith<Name extends ShapeName>(name: Name, change: object = {}): ShapeChoice {
  return {
    ...switchedShape(newListing('', 1).shape, name),
    ...shapes.get(name).defaults,
    name,
    ...change,
  } as ShapeChoice
}
