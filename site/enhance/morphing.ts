import { Idiomorph } from 'idiomorph'

/** What the script makes of its own carries this mark. */
export const madeMark = 'data-made'

/**
 * Brings an element up to date with another in its place, changing only what differs: what has the
 * focus keeps it, rows stay where they were scrolled to, and what the script made, showed or set
 * stays. An entry's card stays the same element wherever it goes.
 */
export function morph(old: Element, fresh: Element): void {
  nameCards(old)
  nameCards(fresh)
  Idiomorph.morph(old, fresh, {
    morphStyle: 'outerHTML',
    callbacks: {
      beforeNodeMorphed(node: Node, next: Node) {
        // A shape that stays what it is goes on being laid out as the script has it.
        if (
          isElement(node) &&
          isElement(next) &&
          node.classList.contains('driven') &&
          isSameShape(node, next)
        )
          next.classList.add('driven')
        return true
      },
      beforeNodeRemoved: (node: Node) => !(isElement(node) && node.hasAttribute(madeMark)),
      beforeAttributeUpdated: (name: string, element: Element, change: string) =>
        name !== 'hidden' &&
        !isFolded(element, name) &&
        !(change === 'remove' && isOfTheScript(element, name)),
    },
  })
}

/** Brings a page up to date with a fresh one: its own content, and the head and the foot where it has them. */
export function morphPage(page: Document, fresh: Document): void {
  const [content, next] = [page.getElementById('content'), fresh.getElementById('content')]
  if (content === null || next === null) return
  morph(content, next)
  for (const [name, place] of [
    ['header', 'beforebegin'],
    ['footer', 'afterend'],
  ] as const) {
    const [old, there] = [page, fresh].map((one) => one.querySelector(`body > .site > ${name}`))
    if (old && there) morph(old, there)
    else if (old) old.remove()
    else if (there) page.getElementById('content')?.insertAdjacentElement(place, page.importNode(there, true))
  }
}

/** Told by its kind: what lies in a frame is of no class of the page around it. */
function isElement(node: Node): node is Element {
  return node.nodeType === Node.ELEMENT_NODE
}

/** Whether it is what visitors fold in and out: that stays as they left it. */
function isFolded(element: Element, name: string): boolean {
  return name === 'open' && element.hasAttribute('data-folds')
}

function isSameShape(one: Element, other: Element): boolean {
  return one.getAttribute('data-shape') === other.getAttribute('data-shape')
}

/**
 * What only the script sets, and where it does: places of cards, what visitors chose to see alone, and
 * what makes a section a tab's panel.
 */
function isOfTheScript(element: Element, name: string): boolean {
  if (name === 'style' || name === 'data-only') return true
  const role = element.getAttribute('role')
  if (role === 'grid' || role === 'gridcell') return ['role', 'tabindex'].includes(name)
  return role === 'tabpanel' && ['role', 'tabindex', 'aria-labelledby'].includes(name)
}

/** Gives each card of a placement an id, by which it is known again. */
function nameCards(root: Element): void {
  for (const card of root.querySelectorAll('[data-entry]:not([id])')) {
    const placement = card.closest('[data-placement]')?.getAttribute('data-placement')
    if (placement) card.id = `${placement}-entry-${card.getAttribute('data-entry') ?? ''}`
  }
}
