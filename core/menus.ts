import { array, boolean, lazy, object, string } from 'yup'
import type { Schema } from 'yup'
import { readAddress } from './content/fields/address'
import { parseWith } from './parsing'
import type { Parsed } from './parsing'
import { idSchema, textSchema, versionSchema } from './schemas'
import { uuidPattern } from './uuid'

/**
 * Where a link of a menu leads: to a page, wherever that is, to an address, or nowhere, where it only says
 * what stands under it.
 */
export type MenuTarget =
  | { readonly is: 'nowhere' }
  | { readonly is: 'page'; readonly page: number }
  | { readonly is: 'address'; readonly address: string }

/** A link of a menu. */
export interface MenuRow {
  /** UUID, given by whoever adds it. */
  readonly id: string
  /** What visitors read; empty for the title of the page it leads to. */
  readonly title: string
  readonly to: MenuTarget
  /** Whether it stands under the nearest one before it that does not. */
  readonly isWithin: boolean
}

/** The menus of the site, each from first to last. */
export interface Menus {
  /** Null for every page that visitors have, in the site’s order. */
  readonly head: readonly MenuRow[] | null
  readonly foot: readonly MenuRow[]
}

export const noMenus: Menus = { head: null, foot: [] }

/** Menus as somebody saves them, with the version that they had seen. */
export interface SavedMenus extends Menus {
  readonly version: number
}

/** So many links a menu has at most. */
const most = 60

const targets: Readonly<Record<MenuTarget['is'], Schema>> = {
  nowhere: object({ is: string().required() }).noUnknown(),
  page: object({
    is: string().required(),
    page: idSchema('Choose a page.').required('Choose a page.'),
  }).noUnknown(),
  address: object({
    is: string().required(),
    address: string()
      .required('Type an address.')
      .test(
        'address',
        ({ value }) => faultOf(value),
        (value) => faultOf(value) === '',
      ),
  }).noUnknown(),
}

function faultOf(value: unknown): string {
  const read = readAddress(value)
  return read.ok ? '' : (read.faults[0]?.message ?? '')
}

const row = object({
  id: string().matches(uuidPattern, 'A link has a UUID.').required(),
  title: textSchema().defined().trim().max(80, 'Keep it within 80 characters.'),
  to: lazy((value: unknown) => {
    const is: unknown = typeof value === 'object' && value !== null ? Reflect.get(value, 'is') : undefined
    return targets[is === 'page' || is === 'nowhere' ? is : 'address']
  }) as unknown as Schema<MenuTarget>,
  isWithin: boolean().required(),
})
  .test('named', ({ title, to }, { path, createError }) =>
    title !== '' || to.is === 'page'
      ? true
      : createError({ path: `${path}.title`, message: 'Say what visitors read.' }),
  )
  .noUnknown()

/** Checks the links of a menu. */
export const menuRowsSchema = () => array(row).max(most, `A menu has at most ${most} links.`)

const schema = object({
  version: versionSchema().required(),
  head: menuRowsSchema().nullable().defined(),
  foot: menuRowsSchema().required(),
})
  .noUnknown()
  .required()

/** Reads the links of a menu by themselves; the first stands under none. */
export function parseMenuRows(input: unknown): Parsed<readonly MenuRow[]> {
  const parsed = parseWith<unknown>(menuRowsSchema().required(), input)
  return parsed.ok ? { ok: true, value: settled(parsed.value as readonly MenuRow[]) } : parsed
}

/** Reads menus; the first link of each stands under none. */
export function parseMenus(input: unknown): Parsed<SavedMenus> {
  const parsed = parseWith<unknown>(schema, input)
  if (!parsed.ok) return parsed
  const { version, head, foot } = parsed.value as SavedMenus
  return { ok: true, value: { version, head: head && settled(head), foot: settled(foot) } }
}

function settled(menu: readonly MenuRow[]): readonly MenuRow[] {
  return menu.map((one, at) => (at === 0 && one.isWithin ? { ...one, isWithin: false } : one))
}

/** A link as visitors get it, with those under it. */
export interface MenuLink {
  readonly title: string
  /** Null where it leads nowhere itself; then something stands under it. */
  readonly path: string | null
  readonly under: readonly { readonly title: string; readonly path: string }[]
}

type MenuPages = ReadonlyMap<number, { readonly title: string; readonly path: string }>

/**
 * A menu as visitors get it. `pages` are those that visitors have, by their numbers: a link to any other is
 * left out, and what stands under it stands by itself. So is what leads nowhere with nothing under it.
 */
export function menuLinks(menu: readonly MenuRow[], pages: MenuPages): readonly MenuLink[] {
  return menu
    .reduce<readonly MenuLink[]>((links, row, at) => {
      const link = linkOf(row, pages)
      if (link === null) return links
      const last = links.at(-1)
      const owner = row.isWithin ? menu.slice(0, at).findLast((one) => !one.isWithin) : undefined
      const { title, path } = link
      return path !== null && last !== undefined && owner !== undefined && linkOf(owner, pages) !== null
        ? [...links.slice(0, -1), { ...last, under: [...last.under, { title, path }] }]
        : [...links, { title, path, under: [] }]
    }, [])
    .filter((link) => link.path !== null || link.under.length > 0)
}

function linkOf({ title, to }: MenuRow, pages: MenuPages): Pick<MenuLink, 'title' | 'path'> | null {
  if (to.is === 'nowhere') return { title, path: null }
  if (to.is === 'address') return { title, path: to.address }
  const page = pages.get(to.page)
  return page === undefined ? null : { title: title || page.title, path: page.path }
}

/**
 * The menus that a page stands in. `isListed` where it is one of those that a menu of every page has: not
 * the front page, nor what visitors don't have yet.
 */
export function menusWith({ head, foot }: Menus, page: number, isListed: boolean): readonly (keyof Menus)[] {
  const leads = (links: readonly MenuRow[]) => links.some(({ to }) => to.is === 'page' && to.page === page)
  return [
    ...((head === null ? isListed : leads(head)) ? (['head'] as const) : []),
    ...(leads(foot) ? (['foot'] as const) : []),
  ]
}

/** What the site has everywhere until its menus are made: every page, by itself. */
export function menuOfPages(pages: readonly number[], nextId: () => string): readonly MenuRow[] {
  return pages.map((page) => ({ id: nextId(), title: '', to: { is: 'page', page }, isWithin: false }))
}
