import { describe, expect, it } from 'vitest'
import { cardContext, cardEntry, entryWith, fieldOfType } from '~~/tests/support/card-entries'
import { documentOfText, emptyDocument } from '../../../content/rich-text/document'
import { filledParts } from '../../card'
import type { CardEntry } from '../../card-entry'
import type { EntryInFull, PointedFile } from '../../entry-in-full'
import { parts } from '..'
import type { PartSetting } from '..'

const file = (change: Partial<PointedFile>): PointedFile => ({
  hash: 'aa',
  kind: 'picture',
  type: 'image/png',
  fileName: 'bed.png',
  width: 1200,
  height: 900,
  alternative: 'A bed',
  tint: '#445566',
  focalX: 0.5,
  focalY: 0.5,
  ...change,
})

const full = (change: Partial<EntryInFull> = {}): EntryInFull => ({
  body: emptyDocument,
  collection: { title: 'Field notes', path: '/field-notes' },
  files: new Map(),
  entries: new Map(),
  happens: false,
  ...change,
})

function content(setting: PartSetting, entry: CardEntry) {
  return filledParts([setting], entry, cardContext)[0]?.content as Record<string, unknown> | undefined
}

const usual = (name: PartSetting['part']): PartSetting => ({ ...parts.get(name).defaults, on: true })

describe('the parts of an entry’s own page', () => {
  it('show nothing of an entry on a card, nor of one that has nothing for them', () => {
    for (const { name } of parts.all.filter((kind) => kind.isLarge === true)) {
      expect(content(usual(name), cardEntry()), name).toBeUndefined()
      if (name !== 'way-back') expect(content(usual(name), cardEntry({ full: full() })), name).toBeUndefined()
    }
  })

  it('show the whole text, and lead back to the collection and to the calendar file of what happens', () => {
    const entry = cardEntry({ full: full({ body: documentOfText('Rake it.\n\nLeave it.') }) })
    expect(content(usual('whole-text'), entry)).toEqual({ html: '<p>Rake it.</p><p>Leave it.</p>' })
    const dated = cardEntry({ address: '/swap-days/moth-night', full: full({ happens: true }) })
    expect(content(usual('calendar-file'), dated)).toEqual({ address: '/swap-days/moth-night.ics' })
    expect(content(usual('way-back'), entry)).toEqual({ title: 'Field notes', path: '/field-notes' })
  })

  it('show the pictures of all fields in the order of the form, as wide as so many side by side need', () => {
    const [one, several] = [fieldOfType(1, 'picture'), fieldOfType(2, 'pictures')]
    const files = new Map([
      [11, file({ hash: 'a1' })],
      [12, file({ hash: 'a2', width: 300, height: 300 })],
    ])
    const entry = entryWith(
      [
        [one, 12],
        [several, [11, 13, 12]],
      ],
      { full: full({ files }) },
    )
    const shown = content({ part: 'gallery', on: true, across: 2 }, entry)
    expect(shown).toMatchObject({
      across: 2,
      pictures: [
        { hash: 'a2', widest: 300 },
        { hash: 'a1', widest: 480 },
        { hash: 'a2', widest: 300 },
      ],
    })
    expect(content({ part: 'gallery', on: true, across: 1 }, entry)).toMatchObject({
      pictures: [{ widest: 300 }, { widest: 960 }, { widest: 300 }],
    })
  })

  it('play films with their captions, and offer papers under the name of their field', () => {
    const [reel, words, plan] = [fieldOfType(1, 'file'), fieldOfType(2, 'file'), fieldOfType(3, 'file')]
    const files = new Map([
      [21, file({ hash: 'f1', kind: 'video', type: 'video/mp4' })],
      [22, file({ hash: 'c1', kind: 'captions', type: 'text/vtt' })],
      [23, file({ hash: 'd1', kind: 'document', type: 'application/pdf', fileName: 'plan.pdf' })],
    ])
    const entry = entryWith(
      [
        [reel, 21],
        [words, 22],
        [plan, 23],
      ],
      { title: 'Sowing', full: full({ files }) },
    )
    expect(content(usual('film'), entry)).toEqual({
      language: 'en-GB',
      films: [
        {
          name: `${reel.name}: Sowing`,
          kind: 'video',
          source: '/media/f1/original.mp4',
          captions: '/media/c1/original.vtt',
        },
      ],
    })
    expect(content(usual('files'), entry)).toEqual({
      files: [{ name: plan.name, to: { title: 'plan.pdf', path: '/media/d1/original.pdf' } }],
    })
    expect(content(usual('gallery'), entry)).toBeUndefined()
  })

  it('say every field in its own way, save those that are left out and entries that nobody may see', () => {
    const length = fieldOfType(1, 'number', { unit: 'cm' })
    const care = fieldOfType(2, 'rich-text')
    const shop = fieldOfType(3, 'link')
    const tools = fieldOfType(4, 'reference', { collection: 9, many: true })
    const beds = fieldOfType(5, 'reference', { collection: 9, many: true })
    const shade = fieldOfType(6, 'colour')
    const entry = entryWith(
      [
        [length, 5],
        [care, documentOfText('Water it.')],
        [shop, { address: 'https://example.org/', title: 'The shop' }],
        [tools, [31, 32]],
        [beds, [32]],
        [shade, '#aabbcc'],
      ],
      { full: full({ entries: new Map([[31, { title: 'Rake', path: '/tools/rake' }]]) }) },
    )
    const said = content(usual('all-fields'), entry)
    expect(said).toEqual({
      fields: [
        { name: length.name, is: 'words', text: expect.stringContaining('5') as string },
        { name: care.name, is: 'text', html: '<p>Water it.</p>' },
        {
          name: shop.name,
          is: 'ways',
          to: [{ title: 'The shop', path: 'https://example.org/' }],
        },
        { name: tools.name, is: 'ways', to: [{ title: 'Rake', path: '/tools/rake' }] },
      ],
    })
    const less = content({ part: 'all-fields', on: true, without: [1, 2, 3] }, entry)
    expect(less).toMatchObject({ fields: [{ name: tools.name }] })
  })
})
