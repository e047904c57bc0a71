import { Idiomorph } from 'idiomorph'

/** What the script makes of its own carries this mark. */
export const madeMark = 'data-made'

/**
 * Brings an element up to date with another in its place, changing only what differs: what has the
 * focus keeps it, rows stay where they were scrolled to, and what the script made or set stays.
 */
export function morph(old: Element, fresh: Element | string): void {
  Idiomorph.morph(old, fresh, {
    morphStyle: 'outerHTML',
    callbacks: {
      beforeNodeRemoved: (node: Node) => !(node.nodeType === Node.ELEMENT_NODE && (node as Element).hasAttribute(madeMark)),
      beforeAttributeUpdated: (name: string, _: Element, change: string) => !(change === 'remove' && name === 'style'),
    },
  })
}
