import type { NavigationLink } from '../core/navigation'
import type { SiteView } from './view'

/**
 * The way to a page for programs that read it: a BreadcrumbList (schema.org), as JSON-LD 1.1 that can
 * stand in a script element (its section 7.3: nothing in it ends the element). Addresses are resolved
 * against that of the document, where it is not known at which the site is reached.
 */
export function breadcrumbList(
  trail: readonly NavigationLink[],
  { name: home, address }: Pick<SiteView, 'name' | 'address'>,
): string {
  const list = {
    '@context': 'https://schema.org',
    '@type': 'BreadcrumbList',
    itemListElement: trail.map(({ title, path }, at) => ({
      '@type': 'ListItem',
      position: at + 1,
      name: title === '' ? home : title,
      item: address + encodeURI(path),
    })),
  }
  return JSON.stringify(list).replace(
    /[<>&\u2028\u2029]/g,
    (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`,
  )
}
