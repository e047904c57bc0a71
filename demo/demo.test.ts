import { describe, expect, it } from 'vitest'
import { fieldNotes } from './content/field-notes'
import { demoCollections } from './collections'
import { entriesOf } from './entry'
import { fieldNoteEntries } from './field-note-entries'
import { draw } from './pictures/draw'
import { motifs } from './pictures/motifs'
import type { MotifName } from './pictures/motifs'

const on = { now: Date.UTC(2026, 10, 24, 9), zone: 'Europe/London', seed: 20 }

describe('the demo site', () => {
  it('is the same for one day and seed, and another for another seed', () => {
    expect(fieldNoteEntries(on)).toEqual(fieldNoteEntries(on))
    expect(fieldNoteEntries({ ...on, seed: 21 })).not.toEqual(fieldNoteEntries(on))
  })

  it('has at least 60 notes with addresses and prose of their own', () => {
    expect(fieldNotes.length).toBeGreaterThanOrEqual(60)
    expect(new Set(fieldNoteEntries(on).map((one) => one.slug)).size).toBe(fieldNotes.length)
    expect(new Set(fieldNotes.map((one) => one.body)).size).toBe(fieldNotes.length)
    expect(fieldNotes.every((one) => one.summary.length > 40 && one.body.includes('\n\n'))).toBe(true)
  })

  it.each([Date.UTC(2026, 0, 1, 3), Date.UTC(2027, 5, 30, 22), Date.UTC(2030, 2, 31, 1)])(
    'never looks stale: loaded at %i',
    (now) => {
      const entries = fieldNoteEntries({ ...on, now })
      const ages = entries.flatMap((one) =>
        one.status === 'published' && one.publishedAt !== null ? [now - one.publishedAt] : [],
      )
      const day = 86_400_000
      expect(ages.filter((age) => age < 0)).toHaveLength(3)
      expect(ages.filter((age) => age >= 0 && age < 30 * day).length).toBeGreaterThanOrEqual(3)
    },
  )

  it('has drafts, scheduled, archived and pinned notes, small pictures and none', () => {
    const entries = fieldNoteEntries(on)
    expect(entries.filter((one) => one.status === 'draft').length).toBeGreaterThanOrEqual(3)
    expect(entries.some((one) => one.status === 'archived')).toBe(true)
    expect(entries.filter((one) => one.pinned).length).toBeGreaterThanOrEqual(3)
    expect(entries.some((one) => one.picture === null)).toBe(true)
    expect(entries.some((one) => one.picture !== null && one.picture.width < 400)).toBe(true)
    expect(
      new Set(entries.flatMap((one) => (one.picture ? [one.picture.width / one.picture.height] : []))).size,
    ).toBeGreaterThan(3)
  })

  it.each(Object.keys(motifs) as MotifName[])('draws “%s” the same each time, at any shape', (motif) => {
    for (const [width, height] of [
      [1600, 1067],
      [280, 280],
      [1050, 1400],
    ] as const) {
      const picture = { motif, palette: 'meadow', seed: 7, width, height } as const
      expect(draw(picture)).toBe(draw(picture))
      expect(draw(picture)).not.toMatch(/NaN|undefined|Infinity/)
    }
  })

  it.each(demoCollections.map((collection) => [collection.slug, collection] as const))(
    'has entries of its own in %s, the same for one day and seed',
    (_, collection) => {
      const entries = entriesOf(collection, on)
      expect(entries).toEqual(entriesOf(collection, on))
      expect(entries.length).toBeGreaterThanOrEqual(20)
      expect(entries.length).toBeLessThanOrEqual(120)
      expect(new Set(entries.map((one) => one.slug)).size).toBe(entries.length)
      expect(new Set(entries.map((one) => one.summary)).size).toBe(entries.length)
      expect(entries.filter((one) => one.status === 'draft')).toHaveLength(1)
      expect(entries.filter((one) => one.publishedAt !== null && one.publishedAt > on.now)).toHaveLength(1)
    },
  )

  it('has swap days to come and gone by, whenever it is loaded', () => {
    const days = demoCollections.find((one) => one.slug === 'swap-days')
    const starts =
      days === undefined
        ? []
        : entriesOf(days, { ...on, now: Date.UTC(2029, 5, 1) }).map((one) => one.values.starts)
    expect(starts.filter((start) => Number(start) > Date.UTC(2029, 5, 1)).length).toBeGreaterThan(10)
    expect(starts.filter((start) => Number(start) < Date.UTC(2029, 5, 1)).length).toBeGreaterThan(3)
  })

  it.each([Date.UTC(2026, 10, 24, 9), Date.UTC(2027, 0, 1, 9), Date.UTC(2028, 1, 29, 23)])(
    'has what comes every Wednesday come on a Wednesday: loaded at %i',
    (now) => {
      const days = demoCollections.find((one) => one.slug === 'swap-days')
      const startOf = (title: string) =>
        new Date(
          Number(
            (days === undefined ? [] : entriesOf(days, { ...on, now })).find((one) => one.title === title)
              ?.values.starts,
          ),
        )
      expect(startOf('Wednesday menders').getUTCDay()).toBe(3)
      expect([
        startOf('First Saturday dig').getUTCDay(),
        startOf('First Saturday dig').getUTCDate() <= 7,
      ]).toEqual([6, true])
      expect([
        startOf('New Year hedge walk').getUTCMonth(),
        startOf('New Year hedge walk').getUTCDate(),
      ]).toEqual([0, 1])
      expect(startOf('Wednesday menders').getTime()).toBeGreaterThan(now)
    },
  )
})
