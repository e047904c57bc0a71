import { describe, expect, it } from 'vitest'
import { cardEntry } from '~~/tests/support/card-entries'
import { groupsOf } from './grouping'

const place = { locale: 'en-GB', zone: 'Pacific/Auckland' }

describe('groups', () => {
  it('come in the order of their first entry, those without a name last', () => {
    const soil = { id: 1, facetId: 9, name: 'Soil', address: '/topic/soil' }
    const entries = [
      cardEntry({ id: 1 }),
      cardEntry({ id: 2, terms: [soil] }),
      cardEntry({ id: 3, terms: [{ ...soil, id: 2, name: 'Seed' }] }),
      cardEntry({ id: 4, terms: [soil] }),
    ]
    const groups = groupsOf({ by: 'term', facet: 9 }, entries, place)
    expect(groups.map((group) => [group.name, group.entries.map((entry) => entry.id)])).toEqual([
      ['Soil', [2, 4]],
      ['Seed', [3]],
      [null, [1]],
    ])
    expect(groupsOf({ by: 'term', facet: 8 }, entries, place)).toHaveLength(1)
  })

  it('are of the days and months of the site’s time zone', () => {
    // Half past noon in UTC is the next day in Auckland (UTC+13 in summer).
    const entries = [
      cardEntry({ id: 1, publishedAt: Date.UTC(2026, 0, 31, 12, 30) }),
      cardEntry({ id: 2, publishedAt: Date.UTC(2026, 0, 31, 9) }),
    ]
    expect(groupsOf({ by: 'day' }, entries, place).map((group) => group.name)).toEqual([
      'Sunday, 1 February 2026',
      'Saturday, 31 January 2026',
    ])
    expect(groupsOf({ by: 'month' }, entries, place).map((group) => group.key)).toEqual([
      '2026-02',
      '2026-01',
    ])
  })

  it('are of first letters without their accents, past what is no letter', () => {
    const titles = ['Éclair', 'eel', '“Apple”', '42', '種子']
    const groups = groupsOf(
      { by: 'letter' },
      titles.map((title, id) => cardEntry({ id, title })),
      place,
    )
    expect(groups.map((group) => [group.name, group.entries.length])).toEqual([
      ['E', 2],
      ['A', 1],
      ['種', 1],
      [null, 1],
    ])
  })
})
