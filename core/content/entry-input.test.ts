import { describe, expect, it } from 'vitest'
import { blankEntry, parseEntryInput } from './entry-input'
import type { Field } from './field'
import { numberField } from './fields/number'

describe('what an editor writes', () => {
  const good = {
    ...blankEntry,
    title: 'Rain',
    slug: 'rain',
    status: 'published',
    publishedAt: 0,
    termIds: [3, 3, 4],
  }
  const depth: Field = {
    id: 12,
    key: 'depth',
    name: 'Depth',
    type: 'number',
    settings: { ...numberField.defaults, most: 50 },
    required: true,
    help: '',
    fallback: null,
    filterable: false,
    sortable: true,
  }

  it('is taken as it is, terms once each', () => {
    expect(parseEntryInput(good, [])).toEqual({ ok: true, value: { ...good, termIds: [3, 4] } })
  })

  it.each([
    ['title', ''],
    ['title', 'x'.repeat(201)],
    ['title', 'a\0b'],
    ['slug', 'Not a slug'],
    ['slug', 'a--b'],
    ['summary', 'x'.repeat(601)],
    ['body', null],
    ['body', 'plain'],
    ['status', 'gone'],
    ['publishedAt', null],
    ['publishedAt', Infinity],
    ['expiresAt', 0],
    ['authorId', -1],
    ['pinned', 'yes'],
    ['termIds', 3],
    ['values', []],
  ])('is refused at its field: %s = %j', (field, value) => {
    const parsed = parseEntryInput({ ...good, [field]: value }, [])
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toContain(field)
  })

  it('needs no date as a draft', () => {
    expect(parseEntryInput({ ...good, status: 'draft', publishedAt: null }, []).ok).toBe(true)
  })

  it.each([
    [{ 12: 51 }, 'values.12', 'Use 50 or less.'],
    [{ 12: '' }, 'values.12', '“Depth” is needed before this can be published.'],
    [
      { 12: 3, 99: 1 },
      'values.99',
      'One of these fields is no longer part of the collection. Open the entry anew.',
    ],
  ])('has its own fields checked: %j', (values, path, message) => {
    const parsed = parseEntryInput({ ...good, values }, [depth])
    expect(parsed.ok ? [] : parsed.faults).toContainEqual({ path, message })
  })

  it('may lack a needed value while it is a draft, and tells all that is wrong at once', () => {
    expect(parseEntryInput({ ...good, status: 'draft', values: {} }, [depth]).ok).toBe(true)
    const parsed = parseEntryInput({ ...good, title: '', values: { 12: 51 } }, [depth])
    expect(parsed.ok ? [] : parsed.faults.map((fault) => fault.path)).toEqual(['title', 'values.12'])
  })
})
