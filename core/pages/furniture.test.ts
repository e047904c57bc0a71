import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { newPage } from './definition'
import { furnitureTitles, hasFurniture, usualFurniture, withFurniture } from './furniture'
import { parsePage } from './parse-page'
import { furnitureAddress, furnitureAt, furnitureNames, isPlainAddress, sharedAreaAt } from './shared-address'
import { placementsOf } from './standing'

describe('the head and the foot of every page', () => {
  it.each(furnitureNames)(
    'begin with one thing, and stand at an address that nobody can go to: %s',
    (name) => {
      let last = 0
      const page = usualFurniture(name, () => `00000000-0000-4000-8000-00000000000${(last += 1)}`)
      expect(parsePage(page)).toEqual({ ok: true, value: page })
      expect(page).toMatchObject({ title: furnitureTitles[name], only: 'main' })
      expect(placementsOf(page)).toMatchObject([{ kind: 'fitting', fitting: { name: 'site-name' } }])
      const address = furnitureAddress(name)
      expect([furnitureAt(address), sharedAreaAt(address), isPlainAddress(address)]).toEqual([
        name,
        'main',
        false,
      ])
    },
  )

  it('are left out of a page and put back one by one, as they were last', () => {
    const step = fc.record({ name: fc.constantFrom(...furnitureNames), is: fc.boolean() })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 12 }), (steps) => {
        const begun = newPage('Landing')
        const page = steps.reduce((done, { name, is }) => withFurniture(done, name, is), begun)
        expect(parsePage(page)).toEqual({ ok: true, value: page })
        for (const name of furnitureNames)
          expect(hasFurniture(page, name)).toBe(steps.findLast((one) => one.name === name)?.is ?? true)
        const whole = furnitureNames.reduce((done, name) => withFurniture(done, name, true), page)
        expect(whole).toEqual(begun)
      }),
    )
  })

  it('are refused where a page is said to be without something else', () => {
    for (const without of [['side'], ['head', 'foot', 'head'], 'head', [null]])
      expect(parsePage({ ...newPage('Landing'), without }).ok).toBe(false)
  })
})
