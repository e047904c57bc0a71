import { describe, expect, it } from 'vitest'
import { cardEntry, fieldOfType } from '~~/tests/support/card-entries'
import { comparedRows } from './comparison'

const place = {
  locale: 'en-GB',
  zone: 'Europe/London',
  facets: [
    { id: 1, name: 'Season' },
    { id: 2, name: 'Topic' },
  ],
}
const depth = { ...fieldOfType(5, 'number', { unit: 'cm' }), name: 'Depth', key: 'depth' }
const story = { ...fieldOfType(6, 'long-text'), name: 'Story', key: 'story' }
const form = { ...fieldOfType(7, 'short-text'), name: 'Form', key: 'form' }
const fields = new Map([depth, story, form].map((field) => [field.id, field]))
const term = (id: number, facetId: number, name: string) => ({ id, facetId, name, address: `/${name}` })

describe('entries side by side', () => {
  it('are told by their fields and by the terms of each facet, and where they differ', () => {
    const bean = cardEntry({
      fields,
      values: { 5: 4, 6: 'Long.', 7: 'Seed' },
      terms: [term(11, 1, 'Spring'), term(12, 1, 'Summer')],
    })
    const pea = cardEntry({ id: 2, fields, values: { 5: 3, 7: 'Seed' }, terms: [term(11, 1, 'Spring')] })
    expect(comparedRows([bean, pea], place)).toEqual([
      { title: 'Depth', values: ['4\u00a0cm', '3\u00a0cm'], differs: true },
      { title: 'Story', values: ['Long.', ''], differs: true },
      { title: 'Form', values: ['Seed', 'Seed'], differs: false },
      { title: 'Season', values: ['Spring, Summer', 'Spring'], differs: true },
    ])
  })

  it('of long texts tell how they begin, and differ where they go on otherwise', () => {
    const same = 'word '.repeat(40)
    const told = [`${same}and peas`, `${same}and beans`].map((text, id) =>
      cardEntry({ id, fields, values: { 6: text } }),
    )
    expect(comparedRows(told, place)).toEqual([
      { title: 'Story', values: [`${same.trim()}…`, `${same.trim()}…`], differs: true },
    ])
  })

  it('of two collections stand together by fields of one key and type, and have nothing where they have none', () => {
    const elsewhere = { ...depth, id: 105 }
    const tool = cardEntry({ id: 3, fields: new Map([[105, elsewhere]]), values: { 105: 9 } })
    const bean = cardEntry({ fields, values: { 5: 4, 7: 'Seed' } })
    expect(comparedRows([bean, tool], place)).toEqual([
      { title: 'Depth', values: ['4\u00a0cm', '9\u00a0cm'], differs: true },
      { title: 'Form', values: ['Seed', ''], differs: true },
    ])
    expect(comparedRows([], place)).toEqual([])
  })
})
