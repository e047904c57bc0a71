import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newListing } from '~~/core/listing/definition'
import { suitedListings } from '~~/core/listing/ready-made'
import { listingSamples } from '~~/server/pages/listing-samples'
import { demoDatabase } from './support/database'
import type { TestDatabase } from './support/database'

let test: TestDatabase
beforeAll(async () => {
  test = await demoDatabase()
})
afterAll(() => test.drop())

const asked = { now: Date.now(), page: null, visit: '' }

async function samplesOf(slug: string) {
  const { id } = await test.db
    .selectFrom('collections')
    .select('id')
    .where('slug', '=', slug)
    .executeTakeFirstOrThrow()
  return listingSamples(test.db, newListing('Latest', id), asked)
}

describe('ready-made listings', () => {
  it.each([
    ['field-notes', 'article', false],
    ['seed-shelf', 'product', false],
    ['swap-days', 'event', true],
  ] as const)('are each shown with entries of %s', async (slug, kind, happens) => {
    const samples = await samplesOf(slug)
    expect(samples.map(({ name }) => name)).toEqual(suitedListings(kind, happens).map(({ name }) => name))
    for (const { name, html } of samples) {
      expect(html, name).toContain(`data-placement="${name}"`)
      expect(html, name).toContain('data-entry=')
      expect(html.split('data-entry=').length - 1, name).toBeLessThanOrEqual(kind === 'event' ? 40 : 12)
    }
  })

  it('are in the looks of the site', async () => {
    const [packets] = (await samplesOf('seed-shelf')).filter(({ name }) => name === 'packets')
    expect(packets?.html).toContain('@layer look')
    expect(packets?.html).toContain('#f6eeda')
  })

  it('are there where nothing is shown, with the words for that', async () => {
    const [first] = await listingSamples(test.db, newListing('Nothing', 2_147_483_647), asked)
    expect(first?.html).not.toContain('data-entry=')
  })
})
