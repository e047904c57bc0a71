import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Page, Placement } from './definition'
import { newPage } from './definition'
import { withPlacementsAt } from './moves'
import {
  anchorFault,
  anchorFormFault,
  anchorsOn,
  classesFault,
  classesIn,
  mostClasses,
  ownClass,
} from './own-names'
import { parsePage } from './parse-page'
import { columnsOn } from './standing'

const placed = (at: number, anchor?: string): Placement => ({
  id: `00000000-0000-4000-8000-00000000000${at}`,
  kind: 'fitting',
  fitting: { name: 'space', height: 24 },
  heading: '',
  ...(anchor === undefined ? {} : { anchor }),
})

function pageOf(...placements: readonly Placement[]): Page {
  const page = newPage('Home', '', 'one-column')
  return withPlacementsAt(page, columnsOn(page)[0]?.spot ?? 'shelf', placements)
}

describe('a name of something placed', () => {
  it('is of small letters, digits and single hyphens, and none that pages have', () => {
    for (const name of ['talks', 'spring-talks-2', 'a'.repeat(40)]) expect(anchorFormFault(name)).toBeNull()
    for (const name of ['', 'Talks', '2talks', 'a--b', '-a', 'a-', 'a b', 'a"b', 'ä', 'a'.repeat(41)])
      expect(anchorFormFault(name)).toContain('Use small letters')
    for (const name of ['content', 'heading-x', 'tab-1', 'search'])
      expect(anchorFormFault(name)).toContain('already')
  })

  it('that another has is refused where it is typed, and kept where it was brought', () => {
    const page = pageOf(placed(1, 'talks'), placed(2, 'talks'), placed(3))
    expect(anchorFault('talks', page, placed(3).id)).toContain('Something else on this page')
    expect(anchorFault('talks', pageOf(placed(1, 'talks')), placed(1).id)).toBeNull()
    expect(parsePage(page)).toEqual({ ok: true, value: page })
  })

  it('is once on a page, the first’s', () => {
    const anchors = fc.array(fc.option(fc.constantFrom<string>('a', 'b', 'c'), { nil: undefined }), {
      maxLength: 9,
    })
    fc.assert(
      fc.property(anchors, (names) => {
        const shown = anchorsOn(pageOf(...names.map((name, at) => placed(at, name))))
        const wanted = [...new Set(names)].filter((name) => name !== undefined)
        expect([...shown.values()].toSorted()).toEqual(wanted.toSorted())
        for (const [id, name] of shown) expect(placed(names.indexOf(name)).id).toBe(id)
      }),
    )
  })
})

describe('classes of something placed', () => {
  it('are read from words, each once', () => {
    expect(classesIn('  talks, spring  talks ')).toEqual(['talks', 'spring'])
    expect(ownClass('talks')).toBe('own-talks')
  })

  it('are few and of the same form, also where they are sent', () => {
    const many = Array.from({ length: mostClasses + 1 }, (_, at) => `of-${at}`)
    expect(classesFault(many.slice(1))).toBeNull()
    expect(classesFault(many)).toContain('within')
    for (const wrong of ['x"', '<b>', 'A', 'own x']) {
      expect(classesFault([wrong])).not.toBeNull()
      expect(parsePage(pageOf({ ...placed(1), classes: [wrong] })).ok).toBe(false)
      expect(parsePage(pageOf({ ...placed(1), anchor: wrong })).ok).toBe(false)
    }
  })
})
