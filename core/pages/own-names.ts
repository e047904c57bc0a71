import type { Page, Placement } from './definition'
import { placementsOf, standingOn } from './standing'

/** So many classes of its own something placed has at most. */
export const mostClasses = 6
/** What a name of the designer's own is: small letters and digits with hyphens between them. */
const nameForm = /^(?=.{1,40}$)[a-z][a-z\d]*(?:-[a-z\d]+)*$/
/** Names and beginnings of names that pages have themselves. */
const taken = /^(?:content|listing-styles|site-nav)$|^(?:heading|tab|menu|search)(?:-|$)/
const form = 'Use small letters, digits and single hyphens: “spring-talks”.'

/** What is wrong with an anchor by itself; null for nothing. */
export function anchorFormFault(anchor: string): string | null {
  if (!nameForm.test(anchor)) return form
  return taken.test(anchor) ? 'Pages have this name already. Choose another.' : null
}

/** What is wrong with an anchor for a placement of a page; null for nothing. */
export function anchorFault(anchor: string, page: Page, placement: string): string | null {
  const isAnothers = placementsOf(page).some((one) => one.id !== placement && one.anchor === anchor)
  return isAnothers ? 'Something else on this page has this name. Choose another.' : anchorFormFault(anchor)
}

/** What is wrong with classes; null for nothing. */
export function classesFault(classes: readonly string[]): string | null {
  if (classes.length > mostClasses) return `Keep it within ${mostClasses} classes.`
  return classes.every((one) => nameForm.test(one)) ? null : form
}

/** The classes in a text, each once. */
export function classesIn(text: string): readonly string[] {
  return [...new Set(text.split(/[\s,]+/).filter((one) => one !== ''))]
}

/** What a class of the designer's own is in markup: none that styles of the site know. */
export function ownClass(name: string): string {
  return `own-${name}`
}

/**
 * The anchors that a page has, by placement. An element has one of its own (HTML, 3.2.6): where two placements
 * say the same, as after one was brought from elsewhere, the first has it.
 */
export function anchorsOn(page: Page): ReadonlyMap<string, string> {
  const owners = new Map<string, Placement>()
  for (const { placement } of standingOn(page))
    if (placement.anchor !== undefined && !owners.has(placement.anchor))
      owners.set(placement.anchor, placement)
  return new Map(Array.from(owners, ([anchor, { id }]) => [id, anchor]))
}
