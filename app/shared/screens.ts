import type { Role } from '~~/core/people'

/** A screen of the bench, as it is found by its name. */
export interface Screen {
  readonly title: string
  readonly to: string
  /** Who may open it, where that is not everybody. */
  readonly role?: Role
}

export const screens: readonly Screen[] = [
  { title: 'Pages', to: '/bench' },
  { title: 'Listings', to: '/bench/listings' },
  { title: 'Content', to: '/bench/content' },
  { title: 'Facets and terms', to: '/bench/content/facets' },
  { title: 'Media', to: '/bench/content/media' },
  { title: 'People', to: '/bench/content/people' },
  { title: 'New collection', to: '/bench/content/new', role: 'designer' },
  { title: 'Looks', to: '/bench/looks' },
  { title: 'Site', to: '/bench/site', role: 'owner' },
]
