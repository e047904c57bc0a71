import type { CssNode } from 'css-tree'

/** What of own CSS is left out, where it stands, and why. */
export interface Refusal {
  /** From 1 on, as are columns. */
  readonly line: number
  readonly column: number
  /** Where it begins and ends in the text, in UTF-16 units. */
  readonly from: number
  readonly to: number
  readonly message: string
}

/** Why a node is left out; at its place, or that of what it stands in. */
export function refusal(node: CssNode, message: string, within: CssNode = node): Refusal {
  const place = node.loc ?? within.loc
  return {
    line: place?.start.line ?? 1,
    column: place?.start.column ?? 1,
    from: place?.start.offset ?? 0,
    to: place?.end.offset ?? 0,
    message,
  }
}
