import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { menuLinks, menuOfPages, menusWith, parseMenus } from './menus'
import type { MenuRow, MenuTarget } from './menus'

const id = (at: number) => `00000000-0000-4000-8000-${String(at).padStart(12, '0')}`
const row = (at: number, to: MenuTarget, isWithin = false, title = ''): MenuRow => ({
  id: id(at),
  title,
  to,
  isWithin,
})
const page = (number: number): MenuTarget => ({ is: 'page', page: number })
const pages = new Map([
  [1, { title: 'Plots', path: '/plots' }],
  [2, { title: 'Seeds', path: '/seeds' }],
  [3, { title: 'Tools', path: '/tools' }],
])
const elsewhere: MenuTarget = { is: 'address', address: 'https://example.org/map' }

it('tells in which menus a page stands, nested or not, or in that of every page', () => {
  const menus = { head: [row(1, page(1)), row(2, page(2), true)], foot: [row(3, page(2)), row(4, elsewhere)] }
  expect([1, 2, 3].map((one) => menusWith(menus, one, true))).toEqual([['head'], ['head', 'foot'], []])
  const everyPage = { ...menus, head: null }
  expect([menusWith(everyPage, 3, true), menusWith(everyPage, 3, false)]).toEqual([['head'], []])
})

describe('a menu', () => {
  it('leads to pages by their titles and addresses, or by words of its own, nested one deep', () => {
    const menu = [row(1, page(1)), row(2, page(2), true, 'All seeds'), row(3, elsewhere, false, 'Map')]
    expect(menuLinks(menu, pages)).toEqual([
      { title: 'Plots', path: '/plots', under: [{ title: 'All seeds', path: '/seeds' }] },
      { title: 'Map', path: 'https://example.org/map', under: [] },
    ])
  })

  it('leaves out what visitors have not; what stood under it stands by itself, not under another', () => {
    const menu = [row(1, page(1)), row(2, page(9)), row(3, page(3), true), row(4, page(8), true)]
    expect(menuLinks(menu, pages)).toEqual([
      { title: 'Plots', path: '/plots', under: [] },
      { title: 'Tools', path: '/tools', under: [] },
    ])
  })

  it('keeps every link that visitors can follow, once and in order, whatever stands under what', () => {
    const menus = fc.array(fc.tuple(fc.integer({ min: 1, max: 5 }), fc.boolean()), { maxLength: 20 })
    fc.assert(
      fc.property(menus, (told) => {
        const menu = told.map(([number, isWithin], at) => row(at, page(number), isWithin))
        const flat = menuLinks(menu, pages).flatMap((one) => [one.path, ...one.under.map((sub) => sub.path)])
        expect(flat).toEqual(told.flatMap(([number]) => pages.get(number)?.path ?? []))
      }),
    )
  })

  it('can lead nowhere itself, where something stands under it', () => {
    const nowhere: MenuTarget = { is: 'nowhere' }
    const menu = [row(1, nowhere, false, 'More'), row(2, page(1), true), row(3, nowhere, false, 'Empty')]
    expect(menuLinks(menu, pages)).toEqual([
      { title: 'More', path: null, under: [{ title: 'Plots', path: '/plots' }] },
    ])
    expect(parseMenus({ version: 1, head: menu, foot: [] }).ok).toBe(true)
  })

  it('begins with every page where it is made of them', () => {
    let last = 0
    const menu = menuOfPages([2, 1], () => id((last += 1)))
    expect(menuLinks(menu, pages).map((one) => one.title)).toEqual(['Seeds', 'Plots'])
    expect(parseMenus({ version: 1, head: menu, foot: [] }).ok).toBe(true)
  })
})

describe('menus as they come in', () => {
  it('are read as they are written; nothing stands under nothing', () => {
    const menus = { version: 3, head: null, foot: [row(1, elsewhere, true, 'Map')] }
    expect(parseMenus(menus)).toEqual({
      ok: true,
      value: { ...menus, foot: [row(1, elsewhere, false, 'Map')] },
    })
  })

  it.each([
    ['foot[0].title', [row(1, elsewhere)]],
    ['foot[0].title', [row(1, elsewhere, false, 'x'.repeat(81))]],
    ['foot[0].to.address', [row(1, { is: 'address', address: 'javascript:alert(1)' }, false, 'Press')]],
    ['foot[0].to.page', [row(1, { is: 'page', page: 0 })]],
    ['foot[0].to.page', [row(1, { is: 'page', page: 2 ** 31 })]],
    ['foot', Array.from({ length: 61 }, (_, at) => row(at, page(1)))],
  ])('are refused for %s', (path, foot) => {
    const parsed = parseMenus({ version: 1, head: null, foot })
    expect(parsed.ok ? '' : parsed.faults[0]?.path).toBe(path)
  })
})
