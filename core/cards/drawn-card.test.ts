import fc from 'fast-check'
import { expect, it } from 'vitest'
import { listings } from '../../tests/support/arbitraries'
import { cardsOf, targetGroupsOf } from '../listing/targets'
import type { Card } from './card'
import { drawnCard } from './drawn-card'
import type { PartSetting } from './parts'

const on = true
const names = (card: Pick<Card, 'parts' | 'other'>) =>
  Object.fromEntries(
    Object.entries(drawnCard(card)).map(([place, targets]) => [place, targets.map(({ name }) => name)]),
  )

it('is drawn with each part where it is, and what is styled as one of a place before those', () => {
  const parts: readonly PartSetting[] = [
    { part: 'topic', on, zone: 'above', facet: null, most: 1 },
    { part: 'picture', on, ratio: '1:1' },
    { part: 'title', on, level: 3, zone: 'over' },
    { part: 'summary', on, words: 25 },
    { part: 'date', on: false },
  ] as never
  expect(names({ parts, other: null })).toEqual({
    above: ['topic'],
    picture: ['picture'],
    over: ['card-over', 'title'],
    beside: [],
    below: ['card-below', 'summary'],
    foot: ['card-foot'],
  })
})

it('has all that can be styled of the cards of any listing, each thing once', () => {
  fc.assert(
    fc.property(listings, (listing) => {
      const { card, parts } = targetGroupsOf(listing)
      const drawn = Object.values(drawnCard(...cardsOf(listing))).flatMap((all) =>
        all.map(({ name }) => name),
      )
      const known = [...card, ...parts].map(({ name }) => name).filter((name) => name !== 'card')
      expect(drawn.toSorted()).toEqual(known.toSorted())
    }),
  )
})
