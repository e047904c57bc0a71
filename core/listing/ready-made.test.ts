import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { collectionKinds } from '../content/collection'
import { noCss } from '../looks/own-css/own-css'
import { shapes } from '../shapes'
import { listings } from '../../tests/support/arbitraries'
import { fieldsOfTrial } from '../../tests/support/trial-fields'
import { newListing, parseListing } from './definition'
import { readyMadeListings, suitedListings, withReadyMadeListing } from './ready-made'

const none = { fields: [], look: () => undefined }

describe('ready-made listings', () => {
  it('are sixteen at least, each another, in many shapes and looks', () => {
    expect(readyMadeListings.length).toBeGreaterThanOrEqual(16)
    for (const key of ['name', 'title'] as const)
      expect(new Set(readyMadeListings.map((one) => one[key])).size).toBe(readyMadeListings.length)
    const made = readyMadeListings.map((one) => withReadyMadeListing(newListing('Latest', 1), one, none))
    expect(new Set(made.map(({ shape, card, look }) => JSON.stringify([shape, card, look]))).size).toBe(
      made.length,
    )
  })

  it.each(readyMadeListings)(
    '“$title” is one that may be, of a collection with fields or without',
    (ready) => {
      for (const fields of [[], fieldsOfTrial(1)]) {
        const made = withReadyMadeListing(newListing('Latest', 1), ready, { ...none, fields })
        expect(parseListing(made)).toEqual({ ok: true, value: made })
      }
    },
  )

  it('leave what is shown, in what order and how many, and the words that are set', () => {
    fc.assert(
      fc.property(listings, fc.constantFrom(...readyMadeListings), (listing, ready) => {
        const { name, from, order, amount } = withReadyMadeListing(listing, ready, none)
        expect({ name, from, order, amount }).toEqual({
          name: listing.name,
          from: listing.from,
          order: listing.order,
          amount: listing.amount,
        })
      }),
    )
    const front = readyMadeListings.find((one) => one.name === 'front')
    if (front === undefined) throw new Error('There is no front page.')
    const plain = newListing('Latest', 1)
    const worded = plain.card.parts.map((part) =>
      part.part === 'summary' ? { ...part, on: true, words: 7 } : part,
    )
    const made = withReadyMadeListing({ ...plain, card: { ...plain.card, parts: worded } }, front, none)
    expect(made.card.parts.find((part) => part.part === 'summary')).toMatchObject({ words: 7 })
  })

  it('are in the site’s look of that name, or in what it was made of', () => {
    const packets = readyMadeListings.find((one) => one.name === 'packets')
    if (packets === undefined) throw new Error('There are no packets.')
    const look = (name: string) => (name === 'Seed packet' ? 9 : undefined)
    expect(withReadyMadeListing(newListing('Goods', 1), packets, { ...none, look }).look).toEqual({
      shared: 9,
      own: [],
      css: noCss,
    })
    expect(withReadyMadeListing(newListing('Goods', 1), packets, none).look).toMatchObject({ shared: null })
    expect(withReadyMadeListing(newListing('Goods', 1), packets, none).look.own).not.toEqual([])
  })

  it('are offered to what they can show, those made for it first', () => {
    for (const kind of collectionKinds) {
      const [first, ...others] = suitedListings(kind, true)
      expect([first, ...others]).toHaveLength(readyMadeListings.length)
      if (readyMadeListings.some(({ kinds }) => kinds.includes(kind))) expect(first?.kinds).toContain(kind)
      for (const { shape } of suitedListings(kind, false)) expect(shapes.get(shape).isOfWhen).toBeUndefined()
      expect(suitedListings(kind, false).length).toBeGreaterThanOrEqual(16)
    }
  })
})
